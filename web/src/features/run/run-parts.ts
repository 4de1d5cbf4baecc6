import type { LiveState, Plan } from '@hodsman/core';
import type { LiveClass } from '../../live/live-class.ts';

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
}
