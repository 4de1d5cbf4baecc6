import {
  HEAT_OVERLAP_SEC,
  isOneKind,
  type Lag,
  type Mode,
  type Placement,
  type Problem,
  type Stay,
} from './problem.ts';

/** An activity as it lies in a schedule, with the mode in which it is done. */
export interface Done {
  readonly activity: number;
  readonly mode: Mode;
  readonly placement: Placement;
}

/** What takes a resource, from when to when; `use` is the use of the activity's mode. */
export interface Taking {
  readonly activity: number;
  readonly use: number;
  readonly fromSec: number;
  readonly toSec: number;
  readonly amount: number;
}

/** A schedule laid beside its problem, with everything looked up that asking why needs. */
export interface Laid {
  readonly problem: Problem;
  /** By activity; undefined where it is not placed. */
  readonly done: readonly (Done | undefined)[];
  readonly lagsOf: readonly (readonly Lag[])[];
  readonly byResource: ReadonlyMap<number, readonly Taking[]>;
  readonly byPlate: ReadonlyMap<number, readonly Done[]>;
  readonly pauses: readonly {
    readonly fromSec: number;
    readonly toSec: number;
    readonly resources: ReadonlySet<number>;
  }[];
}

/** Why an activity cannot lie at some moment while all else stays where it is. `by`: the activity that is in the way. */
export type Obstacle =
  /** Before it may start at all; where it, or something that it takes, is closed; in a pause. */
  | { readonly kind: 'release' | 'closed' | 'pause' }
  /** Too soon after (or before) another, or too late after it; `sec` is the least or the greatest lag, `isRest`: the lag is a rest. */
  | {
      readonly kind: 'too-soon';
      readonly by: number;
      readonly sec: number;
      readonly isRest: boolean;
      readonly isAfter: boolean;
    }
  | { readonly kind: 'too-late'; readonly by: number; readonly sec: number; readonly isRest: boolean }
  /** A resource is taken until then, by a use of another's mode. */
  | {
      readonly kind: 'taken';
      readonly by: number;
      readonly use: number;
      readonly resource: number;
      readonly untilSec: number;
    }
  | {
      readonly kind: 'spot' | 'other-kind' | 'laid-on' | 'heat' | 'carried' | 'avoided';
      readonly by: number;
      readonly plate: number;
    }
  | { readonly kind: 'store-full'; readonly by: number; readonly store: number };

/** A schedule beside its problem. */
export function laidOut(problem: Problem, placed: readonly Done[], pauses: Laid['pauses']): Laid {
  const done: (Done | undefined)[] = problem.activities.map(() => undefined);
  for (const d of placed) done[d.activity] = d;
  const byResource = new Map<number, Taking[]>();
  const byPlate = new Map<number, Done[]>();
  for (const d of done) {
    if (!d) continue;
    for (const taking of takingsOf(d, d.placement.startSec))
      byResource.set(taking.resource, [...(byResource.get(taking.resource) ?? []), taking]);
    if (d.mode.lying) byPlate.set(d.mode.lying.plate, [...(byPlate.get(d.mode.lying.plate) ?? []), d]);
  }
  const lagsOf: Lag[][] = problem.activities.map(() => []);
  for (const lag of problem.lags) {
    lagsOf[lag.from]?.push(lag);
    lagsOf[lag.to]?.push(lag);
  }
  return { problem, done, lagsOf, byResource, byPlate, pauses };
}

/** What an activity would take if it started at a moment. */
export function takingsOf(d: Done, startSec: number): readonly (Taking & { readonly resource: number })[] {
  return d.mode.uses.map((use, i) => ({
    activity: d.activity,
    use: i,
    resource: d.placement.picks[i] ?? -1,
    fromSec: startSec + use.fromSec,
    toSec: startSec + use.toSec,
    amount: use.amount,
  }));
}

