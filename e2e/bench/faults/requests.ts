import fc from 'fast-check';
import demoClass from '../../../demo/class.json' with { type: 'json' };

const AT_ONCE = 16;

const part = fc.oneof(
  fc.constantFrom(
    'documents',
    'class',
    'bread',
    'kitchen',
    'pantry',
    'demo-class',
    'demo-round',
    'versions',
    '1',
    'restore',
    'bookings',
    'stand-in',
    'bookings.json',
    'bookings.csv',
    'later',
    'health',
    '%00',
    '%E0%A4%A',
    '..',
    '',
  ),
  fc.string({ maxLength: 12 }).map(encodeURIComponent),
);
/** The routes that there are, so that most requests get past the first branch. */
const known = fc
  .tuple(
    fc.constantFrom(
      'documents/class',
      'documents/bread',
      'documents/kitchen/demo-kitchen',
      'documents/class/demo-class',
      'documents/class/demo-class/versions',
      'documents/class/demo-class/versions/1',
      'documents/pantry/pantry',
      'documents/class/demo-sunday/restore',
      'bookings',
      'health',
      'stand-in/bookings.json',
    ),
    fc.constant(''),
  )
  .map(([path]) => path);
const path = fc.oneof(
  { weight: 2, arbitrary: known },
  { weight: 1, arbitrary: fc.array(part, { maxLength: 5 }).map((p) => p.join('/')) },
);
const query = fc.oneof(
  fc.constant(''),
  fc.constantFrom(
    '?limit=1',
    '?limit=-1',
    '?after=x',
    '?removed=true',
    '?version=1',
    '?version=9e99',
    '?date=2027-03-06',
    '?date=x',
  ),
  fc.webQueryParameters().map((q) => `?${q}`),
);
const body = fc.oneof(
  fc.json({ maxDepth: 5 }),
  fc.string({ maxLength: 200 }),
  fc.constant(JSON.stringify({ version: 1, body: demoClass })),
  fc.jsonValue().map((v) => JSON.stringify({ version: 1, body: { ...demoClass, roster: v } })),
  fc.integer({ min: 1, max: 3_000 }).map((n) => '['.repeat(n)),
);
const headers = fc.oneof(
  fc.constant({}),
  fc.record({ 'Idempotency-Key': fc.constantFrom('x', 'good-enough-key', 'ä'.repeat(3)) }).map((h) => {
    const key = h['Idempotency-Key'];
    return /^[ -~]*$/.test(key) ? { 'Idempotency-Key': key } : {};
  }),
  fc.constantFrom<Record<string, string>>(
    { 'Content-Encoding': 'gzip' },
    { 'Content-Encoding': 'odd' },
    { 'Sec-Fetch-Site': 'cross-site' },
    { Origin: 'null' },
  ),
);
const request = fc.record({
  method: fc.constantFrom('GET', 'GET', 'POST', 'PUT', 'DELETE', 'PATCH'),
  path,
  query,
  body,
  headers,
});

/** Asks so many made-up things; gives how many were answered with 5xx or not at all, and the answers by hundreds. */
export async function askAnything(
  url: string,
  count: number,
): Promise<{ readonly failed: number; readonly byHundred: readonly string[] }> {
  const list = fc.sample(request, { numRuns: count, seed: 77 });
  const answers = new Map<number, number>();
  let failed = 0;
  let next = 0;
  const work = async (): Promise<void> => {
    for (let r = list[next++]; r; r = list[next++]) {
      const hasBody = r.method === 'POST' || r.method === 'PUT' || r.method === 'PATCH';
      const init = {
        method: r.method,
        headers: { 'content-type': 'application/json', ...r.headers },
        ...(hasBody && { body: r.body }),
      };
      const status = await fetch(`${url}/${r.path}${r.query}`, init)
        .then(async (a) => {
          await a.arrayBuffer();
          return a.status;
        })
        .catch(() => 0);
      // a feed that is asked for a day of nonsense is no trouble of the server
      if (status === 0 || status >= 500) failed++;
      const hundred = Math.floor(status / 100);
      answers.set(hundred, (answers.get(hundred) ?? 0) + 1);
    }
  };
  await Promise.all(Array.from({ length: AT_ONCE }, work));
  const byHundred = [...answers].sort(([a], [b]) => a - b).map(([hundred, n]) => `${hundred}xx ${n}`);
  return { failed, byHundred };
}
