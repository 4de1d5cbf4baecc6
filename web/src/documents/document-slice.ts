import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import type { Fault } from '@hodsman/core';
import * as document from './open-document.ts';
import type { OpenDocument, Opening, SaveState } from './open-document.ts';

/** An answer of a save names the document that it is about: another that was opened meanwhile takes no notice. */
export interface Answer {
  readonly id: string;
}

/**
 * Actions of a document that is open, and what each makes of it; what stands beside the common parts stays. The reducers are plain
 * functions: a class and its plan are large, and a draft of every change would walk through all of it at every key.
 */
export function documentSlice<T>(name: string) {
  const actions = {
    opened: createAction<Opening<T>>(`${name}/opened`),
    closed: createAction(`${name}/closed`),
    edited: createAction<{ readonly body: T; readonly what?: string }>(`${name}/edited`),
    refused: createAction(`${name}/refused`, (faults: readonly Fault[], tried?: unknown) => ({
      payload: { faults, tried },
    })),
    undone: createAction(`${name}/undone`),
    redone: createAction(`${name}/redone`),
    savedAs: createAction<Answer & { readonly version: number; readonly body: T }>(`${name}/savedAs`),
    conflicted: createAction<Answer & { readonly version: number; readonly body: T }>(`${name}/conflicted`),
    saveStands: createAction<Answer & { readonly save: SaveState }>(`${name}/saveStands`),
    storeFilled: createAction<Answer & { readonly isFull: boolean }>(`${name}/storeFilled`),
    keptMine: createAction(`${name}/keptMine`),
    tookTheirs: createAction(`${name}/tookTheirs`),
    tookBoth: createAction<T>(`${name}/tookBoth`),
  };
  const isOther = (open: OpenDocument<T>, { id }: Answer): boolean => open.id !== id;
  const reducer = <D extends OpenDocument<T>>(open: D, action: UnknownAction): D => {
    if (actions.edited.match(action))
      return document.edited<T, D>(open, action.payload.body, action.payload.what ?? null);
    if (actions.refused.match(action)) return { ...open, refused: action.payload.faults, tried: action.payload.tried };
    if (actions.undone.match(action)) return document.undone<T, D>(open);
    if (actions.redone.match(action)) return document.redone<T, D>(open);
    if (actions.savedAs.match(action))
      return isOther(open, action.payload)
        ? open
        : document.savedAs<T, D>(open, action.payload.version, action.payload.body);
    if (actions.conflicted.match(action))
      return isOther(open, action.payload)
        ? open
        : document.conflicted<T, D>(open, action.payload.version, action.payload.body);
    if (actions.saveStands.match(action))
      return isOther(open, action.payload) ? open : { ...open, save: action.payload.save };
    if (actions.storeFilled.match(action)) {
      const { isFull } = action.payload;
      return isOther(open, action.payload) || open.isStoreFull === isFull ? open : { ...open, isStoreFull: isFull };
    }
    if (actions.keptMine.match(action)) return document.keptMine<T, D>(open);
    if (actions.tookTheirs.match(action)) return document.tookTheirs<T, D>(open);
    if (actions.tookBoth.match(action)) return document.tookBoth<T, D>(open, action.payload as T);
    return open;
  };
  /** The reducer of a document that has nothing beside the common parts. */
  const alone = (open: OpenDocument<T> | null | undefined, action: UnknownAction): OpenDocument<T> | null => {
    if (actions.opened.match(action))
      return open && document.isHeld(open, action.payload) ? open : document.opened(action.payload);
    if (!open || actions.closed.match(action)) return null;
    return reducer(open, action);
  };
  return { actions, reducer, alone };
}
