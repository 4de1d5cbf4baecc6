import type { Lag, Problem } from './problem.ts';

/** A proven lower bound on the finish, and what gives it. */
export interface Bound {
  readonly boundSec: number;
  readonly by:
    | { readonly kind: 'chain'; readonly activity: number }
    | { readonly kind: 'resource'; readonly resource: number }
    | { readonly kind: 'hotplates' };
}

interface Job {
  readonly headSec: number;
  readonly workSec: number;
  readonly tailSec: number;
}

/**
 * The greatest of three lower bounds on the finish of any schedule (the classical ones of machine scheduling, e.g. Carlier 1982 for
 * heads and tails): the longest chain of least durations and lags; each unary resource with the work that only it can do; and all
 * griddles together as parallel machines. Heads and tails are longest paths by minimum lags. Breaks are left out, which keeps the
 * bound valid.
 */
export function lowerBound(problem: Problem): Bound {
  const least = problem.activities.map((a) => Math.min(...a.modes.map((m) => m.durationSec)));
  const heads = longestPaths(
    problem,
    least,
    problem.lags,
    (l) => l.from,
    (l) => l.to,
  );
  const tails = longestPaths(
    problem,
    least,
    problem.lags,
    (l) => l.to,
    (l) => l.from,
  );
  let best: Bound = { boundSec: problem.releaseSec, by: { kind: 'hotplates' } };
  const offer = (boundSec: number, by: Bound['by']): void => {
    if (boundSec > best.boundSec) best = { boundSec, by };
  };
  problem.activities.forEach((_, activity) => {
    offer(problem.releaseSec + (heads[activity] ?? 0) + (least[activity] ?? 0) + (tails[activity] ?? 0), {
      kind: 'chain',
      activity,
    });
  });
  problem.resources.forEach((r, resource) => {
    if (r.capacity !== 1) return;
    offer(problem.releaseSec + oneMachine(jobsOn(problem, resource, heads, tails)), { kind: 'resource', resource });
  });
  offer(problem.releaseSec + hotplateBound(problem, least, heads, tails), { kind: 'hotplates' });
  return best;
}

/** Longest path to each activity over minimum lags and least durations, not counting the activity itself. Assumes no cycle. */
function longestPaths(
  problem: Problem,
  least: readonly number[],
  lags: readonly Lag[],
  from: (l: Lag) => number,
  to: (l: Lag) => number,
): readonly number[] {
  const into: Lag[][] = problem.activities.map(() => []);
  for (const lag of lags) into[to(lag)]?.push(lag);
  const known: (number | undefined)[] = problem.activities.map(() => undefined);
  const visit = (a: number): number => {
    const seen = known[a];
    if (seen !== undefined) return seen;
    const length = (into[a] ?? []).reduce(
      (max, l) => Math.max(max, visit(from(l)) + (least[from(l)] ?? 0) + l.minSec),
      0,
    );
    known[a] = length;
    return length;
  };
  return problem.activities.map((_, a) => visit(a));
}

/** What must be done on one resource: activities all of whose modes take it. */
function jobsOn(
  problem: Problem,
  resource: number,
  heads: readonly number[],
  tails: readonly number[],
): readonly Job[] {
  return problem.activities.flatMap((activity, a) => {
    const spans = activity.modes.map((m) => {
      const uses = m.uses.filter((u) => u.resource === resource);
      if (uses.length === 0) return undefined;
      const fromSec = Math.min(...uses.map((u) => u.fromSec));
      const toSec = Math.max(...uses.map((u) => u.toSec));
      return {
        fromSec,
        restSec: m.durationSec - toSec,
        workSec: uses.reduce((sum, u) => sum + u.toSec - u.fromSec, 0),
      };
    });
    const all = spans.filter((s) => s !== undefined);
    if (all.length < spans.length || all.length === 0) return [];
    const min = (of: (s: (typeof all)[number]) => number): number => Math.min(...all.map(of));
    return [
      {
        headSec: (heads[a] ?? 0) + min((s) => s.fromSec),
        workSec: min((s) => s.workSec),
        tailSec: (tails[a] ?? 0) + min((s) => s.restSec),
      },
    ];
  });
}

/** One machine: for every set of jobs with heads from some moment on: that moment + their work + the least of their tails. */
function oneMachine(jobs: readonly Job[]): number {
  let best = 0;
  for (const { headSec: from } of jobs) {
    const later = jobs.filter((j) => j.headSec >= from);
    const work = later.reduce((sum, j) => sum + j.workSec, 0);
    best = Math.max(best, from + work + Math.min(...later.map((j) => j.tailSec)));
  }
  return best;
}

/**
 * All griddles as parallel machines. From a moment on, at most `most` breads lie at once, so n breads of at least p seconds with a reset of r
 * between take ⌈n / most⌉ × (p + r) − r; and the work shared out, each bread costing (its time + reset) ÷ spots of the griddle
 * where that is cheapest, cannot end before Σ cost ÷ griddles less one reset.
 */
function hotplateBound(
  problem: Problem,
  least: readonly number[],
  heads: readonly number[],
  tails: readonly number[],
): number {
  const reset = (index: number): number => problem.hotplates[index]?.resetSec ?? 0;
  const breads = problem.activities.flatMap((activity, a) => {
    const plates = activity.modes.flatMap((m) => (m.griddle ? [m.griddle] : []));
    if (plates.length < activity.modes.length || plates.length === 0) return [];
    const p = least[a] ?? 0;
    const cost = Math.min(...plates.map((g) => (p + reset(g.index)) / g.spots));
    return [{ plates, p, cost, headSec: heads[a] ?? 0, tailSec: tails[a] ?? 0 }];
  });
  let best = 0;
  for (const from of new Set(breads.map((b) => b.headSec))) {
    const later = breads.filter((b) => b.headSec >= from);
    const spots = new Map<number, number>();
    for (const g of later.flatMap((b) => b.plates)) spots.set(g.index, Math.max(spots.get(g.index) ?? 0, g.spots));
    const most = [...spots.values()].reduce((a, b) => a + b, 0);
    const resets = [...spots.keys()].map(reset);
    const r = Math.min(...resets);
    const p = Math.min(...later.map((b) => b.p));
    const tail = Math.min(...later.map((b) => b.tailSec));
    const rounds = Math.ceil(later.length / most) * (p + r) - r;
    const shared = (later.reduce((sum, b) => sum + b.cost, 0) - resets.reduce((a, b) => a + b, 0)) / spots.size;
    best = Math.max(best, from + Math.max(rounds, Math.ceil(shared - 1e-9)) + tail);
  }
  return best;
}
