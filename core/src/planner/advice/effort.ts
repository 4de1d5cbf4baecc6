import type { Goal } from '../../plan/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import { verdictOf } from '../explain/index.ts';
import { planClass } from '../plan-class.ts';

/** The effort with which advice plans a changed class: many are tried, and each only has to show whether it helps. */
export const EFFORT = 1;

/** The effort with which a class is planned once a change is taken. */
const TAKEN_EFFORT = 3;

/**
 * Whether a changed class fits when it is planned as it will be once the change is taken: from nothing, without what was known while it
 * was tried. What does not is no promise.
 */
export const holdsWhenTaken = (workshop: Workshop, goal: Goal): boolean =>
  verdictOf(workshop, planClass(workshop, { effort: TAKEN_EFFORT, goal })).fits;
