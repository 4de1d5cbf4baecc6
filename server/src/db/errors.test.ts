import { ConnectionAcquireTimeoutError, ConnectionError, DatabaseError } from 'sequelize';
import { describe, expect, it } from 'vitest';
import { isLockHeld, troubleOf } from './errors.ts';

const database = (parts: object): DatabaseError =>
  new DatabaseError(Object.assign(new Error('message' in parts ? String(parts.message) : 'x'), { sql: '' }, parts));

describe('errors of the database', () => {
  it.each([
    [{ errno: 1205 }, 'away'],
    [{ errno: 1213 }, 'away'],
    [{ errno: 1969 }, 'away'],
    [{ errno: 1040 }, 'away'],
    [{ errno: 1047 }, 'away'],
    [{ errno: 45_026, code: 'ER_SOCKET_TIMEOUT' }, 'away'],
    [{ errno: 45_013, sqlState: '08S01' }, 'away'],
    [{ errno: 1021 }, 'full'],
    [{ errno: 1114 }, 'full'],
    [{ errno: 1030, message: 'Got error 28 "No space left on device" from storage engine InnoDB' }, 'full'],
    [{ errno: 1026, message: 'Error writing file (Errcode: 28)' }, 'full'],
    [{ errno: 1064, code: 'ER_PARSE_ERROR', sqlState: '42000' }, undefined],
  ])('%j means %s', (parts, trouble) => {
    expect(troubleOf(database(parts))).toBe(trouble);
  });
  it('of the pool and the connection pass, those of nobody’s database are none', () => {
    const refused = new ConnectionError(new Error('refused'));
    expect(troubleOf(refused)).toBe('away');
    expect(troubleOf(new ConnectionAcquireTimeoutError(new Error('busy')))).toBe('away');
    expect(troubleOf(new Error('a mistake of ours'))).toBeUndefined();
    expect([isLockHeld(database({ errno: 1205 })), isLockHeld(database({ errno: 1213 }))]).toEqual([true, false]);
  });
});
