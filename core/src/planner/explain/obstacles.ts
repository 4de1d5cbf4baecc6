import { HEAT_OVERLAP_SEC, isOneKind, type Lag } from '../search/index.ts';
import { takingsOf, type Done, type Situation, type Taking } from './situation.ts';

/** Why an activity cannot lie at some moment while all else stays where it is. `by`: the activity that stands in the way. */
export type Obstacle =
  | { readonly kind: 'welcome' | 'staff-away' | 'break' }
  | { readonly kind: 'demo' | 'side-job' | 'step-before' | 'step-after'; readonly by: number }
  /** A rest would be too short or too long by the class's windows, a piece would wait too long. */
  | { readonly kind: 'rest-short' | 'rest-long' | 'wait-long'; readonly by: number; readonly sec: number }
  /** Somebody or something is taken until then; `isLook`: a member of staff looks at what `by` does. */
  | {
      readonly kind: 'taken';
      readonly by: number;
      readonly resource: number;
      readonly untilSec: number;
      readonly isLook: boolean;
    }
  | {
      readonly kind: 'spot' | 'other-bread' | 'laid-on' | 'heat' | 'carried' | 'avoided';
      readonly by: number;
      readonly plate: number;
    }
  | { readonly kind: 'place-full'; readonly by: number; readonly store: number };

/** All that keeps an activity from starting at `startSec`, what binds hardest first. */
export function obstaclesTo(s: Situation, a: number, startSec: number): readonly Obstacle[] {
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

function fromLags(s: Situation, d: Done, startSec: number, endSec: number): readonly Obstacle[] {
  return (s.lagsOf[d.activity] ?? []).flatMap((lag): readonly Obstacle[] => {
    const isTo = lag.to === d.activity;
    const other = s.done[isTo ? lag.from : lag.to]?.placement;
    if (!other) return [];
    const by = isTo ? lag.from : lag.to;
    const from = isTo ? other : { startSec, endSec };
    const to = isTo ? { startSec, endSec } : other;
    const wait =
      (lag.toAt === 'start' ? to.startSec : to.endSec) - (lag.fromAt === 'end' ? from.endSec : from.startSec);
    if (wait < lag.minSec) return [tooSoon(s, lag, isTo, by)];
    if (wait > lag.maxSec) return [{ kind: isRestLag(s, lag) ? 'rest-long' : 'wait-long', by, sec: lag.maxSec }];
    return [];
  });
}

const isRestLag = (s: Situation, lag: Lag): boolean =>
  s.network.rests.some((r) => r.from === lag.from && r.followers.includes(lag.to));

function tooSoon(s: Situation, lag: Lag, isTo: boolean, by: number): Obstacle {
  if (lag.minSec > 0 || isRestLag(s, lag)) return { kind: 'rest-short', by, sec: lag.minSec };
  if (!isTo) return { kind: 'step-after', by };
  const source = s.network.sources[by];
  if (source?.demo) return { kind: 'demo', by };
  return { kind: source?.step?.kind === 'prepare' ? 'side-job' : 'step-before', by };
}

function fromResources(s: Situation, d: Done, startSec: number): readonly Obstacle[] {
  return takingsOf(d, startSec).flatMap((mine): readonly Obstacle[] => {
    if (mine.toSec <= mine.fromSec) return [];
    const capacity = s.network.problem.resources[mine.resource]?.capacity ?? 1;
    const others = (s.byResource.get(mine.resource) ?? []).filter(
      (t) => t.activity !== d.activity && t.fromSec < mine.toSec && t.toSec > mine.fromSec,
    );
    const crowd = crowdAt(others, mine, capacity);
    if (crowd === undefined) return [];
    const { activity: by, toSec: untilSec, isLook } = crowd;
    return [{ kind: 'taken', by, resource: mine.resource, untilSec, isLook }];
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

function fromPlate(s: Situation, d: Done, startSec: number, endSec: number): readonly Obstacle[] {
  const { lying } = d.mode;
  const { problem } = s.network;
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
    if (lying.kind === null || other.kind === null) return gap < 0 ? [{ kind: 'other-bread', by, plate: at }] : [];
    const { layOnGapSec } = plate;
    if (lying.owner !== other.owner && Math.abs(startSec - from) < layOnGapSec)
      return [{ kind: 'laid-on', by, plate: at }];
    if (!isOneKind(lying.kind, other.kind))
      return gap < Math.max(plate.changeSec, plate.resetSec) ? [{ kind: 'other-bread', by, plate: at }] : [];
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

function fromHours(s: Situation, d: Done, startSec: number, endSec: number): readonly Obstacle[] {
  const { problem, room } = s.network;
  const activity = problem.activities[d.activity];
  if (!activity) return [];
  const found: Obstacle[] = [];
  const takings = takingsOf(d, startSec);
  if (startSec < activity.releaseSec)
    found.push({ kind: activity.releaseSec === room.welcomeSec && startSec >= 0 ? 'welcome' : 'staff-away' });
  const isShut =
    activity.closed.some(([f, t]) => startSec < t && endSec > f) ||
    takings.some((t) => (problem.resources[t.resource]?.closed ?? []).some(([f, u]) => t.fromSec < u && t.toSec > f));
  if (isShut) found.push({ kind: 'staff-away' });
  const isInBreak = s.pauses.some(
    (p) =>
      takings.some((t) => p.resources.has(t.resource) && t.fromSec < p.toSec && t.toSec > p.fromSec) ||
      ((d.mode.lying?.kind ?? null) !== null && startSec < p.toSec && endSec > p.fromSec),
  );
  if (isInBreak) found.push({ kind: 'break' });
  return found;
}

/** Whether a stay that the activity begins or ends would overfill its place. */
function fromStores(s: Situation, d: Done, startSec: number, endSec: number): readonly Obstacle[] {
  const { stays, stores } = s.network.problem;
  const spanOf = (stay: (typeof stays)[number]): readonly [number, number] => [
    Math.min(...stay.before.map((b) => (b === d.activity ? endSec : (s.done[b]?.placement.endSec ?? Infinity)))),
    Math.max(...stay.after.map((b) => (b === d.activity ? startSec : (s.done[b]?.placement.startSec ?? -Infinity)))),
  ];
  return stays.flatMap((stay): readonly Obstacle[] => {
    const capacity = stores[stay.store]?.capacity ?? Infinity;
    if (capacity === Infinity || !(stay.before.includes(d.activity) || stay.after.includes(d.activity))) return [];
    const [from, to] = spanOf(stay);
    const others = stays.filter((o) => o.store === stay.store && o.owner !== stay.owner);
    for (const sec of [from, ...others.map((o) => spanOf(o)[0]).filter((x) => x > from && x < to)]) {
      const there = others.filter((o) => spanOf(o)[0] <= sec && spanOf(o)[1] > sec);
      const load = [...new Map(there.map((o) => [o.owner, o.amount])).values()].reduce((a, b) => a + b, 0);
      if (load + stay.amount > capacity)
        return [{ kind: 'place-full', by: there[0]?.before[0] ?? -1, store: stay.store }];
    }
    return [];
  });
}
