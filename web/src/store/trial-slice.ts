import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import type { BrokenRule, Plan } from '@hodsman/core';
import { draftActions } from '../documents/draft.ts';

/** How the class would go with something moved that is not yet let go. */
export interface Trial {
  readonly plan: Plan;
  /** What became impossible. */
  readonly news: readonly BrokenRule[];
}

export const trialShown = createAction<Trial | null>('trial/shown');

export function trialReducer(trial: Trial | null = null, action: UnknownAction): Trial | null {
  // what was let go stays in sight until its plan has come
  if (draftActions.planned.match(action) || draftActions.opened.match(action)) return null;
  return trialShown.match(action) ? action.payload : trial;
}
