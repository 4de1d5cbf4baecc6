import type { Problem, Schedule } from './problem.ts';

/** What a schedule leaves unkept, in seconds. */
export interface Breach {
  /** Starts before the release, added up. */
  readonly earlySec: number;
  /** Lags over their maximum or under their minimum, added up. */
  readonly lagSec: number;
}

/** When the last of the finals ends. */
export function finishOf(problem: Problem, schedule: Schedule): number {
  return Math.max(...problem.finals.map((f) => schedule[f.activity]?.endSec ?? 0));
}

/** The first start of all activities. */
export function firstStart(schedule: Schedule): number {
  return Math.min(...schedule.map((p) => p.startSec));
}

export function breachOf(problem: Problem, schedule: Schedule): Breach {
  let earlySec = 0;
  for (const p of schedule) earlySec += Math.max(0, problem.releaseSec - p.startSec);
  let lagSec = 0;
  for (const lag of problem.lags) {
    const wait = (schedule[lag.to]?.startSec ?? 0) - (schedule[lag.from]?.endSec ?? 0);
    lagSec += Math.max(0, wait - lag.maxSec) + Math.max(0, lag.minSec - wait);
  }
  return { earlySec, lagSec };
}

/** Seconds by which finals end after the deadline, or (held ones) too long before it. */
export function tableBreachSec(problem: Problem, schedule: Schedule, deadlineSec: number): number {
  return problem.finals.reduce((sum, f) => {
    const before = deadlineSec - (schedule[f.activity]?.endSec ?? 0);
    return sum + Math.max(0, -before) + Math.max(0, before - (f.holdSec ?? Infinity));
  }, 0);
}

/**
 * How far a schedule is from fresh, in seconds per final: finals before the deadline (those that are held) and rests away from
 * their ideal, a fifth of the sum being that of the worst-off, so that nobody pays alone.
 */
export function stalenessSec(problem: Problem, schedule: Schedule, deadlineSec: number): number {
  const ages = problem.finals
    .filter((f) => f.holdSec !== null)
    .map((f) => Math.max(0, deadlineSec - (schedule[f.activity]?.endSec ?? 0)));
  const strays = problem.lags
    .filter((l) => l.maxSec > l.minSec && Number.isFinite(l.maxSec))
    .map((l) => Math.abs((schedule[l.to]?.startSec ?? 0) - (schedule[l.from]?.endSec ?? 0) - l.idealSec));
  const mean = (list: readonly number[]): number =>
    list.length === 0 ? 0 : list.reduce((a, b) => a + b, 0) / list.length;
  const worst = (list: readonly number[]): number => Math.max(0, ...list);
  return 0.8 * (mean(ages) + mean(strays)) + 0.2 * (worst(ages) + worst(strays));
}
