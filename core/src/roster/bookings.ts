import Papa from 'papaparse';
import { z } from 'zod';
import { failure, fault, faultsOfZodError, given, type Result, success } from '../faults/index.ts';
import type { ClassRecord, Participant, Workshop } from '../workshop/index.ts';
import { readAvoided } from './avoided-words.ts';
import { addGuests, addRemarks, changeParticipant, removeParticipants } from './guests.ts';

const textSchema = z.string().trim().min(1).max(120);
const personSchema = z.object({ name: textSchema, avoids: z.string().max(400).default('') });
const bookingSchema = z.object({
  ref: textSchema,
  /** When it was last changed; any text that is another one after a change. */
  changed: textSchema,
  status: z.enum(['booked', 'cancelled']),
  people: z.array(personSchema).max(50).default([]),
});
const feedSchema = z.object({ bookings: z.array(bookingSchema).max(5_000) });

export type Booking = z.output<typeof bookingSchema>;

/**
 * The bookings of a feed: JSON `{ "bookings": [{ "ref", "changed", "status", "people": [{ "name", "avoids" }] }] }`, or CSV with the
 * columns `ref, changed, status, name, avoids` and one row a person. Faults name the path in the JSON, or the row.
 */
export function readBookings(text: string, mediaType: string): Result<readonly Booking[]> {
  const raw = mediaType.includes('csv') ? fromCsv(text) : fromJson(text);
  if (raw === undefined) return failure([fault('not-json', 'feed', { reason: 'the text ends or breaks off' })]);
  const parsed = feedSchema.safeParse(raw, { reportInput: true });
  return parsed.success ? success(parsed.data.bookings) : failure(faultsOfZodError(parsed.error));
}

function fromJson(text: string): unknown {
  try {
    return JSON.parse(text.replace(/^\ufeff/, '')) as unknown;
  } catch {
    return undefined;
  }
}

function fromCsv(text: string): unknown {
  const { data } = Papa.parse<Record<string, string>>(text.replace(/^\ufeff/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (h) => h.trim().toLowerCase(),
  });
  const bookings = new Map<string, { ref: unknown; changed: unknown; status: unknown; people: unknown[] }>();
  for (const { ref = '', changed, status, name, avoids = '' } of data) {
    const booking = bookings.get(ref) ?? { ref, changed, status, people: [] };
    if (name !== undefined && name.trim() !== '') booking.people.push({ name, avoids });
    bookings.set(ref, booking);
  }
  return { bookings: [...bookings.values()] };
}

/** Something that the feed says and the class does not know yet; `people` are the participants that came of the booking. */
export interface BookingNews {
  readonly kind: 'new' | 'changed' | 'cancelled';
  readonly booking: Booking;
  readonly people: readonly Participant[];
}

/** What is new in a feed against what was taken or declined before. */
export function bookingNews(record: ClassRecord, bookings: readonly Booking[]): readonly BookingNews[] {
  const { workshop, notes } = record;
  return bookings.flatMap((booking): readonly BookingNews[] => {
    const isDeclined = notes.declined.some((d) => d.ref === booking.ref && d.stamp === booking.changed);
    const taken = notes.bookings.find((b) => b.ref === booking.ref);
    if (isDeclined || taken?.stamp === booking.changed) return [];
    const people = workshop.roster.filter((p) => taken?.people.includes(p.id) === true);
    const isHere = people.length > 0 || notes.waiting.some((w) => w.ref === booking.ref);
    if (booking.status === 'cancelled') return isHere ? [{ kind: 'cancelled', booking, people }] : [];
    return [{ kind: isHere ? 'changed' : 'new', booking, people }];
  });
}

/**
 * The class with a piece of news taken: new people seated (or kept waiting where no seat is free, or where it is not clear what they
 * avoid), changed ones changed, those of a cancelled booking gone. Fault when a cancellation would leave nobody.
 */
export function acceptNews(record: ClassRecord, { kind, booking, people }: BookingNews): Result<ClassRecord> {
  const ids = people.map((p) => p.id);
  const read = booking.people.map((p) => ({ name: p.name, ...readAvoided(p.avoids) }));
  const wanted = kind === 'cancelled' ? [] : read.filter((p) => p.unknown.length === 0);
  const gone = ids.slice(wanted.length);
  const left = gone.length > 0 ? removeParticipants(record, gone) : success(record);
  if (!left.ok) return left;
  const workshop = wanted
    .slice(0, ids.length)
    .reduce<Workshop>(
      (w, { name, avoid }, i) =>
        changeParticipant(w, given(ids[i], 'there are so many ids'), { name, avoid: [...avoid] }),
      left.value.workshop,
    );
  const newcomers = wanted.slice(ids.length).map(({ name, avoid, remarks }) => ({
    guest: { name, avoid: [...avoid] },
    words: remarks,
    group: booking.ref,
    ref: booking.ref,
  }));
  // those of the booking who still wait are read anew with it
  const waiting = left.value.notes.waiting.filter((w) => w.ref !== booking.ref);
  const changed = wanted
    .slice(0, ids.length)
    .reduce<ClassRecord>((r, { remarks }, i) => addRemarks(r, given(ids[i], 'there are so many ids'), remarks), {
      workshop,
      notes: { ...left.value.notes, waiting },
    });
  const added = addGuests(changed, newcomers);
  const unclear = kind === 'cancelled' ? [] : read.filter((p) => p.unknown.length > 0);
  const { notes } = added.record;
  const taken = { ref: booking.ref, stamp: booking.changed, people: [...ids.slice(0, wanted.length), ...added.ids] };
  return success({
    ...added.record,
    notes: {
      ...notes,
      bookings: [...notes.bookings.filter((b) => b.ref !== booking.ref), taken],
      waiting: [
        ...notes.waiting,
        ...unclear.map((p) => ({
          guest: { name: p.name, avoid: [...p.avoid] },
          why: `it is not clear what "${p.unknown.join('", "')}" means`,
          words: [...p.unknown, ...p.remarks],
          ref: booking.ref,
        })),
      ],
    },
  });
}

/** The class as it is, with the news noted as declined: it is not offered again until the booking changes. */
export function declineNews(record: ClassRecord, { booking }: BookingNews): ClassRecord {
  const declined = [
    ...record.notes.declined.filter((d) => d.ref !== booking.ref),
    { ref: booking.ref, stamp: booking.changed },
  ];
  return { ...record, notes: { ...record.notes, declined } };
}
