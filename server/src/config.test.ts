import { describe, expect, it } from 'vitest';
import { readConfig } from './config.ts';

describe('the environment', () => {
  it('is read with defaults for host and port', () => {
    expect(readConfig({ HODSMAN_DATABASE_URL: 'mysql://a:b@db/c' })).toEqual({
      databaseUrl: 'mariadb://a:b@db/c',
      host: '127.0.0.1',
      port: 4710,
      webFolder: undefined,
      bookingFeed: undefined,
    });
  });
  it.each([
    [{}, /^HODSMAN_DATABASE_URL is missing/],
    [{ HODSMAN_DATABASE_URL: 'postgres://x' }, /^HODSMAN_DATABASE_URL is no address of a MariaDB/],
    [{ HODSMAN_DATABASE_URL: 'mariadb://x', PORT: 'http' }, /^PORT is http, expected/],
    [{ HODSMAN_DATABASE_URL: 'mariadb://x', HODSMAN_BOOKING_FEED: 'ftp://x' }, /^HODSMAN_BOOKING_FEED is no address/],
  ])('is refused in one sentence: %j', (env, words) => {
    expect(readConfig(env)).toMatch(words);
  });
});
