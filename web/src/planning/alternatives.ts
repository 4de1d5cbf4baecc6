import {
  dropAlternative,
  keepAlternative,
  renameAlternative,
  takeAlternative,
  type Alternative,
  type ClassRecord,
} from '@hodsman/core';
import { draftActions } from '../documents/draft.ts';
import type { AppThunk } from '../store/store.ts';

/** A change of the class with its alternatives, which were read when they were made. */
const change =
  (make: (record: ClassRecord) => ClassRecord, what?: string): AppThunk =>
  (dispatch, getState) => {
    const body = getState().draft?.body;
    const next = body && make(body);
    if (next && next !== body) dispatch(draftActions.edited({ body: next, ...(what !== undefined && { what }) }));
  };

/** Keeps a class beside the one that is open: to be compared, and taken or dropped. */
export const keep = (made: Omit<Alternative, 'id'>): AppThunk => change((r) => keepAlternative(r, made));
/** Keeps the class as it is, to go on from here and come back. */
export const keepAsItStands = (): AppThunk =>
  change((r) => keepAlternative(r, { name: 'as it stood', workshop: r.workshop, shaping: r.notes.shaping }));
export const take = (id: string): AppThunk => change((r) => takeAlternative(r, id));
export const drop = (id: string): AppThunk => change((r) => dropAlternative(r, id));
export const rename = (id: string, name: string): AppThunk =>
  change((r) => renameAlternative(r, id, name), `name ${id}`);
