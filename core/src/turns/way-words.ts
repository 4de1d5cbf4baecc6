import { isOnFire, stepWords, type PlanTask } from '../plan/index.ts';
import { clockText } from '../units/index.ts';
import { griddleName, type Workshop } from '../workshop/index.ts';
import type { PieceRun } from './pieces.ts';

/** Where a task on a fire is done: "Griddle 2, spot 1", "the grill". */
export function fireWords(workshop: Workshop, { at }: PlanTask): string {
  const griddle = workshop.kitchen.griddles.find((g) => g.id === at?.id);
  if (!griddle) return `the ${at?.kind ?? 'fire'}`;
  return `${griddleName(griddle)}${at?.spot === undefined ? '' : `, spot ${at.spot}`}`;
}

/** The way of a bread as its owner follows it: "roll 11:12 → Griddle 2, spot 1 at 11:16 → turn 11:18 → off 11:20". */
export function wayWords(workshop: Workshop, run: PieceRun): string {
  const clock = (sec: number): string => clockText(workshop, sec);
  return run.tasks
    .flatMap((t) => {
      if (!isOnFire(t))
        return [
          t.window ? `${stepWords(t.step)} until ${clock(t.endSec)}` : `${stepWords(t.step)} ${clock(t.startSec)}`,
        ];
      const turns = (t.turnsSec ?? []).map((sec) => `turn ${clock(sec)}`);
      return [`${fireWords(workshop, t)} at ${clock(t.startSec)}`, ...turns, `off ${clock(t.endSec)}`];
    })
    .join(' → ');
}
