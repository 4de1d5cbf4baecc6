import { headEdges } from './edges.ts';
import type { HeadsAndTails } from './heads-tails.ts';
import type { Mode, Problem } from './problem.ts';

interface Found {
  readonly boundSec: number;
  readonly resources: readonly number[];
  readonly activities: readonly number[];
  readonly headSec: number;
  readonly tailSec: number;
}

interface Job {
  readonly activity: number;
  readonly headSec: number;
  /** Seconds times amount that it takes of the pool at least. */
  readonly workSec: number;
  readonly tailSec: number;
}

/** More pools than this are not looked at. */
const MOST_POOLS = 40;

/**
 * For every set of resources of which some activity may take any: what must be done by them, shared out evenly (parallel machines with
 * heads and tails). For work from some moment on with a tail of some length: that moment + the work ÷ what the pool can do at a time +
 * that tail. Pauses and closed times are left out, which keeps the bound valid.
 */
export function poolBound(problem: Problem, times: HeadsAndTails): readonly Found[] {
  return poolsOf(problem).flatMap((pool) => {
    const jobs = jobsOf(problem, pool, times);
    const capacity = pool.reduce((sum, r) => sum + (problem.resources[r]?.capacity ?? 0), 0);
    if (jobs.length === 0 || !Number.isFinite(capacity)) return [];
    let best: Found | undefined;
    for (const headSec of headEdges(jobs.map((j) => j.headSec)))
      for (const tailSec of headEdges(jobs.map((j) => j.tailSec))) {
        const set = jobs.filter((j) => j.headSec >= headSec && j.tailSec >= tailSec);
        const work = set.reduce((sum, j) => sum + j.workSec, 0);
        const boundSec = headSec + Math.ceil(work / capacity - 1e-9) + tailSec;
        if (set.length > 0 && boundSec > (best?.boundSec ?? 0))
          best = { boundSec, resources: pool, activities: set.map((j) => j.activity), headSec, tailSec };
      }
    return best ? [best] : [];
  });
}

/** Sets of more than one resource: those that a use leaves free to choose from, and those that different modes of one activity take. */
function poolsOf(problem: Problem): readonly (readonly number[])[] {
  const pools = new Map<string, readonly number[]>();
  const add = (list: readonly number[]): void => {
    const pool = [...new Set(list)].filter((r) => r >= 0).sort((a, b) => a - b);
    if (pool.length > 1 && pools.size < MOST_POOLS) pools.set(pool.join(' '), pool);
  };
  for (const { modes } of problem.activities) {
    for (const m of modes) for (const u of m.uses) add(u.anyOf);
    const [first] = modes;
    // the same use of every mode, such as who does it or where
    first?.uses.forEach((_, i) => {
      if (modes.every((m) => m.uses[i]?.anyOf.length === 1)) add(modes.map((m) => m.uses[i]?.anyOf[0] ?? -1));
    });
  }
  return [...pools.values()];
}

/** Activities that take something of a pool in every mode, and that a final comes after. */
function jobsOf(problem: Problem, pool: readonly number[], { headSec, tailSec }: HeadsAndTails): readonly Job[] {
  const within = new Set(pool);
  return problem.activities.flatMap((activity, a) => {
    const tail = tailSec[a] ?? -Infinity;
    if (tail === -Infinity || activity.modes.length === 0) return [];
    const spans = activity.modes.map((m) => spanOf(m, within));
    const least = (of: (s: (typeof spans)[number]) => number): number => Math.min(...spans.map(of));
    const workSec = least((s) => s.workSec);
    if (workSec === 0) return [];
    return [
      {
        activity: a,
        workSec,
        headSec: (headSec[a] ?? 0) + least((s) => s.fromSec),
        tailSec: tail + least((s) => s.restSec),
      },
    ];
  });
}

function spanOf(m: Mode, within: ReadonlySet<number>): { fromSec: number; restSec: number; workSec: number } {
  const uses = m.uses.filter((u) => u.anyOf.every((r) => within.has(r)));
  return {
    fromSec: Math.min(...uses.map((u) => u.fromSec)),
    restSec: m.durationSec - Math.max(...uses.map((u) => u.toSec)),
    workSec: uses.reduce((sum, u) => sum + (u.toSec - u.fromSec) * u.amount, 0),
  };
}
