import type { RequestHandler } from 'express';
import { Problem } from './problem.ts';

const READING = new Set(['GET', 'HEAD', 'OPTIONS']);

/** `kitchen.example:4710` without its port. */
const nameOf = (host: string): string => host.toLowerCase().replace(/:\d*$/, '');

/**
 * The one place that every request passes and where access is decided. There are no accounts yet, so whoever reaches the server may do
 * everything; but a page from elsewhere reaches it through somebody's browser only if it lies about names or asks across sites, and both
 * are refused: a `Host` that is none of ours, and writes whose `Origin` or `Sec-Fetch-Site` names another site.
 */
export function decideAccess(names: readonly string[]): RequestHandler {
  const own = new Set(names);
  return (req, _res, next) => {
    const host = req.headers.host ?? '';
    if (!own.has(nameOf(host)))
      throw new Problem(421, 'wrong-name', `this server does not answer to the name ${host.slice(0, 80) || '(none)'}`);
    if (!READING.has(req.method)) {
      const site = req.headers['sec-fetch-site'];
      const isForeignSite = site !== undefined && site !== 'same-origin' && site !== 'none';
      if (isForeignSite || !isOwnOrigin(req.headers.origin, own))
        throw new Problem(403, 'forbidden', 'nothing is changed for a page of another site');
    }
    next();
  };
}

function isOwnOrigin(origin: string | undefined, own: ReadonlySet<string>): boolean {
  if (origin === undefined) return true;
  try {
    const { protocol, host } = new URL(origin);
    return /^https?:$/.test(protocol) && own.has(nameOf(host));
  } catch {
    return false; // `null`, and whatever is no address
  }
}
