import type { Lag, Problem } from './problem.ts';

/** For every activity the least time before its start can be (its head) and after its end to the last final (its tail). */
export interface HeadsAndTails {
  readonly leastSec: readonly number[];
  readonly headSec: readonly number[];
  /** −Infinity where no final comes after. */
  readonly tailSec: readonly number[];
}

/** Longest paths by least durations and minimum lags. Assumes no circle of minimum lags. */
export function headsAndTails(problem: Problem): HeadsAndTails {
  // what nobody can do takes no time, so that the bound stays one
  const leastSec = problem.activities.map((a) =>
    a.modes.length === 0 ? 0 : Math.min(...a.modes.map((m) => m.durationSec)),
  );
  const lags = problem.lags.filter((l) => l.fromAt === 'end' && l.toAt === 'start');
  const into: Lag[][] = problem.activities.map(() => []);
  const out: Lag[][] = problem.activities.map(() => []);
  for (const lag of lags) {
    into[lag.to]?.push(lag);
    out[lag.from]?.push(lag);
  }
  const isFinal = new Set(problem.finals.map((f) => f.activity));
  const fromRelease = (a: number): number => problem.activities[a]?.releaseSec ?? -Infinity;
  const headSec = longest(problem.activities.length, fromRelease, (a) =>
    (into[a] ?? []).map((l) => [l.from, (leastSec[l.from] ?? 0) + l.minSec]),
  );
  const tailSec = longest(
    problem.activities.length,
    (a) => (isFinal.has(a) ? 0 : -Infinity),
    (a) => (out[a] ?? []).map((l) => [l.to, l.minSec + (leastSec[l.to] ?? 0)]),
  );
  return { leastSec, headSec, tailSec };
}

function longest(
  count: number,
  own: (a: number) => number,
  arcs: (a: number) => readonly (readonly [number, number])[],
): readonly number[] {
  const known: (number | undefined)[] = new Array<number | undefined>(count).fill(undefined);
  const visit = (a: number): number => {
    const seen = known[a];
    if (seen !== undefined) return seen;
    known[a] = own(a);
    const length = arcs(a).reduce((max, [b, sec]) => Math.max(max, visit(b) + sec), own(a));
    known[a] = length;
    return length;
  };
  return Array.from({ length: count }, (_, a) => visit(a));
}
