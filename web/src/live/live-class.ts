import {
  eventInFile,
  foldEvents,
  readEvent,
  type EventKind,
  type EventOf,
  type LiveEvent,
  type LiveState,
} from '@hodsman/core';
import { newId } from '../ui/new-id.ts';
import type { Keep } from './keep.ts';

/** What the server answers to events that were sent. */
export interface Answered {
  readonly accepted: readonly { readonly id: string; readonly seq: number }[];
  readonly refused: readonly { readonly id: string | null; readonly faults: readonly { readonly message: string }[] }[];
  readonly nowMs: number;
}

/** The server as a running class needs it. */
export interface LiveServer {
  /** Sends events; throws where the server does not answer, or when the signal ends the waiting. */
  readonly send: (classId: string, events: readonly unknown[], signal: AbortSignal) => Promise<Answered>;
  /** Follows the log from a place on; gives the way to stop. */
  readonly follow: (classId: string, after: number, hear: Hear) => () => void;
}
export interface Hear {
  readonly event: (sent: unknown) => void;
  readonly time: (nowMs: number) => void;
  readonly line: (isOpen: boolean) => void;
}

/** What a page sees of a class that runs; a new one whenever something changed. */
export interface LiveView {
  /** Undefined: the class was not started. */
  readonly state: LiveState | undefined;
  /** Whether what this device and the server have is known yet. */
  readonly isKnown: boolean;
  readonly isOnline: boolean;
  /** Taps that only this device has. */
  readonly unsent: number;
  /** How many events are known: what a plan is made from. */
  readonly known: number;
  /** Taps that the server refused, with why. */
  readonly refused: readonly string[];
}

const AGAIN_MS = 2000;
/** How long an answer is waited for. */
const ANSWER_MS = 10_000;
/** How long a tap waits for the store of the device before it is sent all the same. */
const KEPT_MS = 2000;
const MOST_SENT = 200;
/** By so much at most a slow answer moves the clock: half its way there and back, or the whole of a time that came late. */
const CORRECTED_MS = ANSWER_MS;

interface Logged {
  readonly seq: number;
  readonly event: LiveEvent;
}

/**
 * A class that runs, on this device: its log as far as it is known, and an outbox. A tap shows at once, is kept before anything else
 * happens with it, and is sent until the server has acknowledged it; meanwhile the class goes on with what this device knows.
 */
export class LiveClass {
  private log: readonly Logged[] = [];
  private outbox: readonly LiveEvent[] = [];
  private refused: readonly string[] = [];
  private offsetMs = 0;
  private isOnline = false;
  private isKnown = false;
  private isSending = false;
  private stop = (): void => undefined;
  private timer: ReturnType<typeof setTimeout> | undefined;
  private readonly listeners = new Set<() => void>();
  private view: LiveView = { state: undefined, isKnown: false, isOnline: false, unsent: 0, known: 0, refused: [] };
  private readonly ready: Promise<void>;

  constructor(
    readonly classId: string,
    readonly device: string,
    private readonly server: LiveServer,
    private readonly keep: Keep,
  ) {
    this.ready = this.open();
  }

  /** The server's clock as this device knows it, in ms since 1970. */
  readonly nowMs = (): number => Date.now() + this.offsetMs;

  readonly current = (): LiveView => this.view;

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Something happened; it stands at once. Gives the id of the event, by which it can be taken back. */
  tap<K extends EventKind>(kind: K, data: EventOf<K>['data'], who: string): string {
    const event = {
      id: newId(),
      device: this.device,
      who,
      atMs: this.tapMs(),
      kind,
      data,
    } as unknown as LiveEvent;
    this.outbox = [...this.outbox, event];
    this.changed();
    const kept = Promise.race([this.write(), new Promise((done) => setTimeout(done, KEPT_MS))]);
    void kept.then(() => this.send());
    return event.id;
  }

  /**
   * The moment of a tap, in ms since 1970. Events stand in the order of their moments, so a tap comes after the last one of this device,
   * although a slow answer has put the clock back in between.
   */
  private tapMs(): number {
    const nowMs = Math.round(this.nowMs());
    const own = [...this.log.map((l) => l.event), ...this.outbox].filter((e) => e.device === this.device);
    // what is later still was tapped by a clock that was wrong, before the server had told the time
    const near = own.map((e) => e.atMs).filter((atMs) => atMs <= nowMs + CORRECTED_MS);
    return near.reduce((last, atMs) => Math.max(last, atMs + 1), nowMs);
  }

  close(): void {
    this.stop();
    clearTimeout(this.timer);
  }

