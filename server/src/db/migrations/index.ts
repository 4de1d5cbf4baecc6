import type { QueryInterface } from 'sequelize';
import * as createDocuments from './0001-create-documents.ts';
import * as classEvents from './0003-class-events.ts';
import * as leftOpen from './0004-left-open.ts';
import * as calendarFeeds from './0005-calendar-feeds.ts';
import * as versionsAndRemoval from './0002-versions-and-removal.ts';

/** A migration may be begun by two servers at once, so each is written to be run twice without harm. */
interface Migration {
  readonly name: string;
  readonly up: (queries: QueryInterface) => Promise<void>;
}

/** All migrations in order; a released one is never changed. */
export const MIGRATIONS: readonly Migration[] = [
  { name: '0001-create-documents', up: createDocuments.up },
  { name: '0002-versions-and-removal', up: versionsAndRemoval.up },
  { name: '0003-class-events', up: classEvents.up },
  { name: '0004-left-open', up: leftOpen.up },
  { name: '0005-calendar-feeds', up: calendarFeeds.up },
];
