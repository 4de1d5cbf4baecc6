import { Router } from 'express';
import { z } from 'zod';
import { Problem } from '../services/problem.ts';

const PATIENCE_MS = 5_000;
const MOST_BYTES = 2_000_000;
const dateSchema = z.string().regex(/^\d{4}-\d{2}-\d{2}$/);

/**
 * What the booking feed says of a day, handed on as it came with its media type. `feedUrl` is the feed that was set up, asked with
 * `?date=`; name and password may stand in it. Without one the stand-in of this server answers.
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

const unreachable = (why: string): Problem => new Problem(502, 'feed-down', `the booking feed ${why}`);

async function fetchFeed(address: URL): Promise<{ readonly type: string; readonly text: string }> {
  const { username, password } = address;
  const url = new URL(address);
  [url.username, url.password] = ['', ''];
  const secret = Buffer.from(`${decodeURIComponent(username)}:${decodeURIComponent(password)}`).toString('base64');
  const answer = await fetch(url, {
    signal: AbortSignal.timeout(PATIENCE_MS),
    // the feed that was set up is the one that is asked: what it points to is not
    redirect: 'manual',
    ...(username !== '' && { headers: { Authorization: `Basic ${secret}` } }),
  }).catch(() => {
    throw unreachable('does not answer');
  });
  if (answer.status >= 300 && answer.status < 400) throw unreachable('points elsewhere, which is not followed');
  if (!answer.ok) throw unreachable(`answers ${answer.status}`);
  return { type: answer.headers.get('content-type') ?? 'application/json', text: await readLimited(answer) };
}

/** The text of an answer, given up as soon as it is longer than the limit: nothing beyond is held. */
async function readLimited(answer: globalThis.Response): Promise<string> {
  const decoder = new TextDecoder();
  const parts: string[] = [];
  let bytes = 0;
  try {
    for await (const chunk of answer.body ?? []) {
      const part = chunk as Uint8Array;
      bytes += part.length;
      if (bytes > MOST_BYTES) throw unreachable('sends more than 2 MB');
      parts.push(decoder.decode(part, { stream: true }));
    }
  } catch (e) {
    throw e instanceof Problem ? e : unreachable('breaks off');
  }
  return parts.join('') + decoder.decode();
}
