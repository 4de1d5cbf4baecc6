/** A stretch of time in seconds, with what it stands for and how much it takes. */
export interface TimeSpan {
  readonly startSec: number;
  readonly endSec: number;
}
export interface Load extends TimeSpan {
  readonly id: string;
  readonly amount: number;
}
/** A stretch in which more is taken than there is. */
export interface Overload extends TimeSpan {
  readonly ids: readonly string[];
  readonly most: number;
}

/** Seconds that two stretches share; 0 where they only touch. */
export function overlapSec(a: TimeSpan, b: TimeSpan): number {
  return Math.max(0, Math.min(a.endSec, b.endSec) - Math.max(a.startSec, b.startSec));
}

/** Stretches put together where they overlap or touch, in order. */
export function union(spans: readonly TimeSpan[]): readonly TimeSpan[] {
  const merged: { startSec: number; endSec: number }[] = [];
  for (const s of [...spans].sort((a, b) => a.startSec - b.startSec)) {
    const last = merged.at(-1);
    if (last && s.startSec <= last.endSec) last.endSec = Math.max(last.endSec, s.endSec);
    else merged.push({ startSec: s.startSec, endSec: s.endSec });
  }
  return merged;
}

/**
 * Where the sum of loads is above the limit: the time line is cut at every start and end, and cuts that follow one another are put
 * together. `limit` may depend on the stretch; `cuts` are further moments at which it changes.
 */
export function overloads(
  loads: readonly Load[],
  limit: number | ((from: number) => number),
  cuts: readonly number[] = [],
): readonly Overload[] {
  const moments = [...new Set([...loads.flatMap((l) => [l.startSec, l.endSec]), ...cuts])].sort((a, b) => a - b);
  const found: { startSec: number; endSec: number; ids: Set<string>; most: number }[] = [];
  moments.slice(0, -1).forEach((startSec, i) => {
    const endSec = moments[i + 1] ?? startSec;
    const here = loads.filter((l) => l.startSec <= startSec && l.endSec >= endSec && l.endSec > l.startSec);
    const sum = here.reduce((total, l) => total + l.amount, 0);
    if (sum <= (typeof limit === 'number' ? limit : limit(startSec))) return;
    const last = found.at(-1);
    if (last?.endSec === startSec) {
      last.endSec = endSec;
      last.most = Math.max(last.most, sum);
      for (const l of here) last.ids.add(l.id);
    } else found.push({ startSec, endSec, ids: new Set(here.map((l) => l.id)), most: sum });
  });
  return found.map((f) => ({ ...f, ids: [...f.ids] }));
}

/** The entries of a list by a key of theirs, in the order in which the keys come first. */
export function groupBy<K, T>(list: Iterable<T>, key: (x: T) => K): ReadonlyMap<K, readonly T[]> {
  const groups = new Map<K, T[]>();
  for (const x of list) {
    const k = key(x);
    const group = groups.get(k);
    if (group) group.push(x);
    else groups.set(k, [x]);
  }
  return groups;
}

export const sumOf = <T>(list: readonly T[], of: (x: T) => number): number => list.reduce((sum, x) => sum + of(x), 0);

/** Whether two lists hold the same entries, in whatever order. */
export function isSameSet(a: readonly string[], b: readonly string[]): boolean {
  return a.length === b.length && new Set(a).size === new Set([...a, ...b]).size;
}
