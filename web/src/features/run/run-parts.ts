import type { EventKind, EventOf, LiveState, Plan, PlanTask } from '@hodsman/core';
import type { LiveClass } from '../../live/live-class.ts';

/** Something that happened, as whoever taps says it. */
export type Say = <K extends EventKind>(kind: K, data: EventOf<K>['data']) => void;

/** What every part of a class that runs is given. */
export interface RunParts {
  readonly live: LiveClass;
  readonly state: LiveState;
  /** The plan as it goes. */
  readonly plan: Plan;
  /** The moment of the class, in whole seconds since doors open. */
  readonly sec: number;
  /** Who taps. */
  readonly who: string;
  /** Takes something down. */
  readonly say: Say;
  /** Takes something down that the plan has to reckon with, and plans the rest again. */
  readonly trouble: Say;
  /** Shows what helps at a task. */
  readonly onRescue: (task: PlanTask) => void;
}
