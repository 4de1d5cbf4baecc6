import { headEdges } from './edges.ts';
import { leastLoadsSpan } from './plate-loads.ts';
import type { Problem } from './problem.ts';

/** A piece that must lie on one of some hotplates; `spots`: how many of its size each of them holds, by number of the plate. */
export interface PlateJob {
  readonly activity: number;
  readonly headSec: number;
  readonly workSec: number;
  readonly tailSec: number;
  readonly spots: ReadonlyMap<number, number>;
  /** Whether nothing can follow it on its spot before the plate is ready again; else it can be laid beside. */
  readonly isReset: boolean;
  /** Kinds that may not lie together on one plate. */
  readonly kind: string;
}

interface Found {
  readonly boundSec: number;
  readonly jobs: readonly PlateJob[];
  readonly plates: readonly number[];
}

/**
 * Hotplates as parallel machines with heads and tails. For every set of pieces with heads from some moment on and tails of some length:
 * that moment + what the set takes at least on the plates that may carry it + that tail. Sets are all pieces, and those that one
 * group of plates alone may carry (a station's own griddles).
 */
export function plateBound(problem: Problem, jobs: readonly PlateJob[]): Found {
  const byPlates = new Map<string, PlateJob[]>();
  for (const j of jobs) {
    const key = [...j.spots.keys()].sort((a, b) => a - b).join(' ');
    byPlates.set(key, [...(byPlates.get(key) ?? []), j]);
  }
  const sets = byPlates.size > 1 ? [jobs, ...byPlates.values()] : [jobs];
  return sets
    .map((set) => byWholeLoads(problem, boundOf(problem, set)))
    .reduce((a, b) => (b.boundSec > a.boundSec ? b : a));
}

/** The same set of pieces once more, in whole loads of one kind at a time, which is dearer to count. */
function byWholeLoads(problem: Problem, found: Found): Found {
  if (found.jobs.length === 0) return found;
  const plates = found.plates.map((p) => problem.hotplates[p]).filter((h) => h !== undefined);
  const byKind = new Map<string, PlateJob[]>();
  for (const j of found.jobs) byKind.set(j.kind, [...(byKind.get(j.kind) ?? []), j]);
  const kinds = [...byKind.values()].map((list) => ({
    count: list.length,
    workSec: Math.min(...list.map((j) => j.workSec)),
    isReset: list.every((j) => j.isReset),
    spots: found.plates.map((p) => Math.max(...list.map((j) => j.spots.get(p) ?? 0))),
  }));
  const head = Math.min(...found.jobs.map((j) => j.headSec));
  const tail = Math.min(...found.jobs.map((j) => j.tailSec));
  const boundSec = head + leastLoadsSpan(plates, kinds, found.boundSec - head - tail) + tail;
  return boundSec > found.boundSec ? { ...found, boundSec } : found;
}

function boundOf(problem: Problem, jobs: readonly PlateJob[]): Found {
  let best: Found = { boundSec: 0, jobs: [], plates: [] };
  const heads = headEdges(jobs.map((j) => j.headSec));
  const tails = headEdges(jobs.map((j) => j.tailSec));
  for (const head of heads)
    for (const tail of tails) {
      const set = jobs.filter((j) => j.headSec >= head && j.tailSec >= tail);
      if (set.length === 0) continue;
      const boundSec = head + leastSpan(problem, set) + tail;
      if (boundSec > best.boundSec)
        best = {
          boundSec,
          jobs: set,
          plates: [...new Set(set.flatMap((j) => [...j.spots.keys()]))].sort((a, b) => a - b),
        };
    }
  return best;
}

/**
 * The least time from the first laying on to the last taking off. At most `most` lie at once, so n pieces of at least p seconds with a
 * reset of r between take ⌈n / most⌉ × (p + r) − r; and with the work shared out, each piece costing (its time + reset) ÷ spots of the
 * plate where that is cheapest, Σ cost ÷ plates less one reset. The longest piece stands for itself.
 */
function leastSpan(problem: Problem, set: readonly PlateJob[]): number {
  const reset = (plate: number): number => problem.hotplates[plate]?.resetSec ?? 0;
  const spots = new Map<number, number>();
  for (const j of set) for (const [plate, n] of j.spots) spots.set(plate, Math.max(spots.get(plate) ?? 0, n));
  const most = [...spots.values()].reduce((a, b) => a + b, 0);
  const resets = [...spots.keys()].map(reset);
  const leastReset = set.every((j) => j.isReset) ? Math.min(...resets) : 0;
  const p = Math.min(...set.map((j) => j.workSec));
  const rounds = Math.ceil(set.length / most) * (p + leastReset) - leastReset;
  const cost = (j: PlateJob): number =>
    Math.min(...[...j.spots].map(([plate, n]) => (j.workSec + (j.isReset ? reset(plate) : 0)) / n));
  const shared = (set.reduce((sum, j) => sum + cost(j), 0) - resets.reduce((a, b) => a + b, 0)) / spots.size;
  return Math.max(rounds, Math.ceil(shared - 1e-9), ...set.map((j) => j.workSec));
}
