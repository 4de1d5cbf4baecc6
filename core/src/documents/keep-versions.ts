/** An earlier state of a document: its version, and when it was saved, in milliseconds since 1970. */
export interface VersionStamp {
  readonly version: number;
  readonly savedMs: number;
}

const MIN_MS = 60_000;
const DAY_MS = 24 * 60 * MIN_MS;

/** Up to which age how much apart earlier states are kept; every state of the last hour is, and beyond the last row one a month. */
export const THINNING: readonly { readonly ageMs: number; readonly apartMs: number }[] = [
  { ageMs: 60 * MIN_MS, apartMs: 0 },
  { ageMs: DAY_MS, apartMs: 10 * MIN_MS },
  { ageMs: 30 * DAY_MS, apartMs: DAY_MS },
  { ageMs: 365 * DAY_MS, apartMs: 7 * DAY_MS },
];
const BEYOND_MS = 30 * DAY_MS;

/**
 * The versions that age has made superfluous: of those whose times fall into one stretch of the rule (`THINNING`) the last is kept, since
 * it is what somebody left. The newest version and the first are always kept.
 */
export function versionsToDrop(stamps: readonly VersionStamp[], nowMs: number): readonly number[] {
  const sorted = [...stamps].sort((a, b) => a.version - b.version);
  const kept = new Map<string, number>();
  for (const { version, savedMs } of sorted) {
    const ageMs = Math.max(0, nowMs - savedMs);
    const apartMs = THINNING.find((row) => ageMs <= row.ageMs)?.apartMs ?? BEYOND_MS;
    kept.set(apartMs === 0 ? `each ${version}` : `${apartMs} ${Math.floor(savedMs / apartMs)}`, version);
  }
  const stay = new Set([...kept.values(), sorted[0]?.version, sorted.at(-1)?.version]);
  return sorted.map((s) => s.version).filter((v) => !stay.has(v));
}
