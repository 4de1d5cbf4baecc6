import { isOnFire, stepWords } from '../plan/index.ts';
import { clockText } from '../units/index.ts';
import { placeWords } from '../words/index.ts';
import type { Workshop } from '../workshop/index.ts';
import type { PieceRun } from './pieces.ts';

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
