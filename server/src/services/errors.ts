import type { ErrorRequestHandler } from 'express';
import { BaseError, ConnectionError, DatabaseError } from 'sequelize';
import { Problem, sendProblem } from './problem.ts';

/** Error numbers of MariaDB for a full disk or table. */
const DISK_FULL = new Set([28, 1021, 1114]);

/** What a thrown error means to the client; the one place where errors become statuses. */
function problemOf(error: unknown): Problem {
  if (error instanceof Problem) return error;
  if (error instanceof ConnectionError)
    return new Problem(503, 'database-down', 'nothing was changed; try again in a moment');
  if (error instanceof DatabaseError) {
    const errno: unknown = 'errno' in error.original ? error.original.errno : undefined;
    if (typeof errno === 'number' && DISK_FULL.has(errno))
      return new Problem(507, 'disk-full', 'nothing was changed; free some space and save again');
  }
  // the pool gives up on a database that is gone with an error of its own
  if (error instanceof BaseError && error.name.startsWith('SequelizeConnection'))
    return new Problem(503, 'database-down', 'nothing was changed; try again in a moment');
  return (
    problemOfRequest(error) ?? new Problem(500, 'internal', 'nothing more is known here; the log of the server has it')
  );
}

/** Errors that express makes of a request that it cannot read. */
function problemOfRequest(error: unknown): Problem | undefined {
  if (!(error instanceof Error) || !('type' in error)) return undefined;
  switch (error.type) {
    case 'entity.parse.failed':
      return new Problem(400, 'not-json', 'the body cannot be read as JSON; nothing was changed');
    case 'entity.too.large':
      return new Problem(413, 'too-large', 'a document may hold 2 MB; nothing was changed');
    default:
      return new Problem(400, 'bad-request', error.message);
  }
}

export const handleErrors: ErrorRequestHandler = (error: unknown, req, res, next) => {
  const problem = problemOf(error);
  if (problem.status >= 500) req.log.error(error);
  if (res.headersSent) next(error);
  else sendProblem(res, problem);
};
