import { isRest } from '../../method/index.ts';
import type { Batch } from '../../workshop/index.ts';
import type { DoughUnit } from './dough-units.ts';
import type { NetworkBuilder } from './network-builder.ts';

/** The units of one station's dough of one bread, in the order in which dough goes through them. */
export interface Strand {
  readonly batch: Batch;
  readonly mother: DoughUnit | null;
  readonly own: DoughUnit;
  readonly pieces: readonly DoughUnit[];
}

/** The first activity of each unit that a step of the chain belongs to, rests left out. */
export function activitiesOf(builder: NetworkBuilder, units: readonly DoughUnit[], stepId: string): readonly number[] {
  return units.flatMap((u) => {
    const step = u.chain.find((s) => s.id === stepId);
    const index = step && !isRest(step) ? builder.activityOf(u.id, stepId) : undefined;
    return index === undefined ? [] : [index];
  });
}
