import type { DocumentName, SentFault } from './open-document.ts';

/** What came of sending a save. */
export type SendOutcome =
  /** `isWhole`: what was written is what was sent, and not an earlier state that went under the same name. */
  | { readonly kind: 'saved'; readonly version: number; readonly isWhole: boolean; readonly body: unknown }
  | { readonly kind: 'conflict'; readonly version: number; readonly body: unknown }
  | { readonly kind: 'refused'; readonly faults: readonly SentFault[] }
  | { readonly kind: 'gone' }
  /** Nothing is known of it: it may have been saved, or not. */
  | { readonly kind: 'away'; readonly why: 'away' | 'disk-full' };

/** A save as it is sent. The same `saveId` again is the same save. */
export interface Sending extends DocumentName {
  readonly version: number;
  readonly body: unknown;
  readonly saveId: string;
}

export interface OutboxParts {
  readonly send: (save: Sending) => Promise<SendOutcome>;
  /** Keeps what is to be saved on this device until its end is known. */
  readonly keep: (save: Sending) => void;
  readonly forget: (name: DocumentName) => void;
  readonly onSending: (name: DocumentName) => void;
  readonly onOutcome: (save: Sending, outcome: SendOutcome) => void;
  readonly newSaveId: () => string;
  readonly wait: (ms: number) => Promise<void>;
}

/** A figure that is being typed is saved once the hand rests; until then the browser keeps it. */
const CALM_MS = 250;
const RETRY_MS = [1_000, 2_000, 3_000, 5_000, 10_000] as const;

/** What is to be sent of one document. */
interface Entry {
  readonly name: DocumentName;
  /** The version over which the next save goes. */
  version: number;
  body: unknown;
  /** The name of the next save. It stays until something is known of it, so that a repeated save is known as the same. */
  saveId: string;
  isSending: boolean;
  isCalm: boolean;
  /** Ends a wait before its time. */
  wake: () => void;
}

/**
 * Sends what is changed, for each document by itself: one save at a time, the newest state next, again after a while where the server is
 * away. A document need not be open any more. A save of which nothing is known is repeated under its own name until something is, so
 * that nobody's own change comes back as somebody else's.
 */
export function createOutbox(parts: OutboxParts) {
  const entries = new Map<string, Entry>();
  const keyOf = ({ kind, id }: DocumentName): string => `${kind} ${id}`;
  const isThere = (entry: Entry): boolean => entries.get(keyOf(entry.name)) === entry;
  const keep = ({ name, version, body, saveId }: Entry): void => parts.keep({ ...name, version, body, saveId });

  const pause = async (entry: Entry, ms: number): Promise<void> => {
    await Promise.race([parts.wait(ms), new Promise<void>((wake) => (entry.wake = wake))]);
  };
  const calm = async (entry: Entry): Promise<void> => {
    while (!entry.isCalm) {
      entry.isCalm = true;
      await pause(entry, CALM_MS);
    }
  };

  /** Sends the newest state once; gives whether there is more to send, and after what time. */
  const sendOnce = async (entry: Entry, tries: number): Promise<number | undefined> => {
    const { name, version, body, saveId } = entry;
    const save: Sending = { ...name, version, body, saveId };
    entry.isSending = true;
    parts.onSending(name);
    const outcome = await parts.send(save);
    entry.isSending = false;
    if (!isThere(entry)) return undefined;
    let more: number | undefined;
    if (outcome.kind === 'away') more = RETRY_MS[Math.min(tries, RETRY_MS.length - 1)];
    else {
      entry.saveId = parts.newSaveId();
      if (outcome.kind === 'saved') entry.version = outcome.version;
      const isDone = entry.body === body && (outcome.kind !== 'saved' || outcome.isWhole);
      if (!isDone && (outcome.kind === 'saved' || outcome.kind === 'refused')) more = 0;
    }
    // what somebody has to decide ends the sending, and stays kept
    if (more === undefined) entries.delete(keyOf(name));
    if (more === undefined && outcome.kind === 'saved') parts.forget(name);
    else keep(entry);
    parts.onOutcome(save, outcome);
    return more;
  };

  const run = async (entry: Entry): Promise<void> => {
    for (let tries = 0; isThere(entry); tries++) {
      await calm(entry);
      if (!isThere(entry)) return;
      const waitMs = await sendOnce(entry, tries);
      if (waitMs === undefined) return;
      if (waitMs === 0) tries = -1;
      else await pause(entry, waitMs);
    }
  };

  return {
    /** Puts in the newest state of a document over a version; `saveId` where a save of it was under way before a reload. */
    put(name: DocumentName, version: number, body: unknown, saveId: string = parts.newSaveId()): void {
      const known = entries.get(keyOf(name));
      const fresh = { name, version, body, saveId, isSending: false, isCalm: false, wake: () => undefined };
      const entry: Entry = known ?? fresh;
      entry.body = body;
      entry.isCalm = false;
      // while a save is under way its answer says what the next goes over
      if (!entry.isSending) entry.version = version;
      entries.set(keyOf(name), entry);
      keep(entry);
      if (!known) void run(entry);
    },
    /** Lets go of a document: nothing of it is sent any more. */
    drop(name: DocumentName): void {
      const entry = entries.get(keyOf(name));
      entries.delete(keyOf(name));
      entry?.wake();
      parts.forget(name);
    },
    /** The network is back: nobody waits any longer. */
    wakeAll(): void {
      for (const entry of entries.values()) entry.wake();
    },
  };
}
export type Outbox = ReturnType<typeof createOutbox>;
