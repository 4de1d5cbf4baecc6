import { BaseError, ConnectionError, DatabaseError } from 'sequelize';

/** Error numbers of MariaDB for a full disk or table; 1030 and 1026 name the system's own error in their text. */
const DISK_FULL = new Set([28, 1021, 1114]);
const NAMES_FULL_DISK = /no space left|errno:? "?28|errcode:? "?28|disk (is )?full|quota/i;

const LOCK_WAIT = 1205;
/**
 * Error numbers of MariaDB that pass by themselves: shutting down, too many connections, locks, deadlocks, statements or connections
 * that were ended, a node that is not ready, read-only for a while (MariaDB Knowledge Base, "MariaDB Error Codes", from memory).
 */
const PASSING = new Set([
  1020, 1040, 1047, 1053, 1077, 1079, 1129, 1152, 1158, 1159, 1160, 1161, 1203, 1205, 1213, 1226, 1290, 1317, 1836,
  1927, 1969, 2002, 2003, 2006, 2013, 3024, 4166,
]);
/** Codes of the connector for a connection that broke, hangs or could not be had. */
const PASSING_CODE =
  /^(ER_SOCKET|ER_CONNECTION|ER_CMD_CONNECTION|ER_GET_CONNECTION|ER_CMD_NOT_EXECUTED|ECONN|EPIPE|ETIMEDOUT|ENOTFOUND|EHOSTUNREACH)/;
/** SQLSTATE classes: 08 connection, 40 transaction rolled back, 70100 interrupted. */
const PASSING_STATE = /^(08|40|70100)/;

interface DriverError {
  readonly errno?: unknown;
  readonly code?: unknown;
  readonly sqlState?: unknown;
  readonly message?: unknown;
}

function driverErrorOf(error: unknown): DriverError {
  const original = error instanceof BaseError && 'original' in error ? error.original : error;
  return typeof original === 'object' && original !== null ? original : {};
}

/** Whether somebody else holds the row for longer than one waits. */
export const isLockHeld = (error: unknown): boolean =>
  error instanceof BaseError && driverErrorOf(error).errno === LOCK_WAIT;

export type DatabaseTrouble = 'full' | 'away';

/** What kind of trouble of the database an error is; undefined where it is a mistake of ours, or of no database. */
export function troubleOf(error: unknown): DatabaseTrouble | undefined {
  if (!(error instanceof BaseError)) return undefined;
  const { errno, code, sqlState, message } = driverErrorOf(error);
  const isDatabase = error instanceof DatabaseError || error instanceof ConnectionError;
  if (isDatabase && ((typeof errno === 'number' && DISK_FULL.has(errno)) || NAMES_FULL_DISK.test(String(message))))
    return 'full';
  if (error instanceof ConnectionError || error.name.startsWith('SequelizeConnection')) return 'away';
  const isPassing =
    (typeof errno === 'number' && PASSING.has(errno)) ||
    (typeof code === 'string' && PASSING_CODE.test(code)) ||
    (typeof sqlState === 'string' && PASSING_STATE.test(sqlState));
  return isPassing ? 'away' : undefined;
}
