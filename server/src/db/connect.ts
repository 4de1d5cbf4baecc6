import { Sequelize } from 'sequelize';

const ACQUIRE_TIMEOUT_MS = 5_000;
const CONNECT_TIMEOUT_MS = 3_000;

/** A pool of connections to a MariaDB; opens none yet. Connections that break are replaced, so a restart of the database is survived. */
export function connect(databaseUrl: string): Sequelize {
  return new Sequelize(databaseUrl, {
    dialect: 'mariadb',
    logging: false,
    pool: { max: 8, min: 0, idle: 10_000, acquire: ACQUIRE_TIMEOUT_MS },
    dialectOptions: { connectTimeout: CONNECT_TIMEOUT_MS },
    define: { timestamps: false, freezeTableName: true },
  });
}
