import { spawnSync } from 'node:child_process';
import { mkdirSync, openSync, readFileSync, ftruncateSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { findProgram } from './find-program.mjs';

/**
 * Takes the data folder for this process until it ends, however it ends: a lock of the kernel on an open file (flock), which no two can
 * hold and which nobody has to clean up. Gives the id of the process that has it already, if one has.
 */
export function lockData(folder) {
  mkdirSync(folder, { recursive: true });
  const path = join(folder, 'hodsman.lock');
  const file = openSync(path, 'a+', 0o600);
  const flock = findProgram('flock');
  if (!flock) throw new Error('the program flock of util-linux is missing');
  // the lock belongs to the open file, which this process goes on holding when flock has ended
  const { status } = spawnSync(flock, ['--exclusive', '--nonblock', '3'], {
    stdio: ['ignore', 'ignore', 'ignore', file],
  });
  if (status !== 0) return Number(readFileSync(path, 'utf8')) || 0;
  ftruncateSync(file);
  writeSync(file, String(process.pid));
  return undefined;
}
