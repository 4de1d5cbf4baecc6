import { pino } from 'pino';
import type { Express } from 'express';
import type { Sequelize } from 'sequelize';
import { createApp, type AppParts } from './app.ts';
import { connect } from './db/connect.ts';
import { migrate } from './db/migrate.ts';
import { repositoriesOn, type Repositories } from './db/repositories/index.ts';

export interface TestServer extends Repositories {
  readonly app: Express;
  readonly sequelize: Sequelize;
  readonly repositories: Repositories;
}

/** The address of the MariaDB for tests; they do not run without one. */
export function testDatabaseUrl(): string {
  const url = process.env['HODSMAN_TEST_DATABASE_URL'];
  if (!url) throw new Error('HODSMAN_TEST_DATABASE_URL is missing; npm test starts a MariaDB and sets it');
  return url;
}

/** The application on a real MariaDB, migrated; `isFresh` drops what was there. */
export async function startTestServer({
  url = testDatabaseUrl(),
  isFresh = true,
  parts = {},
}: {
  readonly url?: string;
  readonly isFresh?: boolean;
  readonly parts?: Partial<AppParts>;
} = {}): Promise<TestServer> {
  const sequelize = connect(url);
  if (isFresh) await sequelize.getQueryInterface().dropAllTables();
  await migrate(sequelize);
  const repositories = repositoriesOn(sequelize);
  const logger = pino({ level: 'silent' });
  const app = createApp({
    ...repositories,
    logger,
    version: '9.9.9',
    webFolder: undefined,
    ...parts,
  });
  return { app, sequelize, repositories, ...repositories };
}
