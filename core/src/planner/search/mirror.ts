import type { Hotplate, Mode, Placement, Problem, Resource, Schedule } from './problem.ts';

const flip = (spans: readonly (readonly [number, number])[]): readonly (readonly [number, number])[] =>
  spans.map(([from, to]) => [-to, -from] as const);

function mirrorMode(mode: Mode): Mode {
  const d = mode.durationSec;
  const turned = <T extends { readonly fromSec: number; readonly toSec: number }>(x: T): T => ({
    ...x,
    fromSec: d - x.toSec,
    toSec: d - x.fromSec,
  });
  const { griddle } = mode;
  return {
    ...mode,
    uses: mode.uses.map(turned),
    ...(griddle ? { griddle: { ...griddle, heats: griddle.heats.map(turned) } } : {}),
  };
}

/**
 * The same problem with time running backwards from `deadlineSec`: placing an activity as early as can be in the mirror places it as
 * late as can be before the deadline. Setup times are symmetric, so the griddles keep theirs.
 */
export function mirrorProblem(problem: Problem, deadlineSec: number): Problem {
  const closed = <T extends Resource | Hotplate>(x: T): T => ({ ...x, closed: flip(x.closed) });
  return {
    activities: problem.activities.map((a) => ({ ...a, modes: a.modes.map(mirrorMode) })),
    lags: problem.lags.map((l) => ({ ...l, from: l.to, to: l.from })),
    units: problem.units.map((u) => ({ ...u, activities: [...u.activities].reverse() })),
    resources: problem.resources.map(closed),
    hotplates: problem.hotplates.map(closed),
    finals: problem.finals,
    releaseSec: -deadlineSec,
  };
}

/** A schedule of the mirror as one of the problem itself. */
export function mirrorSchedule(schedule: Schedule): Schedule {
  return schedule.map((p): Placement => ({ ...p, startSec: -p.endSec || 0, endSec: -p.startSec || 0 }));
}
