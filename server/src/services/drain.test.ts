import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import express from 'express';
import { describe, expect, it } from 'vitest';
import { drain } from './drain.ts';

const serve = async (ms: number, graceMs: number) => {
  const ending = drain(graceMs);
  const app = express();
  app.use(ending.refuse);
  app.get('/slow', (_req, res) => void setTimeout(() => res.send('done'), ms));
  const server = createServer(app);
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}/slow`;
  return { ending, server, url };
};
const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

describe('the end of a server', () => {
  it('answers what is in flight, and ends after it', async () => {
    const { ending, server, url } = await serve(300, 5_000);
    const inFlight = fetch(url);
    await pause(100);
    let isClosed = false;
    await ending.end(server, () => {
      isClosed = true;
      return Promise.resolve();
    });
    expect([await (await inFlight).text(), isClosed]).toEqual(['done', true]);
    await expect(fetch(url)).rejects.toThrow();
  });
  it('does not wait longer than its time, for a request or for the database', async () => {
    const { ending, server, url } = await serve(60_000, 200);
    const inFlight = fetch(url).catch(() => 'cut off');
    await pause(100);
    await ending.end(server, () => new Promise(() => undefined));
    expect(await inFlight).toBe('cut off');
  });
  it('tells what goes on for long to end, unless it has ended by itself', async () => {
    const { ending, server } = await serve(0, 200);
    const told: string[] = [];
    ending.atEnd(() => told.push('still there'));
    const forget = ending.atEnd(() => told.push('ended before'));
    forget();
    await ending.end(server, () => Promise.resolve());
    expect(told).toEqual(['still there']);
  });
});
