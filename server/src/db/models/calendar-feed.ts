import { DataTypes, Model, type InferAttributes, type InferCreationAttributes, type Sequelize } from 'sequelize';

/** A row of `calendar_feeds`: the token under which calendars fetch a class. */
export class CalendarFeedRow extends Model<InferAttributes<CalendarFeedRow>, InferCreationAttributes<CalendarFeedRow>> {
  declare classId: string;
  declare token: string;
}

/** Ties the model to a connection of its own. */
export function defineCalendarFeeds(sequelize: Sequelize): typeof CalendarFeedRow {
  class CalendarFeed extends CalendarFeedRow {}
  CalendarFeed.init(
    {
      classId: { type: DataTypes.STRING(64), primaryKey: true },
      token: { type: DataTypes.STRING(64), allowNull: false },
    },
    { sequelize, tableName: 'calendar_feeds', timestamps: false },
  );
  return CalendarFeed;
}
