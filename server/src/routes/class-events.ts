import { Router, type Request, type RequestHandler, type Response } from 'express';
import { z } from 'zod';
import { MOST_AT_ONCE } from '@hodsman/core';
import type { DocumentRepository } from '../db/repositories/documents.ts';
import { sentEvent, type ClassEvents } from '../services/class-events.ts';
import type { Drain } from '../services/drain.ts';
import { Problem } from '../services/problem.ts';
import { documentNamed } from './named.ts';

const seqSchema = z.coerce.number().int().min(0).max(4_294_967_295).default(0);
/** Other servers append to the same log: it is looked at so often while somebody follows it. */
const LOOK_EVERY_MS = 100;
/** A line without content keeps the connection alive, and tells the server's time. */
const BEAT_EVERY_MS = 10_000;

export interface LiveParts {
  readonly documents: Pick<DocumentRepository, 'find'>;
  readonly events: ClassEvents;
  readonly ending: Drain;
  readonly now?: () => number;
}

/**
 * The log of a class that runs: appended to (`POST`), read from a place on (`GET ?after=`), and followed (`GET …/stream`, server-sent
 * events whose ids are the places; `Last-Event-ID` goes on from there). Every answer tells the server's time. `GET …/paces`: how the griddles
 * of its kitchen cooked when they were last used.
 */
export function classEventRoutes(parts: LiveParts, hasRoom: RequestHandler): Router {
  const { documents, events, ending, now = Date.now } = parts;
  const router = Router();
  const classOf = async (req: Request): Promise<string> => {
    const id = String(req.params['id']);
    // a class that is tapped at is not read again for every tap
    return events.knows(id) ? id : (await documentNamed(documents, 'class', req)).id;
  };

  router.post('/classes/:id/events', hasRoom, async (req, res) => {
    const sent: unknown = req.body;
    if (!Array.isArray(sent)) throw new Problem(400, 'bad-request', 'expected a list of events');
    if (sent.length > MOST_AT_ONCE)
      throw new Problem(
        413,
        'too-large',
        `${sent.length} events at once, at most ${MOST_AT_ONCE}; nothing was changed`,
      );
    const classId = await classOf(req);
    res.json({ ...(await events.append(classId, sent, now())), nowMs: now() });
  });

  router.get('/classes/:id/events', async (req, res) => {
    const after = seqSchema.safeParse(req.query['after']);
    if (!after.success) throw new Problem(400, 'bad-request', 'expected ?after= with a place in the log');
    const list = await events.read(await classOf(req), after.data);
    res.json({ events: list.map(sentEvent), nowMs: now() });
  });

  router.get('/classes/:id/paces', async (req, res) => {
    res.json({ paces: await events.remembered(await classOf(req)) });
  });

  router.get('/classes/:id/events/stream', async (req, res) => {
    const from = seqSchema.safeParse(req.get('Last-Event-ID') ?? req.query['after']);
    if (!from.success) throw new Problem(400, 'bad-request', 'expected Last-Event-ID with a place in the log');
    const classId = await classOf(req);
    res.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store', 'X-Accel-Buffering': 'no' });
    res.flushHeaders();
    follow(classId, from.data, res);
  });

  function follow(classId: string, from: number, res: Response): void {
    let seq = from;
    let reading: Promise<void> | undefined;
    let isAsked = false;
    const beat = (): void => void res.write(`event: time\ndata: ${now()}\n\n`);
    const readOn = async (): Promise<void> => {
      while (isAsked) {
        isAsked = false;
        for (const e of await events.read(classId, seq)) {
          res.write(`id: ${e.seq}\ndata: ${JSON.stringify(sentEvent(e))}\n\n`);
          seq = e.seq;
        }
      }
    };
    /** One reading at a time; who asks meanwhile is read for at its end. */
    const look = (): void => {
      isAsked = true;
      // while the database is away nothing can have been appended; it is looked at again in a moment
      reading ??= readOn()
        .catch(() => undefined)
        .finally(() => (reading = undefined));
    };
    const looking = setInterval(look, LOOK_EVERY_MS);
    const beating = setInterval(beat, BEAT_EVERY_MS);
    const unlisten = events.listen(classId, look);
    const forget = ending.atEnd(() => res.end());
    res.on('close', () => {
      clearInterval(looking);
      clearInterval(beating);
      unlisten();
      forget();
    });
    beat();
    look();
  }
  return router;
}
