import type { BrokenRule } from '../../plan/index.ts';
import { given } from '../../faults/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import type { Activity, Fan, Lag, Mode, Stay, Use } from '../search/index.ts';
import type { Network } from './build-network.ts';
import { modesOf, type ModeInfo } from './modes.ts';
import type { ActivitySource } from './network-builder.ts';

/** What happened in a class that neither its file nor its plan knows. */
export interface Happened {
  /** Griddles that cook nothing more. */
  readonly down: ReadonlySet<string>;
  /** What cooking takes on a griddle from now on, as a multiple of what it should. */
  readonly paces: ReadonlyMap<string, number>;
  /** People who are not there before a moment, in seconds since doors open; Infinity: not again. */
  readonly away: ReadonlyMap<string, number>;
  /** Pieces whose bread is given up: what was left to do with them falls away. */
  readonly givenUp: ReadonlySet<string>;
  /** Pieces that staff go on with in place of their owner. */
  readonly byStaff: ReadonlySet<string>;
}

export const NOTHING_HAPPENED: Happened = {
  down: new Set(),
  paces: new Map(),
  away: new Map(),
  givenUp: new Set(),
  byStaff: new Set(),
};

interface Made {
  readonly activity: Activity;
  readonly source: ActivitySource;
}

/** An activity that is not done: it takes no time and nobody, and nothing is written of it. */
const undone = ({ activity, source }: Made): Made => ({
  activity: {
    id: activity.id,
    modes: [{ durationSec: 0, uses: [] }],
    releaseSec: -Infinity,
    dueSec: Infinity,
    closed: [],
    holds: 0,
    avoids: 0,
    engages: -1,
    takesWatcher: false,
  },
  source: {
    ...source,
    step: null,
    unit: null,
    modes: [{ people: [], at: undefined, siteUse: null, carried: [], look: null }],
  },
});

/**
 * The network with what happened in it, for all that has not begun (`isFixed`): what falls away takes no time, nothing is laid on a griddle
 * that is down, cooking lasts as long as the fire makes it last, nobody works who is not there, and a step of a team whose part comes
 * before somebody is there is done without them. `plannedSec` says when an activity was to start so far (NaN: not known).
 */
export function asHappened(
  workshop: Workshop,
  network: Network,
  happened: Happened,
  isFixed: (activity: number) => boolean,
  plannedSec: (activity: number) => number,
): Network {
  const { problem, room } = network;
  const gone = givenUpIn(network, happened, isFixed);
  const made = problem.activities.map((activity, i): Made => {
    const source = given(network.sources[i], 'every activity has a source');
    if (isFixed(i)) return { activity, source };
    if (gone.has(i)) return undone({ activity, source });
    return [withoutDown, withPaces, withAway, withStaff].reduce<Made>((m, change) => change(m, i), {
      activity,
      source,
    });
  });

  function kept({ activity, source }: Made, isKept: (info: ModeInfo, mode: Mode) => boolean): Made {
    const list = source.modes.flatMap((info, m) => {
      const mode = activity.modes[m];
      return mode && isKept(info, mode) ? [{ info, mode }] : [];
    });
    if (list.length === 0 || list.length === source.modes.length) return { activity, source };
    return {
      activity: { ...activity, modes: list.map((x) => x.mode) },
      source: { ...source, modes: list.map((x) => x.info) },
    };
  }
  function withoutDown(m: Made): Made {
    return kept(m, (info) => info.at?.kind !== 'griddle' || !happened.down.has(info.at.id ?? ''));
  }
  function withPaces({ activity, source }: Made): Made {
    if (happened.paces.size === 0 || source.step?.kind !== 'cook') return { activity, source };
    const factor = source.modes.map(
      ({ at }) => (at?.kind === 'griddle' ? happened.paces.get(at.id ?? '') : undefined) ?? 1,
    );
    return {
      activity: { ...activity, modes: activity.modes.map((mode, m) => slowMode(mode, factor[m] ?? 1)) },
      source: { ...source, modes: source.modes.map((info, m) => slowInfo(info, factor[m] ?? 1)) },
    };
  }
  function withAway({ activity, source }: Made, i: number): Made {
    const { unit, step } = source;
    const isAway = (p: string, sec: number): boolean => (happened.away.get(p) ?? -Infinity) > sec;
    const people = new Set(source.modes.flatMap((info) => info.people));
    if (![...people].some((p) => happened.away.has(p))) return { activity, source };
    const at = plannedSec(i);
    const fromSec = Number.isNaN(at) ? activity.releaseSec : Math.max(at, activity.releaseSec);
    if (source.demo) {
      // who is not there does not see it
      const modes = source.modes.map((info) => ({ ...info, people: info.people.filter((p) => !isAway(p, fromSec)) }));
      return { activity, source: { ...source, modes } };
    }
    const isShared = unit?.piece === null || step?.by === 'team' || step?.by === 'one';
    const left = (unit?.team ?? []).filter((p) => happened.away.get(p) !== Infinity);
    const there = left.filter((p) => !isAway(p, fromSec));
    // where nobody of them is there yet, the step waits for those who come
    const team = there.length > 0 ? there : left;
    const changed =
      unit && step && isShared && team.length > 0 && team.length < unit.team.length
        ? modesOf(workshop, room, { ...unit, team }, step, new Map())
        : [];
    const backs = (changed.length > 0 ? team : [...people]).map((p) => happened.away.get(p) ?? -Infinity);
    const releaseSec = Math.max(activity.releaseSec, ...backs.filter(Number.isFinite));
    if (changed.length === 0) return { activity: { ...activity, releaseSec }, source };
    return {
      activity: { ...activity, releaseSec, modes: changed.map((x) => x.mode) },
      source: { ...source, modes: changed.map((x) => x.info) },
    };
  }
  function withStaff({ activity, source }: Made): Made {
    const { unit } = source;
    const owner = unit?.piece?.owner ?? null;
    if (!unit || owner === null || !happened.byStaff.has(unit.id)) return { activity, source };
    const own = room.resourceOf('participant', owner);
    const list = source.modes.flatMap((info, m) => {
      const mode = activity.modes[m];
      if (!mode || !info.people.includes(owner)) return mode ? [{ info, mode }] : [];
      return workshop.kitchen.staff.map((s) => {
        const hand = room.resourceOf('staff', s.id);
        const uses = mode.uses.map((u): Use => (u.anyOf[0] === own ? { ...u, anyOf: [hand] } : u));
        return { info: { ...info, people: [s.id] }, mode: { ...mode, uses } };
      });
    });
    return {
      activity: { ...activity, modes: list.map((x) => x.mode), engages: -1 },
      source: { ...source, modes: list.map((x) => x.info) },
    };
  }

  const done = (list: readonly number[]): readonly number[] => list.filter((a) => !gone.has(a));
  return {
    ...network,
    sources: made.map((m) => m.source),
    rests: network.rests.map((r) => ({ ...r, followers: [...done(r.followers)] })),
    problem: {
      ...problem,
      activities: made.map((m) => m.activity),
      lags: problem.lags.map((l): Lag => {
        if (!gone.has(l.to) && !gone.has(l.from)) return l;
        const { rest: _, ...loose } = l;
        return { ...loose, minSec: 0, idealSec: 0, maxSec: Infinity };
      }),
      fans: problem.fans.flatMap((f): readonly Fan[] => {
        const activities = done(f.activities);
        return activities.length > 1 ? [{ ...f, activities }] : [];
      }),
      stays: problem.stays.flatMap((s): readonly Stay[] => {
        const [before, after] = [done(s.before), done(s.after)];
        return before.length > 0 && after.length > 0 ? [{ ...s, before, after }] : [];
      }),
      finals: problem.finals.filter((f) => !gone.has(f.activity)),
    },
  };
}

