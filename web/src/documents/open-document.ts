import type { DocumentKind, Fault } from '@hodsman/core';

/** A fault as the server sends it: already in words. */
export interface SentFault {
  readonly path: string;
  readonly message: string;
}

/** How a document that is open differs from what is stored. */
export type SaveState =
  | { readonly kind: 'saved' }
  /** Changed, and about to be sent. */
  | { readonly kind: 'waiting' }
  | { readonly kind: 'sending' }
  /** The server was not reached, or has no room; it is tried again by itself. */
  | { readonly kind: 'offline'; readonly why: 'away' | 'disk-full' }
  /** Somebody else saved meanwhile. */
  | { readonly kind: 'conflict' }
  /** The server does not take it as it is; the next change is tried again. */
  | { readonly kind: 'refused'; readonly faults: readonly SentFault[] }
  /** It was removed elsewhere. */
  | { readonly kind: 'gone' }
  /** What somebody else saved meanwhile cannot be read here. */
  | { readonly kind: 'unreadable'; readonly version: number };

const SAVED: SaveState = { kind: 'saved' };
const WAITING: SaveState = { kind: 'waiting' };

/** A document that is open: what it is now, what it was, and how it is saved. */
export interface OpenDocument<T> {
  readonly id: string;
  /** The version on the server that it goes back to. */
  readonly version: number;
  readonly body: T;
  /** What the server holds under that version; null where only the change over it was kept. */
  readonly stored: T | null;
  readonly past: readonly T[];
  readonly future: readonly T[];
  readonly save: SaveState;
  /** The browser has no room to keep what is not saved yet. */
  readonly isStoreFull: boolean;
  /** What somebody else saved meanwhile. */
  readonly theirs: { readonly version: number; readonly body: T } | null;
  /** Why the last change was not taken. */
  readonly refused: readonly Fault[];
  /** What it was to hold: where the faults are is said in its words. Undefined where that is not known. */
  readonly tried: unknown;
  /** What the last edit changed; further edits of the same are one step of undo. */
  readonly lastEdit: string | null;
}

const MOST_STEPS_BACK = 100;

/** A document by kind and id. */
export interface DocumentName {
  readonly kind: DocumentKind;
  readonly id: string;
}

/** What a document is opened with; `isUnsaved` when `body` holds a change that the server has not. */
export interface Opening<T> {
  readonly id: string;
  readonly version: number;
  readonly body: T;
  readonly stored: T | null;
  readonly isUnsaved: boolean;
}

export function opened<T>({ id, version, body, stored, isUnsaved }: Opening<T>): OpenDocument<T> {
  return {
    id,
    version,
    body,
    stored,
    past: [],
    future: [],
    save: isUnsaved ? WAITING : SAVED,
    isStoreFull: false,
    theirs: null,
    refused: [],
    tried: undefined,
    lastEdit: null,
  };
}

/**
 * Whether what came to be opened is open already, in this state or a later one: an answer that was under way while a save was may hold
 * less than what is there, and its steps back and its plan are kept. What was removed is opened anew, since it may have been restored.
 */
export function isHeld<T>(open: OpenDocument<T> | null | undefined, opening: Opening<T>): boolean {
  if (open?.id !== opening.id || open.save.kind === 'gone') return false;
  const isLater = open.save.kind !== 'saved' || open.version >= opening.version;
  return isLater && (open.stored !== null || opening.stored === null);
}

/** How it is saved once it holds something else: trouble that somebody has to decide stays, all else is tried anew. */
function afterChange(save: SaveState): SaveState {
  switch (save.kind) {
    case 'conflict':
    case 'gone':
    case 'unreadable':
      return save;
    case 'saved':
    case 'waiting':
    case 'sending':
    case 'offline':
    case 'refused':
      return { kind: 'waiting' };
  }
}

/** The document with another body in it, to be saved. */
function changed<T, D extends OpenDocument<T>>(open: D, body: T): D {
  return { ...open, body, refused: [], tried: undefined, lastEdit: null, save: afterChange(open.save) };
}

/** The document after an edit; `what` names a field that is typed in, so that its keystrokes are undone together. */
export function edited<T, D extends OpenDocument<T>>(open: D, body: T, what: string | null = null): D {
  const isSameEdit = what !== null && what === open.lastEdit;
  const past = isSameEdit ? open.past : [...open.past, open.body].slice(-MOST_STEPS_BACK);
  return { ...changed<T, D>(open, body), past, future: [], lastEdit: what };
}

export function undone<T, D extends OpenDocument<T>>(open: D): D {
  const before = open.past.at(-1);
  if (before === undefined) return open;
  return { ...changed<T, D>(open, before), past: open.past.slice(0, -1), future: [open.body, ...open.future] };
}

export function redone<T, D extends OpenDocument<T>>(open: D): D {
  const after = open.future[0];
  if (after === undefined) return open;
  return { ...changed<T, D>(open, after), past: [...open.past, open.body], future: open.future.slice(1) };
}

/** What was saved is saved only when it is still there; trouble that came since stays. */
export function savedAs<T, D extends OpenDocument<T>>(open: D, version: number, body: T): D {
  const save = open.body === body ? SAVED : afterChange(open.save);
  return { ...open, version, stored: body, save, isStoreFull: false };
}

export function conflicted<T, D extends OpenDocument<T>>(open: D, version: number, body: T): D {
  return { ...open, save: { kind: 'conflict' }, theirs: { version, body } };
}

/** Ours goes over theirs, also over what cannot be read here. */
export function keptMine<T, D extends OpenDocument<T>>(open: D): D {
  if (open.save.kind === 'unreadable') return { ...open, version: open.save.version, stored: null, save: WAITING };
  if (!open.theirs) return open;
  const { version, body } = open.theirs;
  return { ...open, version, stored: body, theirs: null, save: WAITING };
}

/** Theirs takes the place of ours, which is one step back. */
export function tookTheirs<T, D extends OpenDocument<T>>(open: D): D {
  if (!open.theirs) return open;
  const { version, body } = open.theirs;
  return {
    ...changed(open, body),
    version,
    stored: body,
    past: [...open.past, open.body],
    future: [],
    theirs: null,
    save: SAVED,
  };
}

/** Both their changes and ours, put together; ours alone is one step back. */
export function tookBoth<T, D extends OpenDocument<T>>(open: D, both: T): D {
  const mine = keptMine<T, D>(open);
  return mine === open ? open : edited<T, D>(mine, both);
}
