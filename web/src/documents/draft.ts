import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import type { ClassRecord, Plan } from '@hodsman/core';
import { documentSlice } from './document-slice.ts';
import * as document from './open-document.ts';

/** The class that is open, with its latest plan. */
export interface Draft extends document.OpenDocument<ClassRecord> {
  readonly plan: Plan | null;
  /** The plan is of an earlier state of the class; the next is being made. */
  readonly isPlanning: boolean;
  /** Plans that have come so far, first ones and final ones. */
  readonly plansCome: number;
}

const slice = documentSlice<ClassRecord>('draft');
const planned = createAction<{ readonly plan: Plan; readonly isFinal: boolean }>('draft/planned');
export const draftActions = { ...slice.actions, planned };

/** A class is kept as any document is; besides, whenever it or its shaping changes it is planned anew. Other notes change no plan. */
export function draftReducer(draft: Draft | null = null, action: UnknownAction): Draft | null {
  if (draftActions.opened.match(action))
    return document.isHeld(draft, action.payload)
      ? draft
      : { ...document.opened(action.payload), plan: null, isPlanning: true, plansCome: 0 };
  if (!draft || draftActions.closed.match(action)) return null;
  if (planned.match(action)) {
    const { plan, isFinal } = action.payload;
    return { ...draft, plan, isPlanning: !isFinal, plansCome: draft.plansCome + 1 };
  }
  const next = slice.reducer(draft, action);
  const isSame = next.body.workshop === draft.body.workshop && next.body.notes.shaping === draft.body.notes.shaping;
  return isSame ? next : { ...next, isPlanning: true };
}
