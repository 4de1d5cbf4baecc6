import type { Problem, Schedule } from './problem.ts';

/** What a plan that one can teach is measured by (formats note, section 4): seconds, and moments since doors open. */
export interface Measure {
  /** The end of the welcome: from here on somebody without a task waits. */
  readonly fromSec: number;
  readonly tableSec: number;
  /** So long before table time the last bread should be done. */
  readonly bufferSec: number;
  /** What a stretch without a task lasts beyond it counts threefold. */
  readonly idleMaxSec: number;
}

/** What a schedule is like for the people in it; `idle`, `age` and `stray` are 0.8 × mean + 0.2 × worst of their lists, in seconds. */
export interface Felt {
  readonly idleSec: number;
  readonly ageSec: number;
  readonly straySec: number;
  readonly lateSec: number;
  /** Between the first breads of those who have theirs first and last. */
  readonly firstsSec: number;
}

/** Shorter pauses are breath, not waiting (formats note, section 4). */
export const LEAST_GAP_SEC = 180;
const BEYOND_WEIGHT = 2;

/** Mean and worst of what is spread over many, the worst-off counting for a fifth so that nobody pays alone. */
export const shared = (list: readonly number[]): number =>
  list.length === 0 ? 0 : 0.8 * (list.reduce((a, b) => a + b, 0) / list.length) + 0.2 * Math.max(...list);

/** `steady`: the cost that the formats note publishes, in seconds. */
export function costSec({ idleSec, ageSec, straySec, lateSec }: Omit<Felt, 'firstsSec'>): number {
  return idleSec + ageSec / 2 + straySec / 2 + 2 * lateSec;
}

/** How a stretch without a task counts: nothing below three minutes, what goes beyond the limit threefold. */
export function feltStretchSec(lengthSec: number, idleMaxSec: number): number {
  if (lengthSec < LEAST_GAP_SEC) return 0;
  return lengthSec + BEYOND_WEIGHT * Math.max(0, lengthSec - idleMaxSec);
}

/** Measures schedules of one problem; what every one needs is worked out once. */
export class Feeling {
  /** By activity and mode: the persons whom it keeps busy. */
  private readonly engaged: readonly (readonly (readonly number[])[])[];
  private readonly persons: readonly number[];
  private readonly restLags: readonly {
    readonly from: number;
    readonly to: readonly number[];
    readonly idealSec: number;
  }[];

  constructor(
    private readonly problem: Problem,
    private readonly measure: Measure,
  ) {
    const isPerson = (r: number): boolean => problem.resources[r]?.kind === 'person';
    this.persons = problem.resources.flatMap((_, r) => (isPerson(r) ? [r] : []));
    this.engaged = problem.activities.map((a) =>
      a.modes.map((m) => {
        const taken = m.uses.flatMap((u) => u.anyOf).filter(isPerson);
        return [...new Set(a.engages < 0 ? taken : [...taken, a.engages])];
      }),
    );
    const rests = new Map<number, { from: number; to: number[]; idealSec: number }>();
    for (const lag of problem.lags) {
      if (lag.rest === undefined || lag.maxSec === lag.minSec) continue;
      const rest = rests.get(lag.rest) ?? { from: lag.from, to: [], idealSec: lag.idealSec };
      rest.to.push(lag.to);
      rests.set(lag.rest, rest);
    }
    this.restLags = [...rests.values()];
  }

  /** `idleMaxSec` of Infinity counts every stretch once. */
  of(schedule: Schedule, idleMaxSec = this.measure.idleMaxSec): Felt {
    const { placements } = schedule;
    const { tableSec, bufferSec } = this.measure;
    const ages: number[] = [];
    const firsts = new Map<number, number>();
    let finishSec = -Infinity;
    for (const f of this.problem.finals) {
      const endSec = placements[f.activity]?.endSec ?? 0;
      finishSec = Math.max(finishSec, endSec);
      if (f.holdSec !== null) ages.push(Math.max(0, tableSec - bufferSec - endSec));
      firsts.set(f.owner, Math.min(firsts.get(f.owner) ?? Infinity, endSec));
    }
    const strays = this.restLags.map(({ from, to, idealSec }) => {
      let last = -Infinity;
      for (const a of to) last = Math.max(last, placements[a]?.startSec ?? 0);
      return Math.abs(last - (placements[from]?.endSec ?? 0) - idealSec);
    });
    return {
      idleSec: shared(this.idleOf(schedule, idleMaxSec)),
      ageSec: shared(ages),
      straySec: shared(strays),
      lateSec: Math.max(0, finishSec - (tableSec - bufferSec)),
      firstsSec: firsts.size === 0 ? 0 : Math.max(...firsts.values()) - Math.min(...firsts.values()),
    };
  }

  /** For each person what they wait from the end of the welcome to their own last task, as it counts; who has no task waits for nothing. */
  private idleOf(schedule: Schedule, idleMaxSec: number): readonly number[] {
    const felt = new Map(this.persons.map((r) => [r, 0]));
    this.stretches(schedule, (sec, person) => {
      felt.set(person, (felt.get(person) ?? 0) + feltStretchSec(sec, idleMaxSec));
    });
    return [...felt.values()];
  }

  /** Calls `tell` with every stretch of three minutes and more in which somebody has no task. */
  private stretches({ placements, pauseSecs }: Schedule, tell: (sec: number, person: number) => void): void {
    const spans = new Map<number, Stretch[]>();
    for (const r of this.persons) spans.set(r, []);
    placements.forEach((p, a) => {
      for (const r of this.engaged[a]?.[p.mode] ?? []) spans.get(r)?.push(p);
    });
    const pauses = this.problem.pauses.map((p, i) => {
      const startSec = pauseSecs[i] ?? p.fromSec;
      return { startSec, endSec: startSec + p.durationSec };
    });
    for (const r of this.persons) {
      const own = spans.get(r) ?? [];
      let last = 0;
      for (const p of own) last = Math.max(last, p.endSec);
      if (last <= this.measure.fromSec) continue;
      for (const p of pauses) if (p.startSec < last) own.push(p);
      own.sort((a, b) => a.startSec - b.startSec);
      let at = this.measure.fromSec;
      for (const { startSec, endSec } of own) {
        if (startSec - at >= LEAST_GAP_SEC) tell(startSec - at, r);
        at = Math.max(at, endSec);
      }
    }
  }
}

interface Stretch {
  readonly startSec: number;
  readonly endSec: number;
}
