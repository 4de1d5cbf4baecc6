import type { QueryInterface } from 'sequelize';

/** What a recipe left open about the bread that was made of it, one row a matter, until somebody has looked at it. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    CREATE TABLE IF NOT EXISTS left_open (
      documentId VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      place INT UNSIGNED NOT NULL,
      matter TEXT NOT NULL,
      isLookedAt BOOLEAN NOT NULL DEFAULT FALSE,
      PRIMARY KEY (documentId, place)
    ) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4`);
}
