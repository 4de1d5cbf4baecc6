import { spawn } from 'node:child_process';
import { findProgram } from './find-program.mjs';

/** Programs that run for this process now. */
const living = new Set();

/**
 * Starts a program that ends with this process, however that ends: the kernel sends `onDeath` to it when this process is gone
 * (setpriv of util-linux, which every Debian has). A program of its own group hears no Ctrl-C of the terminal.
 */
export function spawnTied(command, words, { onDeath = 'SIGTERM', ...options } = {}) {
  const setpriv = findProgram('setpriv');
  const tied = setpriv ? [setpriv, ['--pdeathsig', onDeath, '--', command, ...words]] : [command, words];
  const child = spawn(...tied, { detached: true, ...options });
  living.add(child);
  const gone = () => living.delete(child);
  child.once('exit', gone);
  child.once('error', gone);
  return child;
}

/** Runs a program to its end; gives its status (null where a signal or trouble ended it) and what it wrote. */
export function runToEnd(command, words, options = {}) {
  return new Promise((resolve) => {
    const child = spawnTied(command, words, { stdio: ['ignore', 'pipe', 'pipe'], onDeath: 'SIGKILL', ...options });
    const output = { stdout: '', stderr: '' };
    for (const stream of ['stdout', 'stderr'])
      child[stream]?.setEncoding('utf8').on('data', (text) => (output[stream] += text));
    child.once('error', (e) => resolve({ status: null, ...output, stderr: `${output.stderr}${e.message}` }));
    child.once('close', (status) => resolve({ status, ...output }));
  });
}

/** Ends everything that still runs for this process, with all that it has started. */
export function killAll(signal = 'SIGKILL') {
  for (const child of living) {
    try {
      process.kill(-child.pid, signal);
    } catch {
      // it is gone already
    }
  }
}
