import { createHash } from 'node:crypto';
import { Readable, type Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { QueryTypes, Transaction, type Sequelize } from 'sequelize';
import { ZipFile } from 'yazl';
import { BACKUP_FORM, type Manifest } from './manifest.ts';
import { BACKUP_TABLES, entryOf, MANIFEST, type BackupTable } from './tables.ts';

/** The rows of a table in the order of its key, some at a time, each as an array in the order of its columns. */
async function* rowsOf(
  sequelize: Sequelize,
  table: BackupTable,
  transaction: Transaction,
): AsyncGenerator<readonly unknown[]> {
  const shown = table.columns.map((c) =>
    table.times.includes(c) ? `DATE_FORMAT(\`${c}\`, '%Y-%m-%d %H:%i:%s.%f') AS \`${c}\`` : `\`${c}\``,
  );
  const key = table.key.map((k) => `\`${k}\``).join(', ');
  let after: readonly unknown[] | undefined;
  for (;;) {
    const behind = after ? `WHERE (${key}) > (${table.key.map((_, i) => `:k${i}`).join(', ')})` : '';
    const found = await sequelize.query<Record<string, unknown>>(
      `SELECT ${shown.join(', ')} FROM \`${table.name}\` ${behind} ORDER BY ${key} LIMIT ${table.atOnce}`,
      {
        type: QueryTypes.SELECT,
        transaction,
        replacements: Object.fromEntries((after ?? []).map((v, i) => [`k${i}`, v])),
      },
    );
    for (const row of found) yield table.columns.map((c) => row[c] ?? null);
    const last = found.at(-1);
    if (!last || found.length < table.atOnce) return;
    after = table.key.map((k) => last[k]);
  }
}

/**
 * Writes everything that is stored as one ZIP: a file of lines of JSON for each table, and last a manifest with their checksums. All of it
 * is of one moment. Gives what the manifest says.
 */
export async function writeBackup(
  sequelize: Sequelize,
  to: Writable,
  { program, nowMs }: { readonly program: string; readonly nowMs: number },
): Promise<Manifest> {
  const told: Manifest['tables'][number][] = [];
  const manifest = (): Manifest => ({
    format: 'hodsman-backup',
    form: BACKUP_FORM,
    program,
    madeAt: new Date(nowMs).toISOString(),
    tables: told,
  });
  await sequelize.transaction({ isolationLevel: Transaction.ISOLATION_LEVELS.REPEATABLE_READ }, async (transaction) => {
    const zip = new ZipFile();
    zip.on('error', (e) => to.destroy(e as Error));
    const mtime = new Date(nowMs);
    for (const table of BACKUP_TABLES) {
      const lines = async function* (): AsyncGenerator<Buffer> {
        const hash = createHash('sha256');
        let [rows, bytes] = [0, 0];
        for await (const row of rowsOf(sequelize, table, transaction)) {
          const line = Buffer.from(`${JSON.stringify(row)}\n`);
          hash.update(line);
          rows++;
          bytes += line.length;
          yield line;
        }
        told.push({ name: table.name, rows, bytes, sha256: hash.digest('hex') });
      };
      zip.addReadStreamLazy(entryOf(table.name), { mtime }, (cb) => cb(null, Readable.from(lines())));
    }
    // every table has been read when the archive comes to its last entry
    zip.addReadStreamLazy(MANIFEST, { mtime }, (cb) =>
      cb(null, Readable.from([Buffer.from(JSON.stringify(manifest(), null, 2))])),
    );
    zip.end();
    await pipeline(zip.outputStream, to);
  });
  return manifest();
}