  private async open(): Promise<void> {
    const kept = await this.keep.read(this.classId);
    const read = (list: readonly unknown[]): readonly LiveEvent[] =>
      list.map(readEvent).flatMap((r) => (r.ok ? [r.value] : []));
    this.log = (kept?.log ?? []).flatMap((one) => loggedOf(one));
    // what was tapped before this page had opened its store is kept as well
    this.outbox = [...read(kept?.outbox ?? []), ...this.outbox];
    this.changed();
    this.stop = this.server.follow(this.classId, this.log.at(-1)?.seq ?? 0, {
      event: (sent) => this.hear(sent),
      time: (nowMs) => this.hearTime(nowMs),
      line: (isOpen) => this.hearLine(isOpen),
    });
    void this.send();
  }

  private hear(sent: unknown): void {
    const added = loggedOf(sent).filter((l) => l.seq > (this.log.at(-1)?.seq ?? 0));
    if (added.length === 0) return;
    this.log = [...this.log, ...added];
    const ids = new Set(added.map((l) => l.event.id));
    this.outbox = this.outbox.filter((e) => !ids.has(e.id));
    this.changed();
    void this.write();
  }

  private hearTime(nowMs: number): void {
    this.offsetMs = nowMs - Date.now();
    this.isKnown = true;
    this.changed();
  }

  private hearLine(isOpen: boolean): void {
    if (isOpen === this.isOnline) return;
    this.isOnline = isOpen;
    this.changed();
    if (isOpen) void this.send();
  }

  /** Sends what waits, in its order; what the server refused leaves with its reason, everything else stays until it is in the log. */
  private async send(): Promise<void> {
    if (this.isSending) return;
    const waiting = this.outbox.slice(0, MOST_SENT);
    if (waiting.length === 0) return;
    this.isSending = true;
    try {
      const sentMs = Date.now();
      const answer = await this.answerTo(waiting);
      // the server's clock in the middle of the way there and back
      this.offsetMs = answer.nowMs - (sentMs + Date.now()) / 2;
      this.isOnline = true;
      const seqs = new Map(answer.accepted.map((a) => [a.id, a.seq]));
      const reasons = new Map(answer.refused.map((r) => [r.id, r.faults.map((f) => f.message).join('; ')]));
      this.refused = [...this.refused, ...reasons.values()];
      this.outbox = this.outbox.filter((e) => !reasons.has(e.id));
      // in the log it stands once the log has told it in its place; where nothing is missing between, at once
      for (const e of waiting) {
        const seq = seqs.get(e.id);
        if (seq === (this.log.at(-1)?.seq ?? 0) + 1) this.log = [...this.log, { seq, event: e }];
      }
      const known = new Set(this.log.map((l) => l.event.id));
      this.outbox = this.outbox.filter((e) => !known.has(e.id));
      this.changed();
      void this.write();
      this.isSending = false;
      if (this.outbox.some((e) => !seqs.has(e.id))) void this.send();
      else if (this.outbox.length > 0) this.later();
    } catch {
      this.isSending = false;
      this.isOnline = false;
      this.changed();
      this.later();
    }
  }

  /** A request that hangs in a weak network is given up, so that it does not hold back the taps behind it. */
  private async answerTo(events: readonly LiveEvent[]): Promise<Answered> {
    const waited = new AbortController();
    const timer = setTimeout(() => waited.abort(), ANSWER_MS);
    try {
      return await this.server.send(this.classId, events.map(eventInFile), waited.signal);
    } finally {
      clearTimeout(timer);
    }
  }

  private later(): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.send(), AGAIN_MS);
  }

  private async write(): Promise<void> {
    // what an earlier page kept is read before anything is written over it
    await this.ready;
    await this.keep.write(this.classId, {
      log: this.log.map(({ seq, event }) => ({ seq, ...(eventInFile(event) as object) })),
      outbox: this.outbox.map(eventInFile),
    });
  }

  private changed(): void {
    const events = [...this.log.map((l) => l.event), ...this.outbox];
    this.view = {
      state: foldEvents(events),
      isKnown: this.isKnown || events.length > 0,
      isOnline: this.isOnline,
      unsent: this.outbox.length,
      known: events.length,
      refused: this.refused,
    };
    for (const tell of this.listeners) tell();
  }
}

/** An event with its place as the server tells it; nothing where it cannot be read. */
function loggedOf(sent: unknown): readonly Logged[] {
  if (typeof sent !== 'object' || sent === null) return [];
  const { seq, ...rest } = sent as { readonly seq?: unknown };
  const read = readEvent(rest);
  return typeof seq === 'number' && read.ok ? [{ seq, event: read.value }] : [];
}
