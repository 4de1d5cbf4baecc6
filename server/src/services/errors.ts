import type { ErrorRequestHandler } from 'express';
import { UniqueConstraintError } from 'sequelize';
import { troubleOf } from '../db/errors.ts';
import type { Outages } from './outage.ts';
import { Problem, sendProblem } from './problem.ts';

/** What a thrown error means to the client; the one place where errors become statuses. */
function problemOf(error: unknown): Problem {
  if (error instanceof Problem) return error;
  switch (troubleOf(error)) {
    case 'full':
      return diskFull();
    case 'away':
      return new Problem(503, 'database-down', 'nothing was changed; try again in a moment');
    case undefined:
      break;
  }
  if (error instanceof UniqueConstraintError)
    return new Problem(400, 'bad-request', 'the Idempotency-Key belongs to another write');
  return (
    problemOfRequest(error) ?? new Problem(500, 'internal', 'nothing more is known here; the log of the server has it')
  );
}

export const diskFull = (): Problem =>
  new Problem(507, 'disk-full', 'nothing was changed; free some space and save again. Reading goes on.');

/** Errors that express and its parts make of a request that makes no sense; they carry a status of their own. */
function problemOfRequest(error: unknown): Problem | undefined {
  if (!(error instanceof Error)) return undefined;
  const type: unknown = 'type' in error ? error.type : undefined;
  const status: unknown = 'status' in error ? error.status : 'statusCode' in error ? error.statusCode : undefined;
  switch (type) {
    case 'entity.parse.failed':
      return new Problem(400, 'not-json', 'the body cannot be read as JSON; nothing was changed');
    case 'entity.too.large':
      return new Problem(413, 'too-large', 'a document may hold 2 MB; nothing was changed');
  }
  if (typeof status !== 'number' || status < 400 || status > 499) return undefined;
  if (status === 404) return new Problem(404, 'not-found', 'there is nothing at this address');
  return new Problem(status, 'bad-request', error.message);
}

const OUTAGE: Readonly<Record<number, string>> = { 503: 'the database is away', 507: 'the disk is full' };

export function handleErrors(outages: Outages): ErrorRequestHandler {
  return (error: unknown, req, res, next) => {
    const problem = problemOf(error);
    const outage = OUTAGE[problem.status];
    if (outage !== undefined && problem.type !== 'shutting-down') outages.begin(outage, error);
    else if (problem.status >= 500) req.log.error({ err: error, method: req.method, url: req.url }, problem.type);
    if (res.headersSent) next(error);
    else sendProblem(res, problem);
  };
}
