import type { QueryInterface } from 'sequelize';

/**
 * Every state of a document that was saved, with the save that wrote it; a removal that is a mark; what lists show, beside the body; and
 * what was done once for this database.
 */
export async function up(queries: QueryInterface): Promise<void> {
  const run = (sql: string): Promise<unknown> => queries.sequelize.query(sql);
  await run(`
    ALTER TABLE documents
      ADD COLUMN IF NOT EXISTS form INT UNSIGNED NOT NULL DEFAULT 1,
      ADD COLUMN IF NOT EXISTS summary LONGTEXT NULL,
      ADD COLUMN IF NOT EXISTS isReadable BOOLEAN NOT NULL DEFAULT TRUE,
      ADD COLUMN IF NOT EXISTS removedAt DATETIME(3) NULL`);
  await run(`
    CREATE TABLE IF NOT EXISTS document_versions (
      documentId VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      version INT UNSIGNED NOT NULL,
      saveId VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
      form INT UNSIGNED NOT NULL,
      title VARCHAR(120) NOT NULL,
      body LONGTEXT NOT NULL,
      savedAt DATETIME(3) NOT NULL,
      savedBy VARCHAR(120) NULL,
      PRIMARY KEY (documentId, version),
      UNIQUE KEY document_versions_by_save (saveId)
    ) ENGINE = InnoDB DEFAULT CHARACTER SET utf8mb4`);
  await run(`
    INSERT IGNORE INTO document_versions (documentId, version, saveId, form, title, body, savedAt, savedBy)
    SELECT id, version, CONCAT('before-', LEFT(SHA2(id, 256), 40)), form, title, body, updatedAt, NULL FROM documents`);
  await run(`
    CREATE TABLE IF NOT EXISTS done_once (
      what VARCHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL PRIMARY KEY,
      doneAt DATETIME(3) NOT NULL
    ) ENGINE = InnoDB`);
  // a database that was in use has had its demonstration
  await run(`INSERT IGNORE INTO done_once SELECT 'demo', NOW(3) FROM documents WHERE kind = 'class' LIMIT 1`);
  await run(`INSERT IGNORE INTO done_once SELECT 'pantry', NOW(3) FROM documents WHERE kind = 'pantry' LIMIT 1`);
}
