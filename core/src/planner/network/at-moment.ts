import type { Plan, PlanTask } from '../../plan/index.ts';
import type { Pin, Workshop } from '../../workshop/index.ts';
import { NOTHING_GIVEN, type Activity, type Given, type Placement } from '../search/index.ts';
import { asHappened, type Happened } from './as-happened.ts';
import type { Network } from './build-network.ts';
import { placedIn } from './placed.ts';

/** A class that is under way: what has begun, with its true times, people and places, and what time it is. Seconds since doors open. */
export interface Moment {
  readonly nowSec: number;
  readonly begun: readonly PlanTask[];
  /** What is about to begin, with people who have been called to it: it stays where it is. */
  readonly called?: readonly PlanTask[];
  /** What neither the class nor its plan knows. */
  readonly happened?: Happened;
}

/** People who work by a plan already are moved about for a larger gain only (this program's own choice). */
const UNDER_WAY_WEIGHT = 10;

/** What a plan is asked to respect beside the class itself. */
export interface Wishes {
  /** Starts that a person chose, of tasks and of breaks. A pin of a task that the class does not have is left out. */
  readonly pins?: readonly Pin[] | undefined;
  readonly moment?: Moment | undefined;
  /** The plan before: of equally good plans the nearest to it is wanted. */
  readonly before?: Pick<Plan, 'tasks'> | undefined;
  /** Plans of a like class (one griddle less, a shorter one): what they do is tried in this one, so that it is never worse. */
  readonly tried?: readonly Pick<Plan, 'tasks'>[] | undefined;
}

/**
 * The network at a moment of the class: what has begun is as it was done, nothing else starts before now, and what somebody pinned
 * stays there. Gives what the search takes beside the problem.
 */
export function atMoment(
  workshop: Workshop,
  network: Network,
  wishes: Wishes,
): { readonly network: Network; readonly given: Given } {
  const { moment, before, tried = [] } = wishes;
  const pins = new Map((wishes.pins ?? []).map((p) => [p.task, p]));
  const also = tried.map((p) => nearTo(network, p));
  if (pins.size === 0 && !moment && !before) return { network, given: { ...NOTHING_GIVEN, also } };
  const { problem } = network;
  const standing = [...(moment?.begun ?? []), ...(moment?.called ?? [])];
  const activities: Activity[] = problem.activities.map((a) => ({
    ...a,
    releaseSec: Math.max(a.releaseSec, moment?.nowSec ?? -Infinity),
  }));
  const sources = [...network.sources];
  const fixed = new Map<number, Placement>();
  for (const { activity, mode, info, placement } of placedIn(network, standing)) {
    const [own, source] = [activities[activity], sources[activity]];
    if (!own || !source) continue;
    const { startSec, endSec } = placement;
    activities[activity] = { ...own, modes: [mode], releaseSec: startSec, dueSec: endSec, closed: [] };
    sources[activity] = { ...source, modes: [info] };
    fixed.set(activity, { ...placement, mode: 0 });
  }
  activities.forEach((a, i) => {
    const [pin, source] = [pins.get(a.id), sources[i]];
    if (!pin || !source || fixed.has(i)) return;
    const there = source.modes.flatMap((info, m) => (info.at?.id === pin.griddle ? [m] : []));
    const isPlaced = pin.griddle !== undefined && there.length > 0;
    const kept = <T>(list: readonly T[]): readonly T[] => (isPlaced ? list.filter((_, m) => there.includes(m)) : list);
    activities[i] = { ...a, modes: kept(a.modes), pin: { at: 'start', sec: pin.startSec } };
    sources[i] = { ...source, modes: kept(source.modes) };
  });
  const tasks = new Map((moment?.begun ?? []).map((t) => [t.id, t]));
  const pauses = problem.pauses.map((p) => {
    const taken = tasks.get(p.id);
    if (taken)
      return { ...p, fromSec: taken.startSec, toSec: taken.endSec, durationSec: taken.endSec - taken.startSec };
    const pinned = pins.get(p.id);
    if (pinned) return { ...p, fromSec: pinned.startSec, toSec: pinned.startSec + p.durationSec };
    const fromSec = Math.max(p.fromSec, moment?.nowSec ?? -Infinity);
    return { ...p, fromSec, toSec: Math.max(p.toSec, fromSec + p.durationSec) };
  });
  const room = { ...network.room, pauses };
  const atIt: Network = { ...network, sources, room, problem: { ...problem, activities, pauses } };
  const near = before ? nearTo(network, before) : null;
  const isFixed = (i: number): boolean => fixed.has(i);
  const truly = moment?.happened
    ? asHappened(workshop, atIt, moment.happened, isFixed, (i) => near?.startSecs[i] ?? NaN)
    : atIt;
  // who does a step, or where, may have changed: the plan before is read again in the ways that are left
  return {
    network: truly,
    given: { fixed, near: before ? nearTo(truly, before) : null, nearWeight: moment ? UNDER_WAY_WEIGHT : 1, also },
  };
}

function nearTo(network: Network, before: Pick<Plan, 'tasks'>): NonNullable<Given['near']> {
  const startSecs = network.sources.map(() => NaN);
  const modes = network.sources.map(() => -1);
  for (const { activity, ownMode, placement } of placedIn(network, before.tasks)) {
    startSecs[activity] = placement.startSec;
    modes[activity] = ownMode;
  }
  return { startSecs, modes };
}
