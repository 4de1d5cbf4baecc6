import type { ListenerMiddlewareInstance, ThunkDispatch, UnknownAction } from '@reduxjs/toolkit';
import { DOCUMENT_KINDS, openDocument, same } from '@hodsman/core';
import { api, isAway, newSaveId, type StoredDocument } from './api.ts';
import type { SentFault } from './open-document.ts';
import { createOutbox, type Outbox, type SendOutcome, type Sending } from './outbox.ts';
import { REGISTRY, type OpenDocuments } from './registry.ts';
import { forgetUnsaved, keepUnsaved, unsavedSaveId } from './unsaved.ts';

type Dispatch = ThunkDispatch<OpenDocuments, unknown, UnknownAction>;

/** Saves whatever is open whenever it waits to be. */
export function listenForSaving(listeners: ListenerMiddlewareInstance): void {
  let outbox: Outbox | undefined;
  const outboxOf = (dispatch: Dispatch): Outbox => {
    outbox ??= startOutbox(dispatch);
    return outbox;
  };
  const startListening = listeners.startListening.withTypes<OpenDocuments, Dispatch>();
  for (const kind of DOCUMENT_KINDS) {
    const { select } = REGISTRY[kind];
    startListening({
      predicate: (_, now, before) => {
        const open = select(now);
        const was = select(before);
        if (!open || open === was) return false;
        // what has to be decided first is kept all the same
        return open.save.kind === 'waiting' || (open.save.kind !== 'saved' && open.body !== was?.body);
      },
      effect: (_, tools) => {
        const open = select(tools.getState());
        if (!open) return;
        const { id, version, body } = open;
        const dispatch: Dispatch = tools.dispatch;
        const box = outboxOf(dispatch);
        if (open.save.kind === 'waiting') box.put({ kind, id }, version, body, unsavedSaveId({ kind, id }, version));
        else noteStore(dispatch, { kind, id, version, body, saveId: newSaveId() });
      },
    });
  }
}

/** Keeps on this device what is not saved, and says so where there is no room for it. */
function noteStore(dispatch: Dispatch, { kind, id, version, body, saveId }: Sending): void {
  const isFull = !keepUnsaved({ kind, id }, version, body, saveId);
  dispatch(REGISTRY[kind].actions.storeFilled({ id, isFull }));
}

function startOutbox(dispatch: Dispatch): Outbox {
  const outbox = createOutbox({
    send: (save) => send(dispatch, save),
    keep: (save) => noteStore(dispatch, save),
    forget: forgetUnsaved,
    onSending: ({ kind, id }) => dispatch(REGISTRY[kind].actions.saveStands({ id, save: { kind: 'sending' } })),
    onOutcome: (save, outcome) => tell(dispatch, save, outcome),
    newSaveId,
    wait: (ms) => new Promise((resolve) => setTimeout(resolve, ms)),
  });
  addEventListener('online', () => outbox.wakeAll());
  return outbox;
}

/** What an answer that refuses holds. */
interface ProblemBody {
  readonly type?: string;
  readonly detail?: string;
  readonly faults?: readonly SentFault[];
  readonly current?: StoredDocument;
}

async function send(dispatch: Dispatch, save: Sending): Promise<SendOutcome> {
  const { data, error } = await dispatch(api.endpoints.saveDocument.initiate(save));
  if (data) return { kind: 'saved', version: data.version, body: data.body, isWhole: same(data.body, save.body) };
  if (!('status' in error)) return { kind: 'away', why: 'away' };
  const problem = (typeof error.data === 'object' && error.data !== null ? error.data : {}) as ProblemBody;
  if (error.status === 507) return { kind: 'away', why: 'disk-full' };
  if (isAway(error)) return { kind: 'away', why: 'away' };
  if (error.status === 404 || error.status === 410) return { kind: 'gone' };
  if (error.status === 409 && problem.current)
    return { kind: 'conflict', version: problem.current.version, body: problem.current.body };
  const faults = problem.faults ?? [{ path: '', message: problem.detail ?? 'the server does not take it' }];
  return { kind: 'refused', faults };
}

/** Tells the document of the answer, if it is still the one that is open. */
function tell(dispatch: Dispatch, save: Sending, outcome: SendOutcome): void {
  const { kind, id } = save;
  switch (outcome.kind) {
    case 'saved':
      tellSaved(dispatch, save, outcome);
      return;
    case 'conflict':
      tellConflict(dispatch, save, outcome);
      return;
    case 'refused':
      dispatch(REGISTRY[kind].actions.saveStands({ id, save: { kind: 'refused', faults: outcome.faults } }));
      return;
    case 'gone':
      dispatch(REGISTRY[kind].actions.saveStands({ id, save: { kind: 'gone' } }));
      return;
    case 'away':
      dispatch(REGISTRY[kind].actions.saveStands({ id, save: { kind: 'offline', why: outcome.why } }));
  }
}

function tellSaved(
  dispatch: Dispatch,
  { kind, id, body }: Sending,
  outcome: Extract<SendOutcome, { kind: 'saved' }>,
): void {
  // the very object that was sent is what the draft compares itself with
  const stored = (outcome.isWhole ? body : outcome.body) as never;
  dispatch(REGISTRY[kind].actions.savedAs({ id, version: outcome.version, body: stored }));
}

function tellConflict(
  dispatch: Dispatch,
  { kind, id }: Sending,
  { version, body }: Extract<SendOutcome, { kind: 'conflict' }>,
): void {
  const { conflicted, saveStands } = REGISTRY[kind].actions;
  const theirs = openDocument(kind, body);
  if (theirs.ok) dispatch(conflicted({ id, version, body: theirs.value as never }));
  else dispatch(saveStands({ id, save: { kind: 'unreadable', version } }));
}
