import type { QueryInterface } from 'sequelize';

/** The log of every class that was started: one row an event, never changed; and the row of a class that is locked to append to it. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    CREATE TABLE IF NOT EXISTS class_logs (
      classId VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
      lastSeq INT UNSIGNED NOT NULL
    ) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4`);
  await queries.sequelize.query(`
    CREATE TABLE IF NOT EXISTS class_events (
      classId VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      seq INT UNSIGNED NOT NULL,
      id VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      device VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      who VARCHAR(120) NOT NULL,
      at DATETIME(3) NOT NULL,
      kind VARCHAR(32) CHARACTER SET ascii NOT NULL,
      data LONGTEXT NOT NULL,
      appendedAt DATETIME(3) NOT NULL,
      PRIMARY KEY (classId, seq),
      UNIQUE KEY class_events_by_id (classId, id)
    ) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4`);
}
