import { readFileSync } from 'node:fs';
import { createServer } from 'node:http';
import { createServer as createSecureServer } from 'node:https';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { pino } from 'pino';
import packageJson from '../../package.json';
import { AUTHORITY_PATH, createApp } from './app.ts';
import { everyNight, keepBackup, writeBackup } from './backup/index.ts';
import { inAddress, isLoopback, readConfig } from './config.ts';
import { connect } from './db/connect.ts';
import { migrate } from './db/migrate.ts';
import { documentRepository } from './db/repositories/documents.ts';
import { repositoriesOn } from './db/repositories/index.ts';
import { loadDemoData } from './services/demo-data.ts';
import { UNWATCHED, watchDisk } from './services/disk.ts';
import { carryOver, tidy } from './services/documents.ts';
import { findChromium, pdfMaker } from './services/pdf.ts';
import { calendarInWorker } from './services/calendar-in-worker.ts';
import { drain } from './services/drain.ts';

const DAY_MS = 24 * 3600 * 1000;

/** Settings that make no sense: whoever keeps this process running need not try again. */
const HOPELESS = 2;

function stop(line: string, status = 1): never {
  console.error(`hodsman: ${line}`);
  process.exit(status);
}

const config = readConfig(process.env);
if (typeof config === 'string') stop(config, HOPELESS);
const logger = pino({ level: process.env['LOG_LEVEL'] ?? 'warn' });
const patient = connect(config.databaseUrl, { isPatient: true });
try {
  await migrate(patient);
  const documents = documentRepository(patient);
  await loadDemoData(documents);
  await carryOver(documents);
  await tidy(documents, Date.now());
} catch (e) {
  stop(`the database cannot be used (${e instanceof Error ? e.message : String(e)})`);
} finally {
  await patient.close();
}

const sequelize = connect(config.databaseUrl);
const repositories = repositoriesOn(sequelize);
const { documents } = repositories;
const room = config.dataFolder === undefined ? UNWATCHED : watchDisk(config.dataFolder, config.leastFreeBytes);
const ending = drain();
const { databaseUrl } = config;
/** Work that may take longer than one request has a connection of its own. */
async function patiently<T>(work: (own: ReturnType<typeof connect>) => Promise<T>): Promise<T> {
  const own = connect(databaseUrl, { isPatient: true });
  return work(own).finally(() => own.close());
}
const { version } = packageJson;
const { tls, webFolder } = config;
const chromium = findChromium(process.env);
/** With HTTPS what the server asks of itself goes over a port of this machine alone. */
const plain = tls ? createServer() : undefined;
const app = createApp({
  ...repositories,
  makeCalendar: calendarInWorker,
  makePdf:
    chromium !== undefined && webFolder !== undefined ? pdfMaker(chromium, join(webFolder, 'assets')) : undefined,
  backUp: (to) => patiently((own) => writeBackup(own, to, { program: version, nowMs: Date.now() })),
  logger,
  version,
  ...config,
  room,
  ending,
  plainPort: () => (plain?.address() as AddressInfo | null | undefined)?.port,
  authority: tls?.authority,
});
plain?.on('request', app).listen(0, '127.0.0.1');
const server = tls
  ? createSecureServer({ cert: readFileSync(tls.cert), key: readFileSync(tls.key) }, app)
  : createServer(app);
server.on('error', (e: NodeJS.ErrnoException) => {
  stop(
    e.code === 'EADDRINUSE'
      ? `port ${config.port} is taken by another program; set PORT`
      : `cannot listen on ${config.host}:${config.port} (${e.message})`,
  );
});
server.listen(config.port, config.host, () => {
  process.send?.('ready');
  if (process.env['HODSMAN_DEV'] !== undefined) return;
  const address = `${tls ? 'https' : 'http'}://${inAddress(config.host)}:${config.port}`;
  console.log(`Hodsman is ready: ${address}/`);
  if (tls?.authority !== undefined)
    console.log(
      `A tablet comes to trust it once: open ${address}${AUTHORITY_PATH} there, install what it loads as a certificate authority, and open the page again.`,
    );
  if (!isLoopback(config.host))
    console.log('It is open to the network: everyone who reaches this address may read and change every class.');
});
setInterval(() => void tidy(documents, Date.now()).catch((e: unknown) => logger.warn(e)), DAY_MS).unref();

/** The hour of the night in which a backup is made, by the clock of this machine. */
const BACKUP_HOUR = 3;
const { backups } = config;
if (backups)
  everyNight(BACKUP_HOUR, async () => {
    if (room.isFull()) return false;
    const made = patiently((own) => keepBackup(own, { ...backups, program: version, nowMs: Date.now() }));
    return made.then(
      () => true,
      (e: unknown) => {
        logger.error(e);
        return false;
      },
    );
  });

let isEnding = false;
function end(): void {
  // a second time means at once
  if (isEnding) process.exit(1);
  isEnding = true;
  void ending.end(server, () => sequelize.close()).finally(() => process.exit(0));
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'] as const) process.on(signal, end);
// whoever started this process is gone
process.on('disconnect', end);
