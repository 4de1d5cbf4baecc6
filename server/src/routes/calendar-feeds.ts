import { randomBytes } from 'node:crypto';
import { Router, type Request, type RequestHandler } from 'express';
import { z } from 'zod';
import type { CalendarFeedRepository } from '../db/repositories/calendar-feeds.ts';
import type { DocumentRepository } from '../db/repositories/documents.ts';
import { calendarFeeds, type MakeCalendar } from '../services/calendar-feeds.ts';
import { Problem } from '../services/problem.ts';
import { documentNamed } from './named.ts';

const fileSchema = z.string().regex(/^[\w-]{43}\.ics$/);
/** 256 bits: nobody guesses it. */
const TOKEN_BYTES = 32;

export interface FeedParts {
  readonly documents: Pick<DocumentRepository, 'find'>;
  readonly calendarFeeds: CalendarFeedRepository;
}

/** The address of a class for calendars, without the name of the server; null where there is none. */
const addressOf = (token: string | undefined) => ({ path: token === undefined ? null : `/calendar/${token}.ics` });

/** The calendar address of a class: asked for (`GET`), given (`PUT`, the same when there is one), and taken back (`DELETE`). */
export function calendarAddressRoutes({ documents, calendarFeeds: feeds }: FeedParts, hasRoom: RequestHandler): Router {
  const router = Router();
  const classOf = async (req: Request): Promise<string> => {
    const found = await documentNamed(documents, 'class', req);
    if (found.removedAt !== null) throw new Problem(404, 'not-found', 'there is no such class');
    return found.id;
  };
  router.get('/classes/:id/calendar-address', async (req, res) => {
    res.json(addressOf(await feeds.tokenOf(await classOf(req))));
  });
  router.put('/classes/:id/calendar-address', hasRoom, async (req, res) => {
    res.json(addressOf(await feeds.give(await classOf(req), randomBytes(TOKEN_BYTES).toString('base64url'))));
  });
  router.delete('/classes/:id/calendar-address', async (req, res) => {
    await feeds.takeBack(await classOf(req));
    res.json(addressOf(undefined));
  });
  return router;
}

/** What calendars fetch: the class as it was last saved, under a token that somebody gave away. */
export function calendarRoutes({ documents, calendarFeeds: feeds }: FeedParts, make: MakeCalendar): Router {
  const router = Router();
  const calendars = calendarFeeds(documents, feeds, make);
  router.get('/calendar/:file', async (req, res) => {
    const file = fileSchema.safeParse(req.params.file);
    const text = file.success ? await calendars.fetch(file.data.replace(/\.ics$/, '')) : undefined;
    if (text === undefined) throw new Problem(404, 'not-found', 'there is no such calendar');
    res.set('Cache-Control', 'private, no-cache').type('text/calendar').send(text);
  });
  return router;
}
