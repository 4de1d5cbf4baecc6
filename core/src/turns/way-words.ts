import { isOnFire, stepWords, type PlanTask } from '../plan/index.ts';
import { clockText } from '../units/index.ts';
import { griddleName, type Workshop } from '../workshop/index.ts';
import type { PieceRun } from './pieces.ts';

/** Where a task is done, as people say it: "Griddle 2, spot 1", "the ring", "the shelf by the wall", "bench B1"; nothing without a place. */
export function placeWords({ kitchen }: Workshop, { at }: PlanTask): string {
  if (!at) return '';
  const id = at.id ?? '';
  switch (at.kind) {
    case 'griddle': {
      const name = griddleName(kitchen.griddles.find((g) => g.id === id) ?? { id });
      return at.spot === undefined ? name : `${name}, spot ${at.spot}`;
    }
    case 'room':
    case 'warm':
    case 'fridge':
      return kitchen.places.find((p) => p.id === id)?.name ?? id;
    case 'grill':
    case 'flame':
      return [...kitchen.grills, ...kitchen.flames].find((f) => f.id === id)?.name ?? `${at.kind} ${id}`;
    default:
      return `${at.kind} ${id}`;
  }
}

/** The way of a bread as its owner follows it: "roll 11:12 → Griddle 2, spot 1 at 11:16 → turn 11:18 → off 11:20". */
export function wayWords(workshop: Workshop, run: PieceRun): string {
  const clock = (sec: number): string => clockText(workshop, sec);
  return run.tasks
    .flatMap((t) => {
      if (t.kind !== 'step' || !isOnFire(t))
        return [
          t.kind === 'rest'
            ? `${stepWords(t.step)} until ${clock(t.endSec)}`
            : `${stepWords(t.step)} ${clock(t.startSec)}`,
        ];
      const turns = (t.turnsSec ?? []).map((sec) => `turn ${clock(sec)}`);
      return [`${placeWords(workshop, t)} at ${clock(t.startSec)}`, ...turns, `off ${clock(t.endSec)}`];
    })
    .join(' → ');
}
