import { withoutPin, withPins, type Aim, type Pin, type PlanTask } from '@hodsman/core';
import { applyNotes } from './edit.ts';
import type { AppThunk } from '../store/store.ts';

/** What somebody asks of the plan; each is one step of undo. */

/** Starts that were chosen; `what` names a start that is moved step by step, so that its steps are undone together. */
export const pinTasks =
  (pins: readonly Pin[], what?: string): AppThunk =>
  (dispatch, getState) => {
    const shaping = getState().draft?.body.notes.shaping;
    if (shaping) dispatch(applyNotes({ shaping: withPins(shaping, pins) }, what));
  };

/** A start that is moved by steps: from where it was pinned last, since the plan of that may not have come yet. */
export const nudge =
  (task: PlanTask, bySec: number): AppThunk =>
  (dispatch, getState) => {
    const pin = getState().draft?.body.notes.shaping.pins.find((p) => p.task === task.id);
    const startSec = (pin?.startSec ?? task.startSec) + bySec;
    dispatch(pinTasks([{ task: task.id, startSec }], `pin ${task.id}`));
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
