import type { Indexed } from './indexed.ts';
import type { Problem, Schedule } from './problem.ts';
import type { Random } from './random.ts';

type Job = Problem['units'][number] & { readonly index: number };

/**
 * Orders of all units to begin with, each from first to last of the class: in rounds (everyone's first before anyone's second), group
 * by group, in pairs of groups, in halves; families one after another, those that keep longest first or in either order, or all
 * together; pieces one by one, or stage by stage. Trunks and events stand before the first job that they lead to; where something has a
 * due time, that and what must follow it stands first of all as well; then the same orders once more with all trunks and events before
 * all jobs.
 */
export function* startingOrders(indexed: Indexed): Generator<readonly number[]> {
  const { units } = indexed.problem;
  const urgent = urgentUnits(indexed);
  for (const jobs of ordersOfJobs(indexed.problem)) {
    const order = withOthers(indexed, jobs);
    if (urgent.size > 0) yield [...order.filter((u) => urgent.has(u)), ...order.filter((u) => !urgent.has(u))];
    yield order;
  }
  const others = units.flatMap((u, i) => (u.role === 'job' ? [] : [i]));
  if (others.length === 0) return;
  const apart = [
    ...others.filter((u) => units[u]?.role === 'trunk'),
    ...others.filter((u) => units[u]?.role === 'event'),
  ];
  for (const jobs of ordersOfJobs(indexed.problem)) yield [...apart, ...jobs];
}

/** Units with a due time that others must follow within a greatest lag, and those of the others that are trunks. */
function urgentUnits({ problem, unitOf }: Indexed): ReadonlySet<number> {
  const urgent = new Set<number>();
  for (const lag of problem.lags) {
    const [from = -1, to = -1] = [unitOf[lag.from], unitOf[lag.to]];
    const isDue = (problem.activities[lag.from]?.dueSec ?? Infinity) < Infinity;
    if (!isDue || from === to || lag.maxSec === Infinity) continue;
    urgent.add(from);
    if (problem.units[to]?.role === 'trunk') urgent.add(to);
  }
  return urgent;
}

/** Puts trunks and events before the first job that they lead to; those that lead to none come first. */
function withOthers({ problem, predecessors }: Indexed, jobs: readonly number[]): readonly number[] {
  const order: number[] = [];
  const isIn = problem.units.map(() => false);
  const put = (u: number): void => {
    if (isIn[u]) return;
    isIn[u] = true;
    for (const p of predecessors[u] ?? []) put(p);
    order.push(u);
  };
  for (const j of jobs) put(j);
  const rest = problem.units.flatMap((_, u) => (isIn[u] ? [] : [u]));
  return [...rest, ...order];
}

function* ordersOfJobs(problem: Problem): Generator<readonly number[]> {
  const jobs: Job[] = problem.units.map((u, index) => ({ ...u, index })).filter((u) => u.role === 'job');
  const families = [...new Set(jobs.map((u) => u.family))];
  const groups = new Map<string, number>();
  for (const family of families) {
    // a group is counted within its family, so that families can go side by side
    [...new Set(jobs.filter((j) => j.family === family).map((j) => j.group))].forEach((g, i) => groups.set(g, i));
  }
  const count = Math.max(1, ...[...groups.values()].map((n) => n + 1));
  const rank = (j: Job): number => groups.get(j.group) ?? 0;
  const sizes = [...new Set([count, 1, 2, Math.ceil(count / 2), 3])].filter((s) => s <= count);
  const avoiding = new Set(
    jobs.flatMap((j) => (j.activities.some((a) => problem.activities[a]?.avoids !== 0) ? [j.index] : [])),
  );
  const holdOf = holdsOfFamilies(problem);
  const familyRanks = [
    // what keeps longest is done first, so that what is eaten hot comes last
    ...(new Set(holdOf.values()).size > 1 ? [(j: Job): number => -(holdOf.get(j.family) ?? 0)] : []),
    // what must come to a fire before others stands first
    ...(avoiding.size > 0 ? [(j: Job): number => (avoiding.has(j.index) ? 0 : 1)] : []),
    ...(families.length > 1
      ? [(j: Job): number => families.indexOf(j.family), (j: Job): number => -families.indexOf(j.family)]
      : []),
    (): number => 0,
  ];
  const hasStages = jobs.some((j) => j.stage > 0);
  // each piece through all its stages, or all pieces of a round through one stage before any goes on to the next
  const stageOf = hasStages ? [(): number => 0, (j: Job): number => j.stage] : [(): number => 0];
  for (const ofFamily of familyRanks)
    for (const size of sizes)
      for (const stage of stageOf)
        yield sortedBy(jobs, (j) => [
          ofFamily(j),
          Math.floor(rank(j) / size),
          stage(j),
          j.number,
          rank(j),
          families.indexOf(j.family),
          j.stage,
        ]);
}

