import type { RequestHandler } from 'express';
import type { Server } from 'node:http';
import { Problem } from './problem.ts';

const GRACE_MS = 5_000;
const CLOSE_MS = 1_000;

/** Ends a server in order: no new requests, those in flight are answered for a while, then all is closed. */
export interface Drain {
  /** Refuses what comes after the end has begun on a connection that is still open. */
  readonly refuse: RequestHandler;
  /** What goes on for long, such as a stream, is told to end; gives the way to forget it when it ends by itself. */
  atEnd(stop: () => void): () => void;
  /** Every wait in it has an end. */
  end(server: Server, after: () => Promise<void>): Promise<void>;
}

export function drain(graceMs = GRACE_MS): Drain {
  let isEnding = false;
  const stops = new Set<() => void>();
  return {
    atEnd(stop) {
      stops.add(stop);
      return () => void stops.delete(stop);
    },
    refuse: (_req, res, next) => {
      if (!isEnding) {
        next();
        return;
      }
      res.set('Connection', 'close');
      throw new Problem(503, 'shutting-down', 'nothing was changed; try again in a moment');
    },
    async end(server, after) {
      isEnding = true;
      for (const stop of stops) stop();
      const closed = new Promise<void>((resolve) => server.close(() => resolve()));
      server.closeIdleConnections();
      await Promise.race([closed, pause(graceMs)]);
      server.closeAllConnections();
      await Promise.race([after(), pause(CLOSE_MS)]);
    },
  };
}

const pause = (ms: number): Promise<void> =>
  new Promise((resolve) => {
    setTimeout(resolve, ms).unref();
  });