/** All that keeps an activity from starting at `startSec`, what binds hardest first. */
export function obstaclesTo(s: Laid, a: number, startSec: number): readonly Obstacle[] {
  const d = s.done[a];
  if (!d) return [];
  const endSec = startSec + d.mode.durationSec;
  return [
    ...fromLags(s, d, startSec, endSec),
    ...fromPlate(s, d, startSec, endSec),
    ...fromResources(s, d, startSec),
    ...fromHours(s, d, startSec, endSec),
    ...fromStores(s, d, startSec, endSec),
  ];
}

function fromLags(s: Laid, d: Done, startSec: number, endSec: number): readonly Obstacle[] {
  return (s.lagsOf[d.activity] ?? []).flatMap((lag): readonly Obstacle[] => {
    const isTo = lag.to === d.activity;
    const other = s.done[isTo ? lag.from : lag.to]?.placement;
    if (!other) return [];
    const by = isTo ? lag.from : lag.to;
    const from = isTo ? other : { startSec, endSec };
    const to = isTo ? { startSec, endSec } : other;
    const wait =
      (lag.toAt === 'start' ? to.startSec : to.endSec) - (lag.fromAt === 'end' ? from.endSec : from.startSec);
    const isRest = lag.rest !== undefined;
    if (wait < lag.minSec) return [{ kind: 'too-soon', by, sec: lag.minSec, isRest, isAfter: !isTo }];
    if (wait > lag.maxSec) return [{ kind: 'too-late', by, sec: lag.maxSec, isRest }];
    return [];
  });
}

function fromResources(s: Laid, d: Done, startSec: number): readonly Obstacle[] {
  return takingsOf(d, startSec).flatMap((mine): readonly Obstacle[] => {
    if (mine.toSec <= mine.fromSec) return [];
    const capacity = s.problem.resources[mine.resource]?.capacity ?? 1;
    const others = (s.byResource.get(mine.resource) ?? []).filter(
      (t) => t.activity !== d.activity && t.fromSec < mine.toSec && t.toSec > mine.fromSec,
    );
    const crowd = crowdAt(others, mine, capacity);
    if (crowd === undefined) return [];
    const { activity: by, use, toSec: untilSec } = crowd;
    return [{ kind: 'taken', by, use, resource: mine.resource, untilSec }];
  });
}

/** Of those that make it too much at some moment the one that is over first. */
function crowdAt(others: readonly Taking[], mine: Taking, capacity: number): Taking | undefined {
  for (const sec of [mine.fromSec, ...others.map((t) => t.fromSec).filter((x) => x > mine.fromSec)]) {
    const there = others.filter((t) => t.fromSec <= sec && t.toSec > sec);
    if (there.reduce((sum, t) => sum + t.amount, 0) + mine.amount <= capacity) continue;
    return there.reduce((x, y) => (y.toSec < x.toSec ? y : x));
  }
  return undefined;
}

function fromPlate(s: Laid, d: Done, startSec: number, endSec: number): readonly Obstacle[] {
  const { lying } = d.mode;
  const { problem } = s;
  const plate = lying && problem.hotplates[lying.plate];
  const own = problem.activities[d.activity];
  if (!lying || !plate || !own) return [];
  const at = lying.plate;
  return (s.byPlate.get(at) ?? []).flatMap((o): readonly Obstacle[] => {
    const other = o.mode.lying;
    if (o.activity === d.activity || !other) return [];
    const { startSec: from, endSec: to } = o.placement;
    const gap = Math.max(from - endSec, startSec - to);
    const by = o.activity;
    if (lying.kind === null || other.kind === null) return gap < 0 ? [{ kind: 'other-kind', by, plate: at }] : [];
    const { layOnGapSec } = plate;
    if (lying.owner !== other.owner && Math.abs(startSec - from) < layOnGapSec)
      return [{ kind: 'laid-on', by, plate: at }];
    if (!isOneKind(lying.kind, other.kind))
      return gap < Math.max(plate.changeSec, plate.resetSec) ? [{ kind: 'other-kind', by, plate: at }] : [];
    if (o.placement.spot === d.placement.spot && gap < plate.resetSec) return [{ kind: 'spot', by, plate: at }];
    const isCarried =
      lying.alone.some(([f, t]) => startSec + f < to && startSec + t > from) ||
      other.alone.some(([f, t]) => from + f < endSec && from + t > startSec);
    if (isCarried) return [{ kind: 'carried', by, plate: at }];
    const clashes = lying.heats.some((x) =>
      other.heats.some(
        (y) =>
          x.heat !== y.heat &&
          Math.min(startSec + x.toSec, from + y.toSec) - Math.max(startSec + x.fromSec, from + y.fromSec) >
            HEAT_OVERLAP_SEC,
      ),
    );
    if (clashes && !plate.hasZones) return [{ kind: 'heat', by, plate: at }];
    const theirs = problem.activities[by];
    const isWrongOrder =
      ((own.avoids & (theirs?.holds ?? 0)) !== 0 && endSec > from && startSec - to < (plate.cleanSec ?? Infinity)) ||
      ((own.holds & (theirs?.avoids ?? 0)) !== 0 && startSec < to && from - endSec < (plate.cleanSec ?? Infinity));
    return isWrongOrder ? [{ kind: 'avoided', by, plate: at }] : [];
  });
}

