import type { Fan, Lag, Problem } from './problem.ts';

/** A problem with what every decoding looks up, worked out once. */
export interface Indexed {
  readonly problem: Problem;
  /** Lags, fans and stays (by number) of each activity, and its unit. */
  readonly lagsOf: readonly (readonly Lag[])[];
  readonly fansOf: readonly (readonly Fan[])[];
  readonly staysOf: readonly (readonly number[])[];
  readonly unitOf: readonly number[];
  /** By activity: its modes take as long and take the same people, so that of two that start at once neither is better. */
  readonly isAlike: readonly boolean[];
  /** Units that must be placed before each unit, since lags lead from them to it. */
  readonly predecessors: readonly (readonly number[])[];
}

export function indexProblem(problem: Problem): Indexed {
  const lists = <T>(): T[][] => problem.activities.map(() => []);
  const lagsOf = lists<Lag>();
  const fansOf = lists<Fan>();
  const staysOf = lists<number>();
  const unitOf = new Array<number>(problem.activities.length).fill(-1);
  problem.units.forEach((u, i) => {
    for (const a of u.activities) unitOf[a] = i;
  });
  const predecessors = problem.units.map(() => new Set<number>());
  for (const lag of problem.lags) {
    lagsOf[lag.to]?.push(lag);
    lagsOf[lag.from]?.push(lag);
    const [from = -1, to = -1] = [unitOf[lag.from], unitOf[lag.to]];
    if (from !== to) predecessors[to]?.add(from);
  }
  for (const fan of problem.fans) for (const a of fan.activities) fansOf[a]?.push(fan);
  problem.stays.forEach((stay, i) => {
    for (const a of [...stay.before, ...stay.after]) staysOf[a]?.push(i);
  });
  return {
    problem,
    lagsOf,
    fansOf,
    staysOf,
    unitOf,
    isAlike: problem.activities.map((a) => areAlike(problem, a)),
    predecessors: predecessors.map((set) => [...set].sort((a, b) => a - b)),
  };
}

function areAlike(problem: Problem, { modes }: Problem['activities'][number]): boolean {
  const people = (m: (typeof modes)[number]): string =>
    m.uses
      .flatMap((u) => (u.anyOf.length === 1 && problem.resources[u.anyOf[0] ?? -1]?.kind === 'person' ? u.anyOf : []))
      .join(' ');
  const [first] = modes;
  return modes.every((m) => m.durationSec === first?.durationSec && people(m) === people(first));
}
