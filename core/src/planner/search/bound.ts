import { headsAndTails, type HeadsAndTails } from './heads-tails.ts';
import { jacksonPreemptive, type OneMachineJob } from './one-machine.ts';
import { plateBound, type PlateJob } from './plate-bound.ts';
import { poolBound } from './pool-bound.ts';
import type { Lag, Mode, Problem } from './problem.ts';

/** A proven lower bound on the finish, and what gives it. */
export interface Bound {
  readonly boundSec: number;
  readonly by: BoundReason;
}

/**
 * One chain of least durations and lags; one resource's own work; work that any of some resources can do; or all work on hotplates. `activities` are those it rests on: none of
 * them can start before `headSec`, and after the last of them comes `tailSec` at least.
 */
export type BoundReason = {
  readonly activities: readonly number[];
  readonly headSec: number;
  readonly tailSec: number;
} & (
  | { readonly kind: 'chain' }
  | { readonly kind: 'resource'; readonly resource: number }
  | { readonly kind: 'pool'; readonly resources: readonly number[] }
  /** `atOnce`: how many of those activities the plates carry together. */
  | { readonly kind: 'plates'; readonly plates: readonly number[]; readonly atOnce: number }
);

/**
 * The greatest of four lower bounds on the finish of any schedule: the longest chain; each unary resource with the work that only it
 * can do (heads and tails, Carlier 1982; preemptive by Jackson's rule); each pool of resources of which any will do; and all hotplates
 * together as parallel machines. Pauses are
 * left out, which keeps the bound valid.
 */
export function lowerBound(problem: Problem): Bound {
  const times = headsAndTails(problem);
  const { leastSec, headSec, tailSec } = times;
  let best: Bound = { boundSec: 0, by: { kind: 'chain', activities: [], headSec: 0, tailSec: 0 } };
  const offer = (boundSec: number, by: () => BoundReason): void => {
    if (boundSec > best.boundSec) best = { boundSec, by: by() };
  };
  problem.activities.forEach((_, a) => {
    const through = (headSec[a] ?? 0) + (leastSec[a] ?? 0) + (tailSec[a] ?? 0);
    offer(through, () => {
      const activities = chainThrough(problem, times, a);
      return { kind: 'chain', activities, headSec: headSec[activities[0] ?? a] ?? 0, tailSec: 0 };
    });
  });
  problem.resources.forEach((r, resource) => {
    if (r.capacity !== 1) return;
    const jobs = jobsOn(problem, resource, times);
    const found = jacksonPreemptive(jobs);
    offer(found.finishSec, () => ({
      kind: 'resource',
      resource,
      activities: found.jobs.map((j) => j.activity),
      headSec: Math.min(...found.jobs.map((j) => j.headSec)),
      tailSec: Math.min(...found.jobs.map((j) => j.tailSec)),
    }));
  });
  for (const { boundSec, activities, resources, headSec: head, tailSec: tail } of poolBound(problem, times))
    offer(boundSec, () => ({ kind: 'pool', resources, activities, headSec: head, tailSec: tail }));
  const lying = plateJobs(problem, times);
  for (const found of [lying, besideOneAnother(problem, lying)].map((jobs) => plateBound(problem, jobs)))
    offer(found.boundSec, () => ({
      kind: 'plates',
      activities: found.jobs.map((j) => j.activity),
      plates: found.plates,
      atOnce: found.plates.reduce((sum, p) => sum + Math.max(0, ...found.jobs.map((j) => j.spots.get(p) ?? 0)), 0),
      headSec: Math.min(...found.jobs.map((j) => j.headSec)),
      tailSec: Math.min(...found.jobs.map((j) => j.tailSec)),
    }));
  return best;
}

/** The longest chain through an activity, from its first to its last. */
function chainThrough(problem: Problem, { leastSec, headSec, tailSec }: HeadsAndTails, a: number): readonly number[] {
  const before: number[] = [];
  const isBinding = (l: Lag): boolean =>
    l.fromAt === 'end' &&
    l.toAt === 'start' &&
    (headSec[l.from] ?? 0) + (leastSec[l.from] ?? 0) + l.minSec === headSec[l.to];
  for (let at: number | undefined = a; at !== undefined;) {
    const to: number = at;
    at = problem.lags.find((l) => l.to === to && isBinding(l))?.from;
    if (at !== undefined) before.unshift(at);
  }
  const after: number[] = [];
  const isNext = (l: Lag): boolean =>
    l.fromAt === 'end' &&
    l.toAt === 'start' &&
    l.minSec + (leastSec[l.to] ?? 0) + (tailSec[l.to] ?? 0) === tailSec[l.from];
  for (let at: number | undefined = a; at !== undefined;) {
    const from: number = at;
    at = problem.lags.find((l) => l.from === from && isNext(l))?.to;
    if (at !== undefined) after.push(at);
  }
  return [...before, a, ...after];
}

