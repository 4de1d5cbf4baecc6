// Makes a backup of all that is stored, or restores one: `npm run backup`, `npm run restore`. Starts the database where none runs.
import { spawnSync } from 'node:child_process';
import { join, resolve } from 'node:path';
import { lockData } from './lib/data-lock.mjs';
import { ensurePackages, ensureProgram, requireNode } from './lib/install.mjs';
import { startMariadb } from './lib/mariadb.mjs';
import { fromRoot } from './lib/paths.mjs';
import { stop } from './lib/say.mjs';

const dataFolder = resolve(process.env.HODSMAN_DATA ?? fromRoot('.data'));

/** The database of the data folder, started for as long as this takes. */
async function ownDatabase() {
  const holder = lockData(dataFolder);
  if (holder !== undefined)
    stop(
      `is running on ${dataFolder} (process ${holder}): stop it first; while it runs it makes a backup every night, and the list of classes offers one`,
    );
  await ensureProgram('mariadbd', 'mariadb-server');
  return startMariadb(join(dataFolder, 'mariadb'));
}

requireNode();
await ensurePackages({ quiet: true });
const database = process.env.HODSMAN_DATABASE_URL ? undefined : await ownDatabase();
const done = spawnSync(
  process.execPath,
  ['--import', import.meta.resolve('tsx'), fromRoot('server', 'src', 'backup-main.ts'), ...process.argv.slice(2)],
  {
    stdio: 'inherit',
    env: {
      HODSMAN_BACKUPS: join(dataFolder, 'backups'),
      ...process.env,
      HODSMAN_DATABASE_URL: process.env.HODSMAN_DATABASE_URL || database.url,
    },
  },
);
await database?.stop();
process.exitCode = done.status ?? 1;
