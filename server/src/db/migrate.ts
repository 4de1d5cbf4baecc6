import type { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { MIGRATIONS } from './migrations/index.ts';

const TRIES = 5;
const PAUSE_MS = 400;

/**
 * Runs the migrations that are due. Several servers may start at once on one database: each migration can be run twice, and the one
 * that comes second to note it down tries again and finds it noted.
 */
export async function migrate(sequelize: Sequelize): Promise<void> {
  const umzug = new Umzug({
    migrations: MIGRATIONS.map(({ name, up }) => ({ name, up: () => up(sequelize.getQueryInterface()) })),
    storage: new SequelizeStorage({ sequelize }),
    logger: undefined,
  });
  for (let attempt = 1; ; attempt++) {
    try {
      await umzug.up();
      return;
    } catch (e) {
      if (attempt >= TRIES) throw e;
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS * attempt));
    }
  }
}
