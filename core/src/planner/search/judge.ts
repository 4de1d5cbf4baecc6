import type { Given, Problem, Schedule } from './problem.ts';

/** When the last of the finals ends. */
export function finishOf(problem: Problem, { placements }: Schedule): number {
  return problem.finals.reduce((max, f) => Math.max(max, placements[f.activity]?.endSec ?? 0), -Infinity);
}

/** A break counts as so many seconds at least, so that few breaks are better than many small ones. */
const BREAK_SEC = 30;
/** Nobody can begin before the class does, so an early start counts for more than anything that is late or stale. */
const EARLY_WEIGHT = 4;

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

/** Mean and worst of what is spread over many, the worst-off counting for a fifth so that nobody pays alone. */
const shared = (list: readonly number[]): number =>
  list.length === 0 ? 0 : 0.8 * (list.reduce((a, b) => a + b, 0) / list.length) + 0.2 * Math.max(...list);

/** Idle time counts so much of what staleness does where nobody asks for more: it decides between plans that are equally fresh. */
const IDLE_WEIGHT = 0.02;

/**
 * How far a schedule is from fresh, in seconds: held finals before the deadline, and rests away from their ideal (from the end of what
 * begins them to the last start after them); then a little for idle time, in which the worst-off counts too. Where idle time is given a
 * weight of its own, waiting for the first task counts as well.
 */
export function stalenessSec(problem: Problem, schedule: Schedule, deadlineSec: number, idleWeight?: number): number {
  const { placements } = schedule;
  const ages = problem.finals
    .filter((f) => f.holdSec !== null)
    .map((f) => Math.max(0, deadlineSec - (placements[f.activity]?.endSec ?? 0)));
  const rests = new Map<number, { readonly idealSec: number; lastSec: number }>();
  for (const lag of problem.lags) {
    if (lag.maxSec === lag.minSec || lag.maxSec === Infinity || lag.fromAt !== 'end' || lag.toAt !== 'start') continue;
    if (lag.idealSec === 0) continue;
    const wait = (placements[lag.to]?.startSec ?? 0) - (placements[lag.from]?.endSec ?? 0);
    const rest = rests.get(lag.from);
    if (rest) rest.lastSec = Math.max(rest.lastSec, wait);
    else rests.set(lag.from, { idealSec: lag.idealSec, lastSec: wait });
  }
  const strays = [...rests.values()].map((r) => Math.abs(r.lastSec - r.idealSec));
  const idle = idleSecs(problem, schedule, idleWeight !== undefined);
  return shared(ages) + shared(strays) + (idleWeight ?? IDLE_WEIGHT) * shared(idle);
}

/** For each person with work: the time between their first task, or when they could have begun it, and their last in which they do nothing. */
function idleSecs(problem: Problem, { placements }: Schedule, isFromRelease: boolean): readonly number[] {
  const first = new Map<number, number>();
  const last = new Map<number, number>();
  const busy = new Map<number, number>();
  for (const [i, p] of placements.entries()) {
    const uses = problem.activities[i]?.modes[p.mode]?.uses ?? [];
    for (const [n, use] of uses.entries()) {
      const r = p.picks[n] ?? -1;
      if (problem.resources[r]?.kind !== 'person') continue;
      const [from, to] = [p.startSec + use.fromSec, p.startSec + use.toSec];
      const could = Math.max(problem.activities[i]?.releaseSec ?? -Infinity, 0);
      first.set(r, Math.min(first.get(r) ?? Infinity, isFromRelease ? Math.min(from, could) : from));
      last.set(r, Math.max(last.get(r) ?? -Infinity, to));
      busy.set(r, (busy.get(r) ?? 0) + to - from);
    }
  }
  return [...busy].map(([r, sec]) => Math.max(0, (last.get(r) ?? 0) - (first.get(r) ?? 0) - sec));
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
