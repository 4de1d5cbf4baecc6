import { createInterface } from 'node:readline/promises';
import packageJson from '../../package.json';
import { BackupRefused, keepBackup, readBackup, replacedBy, restoreBackup, type Replaced } from './backup/index.ts';
import { readConfig } from './config.ts';
import { connect } from './db/connect.ts';
import { migrate } from './db/migrate.ts';

const USAGE = `npm run backup -- [FOLDER]          makes a backup in a folder
npm run restore -- FILE [--yes]     puts a backup in the place of all that is stored`;
const NEVER = Number.MAX_SAFE_INTEGER;

/** Tables in words for whoever decides. */
const WORDS: Readonly<Record<string, string>> = {
  documents: 'classes, breads, kitchens and pantries',
  document_versions: 'earlier states of them',
  class_events: 'taps of classes that ran',
  left_open: 'things left open by recipes',
  calendar_feeds: 'addresses for calendars',
};
const lineOf = ({ table, isThere, comes }: Replaced): readonly string[] => {
  const what = WORDS[table];
  return what === undefined ? [] : [`  ${what}: ${isThere} are there, ${comes} come in their place`];
};

async function run([command, target, ...more]: readonly string[]): Promise<number> {
  const config = readConfig(process.env);
  const folder = process.env['HODSMAN_BACKUPS'];
  if (typeof config === 'string') throw new BackupRefused(config);
  if (folder === undefined) throw new BackupRefused('HODSMAN_BACKUPS is missing, expected a folder');
  const sequelize = connect(config.databaseUrl, { isPatient: true });
  const made = (into: string): Promise<string> =>
    keepBackup(sequelize, { folder: into, most: NEVER, program: packageJson.version, nowMs: Date.now() });
  try {
    await migrate(sequelize);
    if (command === 'backup') {
      console.log(`hodsman: made ${await made(target ?? folder)}`);
      return 0;
    }
    if (command !== 'restore' || target === undefined) throw new BackupRefused(USAGE);
    const backup = await readBackup(target);
    try {
      console.log(`hodsman: ${target} was made ${backup.manifest.madeAt} by version ${backup.manifest.program}`);
      console.log((await replacedBy(sequelize, backup)).flatMap(lineOf).join('\n'));
      if (!more.includes('--yes') && !(await isWanted())) return 1;
      // what is there now can be brought back by the backup of it
      console.log(`hodsman: what was there is kept in ${await made(folder)}`);
      await restoreBackup(sequelize, backup);
      console.log('hodsman: restored');
      return 0;
    } finally {
      await backup.letGo();
    }
  } finally {
    await sequelize.close();
  }
}

async function isWanted(): Promise<boolean> {
  const asked = createInterface({ input: process.stdin, output: process.stdout });
  const answer = await asked.question('hodsman: put it in the place of what is there? (yes/no) ');
  asked.close();
  return answer.trim().toLowerCase() === 'yes';
}

try {
  process.exitCode = await run(process.argv.slice(2));
} catch (e) {
  console.error(`hodsman: ${e instanceof Error ? e.message : String(e)}`);
  if (!(e instanceof BackupRefused)) console.error('nothing was changed');
  process.exitCode = 1;
}
