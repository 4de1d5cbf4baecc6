import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { gzipSync } from 'node:zlib';
import { dirname, join } from 'node:path';
import { runToEnd } from './children.mjs';
import { ROOT, fromRoot } from './paths.mjs';

const STAMP = fromRoot('node_modules', '.cache', 'hodsman-build');
const SOURCES = [
  'core/src',
  'server/src',
  'web/src',
  'web/index.html',
  'web/vite.config.ts',
  'demo',
  'package-lock.json',
  'scripts/lib/build.mjs',
];
/** The most that the first page may load of scripts, gzipped. */
const FIRST_LOAD_LIMIT_BYTES = 240_000;

function newest(path) {
  const stat = statSync(path);
  if (!stat.isDirectory()) return stat.mtimeMs;
  return readdirSync(path).reduce((max, name) => Math.max(max, newest(join(path, name))), stat.mtimeMs);
}

/** Whether a source is newer than what was built. */
export function isStale() {
  if (
    !existsSync(STAMP) ||
    !existsSync(fromRoot('web/dist/index.html')) ||
    !existsSync(fromRoot('server/dist/main.js'))
  )
    return true;
  const built = statSync(STAMP).mtimeMs;
  return SOURCES.some((s) => newest(fromRoot(s)) > built);
}

/** Bytes, gzipped, of the scripts that the first page loads: its entry and what that imports at once. */
export function firstLoadBytes() {
  const html = readFileSync(fromRoot('web/dist/index.html'), 'utf8');
  const scripts = [...html.matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].map((m) => m[1]);
  return scripts.reduce((sum, s) => sum + gzipSync(readFileSync(fromRoot('web/dist', s))).length, 0);
}

/** How the service worker is built: it is told every file of the application that was built, and changes whenever one of them does. */
function keptOnDevices() {
  const files = readdirSync(fromRoot('web/dist/assets'))
    .filter((name) => !name.endsWith('.map'))
    .sort()
    .map((name) => `/assets/${name}`);
  const version = createHash('sha256')
    .update(readFileSync(fromRoot('web/dist/index.html')))
    .update(files.join(' '))
    .digest('hex')
    .slice(0, 12);
  return [
    'esbuild',
    'web/src/offline/service-worker.ts',
    '--outfile=web/dist/sw.js',
    '--target=es2022',
    '--minify',
    `--define:FILES=${JSON.stringify(files)}`,
    `--define:VERSION=${JSON.stringify(version)}`,
    '--log-level=warning',
  ];
}

/** Builds application and server; throws with the output of what failed. What was built before counts no more until all is done. */
export async function build() {
  const run = async ([name, ...words]) => {
    const done = await runToEnd(fromRoot('node_modules', '.bin', name), words, { cwd: ROOT });
    if (done.status !== 0) throw new Error(`${name} failed:\n${done.stdout}\n${done.stderr}`);
  };
  rmSync(STAMP, { force: true });
  await run(['vite', 'build', '--config', 'web/vite.config.ts', '--logLevel', 'warn']);
  await run(keptOnDevices());
  const server = [
    'server/src/main.ts',
    'server/src/calendar-worker.ts',
    '--bundle',
    '--platform=node',
    '--format=esm',
    '--target=node20',
    '--outdir=server/dist',
  ];
  // packages of the registry stay outside the bundle; our own core goes in
  const outside = [
    'express',
    'sequelize',
    'mariadb',
    'umzug',
    'pino',
    'pino-http',
    'helmet',
    'zod',
    'temporal-polyfill',
    'playwright-core',
    'yauzl',
    'yazl',
  ];
  await run([
    'esbuild',
    ...server,
    ...outside.map((name) => `--external:${name}`),
    '--log-level=warning',
    '--sourcemap',
  ]);
  const bytes = firstLoadBytes();
  if (bytes > FIRST_LOAD_LIMIT_BYTES)
    throw new Error(
      `the first page loads ${bytes} bytes of script gzipped, at most ${FIRST_LOAD_LIMIT_BYTES} are allowed`,
    );
  mkdirSync(dirname(STAMP), { recursive: true });
  writeFileSync(STAMP, new Date().toISOString());
}
