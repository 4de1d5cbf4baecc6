import express from 'express';
import pino from 'pino';
import { ConnectionError, DatabaseError, UniqueConstraintError } from 'sequelize';
import request from 'supertest';
import { describe, expect, it } from 'vitest';
import { handleErrors } from './errors.ts';
import { outages } from './outage.ts';
import { Problem } from './problem.ts';

const driver = (errno: number, message = 'told by the database') =>
  new DatabaseError(Object.assign(new Error(message), { errno, sql: 'UPDATE …' }));

/** What a client and the log hear of an error that some part threw. */
async function answered(thrown: Error) {
  const lines: string[] = [];
  const logger = pino({ level: 'info' }, { write: (line: string) => lines.push(line) });
  const app = express();
  app.use((req, _res, next) => {
    req.log = logger;
    next();
  });
  app.get('/', () => {
    throw thrown;
  });
  app.use(handleErrors(outages(logger)));
  const first = await request(app).get('/');
  await request(app).get('/');
  return { first, lines };
}

describe('an error that was thrown', () => {
  it.each([
    ['a full disk of the database', driver(1021), 507, '/problems/disk-full'],
    ['a full table', driver(1114), 507, '/problems/disk-full'],
    ['a row that is held', driver(1205), 503, '/problems/database-down'],
    ['a lost connection', new ConnectionError(new Error('gone')), 503, '/problems/database-down'],
    ['a mistake of ours in SQL', driver(1064), 500, '/problems/internal'],
    ['a mistake of ours', new TypeError('x is undefined'), 500, '/problems/internal'],
    ['a save id of another write', new UniqueConstraintError({}), 400, '/problems/bad-request'],
    ['what a part says itself', new Problem(409, 'newer', 'x'), 409, '/problems/newer'],
    [
      'a body that is too large',
      Object.assign(new Error('x'), { type: 'entity.too.large', status: 413 }),
      413,
      '/problems/too-large',
    ],
  ])('%s is answered in words, and as what it is', async (_, thrown, status, type) => {
    const { first } = await answered(thrown);
    expect([first.status, first.type]).toEqual([status, 'application/problem+json']);
    const body = JSON.parse(first.text) as { type: string; title: string };
    expect(body.type).toBe(type);
    expect(first.text).not.toMatch(/UPDATE|told by the database|undefined/);
    // who should try again hears when
    expect(first.headers['retry-after'] !== undefined).toBe(status === 503 || status === 507);
  });
  it('is in the log once an outage, and each time where it is a mistake of ours; never with what was asked for', async () => {
    expect((await answered(driver(1205))).lines).toHaveLength(1);
    expect((await answered(driver(1021))).lines).toHaveLength(1);
    expect((await answered(new TypeError('x'))).lines).toHaveLength(2);
    expect((await answered(new Problem(422, 'refused', 'x'))).lines).toEqual([]);
  });
});
