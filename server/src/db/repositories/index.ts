import type { Sequelize } from 'sequelize';
import { calendarFeedRepository, type CalendarFeedRepository } from './calendar-feeds.ts';
import { classEventRepository, type ClassEventRepository } from './class-events.ts';
import { documentRepository, type DocumentRepository } from './documents.ts';
import { leftOpenRepository, type LeftOpenRepository } from './left-open.ts';

/** All that this server stores. */
export interface Repositories {
  readonly documents: DocumentRepository;
  readonly classEvents: ClassEventRepository;
  readonly leftOpen: LeftOpenRepository;
  readonly calendarFeeds: CalendarFeedRepository;
}

export const repositoriesOn = (sequelize: Sequelize): Repositories => ({
  documents: documentRepository(sequelize),
  classEvents: classEventRepository(sequelize),
  leftOpen: leftOpenRepository(sequelize),
  calendarFeeds: calendarFeedRepository(sequelize),
});
