/** Time down the fires: at one speed where something lies on one of them, with long empty stretches squeezed. */
export interface TurnScale {
  readonly height: number;
  readonly yOf: (sec: number) => number;
  /** The moment at a height; of a squeezed stretch its beginning. */
  readonly secAt: (y: number) => number;
  /** Moments that are written down the side. */
  readonly ticks: readonly number[];
}

/** The shortest turn is so high that a name and its times can be read. */
const SHORTEST_PX = 42;
const MOST_PX_PER_MIN = 30;
const LEAST_PX_PER_MIN = 7;
const TICK_SEC = 300;
const EMPTY_SEC = 240;
const EMPTY_PX = 30;
const TOP_PX = 10;
const LEAST_TICK_PX = 18;

/** The scale of some turns; there is at least one. */
export function turnScale(turns: readonly { readonly startSec: number; readonly endSec: number }[]): TurnScale {
  const shortestMin = Math.min(...turns.map((t) => t.endSec - t.startSec)) / 60;
  const pxPerSec = Math.max(LEAST_PX_PER_MIN, Math.min(MOST_PX_PER_MIN, SHORTEST_PX / shortestMin)) / 60;
  const busy: { fromSec: number; toSec: number; y: number }[] = [];
  let y = TOP_PX;
  for (const t of [...turns].sort((a, b) => a.startSec - b.startSec)) {
    const last = busy.at(-1);
    if (last && t.startSec - last.toSec <= EMPTY_SEC) {
      y += Math.max(0, t.endSec - last.toSec) * pxPerSec;
      last.toSec = Math.max(last.toSec, t.endSec);
      continue;
    }
    if (last) y += EMPTY_PX;
    busy.push({ fromSec: t.startSec, toSec: t.endSec, y });
    y += (t.endSec - t.startSec) * pxPerSec;
  }
  const yOf = (sec: number): number => {
    const part = busy.findLast((b) => b.fromSec <= sec) ?? busy[0];
    if (!part) return TOP_PX;
    return part.y + Math.min(sec - part.fromSec, part.toSec - part.fromSec) * pxPerSec;
  };
  const secAt = (at: number): number => {
    const part = busy.findLast((b) => b.y <= at) ?? busy[0];
    return part ? Math.min(part.toSec, Math.max(part.fromSec, part.fromSec + (at - part.y) / pxPerSec)) : 0;
  };
  const ticks: number[] = [];
  for (const b of busy)
    for (const sec of [b.fromSec, ...regular(b.fromSec, b.toSec)])
      if (ticks.length === 0 || yOf(sec) - yOf(ticks.at(-1) ?? 0) >= LEAST_TICK_PX) ticks.push(sec);
  return { height: y + TOP_PX, yOf, secAt, ticks };
}

function regular(fromSec: number, toSec: number): readonly number[] {
  const first = Math.ceil((fromSec + 1) / TICK_SEC);
  return Array.from(
    { length: Math.max(0, Math.floor(toSec / TICK_SEC) - first + 1) },
    (_, i) => (first + i) * TICK_SEC,
  );
}
