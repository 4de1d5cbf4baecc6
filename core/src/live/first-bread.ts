import { isOnFire, type Plan } from '../plan/index.ts';
import type { Workshop } from '../workshop/index.ts';
import type { LiveEvent } from './events.ts';
import { NEW_GRIDDLE, standingOf, type LiveState } from './fold.ts';

/**
 * How much longer or shorter everything cooks on a griddle where the first bread came off pale or dark (this program's own choice); by the
 * word for it.
 */
export const FIRST_BREAD = [
  ['pale', 1.15],
  ['right', 1],
  ['dark', 0.85],
] as const;

/** A griddle that cooks slower than planned, without more being known (this program's own choice). */
export const SLOW_PACE = 1.25;

/** The word for how much longer or shorter a griddle cooks than planned: "15 % longer". */
export const paceWords = (pace: number): string =>
  pace === 1 ? 'as planned' : `${Math.round(100 * Math.abs(pace - 1))} % ${pace > 1 ? 'longer' : 'shorter'}`;

/** A griddle matters from so long before its next bread on (this program's own choice: a heavy one heats for a quarter of an hour). */
export const FIRE_SOON_SEC = 1800;

/** Griddles that are hot, whose first bread is to come soon, and that nobody has tried yet: staff lay a trial piece there. */
export function toBeTried(
  { workshop, griddles }: Pick<LiveState, 'workshop' | 'griddles'>,
  plan: Plan,
  sec: number,
): readonly Workshop['kitchen']['griddles'][number][] {
  return workshop.kitchen.griddles.filter(({ id }) => {
    const { isHot, isTried } = griddles[id] ?? NEW_GRIDDLE;
    const there = plan.tasks.filter((t) => isOnFire(t) && t.at?.id === id);
    const inSec = Math.min(...there.map((t) => t.startSec)) - sec;
    return isHot && !isTried && inSec > 0 && inSec <= FIRE_SOON_SEC;
  });
}

/** How a griddle cooked in an earlier class: so much longer (above 1) or shorter than planned; said when, in ms since 1970. */
export interface RememberedPace {
  readonly griddle: string;
  readonly pace: number;
  readonly atMs: number;
}

/** What was last said of the pace of each griddle, in whatever classes of its kitchen; what was taken back was not said. */
export function rememberedPaces(events: readonly LiveEvent[]): readonly RememberedPace[] {
  const last = new Map<string, RememberedPace>();
  for (const e of standingOf(events)) {
    if (e.kind !== 'griddle-pace') continue;
    const { griddle, factor } = e.data;
    last.set(griddle, { griddle, pace: factor, atMs: e.atMs });
  }
  return [...last.values()];
}
