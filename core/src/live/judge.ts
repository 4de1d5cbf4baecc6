import { fault, type Fault } from '../faults/index.ts';
import type { LiveEvent } from './events.ts';
import { standingOf } from './fold.ts';

/** A clock may be so much ahead of the server's before an event is from tomorrow: two measured offsets, and a slow network. */
const MOST_AHEAD_MS = 60_000;

/** What an event may name, by the key that names it. */
const NAMED = {
  person: 'somebody of the class',
  griddle: 'a griddle of the class',
  station: 'a station of the class',
  task: 'a task of its plan',
  batch: 'a dough of its plan',
  bread: 'a bread of the class',
  event: 'something that happened',
} as const;
type Key = keyof typeof NAMED;
const KEYS = Object.keys(NAMED) as readonly Key[];

/**
 * Judges the events of one class before they are appended. It is told of every event that was, and keeps only what judging needs: many
 * events come in a second, and the whole log is not read for each.
 */
export function liveJudge(before: readonly LiveEvent[] = []) {
  const known: Readonly<Record<Key, Set<string>>> = {
    person: new Set(),
    griddle: new Set(),
    station: new Set(),
    task: new Set(),
    batch: new Set(),
    bread: new Set(),
    event: new Set(),
  };
  /** The start, the ends, and what takes them back. */
  const turning: LiveEvent[] = [];
  const knows = (key: Key, things: readonly { readonly id: string }[]): void => {
    for (const { id } of things) known[key].add(id);
  };
  const has = (kind: 'started' | 'closed'): boolean => standingOf(turning).some((e) => e.kind === kind);

  const judge = {
    /** An event was appended. */
    add(e: LiveEvent): void {
      known.event.add(e.id);
      if (e.kind === 'started' || e.kind === 'closed' || e.kind === 'taken-back') turning.push(e);
      if (e.kind === 'started') {
        const { roster, kitchen, stations, breads } = e.data.workshop;
        knows('bread', breads);
        knows('person', [...roster, ...kitchen.staff]);
        knows('griddle', kitchen.griddles);
        knows('station', stations);
      }
      if (e.kind === 'joined') knows('person', [e.data.newcomer]);
      if (e.kind !== 'started' && e.kind !== 'replanned') return;
      knows('task', e.data.plan.tasks);
      knows('batch', e.data.plan.batches);
    },

    /**
     * What speaks against an event at a moment of the server's clock; nothing where it may be appended. That it was sent before is no
     * fault: whoever appends knows it by its id.
     */
    faultsOf(e: LiveEvent, nowMs: number): readonly Fault[] {
      if (e.atMs > nowMs + MOST_AHEAD_MS)
        return [fault('event-ahead', 'atMs', { minutes: Math.ceil((e.atMs - nowMs) / 60_000) })];
      if (e.kind === 'started') return has('started') ? [fault('class-started', 'kind', {})] : [];
      if (!has('started')) return [fault('class-not-started', 'kind', {})];
      // after the end a class can only be opened again
      if (has('closed') && e.kind !== 'taken-back') return [fault('class-ended', 'kind', {})];
      const data = e.data as Readonly<Record<string, unknown>>;
      return KEYS.flatMap((key) => {
        const id = data[key];
        if (typeof id !== 'string' || known[key].has(id)) return [];
        return [fault('event-unknown', `data.${key}`, { id, what: NAMED[key] })];
      });
    },
  };
  for (const e of before) judge.add(e);
  return judge;
}

export type LiveJudge = ReturnType<typeof liveJudge>;