/** How long what comes of a family keeps at most, in seconds; without end where it is eaten as it comes. */
function holdsOfFamilies({ units, finals }: Problem): ReadonlyMap<string, number> {
  const holds = new Map<string, number>();
  for (const { activity, holdSec } of finals) {
    const unit = units.find((u) => u.activities.includes(activity));
    if (unit) holds.set(unit.family, Math.max(holds.get(unit.family) ?? 0, holdSec ?? Infinity));
  }
  return holds;
}

function sortedBy(jobs: readonly Job[], key: (j: Job) => readonly number[]): readonly number[] {
  return jobs
    .map((j) => ({ index: j.index, key: key(j) }))
    .sort((a, b) => {
      const i = a.key.findIndex((v, n) => v !== b.key[n]);
      return i < 0 ? a.index - b.index : (a.key[i] ?? 0) - (b.key[i] ?? 0);
    })
    .map((j) => j.index);
}

/** The units in the order in which a schedule begins them; for decoding the same schedule again, packed more tightly. */
export function orderByStart(problem: Problem, schedule: Schedule): readonly number[] {
  const startOf = (u: number): number =>
    Math.min(...(problem.units[u]?.activities ?? []).map((a) => schedule.placements[a]?.startSec ?? 0));
  return ranked(problem, startOf);
}

/** The units in the order in which a schedule ends them, the first first. */
export function orderByEnd(problem: Problem, schedule: Schedule): readonly number[] {
  const endOf = (u: number): number =>
    Math.max(...(problem.units[u]?.activities ?? []).map((a) => schedule.placements[a]?.endSec ?? 0));
  return ranked(problem, endOf);
}

/** The units in the order in which they began before; those that did not come last. */
export function orderBefore(problem: Problem, startSecs: readonly number[]): readonly number[] {
  const startOf = (u: number): number =>
    (problem.units[u]?.activities ?? []).reduce((min, a) => {
      const sec = startSecs[a] ?? NaN;
      return Number.isNaN(sec) ? min : Math.min(min, sec);
    }, Infinity);
  return ranked(problem, startOf);
}

function ranked(problem: Problem, momentOf: (u: number) => number): readonly number[] {
  const moments = problem.units.map((_, u) => momentOf(u));
  return problem.units.map((_, u) => u).sort((a, b) => compare(moments[a] ?? 0, moments[b] ?? 0) || a - b);
}

/** The order with one unit moved to its front or its end, or a little way off. */
export function movedUnit(order: readonly number[], unit: number, random: Random): readonly number[] {
  const rest = order.filter((u) => u !== unit);
  const choice = random();
  const at = choice < 0.4 ? 0 : choice < 0.7 ? rest.length : Math.floor(random() * (rest.length + 1));
  return [...rest.slice(0, at), unit, ...rest.slice(at)];
}

/** A neighbour of an order: one unit moved, two exchanged, or a stretch moved as a whole. */
export function neighbourOf(order: readonly number[], random: Random): readonly number[] {
  const n = order.length;
  const next = [...order];
  const at = (): number => Math.floor(random() * n);
  const choice = random();
  if (choice < 0.35) {
    const [i, j] = [at(), at()];
    [next[i], next[j]] = [next[j] ?? 0, next[i] ?? 0];
  } else if (choice < 0.7) {
    // a short way off, since neighbours in the order are neighbours at the griddle
    const from = at();
    const to = Math.max(0, Math.min(n - 1, from + Math.round((random() - 0.5) * 12)));
    next.splice(to, 0, ...next.splice(from, 1));
  } else {
    const length = 1 + Math.floor(random() * Math.max(1, n / 4));
    const moved = next.splice(at(), length);
    next.splice(Math.floor(random() * (next.length + 1)), 0, ...moved);
  }
  return next;
}

// a difference of two infinities is no number
const compare = (a: number, b: number): number => (a === b ? 0 : a < b ? -1 : 1);