/**
 * Activities that fall away: of pieces that were given up, of those whose owner will not be there again (unless staff go on with them), of
 * those that no fire is left for, and of doughs from which then no bread comes.
 */
function givenUpIn(network: Network, happened: Happened, isFixed: (activity: number) => boolean): ReadonlySet<number> {
  const isLostPiece = (id: string, owner: string | null): boolean =>
    happened.givenUp.has(id) || (owner !== null && happened.away.get(owner) === Infinity && !happened.byStaff.has(id));
  const lost = new Set<string>();
  const left = new Map<string, number>();
  network.sources.forEach(({ unit, step, modes }, i) => {
    if (!unit?.piece || !unit.batch || lost.has(unit.id)) return;
    const isWithoutFire =
      !isFixed(i) &&
      step?.at === 'griddle' &&
      modes.every((info) => info.at?.kind === 'griddle' && happened.down.has(info.at.id ?? ''));
    if (isLostPiece(unit.id, unit.piece.owner) || isWithoutFire) lost.add(unit.id);
  });
  for (const { unit } of network.sources) {
    if (unit?.piece && unit.batch && !lost.has(unit.id)) left.set(unit.batch.id, (left.get(unit.batch.id) ?? 0) + 1);
  }
  const isGone = (unit: ActivitySource['unit']): boolean => {
    if (!unit) return false;
    if (unit.piece) return lost.has(unit.id);
    return (unit.kind === 'station' || unit.kind === 'share') && !left.has(unit.id);
  };
  return new Set(network.sources.flatMap(({ unit }, i) => (!isFixed(i) && isGone(unit) ? [i] : [])));
}

function slowMode(mode: Mode, factor: number): Mode {
  if (factor === 1) return mode;
  const slow = (sec: number): number => Math.round(sec * factor);
  const { lying } = mode;
  const uses = mode.uses.map((u): Use => ({ ...u, fromSec: slow(u.fromSec), toSec: slow(u.toSec) }));
  const heats = lying?.heats.map((h) => ({ ...h, fromSec: slow(h.fromSec), toSec: slow(h.toSec) })) ?? [];
  const alone = lying?.alone.map(([from, to]) => [slow(from), slow(to)] as const) ?? [];
  return {
    ...mode,
    durationSec: slow(mode.durationSec),
    uses,
    ...(lying ? { lying: { ...lying, heats, alone } } : {}),
  };
}

function slowInfo(info: ModeInfo, factor: number): ModeInfo {
  if (factor === 1) return info;
  const slow = <T extends { readonly fromSec: number; readonly toSec: number }>(x: T): T => ({
    ...x,
    fromSec: Math.round(x.fromSec * factor),
    toSec: Math.round(x.toSec * factor),
  });
  return { ...info, pace: factor, carried: info.carried.map(slow), look: info.look && slow(info.look) };
}

const isShort = ({ away, byStaff }: Happened): boolean => away.size + byStaff.size > 0;

/** What the rules ask of the class as it was written and what happened makes otherwise, by code: when that is no break. */
const EXCUSED: ReadonlyMap<string, (happened: Happened) => boolean> = new Map([
  ['task-missing', ({ givenUp, away, down }: Happened) => givenUp.size + away.size + down.size > 0],
  ['wrong-length', isShort],
  ['wrong-people', isShort],
  ['demo-people', isShort],
  ['look-for-nothing', ({ byStaff }: Happened) => byStaff.size > 0],
  ['look-missing', ({ byStaff }: Happened) => byStaff.size > 0],
]);

/** Whether a break is only that the class no longer is as it was written. */
export const isExcused = (happened: Happened, { code }: Pick<BrokenRule, 'code'>): boolean =>
  EXCUSED.get(code)?.(happened) === true;
