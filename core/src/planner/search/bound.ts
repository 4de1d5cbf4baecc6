import { jacksonPreemptive, type OneMachineJob } from './one-machine.ts';
import { plateBound, type PlateJob } from './plate-bound.ts';
import type { Lag, Mode, Problem } from './problem.ts';

/** A proven lower bound on the finish, and what gives it. */
export interface Bound {
  readonly boundSec: number;
  readonly by: BoundReason;
}

/**
 * One chain of least durations and lags; one resource's own work; or all work on hotplates. `activities` are those it rests on: none of
 * them can start before `headSec`, and after the last of them comes `tailSec` at least.
 */
export type BoundReason = {
  readonly activities: readonly number[];
  readonly headSec: number;
  readonly tailSec: number;
} & (
  | { readonly kind: 'chain' }
  | { readonly kind: 'resource'; readonly resource: number }
  | { readonly kind: 'plates'; readonly plates: readonly number[] }
);

/** For every activity the least time before its start can be (its head) and after its end to the last final (its tail). */
interface HeadsAndTails {
  readonly leastSec: readonly number[];
  readonly headSec: readonly number[];
  /** −Infinity where no final comes after. */
  readonly tailSec: readonly number[];
}

/** Longest paths by least durations and minimum lags. Assumes no circle of minimum lags. */
function headsAndTails(problem: Problem): HeadsAndTails {
  // what nobody can do takes no time, so that the bound stays one
  const leastSec = problem.activities.map((a) =>
    a.modes.length === 0 ? 0 : Math.min(...a.modes.map((m) => m.durationSec)),
  );
  const lags = problem.lags.filter((l) => l.fromAt === 'end' && l.toAt === 'start');
  const into: Lag[][] = problem.activities.map(() => []);
  const out: Lag[][] = problem.activities.map(() => []);
  for (const lag of lags) {
    into[lag.to]?.push(lag);
    out[lag.from]?.push(lag);
  }
  const isFinal = new Set(problem.finals.map((f) => f.activity));
  const fromRelease = (a: number): number => problem.activities[a]?.releaseSec ?? -Infinity;
  const headSec = longest(problem.activities.length, fromRelease, (a) =>
    (into[a] ?? []).map((l) => [l.from, (leastSec[l.from] ?? 0) + l.minSec]),
  );
  const tailSec = longest(
    problem.activities.length,
    (a) => (isFinal.has(a) ? 0 : -Infinity),
    (a) => (out[a] ?? []).map((l) => [l.to, l.minSec + (leastSec[l.to] ?? 0)]),
  );
  return { leastSec, headSec, tailSec };
}

function longest(
  count: number,
  own: (a: number) => number,
  arcs: (a: number) => readonly (readonly [number, number])[],
): readonly number[] {
  const known: (number | undefined)[] = new Array<number | undefined>(count).fill(undefined);
  const visit = (a: number): number => {
    const seen = known[a];
    if (seen !== undefined) return seen;
    known[a] = own(a);
    const length = arcs(a).reduce((max, [b, sec]) => Math.max(max, visit(b) + sec), own(a));
    known[a] = length;
    return length;
  };
  return Array.from({ length: count }, (_, a) => visit(a));
}

/**
 * The greatest of three lower bounds on the finish of any schedule: the longest chain; each unary resource with the work that only it
 * can do (heads and tails, Carlier 1982; preemptive by Jackson's rule); and all hotplates together as parallel machines. Pauses are
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
  const found = plateBound(problem, plateJobs(problem, times));
  offer(found.boundSec, () => ({
    kind: 'plates',
    activities: found.jobs.map((j) => j.activity),
    plates: found.plates,
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
  return problem.activities.flatMap((activity, a) => {
    const lyings = activity.modes.flatMap((m) => (m.lying && m.lying.kind !== null ? [m.lying] : []));
    const tail = tailSec[a] ?? -Infinity;
    if (lyings.length < activity.modes.length || lyings.length === 0 || tail === -Infinity) return [];
    const spots = new Map(lyings.map((l) => [l.plate, l.spots]));
    return [
      {
        activity: a,
        headSec: headSec[a] ?? 0,
        workSec: leastSec[a] ?? 0,
        tailSec: tail,
        spots,
        kind: kindOf.get(a) ?? '',
      },
    ];
  });
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
