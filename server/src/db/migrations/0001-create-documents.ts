import type { QueryInterface } from 'sequelize';

/** The table of documents. It has a primary key and InnoDB, as a Galera cluster asks for. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    CREATE TABLE IF NOT EXISTS documents (
      id VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
      kind VARCHAR(16) CHARACTER SET ascii NOT NULL,
      version INT UNSIGNED NOT NULL,
      title VARCHAR(120) NOT NULL,
      body LONGTEXT NOT NULL,
      createdAt DATETIME(3) NOT NULL,
      updatedAt DATETIME(3) NOT NULL,
      KEY documents_by_kind (kind, title)
    ) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4`);
}
