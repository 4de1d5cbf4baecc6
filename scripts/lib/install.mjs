import { existsSync, statSync } from 'node:fs';
import { runToEnd } from './children.mjs';
import { findProgram } from './find-program.mjs';
import { ROOT, fromRoot } from './paths.mjs';
import { say, stop } from './say.mjs';

const LEAST_NODE = [20, 19];

/** Stops unless Node.js is new enough. */
export function requireNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major > LEAST_NODE[0] || (major === LEAST_NODE[0] && minor >= LEAST_NODE[1])) return;
  stop(`needs Node.js ${LEAST_NODE.join('.')} or newer, this is ${process.versions.node}`);
}

/** The path of a program, its Debian package installed first where it is missing (as root or through sudo). */
export async function ensureProgram(name, debianPackage) {
  const found = findProgram(name);
  if (found) return found;
  const isRoot = process.getuid?.() === 0;
  const byHand = `sudo apt-get install --yes --no-install-recommends ${debianPackage}`;
  const prefix = isRoot ? [] : ['sudo', '--non-interactive'];
  if (!findProgram('apt-get'))
    stop(`${name} is missing and this is no Debian; install ${debianPackage} and start again`);
  if (!isRoot && (await runToEnd('sudo', ['--non-interactive', 'true'])).status !== 0)
    stop(`${name} is missing; run: ${byHand}`);
  say(`installing ${debianPackage} from Debian's packages …`);
  // RUNLEVEL=1 keeps the package from starting a system-wide server of its own
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive', RUNLEVEL: '1' };
  const run = (...words) => {
    const [command, ...rest] = [...prefix, ...words];
    // a package that is half unpacked is worse than one that takes its time, so this goes on if the start is killed
    return runToEnd(command, rest, { env, onDeath: 'clear' });
  };
  const waiting = ['-o', 'DPkg::Lock::Timeout=120'];
  const install = () => run('apt-get', 'install', ...waiting, '--yes', '--no-install-recommends', debianPackage);
  let last = await install();
  if (last.status !== 0) {
    await run('dpkg', '--configure', '-a');
    await run('apt-get', 'update', ...waiting);
    last = await install();
  }
  const now = findProgram(name);
  if (!now) stop(`${debianPackage} could not be installed (${lastLine(last.stderr)}); run: ${byHand}`);
  return now;
}

const lastLine = (text) => (text ?? '').trim().split('\n').at(-1) ?? '';

const mtime = (path) => (existsSync(path) ? statSync(path).mtimeMs : 0);

/**
 * Installs the npm packages of the lock file where what is installed is older or missing. npm writes its own list last, so that an
 * installation that was cut off is begun again. Prints on standard error when `quiet`.
 */
export async function ensurePackages({ quiet = false } = {}) {
  const lock = fromRoot('package-lock.json');
  const installed = fromRoot('node_modules', '.package-lock.json');
  if (mtime(installed) >= mtime(lock)) return;
  (quiet ? console.error : say)('installing packages from the npm registry …');
  const run = await runToEnd('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: ROOT,
    env: { ...process.env, NODE_ENV: 'development' },
  });
  if (run.status !== 0) stop(`npm ci failed: ${run.stderr.trim().split('\n').slice(0, 3).join(' ')}`);
}
