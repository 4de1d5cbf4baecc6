import type { ListenerMiddlewareInstance } from '@reduxjs/toolkit';
import { readWorkshop } from '@hodsman/core';
import { api, type ClassDocument } from './api.ts';
import { draftActions, type Draft } from './draft.ts';
import type { AppDispatch } from './store.ts';
import { forgetUnsaved, keepUnsaved } from './unsaved.ts';

const RETRY_MS = 3_000;
const CONFLICT = 409;

const draftOf = (state: unknown): Draft | null => (state as { readonly draft: Draft | null }).draft;

/** Saves the draft whenever it waits to be: one save at a time, the newest state next, again after a while where the server is away. */
export function listenForSaving(listeners: ListenerMiddlewareInstance): void {
  listeners.startListening({
    predicate: (_, now, before) => draftOf(now)?.saveState === 'waiting' && draftOf(now) !== draftOf(before),
    effect: async (action, tools) => {
      const draft = draftOf(tools.getState());
      if (!draft) return;
      keepUnsaved(draft.id, draft.version, draft.workshop);
      if (draftActions.saveFailed.match(action)) {
        tools.cancelActiveListeners();
        await tools.delay(RETRY_MS);
      }
      await save(() => tools.getState(), tools.dispatch as AppDispatch);
    },
  });
}

let isSaving = false;

async function save(getState: () => unknown, dispatch: AppDispatch): Promise<void> {
  const draft = draftOf(getState());
  if (isSaving || draft?.saveState !== 'waiting') return;
  isSaving = true;
  const { id, version, workshop } = draft;
  const outcome = await dispatch(api.endpoints.saveClass.initiate({ id, version, body: workshop }));
  isSaving = false;
  if (outcome.data) {
    if (draftOf(getState())?.workshop === workshop) forgetUnsaved(id);
    dispatch(draftActions.savedAs({ version: outcome.data.version, workshop }));
  } else if ('status' in outcome.error && outcome.error.status === CONFLICT) {
    const { current } = outcome.error.data as { current: ClassDocument };
    const theirs = readWorkshop(current.body);
    if (theirs.ok) dispatch(draftActions.conflicted({ version: current.version, workshop: theirs.value }));
  } else dispatch(draftActions.saveFailed());
}
