import type { Sequelize } from 'sequelize';
import { defineCalendarFeeds } from '../models/calendar-feed.ts';

export type CalendarFeedRepository = ReturnType<typeof calendarFeedRepository>;

/** Which classes are fetched by calendars, and under which tokens, on a MariaDB. */
export function calendarFeedRepository(sequelize: Sequelize) {
  const Feeds = defineCalendarFeeds(sequelize);
  const tokenOf = async (classId: string): Promise<string | undefined> => (await Feeds.findByPk(classId))?.token;
  return {
    tokenOf,
    classOf: async (token: string): Promise<string | undefined> => (await Feeds.findOne({ where: { token } }))?.classId,
    /** The token of a class: the one that it has, else this one. Two who ask at once get the same. */
    async give(classId: string, token: string): Promise<string> {
      await Feeds.bulkCreate([{ classId, token }], { ignoreDuplicates: true });
      return (await tokenOf(classId)) ?? token;
    },
    async takeBack(classId: string): Promise<void> {
      await Feeds.destroy({ where: { classId } });
    },
  };
}
