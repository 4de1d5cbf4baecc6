import { eventInFile, fault, liveJudge, readEvent, type Fault, type LiveEvent, type LiveJudge } from '@hodsman/core';
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

/**
 * The logs of running classes. Of every class that is appended to, a judge is kept that has been told of its events up to a place; what
 * other servers appended meanwhile it is told before it judges.
 */
export function classEvents(repository: ClassEventRepository) {
  const judges = new Map<string, { judge: LiveJudge; seq: number }>();
  const listeners = new Map<string, Set<() => void>>();

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

  return {
    read: repository.read,

    /** Tells `listener` whenever this server has appended to a class; gives the way to stop. */
    listen(classId: string, listener: () => void): () => void {
      const all = listeners.get(classId) ?? new Set();
      listeners.set(classId, all.add(listener));
      return () => {
        all.delete(listener);
        if (all.size === 0) listeners.delete(classId);
      };
    },

    /**
     * Appends events of a class in their order. Each is judged by itself: what is wrong is refused by name and harms none of the others.
     * An event that is in the log already is acknowledged once more, where its content is the same.
     */
    async append(classId: string, sent: readonly unknown[], nowMs: number): Promise<Appended> {
      const refused: Appended['refused'][number][] = [];
      const refuse = (index: number, id: string | null, faults: readonly Fault[]): void =>
        void refused.push({ index, id, ...sentFaults(faults) });
      const events = sent.flatMap((one, index) => {
        const read = readEvent(one);
        if (read.ok) return [{ index, event: read.value, record: recordOf(read.value) }];
        const id = (one as { readonly id?: unknown } | null)?.id;
        refuse(index, typeof id === 'string' ? id : null, read.faults);
        return [];
      });
      const before: { id: string; seq: number }[] = [];
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
            for (const { index, event, record } of events) {
              const twin = taken.get(record.id);
              const there = known.get(record.id);
              if (twin && !same(twin, record)) refuse(index, record.id, [fault('event-twice', 'id', {})]);
              else if (there) before.push({ id: there.id, seq: there.seq });
              if (twin) continue;
              const faults = judge.faultsOf(event, nowMs);
              if (faults.length > 0) {
                refuse(index, record.id, faults);
                continue;
              }
              judge.add(event);
              taken.set(record.id, record);
              accepted.push(record);
            }
            return accepted;
          },
        );
      } catch (e) {
        // the judge was told of events that were not kept
        judges.delete(classId);
        throw e;
      }
      const kept = judges.get(classId);
      const last = logged.at(-1);
      if (kept && last) kept.seq = Math.max(kept.seq, last.seq);
      if (last) for (const tell of listeners.get(classId) ?? []) tell();
      return { accepted: [...before, ...logged.map(({ id, seq }) => ({ id, seq }))], refused };
    },
  };
}

export type ClassEvents = ReturnType<typeof classEvents>;
