import { createServer } from 'node:http';
import { pino } from 'pino';
import packageJson from '../../package.json';
import { createApp } from './app.ts';
import { readConfig } from './config.ts';
import { connect } from './db/connect.ts';
import { migrate } from './db/migrate.ts';
import { documentRepository } from './db/repositories/documents.ts';
import { loadDemoData } from './services/demo-data.ts';

function stop(line: string): never {
  console.error(`hodsman: ${line}`);
  process.exit(1);
}

const config = readConfig(process.env);
if (typeof config === 'string') stop(config);
const logger = pino({ level: process.env['LOG_LEVEL'] ?? 'warn' });
const sequelize = connect(config.databaseUrl);
const documents = documentRepository(sequelize);
try {
  await migrate(sequelize);
  await loadDemoData(documents);
} catch (e) {
  stop(`the database cannot be used (${e instanceof Error ? e.message : String(e)})`);
}

const server = createServer(
  createApp({
    documents,
    logger,
    version: packageJson.version,
    webFolder: config.webFolder,
    bookingFeed: config.bookingFeed,
  }),
);
server.on('error', (e: NodeJS.ErrnoException) => {
  stop(
    e.code === 'EADDRINUSE'
      ? `port ${config.port} is taken by another program; set PORT`
      : `cannot listen on ${config.host}:${config.port} (${e.message})`,
  );
});
server.listen(config.port, config.host, () => {
  if (process.env['HODSMAN_DEV'] === undefined) console.log(`Hodsman is ready: http://${config.host}:${config.port}/`);
});

for (const signal of ['SIGINT', 'SIGTERM'] as const)
  process.on(signal, () => {
    server.close(() => void sequelize.close().finally(() => process.exit(0)));
    server.closeAllConnections();
  });
