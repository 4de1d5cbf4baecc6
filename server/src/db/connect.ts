import { Sequelize } from 'sequelize';

const ACQUIRE_TIMEOUT_MS = 4_000;
const CONNECT_TIMEOUT_MS = 3_000;
/** A connection on which nothing comes for so long is given up: the database hangs, or the network between. */
const SOCKET_TIMEOUT_MS = 4_500;
/** Idle connections go before that time is up, so that none is given up for having nothing to do. */
const IDLE_MS = 3_000;
/** What one statement, and the wait for one locked row, may take. */
const STATEMENT_SEC = 4;
const LOCK_SEC = 2;

/**
 * A pool of connections to a MariaDB; opens none yet. Connections that break are replaced, so a restart of the database is survived.
 * `isPatient` is for migrations, which may take their time.
 */
export function connect(databaseUrl: string, { isPatient = false } = {}): Sequelize {
  const limits = {
    socketTimeout: SOCKET_TIMEOUT_MS,
    initSql: `SET SESSION max_statement_time = ${STATEMENT_SEC}, SESSION innodb_lock_wait_timeout = ${LOCK_SEC}`,
  };
  return new Sequelize(databaseUrl, {
    dialect: 'mariadb',
    logging: false,
    pool: { max: 12, min: 0, idle: IDLE_MS, evict: 500, acquire: ACQUIRE_TIMEOUT_MS },
    dialectOptions: { connectTimeout: CONNECT_TIMEOUT_MS, ...(isPatient ? {} : limits) },
    define: { timestamps: false, freezeTableName: true },
  });
}
