import type { PlanTask } from '@hodsman/core';
import type { LaneSpan } from './lane.ts';

/**
 * A task where it is drawn on the board. `away`: its cook at the fire, seen from the bench; `together`: many at once; `staffed`: staff at
 * work on something that lies elsewhere; `carried`: a griddle held over another fire.
 */
export type BlockKind = 'hands' | 'rest' | 'cook' | 'away' | 'preheat' | 'together' | 'staffed' | 'carried';

/** A share of a strand with an end of its own: where a rest that pieces share parts. */
export interface Share extends LaneSpan {
  readonly toSec: number;
}

export interface Block extends LaneSpan {
  readonly task: PlanTask;
  readonly kind: BlockKind;
  readonly fromSec: number;
  readonly toSec: number;
  readonly isFolded: boolean;
  /** Only its main block is where a task is selected and moved. */
  readonly isMain: boolean;
  /** Of a rest whose pieces leave it one after another, side by side; else none. */
  readonly shares: readonly Share[];
}

/** Where one task is drawn, before it is known which of several is the main place. */
export interface Part {
  readonly span: LaneSpan;
  readonly kind: BlockKind;
  readonly isFolded: boolean;
  readonly fromSec?: number;
  readonly toSec?: number;
  readonly shares?: readonly Share[];
}
