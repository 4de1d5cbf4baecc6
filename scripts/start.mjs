// Starts Hodsman on a machine that may have nothing but Node.js: installs, starts MariaDB, builds, serves. No package is imported here.
import { createServer } from 'node:net';
import { join, resolve } from 'node:path';
import { build, isStale } from './lib/build.mjs';
import { killAll } from './lib/children.mjs';
import { certificateFor } from './lib/certificate.mjs';
import { lockData } from './lib/data-lock.mjs';
import { ensurePackages, ensureProgram, requireNode } from './lib/install.mjs';
import { startMariadb } from './lib/mariadb.mjs';
import { fromRoot } from './lib/paths.mjs';
import { say, stop } from './lib/say.mjs';
import { keepRunning } from './lib/server.mjs';

const isDev = process.argv.includes('--dev');
const host = process.env.HOST ?? '127.0.0.1';
const port = Number(process.env.PORT ?? 4710);
const dataFolder = resolve(process.env.HODSMAN_DATA ?? fromRoot('.data'));

/** What runs, in the order in which it was started; it is stopped in the other. */
const running = [];
let isStopping = false;

/** Stops everything in order; asked a second time, at once. */
async function stopAll(status) {
  if (isStopping) {
    killAll('SIGKILL');
    process.exit(130);
  }
  isStopping = true;
  // what is only on its way (an installation, a build) need not end well
  if (running.length === 0) killAll('SIGTERM');
  for (const part of running.reverse()) await part.stop();
  process.exit(status);
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

async function startDatabase() {
  await ensureProgram('mariadbd', 'mariadb-server');
  const database = await startMariadb(join(dataFolder, 'mariadb'), {
    onCrash: () => say('MariaDB ended unexpectedly; starting it again …'),
    onMend: (words) => say(`mended: ${words}`),
  });
  running.push(database);
  return database.url;
}

/** Built pages and the server; the database is up meanwhile. */
async function serve(env) {
  if (isStale()) {
    say('building …');
    await build();
  }
  if (isStopping) return;
  const parts = {
    ...env,
    HODSMAN_WEB: fromRoot('web/dist'),
    ...(process.env.HODSMAN_DATABASE_URL ? {} : { HODSMAN_DATA_FOLDER: dataFolder }),
    HODSMAN_BACKUPS: process.env.HODSMAN_BACKUPS ?? join(dataFolder, 'backups'),
  };
  keep(['--enable-source-maps', 'server/dist/main.js'], parts);
}

function keep(words, env) {
  running.push(
    keepRunning(words, env, {
      onEnd: () => stopAll(1),
      onCrash: () => say('the server ended unexpectedly; starting it again …'),
    }),
  );
}

function serveWithReload(env) {
  const bin = (name) => fromRoot('node_modules', '.bin', name);
  keep([bin('tsx'), 'watch', '--clear-screen=false', 'server/src/main.ts'], {
    ...env,
    PORT: String(port + 1),
    HODSMAN_DEV: '1',
  });
  keep([bin('vite'), '--config', 'web/vite.config.ts', '--host', host, '--port', String(port), '--strictPort'], {
    HODSMAN_API: `http://${host}:${port + 1}`,
  });
}

requireNode();
if (!Number.isInteger(port) || port < 1 || port > 65535)
  stop(`PORT is ${process.env.PORT}, expected a number from 1 to 65535`);
lockOrStop();
const trouble = await portIsFree();
if (trouble === 'EADDRINUSE')
  stop(`port ${port} is taken by another program; stop that, or set PORT to another number`);
if (trouble) stop(`cannot listen on ${host}:${port} (${trouble}); set HOST and PORT`);
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => stopAll(0));
// a terminal that was closed takes no more words, which is no reason to leave things running
for (const stream of [process.stdout, process.stderr]) stream.on('error', () => {});
try {
  await ensurePackages();
  const databaseUrl = process.env.HODSMAN_DATABASE_URL || (await startDatabase());
  const tls = await certificateFor(process.env.HODSMAN_HTTPS, host, join(dataFolder, 'https'));
  const env = {
    HODSMAN_DATABASE_URL: databaseUrl,
    HOST: host,
    PORT: String(port),
    ...(tls && { HODSMAN_TLS_CERT: tls.cert, HODSMAN_TLS_KEY: tls.key }),
    ...(tls?.authority && { HODSMAN_TLS_AUTHORITY: tls.authority }),
  };
  if (!isStopping) await (isDev ? serveWithReload(env) : serve(env));
} catch (e) {
  if (!isStopping) {
    console.error(`hodsman: ${e.message}`);
    await stopAll(1);
  }
}
