import { withoutPin, withPins, type Aim, type Pin } from '@hodsman/core';
import { applyNotes } from './edit.ts';
import type { AppThunk } from './store.ts';

/** What somebody asks of the plan; each is one step of undo. */

/** Starts that were chosen; `what` names a start that is moved step by step, so that its steps are undone together. */
export const pinTasks =
  (pins: readonly Pin[], what?: string): AppThunk =>
  (dispatch, getState) => {
    const shaping = getState().draft?.body.notes.shaping;
    if (shaping) dispatch(applyNotes({ shaping: withPins(shaping, pins) }, what));
  };

export const releasePin =
  (task: string): AppThunk =>
  (dispatch, getState) => {
    const shaping = getState().draft?.body.notes.shaping;
    if (shaping) dispatch(applyNotes({ shaping: withoutPin(shaping, task) }));
  };

export const releaseAllPins = (): AppThunk => (dispatch, getState) => {
  const shaping = getState().draft?.body.notes.shaping;
  if (shaping) dispatch(applyNotes({ shaping: { ...shaping, pins: [] } }));
};

export const chooseAim =
  (aim: Aim): AppThunk =>
  (dispatch, getState) => {
    const shaping = getState().draft?.body.notes.shaping;
    if (shaping) dispatch(applyNotes({ shaping: { ...shaping, aim } }));
  };
