import { describe, expect, it } from 'vitest';
import { OPEN_WORDS, readConfig } from './config.ts';

const DB = { HODSMAN_DATABASE_URL: 'mariadb://x' };

describe('the environment', () => {
  it('is read with defaults for host, port and names', () => {
    expect(readConfig({ HODSMAN_DATABASE_URL: 'mysql://a:b@db/c' })).toEqual({
      databaseUrl: 'mariadb://a:b@db/c',
      host: '127.0.0.1',
      port: 4710,
      names: ['localhost', '127.0.0.1', '[::1]'],
      webFolder: undefined,
      bookingFeed: undefined,
      dataFolder: undefined,
      leastFreeBytes: 64 * 2 ** 20,
      tls: undefined,
    });
    const secure = readConfig({ ...DB, HODSMAN_TLS_CERT: 'c.pem', HODSMAN_TLS_KEY: 'k.pem' });
    expect(secure).toMatchObject({ tls: { cert: 'c.pem', key: 'k.pem', authority: undefined } });
  });
  it.each([
    [{}, /^HODSMAN_DATABASE_URL is missing/],
    [{ HODSMAN_DATABASE_URL: 'postgres://x' }, /^HODSMAN_DATABASE_URL is no address of a MariaDB/],
    [{ ...DB, PORT: 'http' }, /^PORT is http, expected/],
    [{ ...DB, HODSMAN_BOOKING_FEED: 'ftp://x' }, /^HODSMAN_BOOKING_FEED is no address/],
    [{ ...DB, HODSMAN_NAMES: 'kitchen.example:80' }, /^HODSMAN_NAMES holds kitchen.example:80/],
    [{ ...DB, HODSMAN_TLS_CERT: 'c.pem' }, /^HODSMAN_TLS_CERT and HODSMAN_TLS_KEY go together/],
    [{ ...DB, HOST: '0.0.0.0' }, /^HOST is 0.0.0.0, which opens every class to the whole network/],
    [{ ...DB, HOST: '192.168.1.7', HODSMAN_OPEN: 'yes' }, /to want that, set HODSMAN_OPEN=/],
  ])('is refused in one sentence: %j', (env, words) => {
    expect(readConfig(env)).toMatch(words);
  });
  it('opens to the network only when it is said in words, under the names that are given', () => {
    const open = readConfig({ ...DB, HOST: '0.0.0.0', HODSMAN_OPEN: OPEN_WORDS, HODSMAN_NAMES: 'kitchen.example, ' });
    expect(open).toMatchObject({ host: '0.0.0.0', names: ['localhost', '127.0.0.1', '[::1]', 'kitchen.example'] });
  });
});
