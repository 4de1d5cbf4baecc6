// Starts Hodsman on a machine that may have nothing but Node.js: installs, starts MariaDB, builds, serves. No package is imported here.
import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { join, resolve } from 'node:path';
import { build, isStale } from './lib/build.mjs';
import { lockData } from './lib/data-lock.mjs';
import { ensurePackages, ensureProgram, requireNode } from './lib/install.mjs';
import { startMariadb } from './lib/mariadb.mjs';
import { ROOT, fromRoot } from './lib/paths.mjs';
import { say, stop } from './lib/say.mjs';

const isDev = process.argv.includes('--dev');
const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? 4710);
const dataFolder = resolve(process.env.HODSMAN_DATA ?? fromRoot('.data'));

const children = [];
let database;
let isStopping = false;

async function stopAll(status) {
  if (isStopping) return;
  isStopping = true;
  for (const child of children) child.kill('SIGTERM');
  await Promise.all(
    children.map((c) => (c.exitCode ?? c.signalCode) !== null || new Promise((r) => c.once('exit', r))),
  );
  await database?.stop();
  process.exit(status);
}

function run(command, words, env) {
  const child = spawn(command, words, {
    cwd: ROOT,
    stdio: ['ignore', 'inherit', 'inherit'],
    env: { ...process.env, ...env },
    detached: true,
  });
  child.on('exit', (code) => {
    if (!isStopping) stopAll(code === 0 ? 0 : 1);
  });
  children.push(child);
}

const portIsFree = () =>
  new Promise((done) => {
    const probe = createServer();
    probe.once('error', (e) => done(e.code));
    probe.listen(port, host, () => probe.close(() => done(undefined)));
  });

function lockOrStop() {
  try {
    const holder = lockData(dataFolder);
    if (holder !== undefined)
      stop(`is running already on ${dataFolder} (process ${holder}); stop it first, or set HODSMAN_DATA`);
  } catch (e) {
    stop(
      `cannot write to ${dataFolder} (${e.code ?? e.message}); free some space or set HODSMAN_DATA to a folder that can be written`,
    );
  }
}

requireNode();
if (!Number.isInteger(port) || port < 1 || port > 65535)
  stop(`PORT is ${process.env.PORT}, expected a number from 1 to 65535`);
lockOrStop();
const trouble = await portIsFree();
if (trouble === 'EADDRINUSE')
  stop(`port ${port} is taken by another program; stop that, or set PORT to another number`);
if (trouble) stop(`cannot listen on ${host}:${port} (${trouble}); set HOST and PORT`);
process.on('SIGINT', () => stopAll(0));
process.on('SIGTERM', () => stopAll(0));
ensurePackages();
let databaseUrl = process.env.HODSMAN_DATABASE_URL;
if (!databaseUrl) {
  ensureProgram('mariadbd', 'mariadb-server');
  try {
    database = await startMariadb(join(dataFolder, 'mariadb'), {
      onCrash: () => say('MariaDB ended unexpectedly; starting it again …'),
    });
  } catch (e) {
    stop(e.message);
  }
  databaseUrl = database.url;
}
const env = { HODSMAN_DATABASE_URL: databaseUrl, HOST: host, PORT: String(port) };
if (isDev) {
  run('npx', ['--no-install', 'tsx', 'watch', '--clear-screen=false', 'server/src/main.ts'], {
    ...env,
    PORT: String(port + 1),
    HODSMAN_DEV: '1',
  });
  run(
    'npx',
    ['--no-install', 'vite', '--config', 'web/vite.config.ts', '--host', host, '--port', String(port), '--strictPort'],
    {
      HODSMAN_API: `http://${host}:${port + 1}`,
    },
  );
} else {
  try {
    if (isStale()) {
      say('building …');
      build();
    }
  } catch (e) {
    console.error(e.message);
    await database?.stop();
    stop('the build failed');
  }
  run(process.execPath, ['--enable-source-maps', 'server/dist/main.js'], { ...env, HODSMAN_WEB: fromRoot('web/dist') });
}
