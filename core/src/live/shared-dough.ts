import type { Plan } from '../plan/index.ts';
import { gramsText } from '../units/index.ts';
import { namesOf } from '../words/index.ts';
import type { LiveState } from './fold.ts';

/** A dough of which more breads are made than it was mixed for. */
export interface SharedDough {
  readonly batch: string;
  readonly station: string;
  readonly words: string;
}

/**
 * Doughs that had been mixed when somebody more came to their station: no more dough is there, so every piece gets a little less. It is
 * told until the dough is divided, or, where it had been, until the new piece is taken up. `plan`: the plan as it goes.
 */
export function sharedDoughs(
  { workshop, mixedFor }: Pick<LiveState, 'workshop' | 'mixedFor'>,
  plan: Plan,
  sec: number,
): readonly SharedDough[] {
  const names = namesOf(workshop);
  return plan.batches.flatMap(({ id, station, bread, pieces }): readonly SharedDough[] => {
    const was = mixedFor[id];
    const doughG = workshop.breads.find((b) => b.id === bread)?.piece.doughG;
    if (was === undefined || station === null || doughG === undefined || pieces.length <= was.length) return [];
    const more = pieces.filter((p) => !was.includes(p));
    const begins = (of: readonly string[]): number =>
      Math.min(...plan.tasks.flatMap((t) => (of.includes(t.piece ?? '') ? [t.startSec] : [])));
    if (sec >= begins(more)) return [];
    const each = (doughG * was.length) / pieces.length;
    // once one of its balls is in somebody's hands it has been divided
    const how =
      sec < begins(was)
        ? `divide it into ${pieces.length} of ${gramsText(each)}`
        : `take ${gramsText(doughG - each)} from each of the ${was.length} for ${more.length === 1 ? 'one' : more.length} more`;
    return [
      {
        batch: id,
        station,
        words: `${names.batch(id)} was mixed for ${was.length} and makes ${pieces.length}: ${how}.`,
      },
    ];
  });
}
