import {
  eventInFile,
  fault,
  liveJudge,
  readEvent,
  rememberedPaces,
  type LiveEvent,
  type LiveJudge,
  type RememberedPace,
} from '@hodsman/core';
import type { ClassEventRepository, EventRecord, LoggedEvent } from '../db/repositories/class-events.ts';
import { sentFaults } from './problem.ts';

/** What came of events that were sent: their places in the log, and what was refused with why. */
export interface Appended {
  readonly accepted: readonly { readonly id: string; readonly seq: number }[];
  readonly refused: readonly ({ readonly index: number; readonly id: string | null } & ReturnType<typeof sentFaults>)[];
}

/** An event as it was sent. */
const eventOf = ({ id, device, who, atMs, kind, data }: EventRecord): object => ({
  ...{ id, device, who, atMs, kind },
  data: JSON.parse(data) as unknown,
});
/** The same with its place in the log, as it is answered. */
export const sentEvent = (e: LoggedEvent): object => ({ seq: e.seq, ...eventOf(e) });

const recordOf = (e: LiveEvent): EventRecord => {
  const { data } = eventInFile(e) as { readonly data: unknown };
  return { id: e.id, device: e.device, who: e.who, atMs: e.atMs, kind: e.kind, data: JSON.stringify(data) };
};
const same = (a: EventRecord, b: EventRecord): boolean =>
  a.device === b.device && a.who === b.who && a.atMs === b.atMs && a.kind === b.kind && a.data === b.data;

/** What a device sent, and its answer to come. */
interface Waiting {
  readonly sent: readonly unknown[];
  readonly nowMs: number;
  readonly resolve: (appended: Appended) => void;
  readonly reject: (error: unknown) => void;
}

/** An event that was read: of which sending, at which place in it. */
interface Read {
  readonly of: number;
  readonly index: number;
  readonly nowMs: number;
  readonly event: LiveEvent;
  readonly record: EventRecord;
}

/** An answer while it is put together. */
interface Answering {
  readonly accepted: Appended['accepted'][number][];
  readonly refused: Appended['refused'][number][];
}

/**
 * The logs of running classes. Of every class that is appended to, a judge is kept that has been told of its events up to a place; what
 * other servers appended meanwhile it is told before it judges.
 */
export function classEvents(repository: ClassEventRepository) {
  const judges = new Map<string, { judge: LiveJudge; seq: number }>();
  const listeners = new Map<string, Set<() => void>>();
  const waiting = new Map<string, Waiting[]>();

  function told(classId: string, fresh: readonly LoggedEvent[]): LiveJudge {
    const kept = judges.get(classId) ?? { judge: liveJudge(), seq: 0 };
    for (const row of fresh) {
      const read = readEvent(eventOf(row));
      // an event that this version cannot read any more stands in the log all the same
      if (read.ok) kept.judge.add(read.value);
      kept.seq = row.seq;
    }
    judges.set(classId, kept);
    return kept.judge;
  }

  /** Appends what waits for a class, until nothing does any more. */
  async function appendAll(classId: string, list: Waiting[]): Promise<void> {
    while (list.length > 0) {
      const together = list.splice(0);
      try {
        const answers = await appendTogether(classId, together);
        together.forEach((w, i) => w.resolve(answers[i] ?? { accepted: [], refused: [] }));
      } catch (e) {
        for (const w of together) w.reject(e);
      }
    }
    waiting.delete(classId);
  }

  /** One transaction for what several devices sent; gives the answer to each. */
  async function appendTogether(classId: string, together: readonly Waiting[]): Promise<readonly Appended[]> {
    const answers = together.map((): Answering => ({ accepted: [], refused: [] }));
    const events = together.flatMap(({ sent, nowMs }, of) =>
      sent.flatMap((one, index): Read[] => {
        const read = readEvent(one);
        if (read.ok) return [{ of, index, nowMs, event: read.value, record: recordOf(read.value) }];
        const id = (one as { readonly id?: unknown } | null)?.id;
        answers[of]?.refused.push({ index, id: typeof id === 'string' ? id : null, ...sentFaults(read.faults) });
        return [];
      }),
    );
    /** Events that are in the log, now or before, and their places. */
    const inLog: Read[] = [];
    const seqs = new Map<string, number>();
    let logged: readonly LoggedEvent[];
    try {
      logged = await repository.append(
        classId,
        events.map((e) => e.record),
        judges.get(classId)?.seq ?? 0,
        ({ fresh, known }) => {
          const judge = told(classId, fresh);
          const taken = new Map<string, EventRecord>(known);
          const accepted: EventRecord[] = [];
          for (const one of events) {
            const { of, index, nowMs, event, record } = one;
            const twin = taken.get(record.id);
            const isOther = twin !== undefined && !same(twin, record);
            const faults = isOther ? [fault('event-twice', 'id', {})] : twin ? [] : judge.faultsOf(event, nowMs);
            if (faults.length > 0) answers[of]?.refused.push({ index, id: record.id, ...sentFaults(faults) });
            else inLog.push(one);
            if (faults.length > 0 || twin) continue;
            judge.add(event);
            taken.set(record.id, record);
            accepted.push(record);
          }
          for (const [id, { seq }] of known) seqs.set(id, seq);
          return accepted;
        },
      );
    } catch (e) {
      // the judge was told of events that were not kept
      judges.delete(classId);
      throw e;
    }
    for (const { id, seq } of logged) seqs.set(id, seq);
    for (const { of, record } of inLog) {
      const seq = seqs.get(record.id);
      const accepted = answers[of]?.accepted;
      if (seq !== undefined && accepted?.every((a) => a.id !== record.id)) accepted.push({ id: record.id, seq });
    }
    const kept = judges.get(classId);
    const last = logged.at(-1);
    if (kept && last) kept.seq = Math.max(kept.seq, last.seq);
    if (last) for (const tell of listeners.get(classId) ?? []) tell();
    return answers;
  }

  return {
    read: repository.read,

    /** How the griddles of a class cooked when its kitchen was last used. */
    async remembered(classId: string): Promise<readonly RememberedPace[]> {
      const events = await repository.pacesInKitchenOf(classId);
      return rememberedPaces(events.map((e) => readEvent(eventOf(e))).flatMap((r) => (r.ok ? [r.value] : [])));
    },

    /** Tells `listener` whenever this server has appended to a class; gives the way to stop. */
    listen(classId: string, listener: () => void): () => void {
      const all = listeners.get(classId) ?? new Set();
      listeners.set(classId, all.add(listener));
      return () => {
        all.delete(listener);
        if (all.size === 0) listeners.delete(classId);
      };
    },

    /** Whether this server has appended to the class before, so that it is there. */
    knows: (classId: string): boolean => judges.has(classId),

    /**
     * Appends events of a class in their order. Each is judged by itself: what is wrong is refused by name and harms none of the others.
     * An event that is in the log already is acknowledged once more, where its content is the same. What comes while an append is on its
     * way waits for it, and is appended together with all else that waits: many devices tap at once, and each commit takes its time.
     */
    append: (classId: string, sent: readonly unknown[], nowMs: number): Promise<Appended> =>
      new Promise((resolve, reject) => {
        const list = waiting.get(classId) ?? [];
        list.push({ sent, nowMs, resolve, reject });
        if (waiting.has(classId)) return;
        waiting.set(classId, list);
        void appendAll(classId, list);
      }),
  };
}

export type ClassEvents = ReturnType<typeof classEvents>;
