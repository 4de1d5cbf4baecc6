import {
  readClassRecord,
  readWorkshop,
  success,
  type ClassNotes,
  type ClassRecord,
  type Result,
  type Workshop,
} from '@hodsman/core';
import { draftActions } from './draft.ts';
import type { AppThunk } from './store.ts';

/**
 * Takes a change of the class if the core accepts it; else says why, and the class stays as it was. `what` names a field that is
 * typed in, so that its keystrokes are undone together.
 */
export const applyEdit =
  (result: Result<Workshop>, what?: string): AppThunk =>
  (dispatch, getState) => {
    const notes = getState().draft?.body.notes;
    const read = result.ok ? readWorkshop(result.value) : result;
    if (!read.ok) dispatch(draftActions.refused(read.faults));
    else if (notes) dispatch(draftActions.edited({ body: { workshop: read.value, notes }, ...(what && { what }) }));
  };

/** The same for a change of the class together with its notes. */
export const applyRecord =
  (result: Result<ClassRecord>): AppThunk =>
  (dispatch) => {
    const read = result.ok ? readClassRecord(result.value) : result;
    dispatch(read.ok ? draftActions.edited({ body: read.value }) : draftActions.refused(read.faults));
  };

/** The same for the notes alone, which change no plan. */
export const applyNotes =
  (part: Partial<ClassNotes>): AppThunk =>
  (dispatch, getState) => {
    const body = getState().draft?.body;
    if (body) dispatch(draftActions.edited({ body: { ...body, notes: { ...body.notes, ...part } } }));
  };

/** A change of the class that needs no working out. */
export const changeClass = (workshop: Workshop, part: Partial<Workshop>, what?: string): AppThunk =>
  applyEdit(success({ ...workshop, ...part }), what);
