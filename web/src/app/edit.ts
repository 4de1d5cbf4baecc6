import { readWorkshop, type Result, type Workshop } from '@hodsman/core';
import { draftActions } from './draft.ts';
import type { AppDispatch } from './store.ts';

/** Takes a change of the class if the core accepts it; else says why, and the class stays as it was. */
export const applyEdit =
  (result: Result<Workshop>) =>
  (dispatch: AppDispatch): void => {
    const read = result.ok ? readWorkshop(result.value) : result;
    dispatch(read.ok ? draftActions.edited(read.value) : draftActions.refused(read.faults));
  };
