import type { Activity, HeatRun, Lag, Mode, Placement, Problem, Schedule, Span, Use } from './problem.ts';

const flip = (at: 'start' | 'end'): 'start' | 'end' => (at === 'start' ? 'end' : 'start');
// 0 stays 0, never −0
const minus = (sec: number): number => 0 - sec;
const mirrorSpan = ([from, to]: Span): Span => [minus(to), minus(from)];

/**
 * The same problem with time running the other way: moment t becomes −t, starts become ends. As early as can be in the mirror is as
 * late as can be in the class, so one way of placing serves both. The mirror of the mirror is the problem itself.
 */
export function mirrorProblem(problem: Problem): Problem {
  return {
    ...problem,
    activities: problem.activities.map(mirrorActivity),
    lags: problem.lags.map((l): Lag => ({ ...l, from: l.to, to: l.from, fromAt: flip(l.toAt), toAt: flip(l.fromAt) })),
    fans: problem.fans.map((f) => ({ ...f, at: flip(f.at) })),
    stays: problem.stays.map((s) => ({ ...s, before: s.after, after: s.before })),
    units: problem.units.map((u) => ({ ...u, activities: [...u.activities].reverse() })),
    resources: problem.resources.map((r) => ({ ...r, closed: r.closed.map(mirrorSpan).reverse() })),
    hotplates: problem.hotplates.map((h) => ({ ...h, laidOnAt: flip(h.laidOnAt) })),
    pauses: problem.pauses.map((p) => ({ ...p, fromSec: minus(p.toSec), toSec: minus(p.fromSec) })),
    avoidersFirst: !problem.avoidersFirst,
  };
}

function mirrorActivity(a: Activity): Activity {
  return {
    ...a,
    modes: a.modes.map(mirrorMode),
    releaseSec: minus(a.dueSec),
    dueSec: minus(a.releaseSec),
    closed: a.closed.map(mirrorSpan).reverse(),
    ...(a.pin ? { pin: { at: flip(a.pin.at), sec: minus(a.pin.sec) } } : {}),
  };
}

function mirrorMode(mode: Mode): Mode {
  const { durationSec: d, lying } = mode;
  const turn = <T extends Use | HeatRun>(x: T): T => ({ ...x, fromSec: d - x.toSec, toSec: d - x.fromSec });
  return {
    ...mode,
    uses: mode.uses.map(turn),
    ...(lying
      ? {
          lying: {
            ...lying,
            heats: lying.heats.map(turn).reverse(),
            alone: lying.alone.map(([f, t]): Span => [d - t, d - f]).reverse(),
          },
        }
      : {}),
  };
}

/** Placements of the mirror as placements of the problem, and the other way round. */
export function mirrorPlacement(p: Placement): Placement {
  return { ...p, startSec: minus(p.endSec), endSec: minus(p.startSec) };
}

/** A schedule of the mirror as one of the problem, and the other way round. */
export function mirrorSchedule(problem: Problem, schedule: Schedule): Schedule {
  return {
    placements: schedule.placements.map(mirrorPlacement),
    pauseSecs: schedule.pauseSecs.map((sec, i) => minus(sec + (problem.pauses[i]?.durationSec ?? 0))),
  };
}
