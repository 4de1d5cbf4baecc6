import type { Fault } from '@hodsman/core';

/** How a document that is open stands to what is stored. */
export type SaveState = 'saved' | 'waiting' | 'conflict';

/** A document that is open: what it is now, what it was, and how it is saved. */
export interface Kept<T> {
  readonly id: string;
  /** The version on the server that it goes back to. */
  readonly version: number;
  readonly body: T;
  /** What the server holds under that version; null where only the change over it was kept. */
  readonly stored: T | null;
  readonly past: readonly T[];
  readonly future: readonly T[];
  readonly saveState: SaveState;
  /** What somebody else saved meanwhile. */
  readonly theirs: { readonly version: number; readonly body: T } | null;
  /** Why the last change was not taken. */
  readonly refused: readonly Fault[];
  /** What the last edit changed; further edits of the same are one step of undo. */
  readonly lastEdit: string | null;
}

const MOST_STEPS_BACK = 100;

/** What a document is opened with; `isUnsaved` when `body` holds a change that the server has not. */
export interface Opening<T> {
  readonly id: string;
  readonly version: number;
  readonly body: T;
  readonly stored: T | null;
  readonly isUnsaved: boolean;
}

export function opened<T>({ id, version, body, stored, isUnsaved }: Opening<T>): Kept<T> {
  return {
    id,
    version,
    body,
    stored,
    past: [],
    future: [],
    saveState: isUnsaved ? 'waiting' : 'saved',
    theirs: null,
    refused: [],
    lastEdit: null,
  };
}

/** The document with another body in it, to be saved. */
function changed<T, K extends Kept<T>>(kept: K, body: T): K {
  return {
    ...kept,
    body,
    refused: [],
    lastEdit: null,
    saveState: kept.saveState === 'conflict' ? 'conflict' : 'waiting',
  };
}

/** The document after an edit; `what` names a field that is typed in, so that its keystrokes are undone together. */
export function edited<T, K extends Kept<T>>(kept: K, body: T, what: string | null = null): K {
  const isSameEdit = what !== null && what === kept.lastEdit;
  const past = isSameEdit ? kept.past : [...kept.past, kept.body].slice(-MOST_STEPS_BACK);
  return { ...changed<T, K>(kept, body), past, future: [], lastEdit: what };
}

export function undone<T, K extends Kept<T>>(kept: K): K {
  const before = kept.past.at(-1);
  if (before === undefined) return kept;
  return { ...changed<T, K>(kept, before), past: kept.past.slice(0, -1), future: [kept.body, ...kept.future] };
}

export function redone<T, K extends Kept<T>>(kept: K): K {
  const after = kept.future[0];
  if (after === undefined) return kept;
  return { ...changed<T, K>(kept, after), past: [...kept.past, kept.body], future: kept.future.slice(1) };
}

/** What was saved is saved only when it still stands there. */
export function savedAs<T, K extends Kept<T>>(kept: K, version: number, body: T): K {
  return { ...kept, version, stored: body, saveState: kept.body === body ? 'saved' : 'waiting' };
}

export function conflicted<T, K extends Kept<T>>(kept: K, version: number, body: T): K {
  return { ...kept, saveState: 'conflict', theirs: { version, body } };
}

/** Ours goes over theirs. */
export function keptMine<T, K extends Kept<T>>(kept: K): K {
  if (!kept.theirs) return kept;
  const { version, body } = kept.theirs;
  return { ...kept, version, stored: body, theirs: null, saveState: 'waiting' };
}

/** Theirs takes the place of ours, which is one step back. */
export function tookTheirs<T, K extends Kept<T>>(kept: K): K {
  if (!kept.theirs) return kept;
  const { version, body } = kept.theirs;
  return {
    ...changed(kept, body),
    version,
    stored: body,
    past: [...kept.past, kept.body],
    future: [],
    theirs: null,
    saveState: 'saved',
  };
}

/** Both their changes and ours, put together; ours alone is one step back. */
export function tookBoth<T, K extends Kept<T>>(kept: K, both: T): K {
  const mine = keptMine<T, K>(kept);
  return mine === kept ? kept : edited<T, K>(mine, both);
}
