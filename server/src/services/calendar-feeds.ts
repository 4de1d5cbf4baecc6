import type { ClassRecord } from '@hodsman/core';
import type { CalendarFeedRepository } from '../db/repositories/calendar-feeds.ts';
import type { DocumentRepository } from '../db/repositories/documents.ts';
import { opened } from './documents.ts';

/** What a calendar is made of: a class as it was saved. */
export interface SavedClass {
  readonly classId: string;
  readonly record: ClassRecord;
  readonly version: number;
  /** When it was saved, in ms since 1970: the same state gives the same file. */
  readonly nowMs: number;
}
/** Plans a class and writes its calendar; that takes seconds, so it goes on elsewhere than where requests are answered. */
export type MakeCalendar = (of: SavedClass) => Promise<string>;

/** Calendars ask again every hour or so, and mostly nothing has changed. */
const MOST_KEPT = 100;

/** The calendars of classes as they are fetched by token: each state is planned once, one class at a time. */
export function calendarFeeds(
  documents: Pick<DocumentRepository, 'find'>,
  feeds: CalendarFeedRepository,
  make: MakeCalendar,
) {
  const made = new Map<string, Promise<string>>();
  let queue: Promise<unknown> = Promise.resolve();
  function textOf(of: SavedClass): Promise<string> {
    const key = `${of.classId} ${of.version} ${of.nowMs}`;
    const known = made.get(key);
    if (known) return known;
    const text = queue.then(() => make(of));
    queue = text.catch(() => made.delete(key));
    made.set(key, text);
    for (const old of [...made.keys()].slice(0, Math.max(0, made.size - MOST_KEPT))) made.delete(old);
    return text;
  }
  return {
    /** Undefined where nobody gave this token or it was taken back, and where its class was removed or cannot be read. */
    async fetch(token: string): Promise<string | undefined> {
      const classId = await feeds.classOf(token);
      const found = classId === undefined ? undefined : await documents.find('class', classId);
      if (found?.removedAt !== null) return undefined;
      const read = opened({ ...found, kind: 'class' });
      if (!read.ok) return undefined;
      const { id, version, updatedAt } = found;
      return textOf({ classId: id, record: read.value, version, nowMs: Date.parse(updatedAt) });
    },
  };
}
