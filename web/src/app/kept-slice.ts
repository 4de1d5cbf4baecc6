import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import type { Fault } from '@hodsman/core';
import * as kept from './kept.ts';

/**
 * Actions of a document that is open, and what each makes of it; what stands beside the kept parts stays. The reducers are plain
 * functions: a class and its plan are large, and a draft of every change would walk through all of it at every key.
 */
export function keptSlice<T>(name: string) {
  const actions = {
    opened: createAction<kept.Opening<T>>(`${name}/opened`),
    edited: createAction<{ readonly body: T; readonly what?: string }>(`${name}/edited`),
    refused: createAction<readonly Fault[]>(`${name}/refused`),
    undone: createAction(`${name}/undone`),
    redone: createAction(`${name}/redone`),
    savedAs: createAction<{ readonly version: number; readonly body: T }>(`${name}/savedAs`),
    saveFailed: createAction(`${name}/saveFailed`),
    conflicted: createAction<{ readonly version: number; readonly body: T }>(`${name}/conflicted`),
    keptMine: createAction(`${name}/keptMine`),
    tookTheirs: createAction(`${name}/tookTheirs`),
    tookBoth: createAction<T>(`${name}/tookBoth`),
  };
  const reducer = <K extends kept.Kept<T>>(open: K, action: UnknownAction): K => {
    if (actions.edited.match(action)) return kept.edited<T, K>(open, action.payload.body, action.payload.what ?? null);
    if (actions.refused.match(action)) return { ...open, refused: action.payload };
    if (actions.undone.match(action)) return kept.undone<T, K>(open);
    if (actions.redone.match(action)) return kept.redone<T, K>(open);
    if (actions.savedAs.match(action)) return kept.savedAs<T, K>(open, action.payload.version, action.payload.body);
    if (actions.saveFailed.match(action)) return { ...open, saveState: 'waiting' };
    if (actions.conflicted.match(action))
      return kept.conflicted<T, K>(open, action.payload.version, action.payload.body);
    if (actions.keptMine.match(action)) return kept.keptMine<T, K>(open);
    if (actions.tookTheirs.match(action)) return kept.tookTheirs<T, K>(open);
    if (actions.tookBoth.match(action)) return kept.tookBoth<T, K>(open, action.payload as T);
    return open;
  };
  /** The reducer of a document that has nothing beside the kept parts. */
  const alone = (open: kept.Kept<T> | null | undefined, action: UnknownAction): kept.Kept<T> | null => {
    if (actions.opened.match(action)) return kept.opened(action.payload);
    return open ? reducer(open, action) : null;
  };
  return { actions, reducer, alone };
}
