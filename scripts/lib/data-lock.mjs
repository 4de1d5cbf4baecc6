import { closeSync, existsSync, mkdirSync, openSync, readFileSync, rmSync, writeSync } from 'node:fs';
import { join } from 'node:path';

/** Whether a process lives and is a start of ours (an id may have been given to another since). */
function isStarter(pid) {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('start.mjs');
  } catch {
    return false;
  }
}

/** Takes the data folder for this process; gives the id of the process that has it already, if one has. */
export function lockData(folder) {
  mkdirSync(folder, { recursive: true });
  const path = join(folder, 'hodsman.lock');
  for (;;) {
    try {
      const file = openSync(path, 'wx', 0o600);
      writeSync(file, String(process.pid));
      closeSync(file);
      process.on('exit', () => rmSync(path, { force: true }));
      return undefined;
    } catch (e) {
      if (e.code !== 'EEXIST') throw e;
    }
    const holder = existsSync(path) ? Number(readFileSync(path, 'utf8')) : 0;
    if (holder > 0 && isStarter(holder)) return holder;
    rmSync(path, { force: true }); // left by a start that was killed
  }
}