function fromHours(s: Laid, d: Done, startSec: number, endSec: number): readonly Obstacle[] {
  const { problem } = s;
  const activity = problem.activities[d.activity];
  if (!activity) return [];
  const found: Obstacle[] = [];
  const takings = takingsOf(d, startSec);
  if (startSec < activity.releaseSec) found.push({ kind: 'release' });
  const isShut =
    activity.closed.some(([f, t]) => startSec < t && endSec > f) ||
    takings.some((t) => (problem.resources[t.resource]?.closed ?? []).some(([f, u]) => t.fromSec < u && t.toSec > f));
  if (isShut) found.push({ kind: 'closed' });
  const isInBreak = s.pauses.some(
    (p) =>
      takings.some((t) => p.resources.has(t.resource) && t.fromSec < p.toSec && t.toSec > p.fromSec) ||
      ((d.mode.lying?.kind ?? null) !== null && startSec < p.toSec && endSec > p.fromSec),
  );
  if (isInBreak) found.push({ kind: 'pause' });
  return found;
}

/** From when to when a stay lasts; with one activity at another time than it is placed at. */
export function staySpan(
  s: Laid,
  stay: Stay,
  moved?: { readonly activity: number; readonly startSec: number; readonly endSec: number },
): readonly [number, number] {
  const at = (a: number) => (a === moved?.activity ? moved : s.done[a]?.placement);
  return [
    Math.min(...stay.before.map((b) => at(b)?.endSec ?? Infinity)),
    Math.max(...stay.after.map((b) => at(b)?.startSec ?? -Infinity)),
  ];
}

/** Whether a stay that the activity begins or ends would overfill its place. */
function fromStores(s: Laid, d: Done, startSec: number, endSec: number): readonly Obstacle[] {
  const { stays, stores } = s.problem;
  const spanOf = (stay: Stay): readonly [number, number] =>
    staySpan(s, stay, { activity: d.activity, startSec, endSec });
  return stays.flatMap((stay): readonly Obstacle[] => {
    const capacity = stores[stay.store]?.capacity ?? Infinity;
    if (capacity === Infinity || !(stay.before.includes(d.activity) || stay.after.includes(d.activity))) return [];
    const [from, to] = spanOf(stay);
    const others = stays.filter((o) => o.store === stay.store && o.owner !== stay.owner);
    for (const sec of [from, ...others.map((o) => spanOf(o)[0]).filter((x) => x > from && x < to)]) {
      const there = others.filter((o) => spanOf(o)[0] <= sec && spanOf(o)[1] > sec);
      const load = [...new Map(there.map((o) => [o.owner, o.amount])).values()].reduce((a, b) => a + b, 0);
      if (load + stay.amount > capacity)
        return [{ kind: 'store-full', by: there[0]?.before[0] ?? -1, store: stay.store }];
    }
    return [];
  });
}