/** What must be done on one resource: activities that take it in every mode, and that a final comes after. */
function jobsOn(
  problem: Problem,
  resource: number,
  { headSec, tailSec }: HeadsAndTails,
): readonly (OneMachineJob & { readonly activity: number })[] {
  const spanOf = (m: Mode) => {
    const uses = m.uses.filter((u) => u.anyOf.length === 1 && u.anyOf[0] === resource);
    if (uses.length === 0) return undefined;
    return {
      fromSec: Math.min(...uses.map((u) => u.fromSec)),
      restSec: m.durationSec - Math.max(...uses.map((u) => u.toSec)),
      workSec: uses.reduce((sum, u) => sum + u.toSec - u.fromSec, 0),
    };
  };
  return problem.activities.flatMap((activity, a) => {
    const spans = activity.modes.map(spanOf).filter((s) => s !== undefined);
    const tail = tailSec[a] ?? -Infinity;
    if (spans.length < activity.modes.length || spans.length === 0 || tail === -Infinity) return [];
    const least = (of: (s: (typeof spans)[number]) => number): number => Math.min(...spans.map(of));
    return [
      {
        activity: a,
        headSec: (headSec[a] ?? 0) + least((s) => s.fromSec),
        workSec: least((s) => s.workSec),
        tailSec: tail + least((s) => s.restSec),
      },
    ];
  });
}

/** What must lie on a hotplate, in every mode. */
function plateJobs(problem: Problem, { leastSec, headSec, tailSec }: HeadsAndTails): readonly PlateJob[] {
  const kindOf = joinedKinds(problem);
  const jobs = problem.activities.flatMap((activity, a): readonly PlateJob[] => {
    const lyings = activity.modes.flatMap((m) => (m.lying && m.lying.kind !== null ? [m.lying] : []));
    const tail = tailSec[a] ?? -Infinity;
    if (lyings.length < activity.modes.length || lyings.length === 0 || tail === -Infinity) return [];
    const spots = new Map(lyings.map((l) => [l.plate, l.spots]));
    const times = { headSec: headSec[a] ?? 0, workSec: leastSec[a] ?? 0, tailSec: tail };
    return [{ activity: a, ...times, spots, isReset: true, kind: kindOf.get(a) ?? '' }];
  });
  // two that both end alone never lie together, so a kind of such goes one by one, though not always on the same spot
  const shared = new Set(jobs.filter((j) => !endsAlone(problem, j.activity)).map((j) => j.kind));
  return jobs.map((j) => (shared.has(j.kind) ? j : atMost(j, () => 1)));
}

/** The same where so many at most lie on a plate at once; they need no time between, since there are other spots. */
function atMost(job: PlateJob, most: (plate: number) => number): PlateJob {
  const isLess = [...job.spots].some(([plate, n]) => n > most(plate));
  const spots = new Map([...job.spots].map(([plate, n]) => [plate, Math.min(n, most(plate))]));
  return isLess ? { ...job, spots, isReset: false } : job;
}

/** As many as can be on each plate at once where each takes some of one resource all the while, such as room to stand before it. */
function besideOneAnother(problem: Problem, jobs: readonly PlateJob[]): readonly PlateJob[] {
  const room = roomBeside(problem);
  return jobs.map((j) => atMost(j, (plate) => room.get(plate) ?? Infinity));
}

const endsAlone = (problem: Problem, a: number): boolean =>
  (problem.activities[a]?.modes ?? []).every((m) => m.lying?.alone.some(([, to]) => to >= m.durationSec) === true);

/** By plate: how many can lie there at most because each takes some of one resource all the while. */
function roomBeside({ activities, resources }: Problem): ReadonlyMap<number, number> {
  const modesOn = new Map<number, Mode[]>();
  for (const m of activities.flatMap((x) => x.modes))
    if (m.lying && m.lying.kind !== null) modesOn.set(m.lying.plate, [...(modesOn.get(m.lying.plate) ?? []), m]);
  const amountOf = (m: Mode, r: number): number =>
    m.uses.find((u) => u.anyOf.length === 1 && u.anyOf[0] === r && u.fromSec <= 0 && u.toSec >= m.durationSec)
      ?.amount ?? 0;
  return new Map(
    [...modesOn].map(([plate, modes]) => {
      const rooms = (modes[0]?.uses ?? []).flatMap(({ anyOf }) => {
        const [r = -1] = anyOf;
        const least = anyOf.length === 1 ? Math.min(...modes.map((m) => amountOf(m, r))) : 0;
        return least > 0 ? [Math.floor((resources[r]?.capacity ?? Infinity) / least)] : [];
      });
      return [plate, Math.min(Infinity, ...rooms)];
    }),
  );
}

/** Kinds by activity, where what may lie together by way of a third counts as one: fewer changes, so the bound stays one. */
function joinedKinds(problem: Problem): ReadonlyMap<number, string> {
  const lyings = problem.activities.map((a) => a.modes.find((m) => m.lying?.kind)?.lying?.kind ?? null);
  const ofLike = new Map<string, string>();
  for (let isChanged = true; isChanged;) {
    isChanged = false;
    for (const kind of lyings) {
      if (!kind) continue;
      const [one, other] = [ofLike.get(`of ${kind.of}`), ofLike.get(`like ${kind.like}`)];
      const joined = [one, other, kind.like].filter((x) => x !== undefined).reduce((x, y) => (y < x ? y : x));
      if (one === joined && other === joined) continue;
      ofLike.set(`of ${kind.of}`, joined);
      ofLike.set(`like ${kind.like}`, joined);
      isChanged = true;
    }
  }
  return new Map(lyings.flatMap((kind, a) => (kind ? [[a, ofLike.get(`of ${kind.of}`) ?? kind.like] as const] : [])));
}
