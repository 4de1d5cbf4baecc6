import type { ListenerMiddlewareInstance, UnknownAction } from '@reduxjs/toolkit';
import { readBread, readClassRecord, readKitchen, readPantry, type Result } from '@hodsman/core';
import { api, type DocumentKind, type StoredDocument } from './api.ts';
import { breadActions } from './bread-draft.ts';
import { draftActions } from './draft.ts';
import type { Kept } from './kept.ts';
import { kitchenActions } from './kitchen-draft.ts';
import { pantryActions } from './pantry-draft.ts';
import type { AppDispatch, RootState } from './store.ts';
import { forgetUnsaved, keepUnsaved } from './unsaved.ts';

const RETRY_MS = 3_000;
/** A figure that is being typed is saved once the hand rests; until then the browser keeps it. */
const CALM_MS = 250;
const CONFLICT = 409;

interface Saved<T> {
  readonly kind: DocumentKind;
  readonly select: (state: unknown) => Kept<T> | null;
  readonly read: (value: unknown) => Result<T>;
  readonly savedAs: (payload: { version: number; body: T }) => UnknownAction;
  readonly conflicted: (payload: { version: number; body: T }) => UnknownAction;
  readonly saveFailed: () => UnknownAction;
}

/** Saves whatever is open whenever it waits to be. */
export function listenForSaving(listeners: ListenerMiddlewareInstance): void {
  keepSaved(listeners, {
    kind: 'class',
    select: (state) => (state as RootState).draft,
    read: readClassRecord,
    ...draftActions,
  });
  keepSaved(listeners, {
    kind: 'bread',
    select: (state) => (state as RootState).bread,
    read: readBread,
    ...breadActions,
  });
  keepSaved(listeners, {
    kind: 'kitchen',
    select: (state) => (state as RootState).kitchen,
    read: readKitchen,
    ...kitchenActions,
  });
  keepSaved(listeners, {
    kind: 'pantry',
    select: (state) => (state as RootState).pantry,
    read: readPantry,
    ...pantryActions,
  });
}

/** One save at a time, the newest state next, again after a while where the server is away. */
function keepSaved<T>(listeners: ListenerMiddlewareInstance, saved: Saved<T>): void {
  const failed = saved.saveFailed().type;
  const isSaving = { now: false };
  listeners.startListening({
    predicate: (_, now, before) =>
      saved.select(now)?.saveState === 'waiting' && saved.select(now) !== saved.select(before),
    effect: async (action, tools) => {
      const kept = saved.select(tools.getState());
      if (!kept) return;
      keepUnsaved(kept.id, kept.version, kept.body);
      tools.cancelActiveListeners();
      await tools.delay(action.type === failed ? RETRY_MS : CALM_MS);
      await save(saved, isSaving, () => tools.getState(), tools.dispatch as AppDispatch);
    },
  });
}

async function save<T>(
  saved: Saved<T>,
  isSaving: { now: boolean },
  getState: () => unknown,
  dispatch: AppDispatch,
): Promise<void> {
  const kept = saved.select(getState());
  if (isSaving.now || kept?.saveState !== 'waiting') return;
  isSaving.now = true;
  const { id, version, body } = kept;
  const outcome = await dispatch(api.endpoints.saveDocument.initiate({ kind: saved.kind, id, version, body }));
  isSaving.now = false;
  if (outcome.data) {
    if (saved.select(getState())?.body === body) forgetUnsaved(id);
    dispatch(saved.savedAs({ version: outcome.data.version, body }));
  } else if ('status' in outcome.error && outcome.error.status === CONFLICT) {
    const { current } = outcome.error.data as { current: StoredDocument };
    const theirs = saved.read(current.body);
    if (theirs.ok) dispatch(saved.conflicted({ version: current.version, body: theirs.value }));
  } else dispatch(saved.saveFailed());
}
