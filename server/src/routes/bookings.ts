import { Router } from 'express';
import { z } from 'zod';
import { Problem } from '../services/problem.ts';

const PATIENCE_MS = 5_000;
const MOST_BYTES = 2_000_000;
const dateSchema = z.string().regex(/^\d{4}-\d{2}-\d{2}$/);

/**
 * What the booking feed says of a day, handed on as it came with its media type. `feedUrl` is the feed that was set up, asked with
 * `?date=`; without one the stand-in of this server answers.
 */
export function bookingRoutes(feedUrl: string | undefined, standInUrl: (port: number) => string): Router {
  const router = Router();
  router.get('/bookings', async (req, res) => {
    const date = dateSchema.safeParse(req.query['date']);
    if (!date.success) throw new Problem(400, 'bad-request', 'expected ?date= with a day such as 2027-03-06');
    const url = new URL(feedUrl ?? standInUrl(req.socket.localPort ?? 0));
    url.searchParams.set('date', date.data);
    const { type, text } = await fetchFeed(url);
    res.set('Cache-Control', 'no-store').json({ type, text, isStandIn: feedUrl === undefined });
  });
  return router;
}

async function fetchFeed(url: URL): Promise<{ readonly type: string; readonly text: string }> {
  const unreachable = (why: string): Problem => new Problem(502, 'feed-down', `the booking feed ${why}`);
  const answer = await fetch(url, { signal: AbortSignal.timeout(PATIENCE_MS) }).catch(() => {
    throw unreachable('does not answer');
  });
  if (!answer.ok) throw unreachable(`answers ${answer.status}`);
  const text = await answer.text().catch(() => {
    throw unreachable('breaks off');
  });
  if (text.length > MOST_BYTES) throw unreachable('sends more than 2 MB');
  return { type: answer.headers.get('content-type') ?? 'application/json', text };
}
