import type { Given, Problem, Schedule } from './problem.ts';

/** When the last of the finals ends. */
export function finishOf(problem: Problem, { placements }: Schedule): number {
  return problem.finals.reduce((max, f) => Math.max(max, placements[f.activity]?.endSec ?? 0), -Infinity);
}

/** A break counts as so many seconds at least, so that few breaks are better than many small ones. */
export const BREAK_SEC = 30;
/** Nobody can begin before the class does, so an early start counts for more than all that is late or stale for it. */
const EARLY_WEIGHT = 1000;

const weighed = (sec: number): number => (sec > 0 ? sec + BREAK_SEC : 0);

/** One activity without room: nobody can do two things at once, so whatever is late or stale is better than that. */
const FORCED_SEC = 100_000;

/** Seconds of broken lags, releases and dues, each break counted for some more, and much for each activity that is forced. */
export function breachSec(problem: Problem, schedule: Schedule, forced: number): number {
  const { placements } = schedule;
  let sum = forced * FORCED_SEC;
  for (const [i, a] of problem.activities.entries()) {
    const p = placements[i];
    if (!p) continue;
    sum += EARLY_WEIGHT * weighed(a.releaseSec - p.startSec) + weighed(p.endSec - a.dueSec);
  }
  for (const lag of problem.lags) {
    const [from, to] = [placements[lag.from], placements[lag.to]];
    if (!from || !to) continue;
    const wait =
      (lag.toAt === 'start' ? to.startSec : to.endSec) - (lag.fromAt === 'end' ? from.endSec : from.startSec);
    sum += weighed(wait - lag.maxSec) + weighed(lag.minSec - wait);
  }
  return sum;
}

/** The activities that break a lag, a release or a due time, and those tied to them by a window: what a search should move first. */
export function activitiesInBreach(problem: Problem, { placements }: Schedule): readonly number[] {
  const found = new Set<number>();
  for (const [i, a] of problem.activities.entries()) {
    const p = placements[i];
    if (p && (p.startSec < a.releaseSec || p.endSec > a.dueSec)) found.add(i);
  }
  for (const lag of problem.lags) {
    const [from, to] = [placements[lag.from], placements[lag.to]];
    if (!from || !to) continue;
    const wait =
      (lag.toAt === 'start' ? to.startSec : to.endSec) - (lag.fromAt === 'end' ? from.endSec : from.startSec);
    if (wait <= lag.maxSec && wait >= lag.minSec) continue;
    found.add(lag.from);
    found.add(lag.to);
  }
  const tied = problem.lags.filter((l) => l.maxSec < Infinity && (found.has(l.from) || found.has(l.to)));
  return [...new Set([...found, ...tied.flatMap((l) => [l.from, l.to])])];
}

/** Seconds by which finals end after the deadline, or (held ones) too long before it, each break counted for some more. */
export function tableBreachSec(problem: Problem, { placements }: Schedule, deadlineSec: number): number {
  return problem.finals.reduce((sum, f) => {
    const before = deadlineSec - (placements[f.activity]?.endSec ?? 0);
    return sum + weighed(-before) + weighed(before - (f.holdSec ?? Infinity));
  }, 0);
}

/** The finals that end after the deadline, or too long before it. */
export function missingTable(problem: Problem, { placements }: Schedule, deadlineSec: number): readonly number[] {
  return problem.finals.flatMap(({ activity, holdSec }) => {
    const before = deadlineSec - (placements[activity]?.endSec ?? 0);
    return before < 0 || before > (holdSec ?? Infinity) ? [activity] : [];
  });
}

/** How far activities start from where they started before, in seconds on average over those that did. */
export function movedSec({ placements }: Schedule, { near }: Given): number {
  if (!near) return 0;
  const moves = placements.flatMap((p, a) => {
    const before = near.startSecs[a] ?? NaN;
    return Number.isNaN(before) ? [] : [Math.abs(p.startSec - before)];
  });
  return moves.length === 0 ? 0 : moves.reduce((a, b) => a + b, 0) / moves.length;
}
