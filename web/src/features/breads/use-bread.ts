import { useCallback } from 'react';
import { useOutletContext } from 'react-router';
import { readBread, type Bread, type Circumstances } from '@hodsman/core';
import { breadActions } from '../../documents/bread-draft.ts';
import { useAppDispatch } from '../../store/hooks.ts';

/** What the tabs of a bread share: the bread, how to change it, and the circumstances in which its times are reckoned. */
export interface BreadContext {
  readonly bread: Bread;
  readonly at: Circumstances;
  readonly setAt: (at: Circumstances) => void;
}

export const useBreadContext = (): BreadContext => useOutletContext<BreadContext>();

/** Changes the bread that is open, if the core accepts it; `what` names a field that is typed in, so that it is undone in one step. */
export function useEditBread(): (bread: Bread, what?: string) => void {
  const dispatch = useAppDispatch();
  return useCallback(
    (bread, what) => {
      const read = readBread(bread);
      if (!read.ok) dispatch(breadActions.refused(read.faults, bread));
      else dispatch(breadActions.edited({ body: read.value, ...(what === undefined ? {} : { what }) }));
    },
    [dispatch],
  );
}
