import { staysOf, type PlanTask } from '@hodsman/core';
import type { BlockKind, Part } from '../block.ts';
import type { Lane, LaneSpan } from '../lane.ts';
import type { Lanes } from '../lanes.ts';

/** Where something lies on or over a fire: at its spot of a griddle, across a grill or flame. */
export function firePlaces(lanes: Lanes) {
  const lane = (id: string): Lane | undefined => lanes.byId.get(id);
  const part = (
    l: Lane | undefined,
    span: LaneSpan | undefined,
    kind: BlockKind,
    at?: Partial<Part>,
  ): readonly Part[] => (l && span ? [{ span, kind, isFolded: l.isFolded, ...at }] : []);
  const spot = (l: Lane | undefined, n: number): LaneSpan | undefined => (l?.isFolded ? l : l?.columns[n]);
  return {
    lies: (task: PlanTask): readonly Part[] => {
      const { at } = task;
      if (at?.kind === 'griddle') {
        const l = lane(`griddle:${at.id ?? ''}`);
        if (task.kind === 'preheat') return part(l, l, 'preheat');
        if (task.kind === 'demo') return part(l, l, 'cook');
        return part(l, spot(l, (at.spot ?? 1) - 1), 'cook');
      }
      if (at?.kind !== 'grill' && at?.kind !== 'flame') return [];
      const l = lane(`fire:${at.id ?? ''}`);
      return part(l, l, 'cook');
    },
    /** The griddle held over another fire. */
    carried: (task: PlanTask): readonly Part[] =>
      staysOf(task).flatMap((w) => {
        const l = lane(`fire:${w.id}`);
        return part(l, l, 'carried', { fromSec: w.startSec, toSec: w.endSec });
      }),
  };
}
