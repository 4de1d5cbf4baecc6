import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import type { Fault } from '@hodsman/core';
import * as kept from './kept.ts';

/** State and actions of a document that is open and needs nothing beside being kept: a kitchen, a pantry. */
export function keptSlice<T>(name: string) {
  type Open = kept.Kept<T> | null;
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
  const reducer = (open: Open | undefined, action: UnknownAction): Open => {
    if (actions.opened.match(action)) return kept.opened(action.payload);
    if (!open) return null;
    if (actions.edited.match(action)) return kept.edited(open, action.payload.body, action.payload.what ?? null);
    if (actions.refused.match(action)) return { ...open, refused: action.payload };
    if (actions.undone.match(action)) return kept.undone(open);
    if (actions.redone.match(action)) return kept.redone(open);
    if (actions.savedAs.match(action)) return kept.savedAs(open, action.payload.version, action.payload.body);
    if (actions.saveFailed.match(action)) return { ...open, saveState: 'waiting' };
    if (actions.conflicted.match(action)) return kept.conflicted(open, action.payload.version, action.payload.body);
    if (actions.keptMine.match(action)) return kept.keptMine(open);
    if (actions.tookTheirs.match(action)) return kept.tookTheirs(open);
    if (actions.tookBoth.match(action)) return kept.tookBoth(open, action.payload);
    return open;
  };
  return { actions, reducer };
}
