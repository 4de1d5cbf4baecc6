import type { QueryInterface } from 'sequelize';

/** Addresses under which calendars fetch a class: one for a class, known by a token, gone when it is taken back. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    CREATE TABLE IF NOT EXISTS calendar_feeds (
      classId VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      token VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      PRIMARY KEY (classId),
      UNIQUE KEY calendar_feeds_token (token)
    ) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4`);
}
