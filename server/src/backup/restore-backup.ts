import { createReadStream } from 'node:fs';
import { createInterface } from 'node:readline';
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';
import { currentForm, DOCUMENT_KINDS, type DocumentKind } from '@hodsman/core';
import { BackupRefused, type ReadBackup } from './read-backup.ts';
import { BACKUP_TABLES, type BackupTable } from './tables.ts';

/** What a restore puts in the place of what: rows of a table that are there, and that come. */
export interface Replaced {
  readonly table: string;
  readonly isThere: number;
  readonly comes: number;
}

/** What a restore would replace, table by table; nothing is changed. */
export async function replacedBy(sequelize: Sequelize, backup: ReadBackup): Promise<readonly Replaced[]> {
  return Promise.all(
    BACKUP_TABLES.map(async ({ name }): Promise<Replaced> => {
      const [counted] = await sequelize.query<{ n: number | string }>(`SELECT COUNT(*) AS n FROM \`${name}\``, {
        type: QueryTypes.SELECT,
      });
      const comes = backup.manifest.tables.find((t) => t.name === name)?.rows ?? 0;
      return { table: name, isThere: Number(counted?.n ?? 0), comes };
    }),
  );
}

/** Rows are written so many bytes at a time. */
const MOST_BYTES_AT_ONCE = 4_000_000;

/**
 * Puts a backup in the place of all that is stored, in one transaction: all of it, or nothing. Throws `BackupRefused` where a row is none
 * that this program reads.
 */
export async function restoreBackup(sequelize: Sequelize, backup: ReadBackup): Promise<void> {
  await sequelize.transaction(async (transaction) => {
    for (const { name } of BACKUP_TABLES) await sequelize.query(`DELETE FROM \`${name}\``, { transaction });
    for (const table of BACKUP_TABLES)
      if (table.sinceForm <= backup.manifest.form) await fill(sequelize, table, backup, transaction);
  });
}

async function fill(
  sequelize: Sequelize,
  table: BackupTable,
  backup: ReadBackup,
  transaction: Transaction,
): Promise<void> {
  const into = `INSERT INTO \`${table.name}\` (${table.columns.map((c) => `\`${c}\``).join(', ')}) VALUES `;
  const one = `(${table.columns.map(() => '?').join(', ')})`;
  let rows: (readonly unknown[])[] = [];
  let bytes = 0;
  const write = async (): Promise<void> => {
    if (rows.length === 0) return;
    await sequelize.query(into + rows.map(() => one).join(', '), { replacements: rows.flat(), transaction });
    [rows, bytes] = [[], 0];
  };
  const lines = createInterface({ input: createReadStream(backup.fileOf(table.name)), crlfDelay: Infinity });
  for await (const line of lines) {
    const row = JSON.parse(line) as unknown;
    if (!Array.isArray(row) || row.length !== table.columns.length)
      throw new BackupRefused(`a row of “${table.name}” has other columns than this program knows`);
    if (table.name === 'documents') refuseNewer(row, table);
    rows.push(row as readonly unknown[]);
    bytes += line.length;
    if (bytes > MOST_BYTES_AT_ONCE) await write();
  }
  await write();
}

/** A document that a newer program has written cannot be opened here, so the backup is not for this one. */
function refuseNewer(row: readonly unknown[], { columns }: BackupTable): void {
  const kind = row[columns.indexOf('kind')];
  const form = Number(row[columns.indexOf('form')]);
  const known = DOCUMENT_KINDS.find((k): k is DocumentKind => k === kind);
  if (!known || form > currentForm(known))
    throw new BackupRefused('the backup holds documents of a newer program: restore it with that one');
}
