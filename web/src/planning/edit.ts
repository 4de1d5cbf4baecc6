import {
  readClassRecord,
  readWorkshop,
  success,
  withFreeWords,
  type ClassNotes,
  type ClassRecord,
  type Result,
  type Workshop,
} from '@hodsman/core';
import { copyWithStructuralSharing } from '@reduxjs/toolkit/query';
import { draftActions } from '../documents/draft.ts';
import type { AppThunk } from '../store/store.ts';

/** What was read anew, with every part that is as before being the very same: what shows only such a part is not drawn again. */
const sharing = <T>(before: T | undefined, after: T): T => copyWithStructuralSharing<T>(before, after);

/**
 * Takes a change of the class if the core accepts it; else says why, and the class stays as it was. `what` names a field that is
 * typed in, so that its keystrokes are undone together.
 */
export const applyEdit =
  (result: Result<Workshop>, what?: string): AppThunk =>
  (dispatch, getState) => {
    const body = getState().draft?.body;
    const read = result.ok ? readWorkshop(result.value) : result;
    if (!read.ok) dispatch(draftActions.refused(read.faults, result.ok ? result.value : undefined));
    else if (body) {
      const workshop = sharing(body.workshop, withFreeWords(read.value));
      dispatch(draftActions.edited({ body: { ...body, workshop }, ...(what && { what }) }));
    }
  };

/** The same for a change of the class together with its notes. */
export const applyRecord =
  (result: Result<ClassRecord>): AppThunk =>
  (dispatch, getState) => {
    const before = getState().draft?.body;
    const read = result.ok ? readClassRecord(result.value) : result;
    if (!read.ok) {
      dispatch(draftActions.refused(read.faults, result.ok ? result.value : undefined));
      return;
    }
    const body = { ...read.value, workshop: withFreeWords(read.value.workshop) };
    dispatch(draftActions.edited({ body: sharing(before, body) }));
  };

/** The same for the notes alone. Only a change of the shaping among them plans the class anew. */
export const applyNotes =
  (part: Partial<ClassNotes>, what?: string): AppThunk =>
  (dispatch, getState) => {
    const body = getState().draft?.body;
    if (!body) return;
    const notes = { ...body.notes, ...part };
    dispatch(draftActions.edited({ body: { ...body, notes }, ...(what && { what }) }));
  };

/** The same for a change of the class as it is now, for those who do not hold it. */
export const editClass =
  (change: (workshop: Workshop) => Result<Workshop>): AppThunk =>
  (dispatch, getState) => {
    const workshop = getState().draft?.body.workshop;
    if (workshop) dispatch(applyEdit(change(workshop)));
  };

/** The same for a change of the class together with its notes. */
export const editRecord =
  (change: (record: ClassRecord) => Result<ClassRecord>): AppThunk =>
  (dispatch, getState) => {
    const record = getState().draft?.body;
    if (record) dispatch(applyRecord(change(record)));
  };

/** A change of the class that needs no working out. */
export const changeClass = (workshop: Workshop, part: Partial<Workshop>, what?: string): AppThunk =>
  applyEdit(success({ ...workshop, ...part }), what);
