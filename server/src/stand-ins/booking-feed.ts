import { Router } from 'express';

/** One state of a booking: the feed gives the last one of each that has come to pass. */
interface Event {
  readonly ref: string;
  readonly status: 'booked' | 'cancelled';
  readonly people: readonly { readonly name: string; readonly avoids: string }[];
}

const person = (name: string, avoids = '') => ({ name, avoids });

/** What happens day by day: bookings, late ones, a change, cancellations. Invented people. */
const DAYS: readonly (readonly Event[])[] = [
  [
    { ref: 'R-201', status: 'booked', people: [person('Liv Aarestad'), person('Jonas Aarestad', 'no dairy')] },
    { ref: 'R-202', status: 'booked', people: [person('Petra Quill')] },
  ],
  [{ ref: 'R-203', status: 'booked', people: [person('Anselm Duro', 'coeliac'), person('Mina Duro')] }],
  [
    { ref: 'R-202', status: 'cancelled', people: [] },
    { ref: 'R-204', status: 'booked', people: [person('Yara Holm', 'vegan')] },
  ],
  [
    { ref: 'R-201', status: 'booked', people: [person('Liv Aarestad'), person('Jonas Aarestad', 'no dairy, no egg')] },
    { ref: 'R-205', status: 'booked', people: [person('Cato Brandt', 'the blue ones')] },
  ],
];

const quoted = (cell: string): string => (/[",\n]/.test(cell) ? `"${cell.replace(/"/g, '""')}"` : cell);

/**
 * A simulated booking system: `GET bookings.json` and `bookings.csv` give what is booked for a day, `POST bookings/later` lets the next
 * news happen. It forgets everything when the server stops.
 */
export function bookingFeed(): Router {
  const router = Router();
  let day = 1;
  const bookings = (date: string) => {
    const latest = new Map<string, Event & { readonly changed: string }>();
    DAYS.slice(0, day).forEach((events, n) => {
      for (const e of events) latest.set(e.ref, { ...e, changed: `${date} ${n + 1}` });
    });
    return [...latest.values()];
  };
  const dateOf = (query: unknown): string => (typeof query === 'string' ? query.slice(0, 10) : '');
  router.get('/bookings.json', (req, res) => {
    res.json({ bookings: bookings(dateOf(req.query['date'])) });
  });
  router.get('/bookings.csv', (req, res) => {
    const rows = bookings(dateOf(req.query['date'])).flatMap((b) =>
      (b.people.length > 0 ? b.people : [person('')]).map((p) => [b.ref, b.changed, b.status, p.name, p.avoids]),
    );
    const text = [['ref', 'changed', 'status', 'name', 'avoids'], ...rows]
      .map((r) => r.map(quoted).join(','))
      .join('\r\n');
    res.type('text/csv').send(`${text}\r\n`);
  });
  router.post('/bookings/later', (_req, res) => {
    day = Math.min(DAYS.length, day + 1);
    res.status(204).end();
  });
  return router;
}
