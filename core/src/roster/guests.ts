import { assert, failure, fault, success, type Result } from '../faults/index.ts';
import {
  heldWords,
  isCountedOnly,
  seatsIn,
  withoutParticipants,
  withParticipant,
  type ClassNotes,
  type ClassRecord,
  type Guest,
  type Participant,
  type Workshop,
} from '../workshop/index.ts';

/** Who is to come in, and whom they came with: guests of one `group` that is not empty want to stand together. */
export interface NewGuest {
  readonly guest: Guest;
  /** What was said of them besides, in their words. */
  readonly words?: readonly string[];
  readonly group?: string;
  /** The booking that they came by. */
  readonly ref?: string;
}

/** How many seats nobody has. */
function seatsLeft(workshop: Workshop): number {
  return seatsIn(workshop.kitchen) - workshop.stations.reduce((sum, s) => sum + s.members.length, 0);
}

/** Those who were only counted so far, and of whom nothing is noted: their places are for whoever comes with a name. */
function countedOnly({ workshop, notes }: ClassRecord): readonly Participant[] {
  const noted = new Set([
    ...notes.remarks.map((r) => r.person),
    ...notes.bookings.flatMap((b) => b.people),
    ...notes.friends.flat(),
  ]);
  return workshop.roster.filter((p) => isCountedOnly(p) && !noted.has(p.id));
}

/** How many people with a name can still come in: on free seats, and in the places of those who were only counted. */
export function placesLeft(record: ClassRecord): number {
  return seatsLeft(record.workshop) + countedOnly(record).length;
}

/**
 * The class with somebody in the place of one who was only counted, else on the first free seat; undefined without either. Who has just
 * come keeps their place, whatever they are called.
 */
function withGuest(
  record: ClassRecord,
  guest: Guest,
  justCome: readonly string[] = [],
): { readonly workshop: Workshop; readonly id: string } | undefined {
  const place = countedOnly(record).find((p) => !justCome.includes(p.id));
  if (place) return { workshop: changeParticipant(record.workshop, place.id, guest), id: place.id };
  if (seatsLeft(record.workshop) <= 0) return undefined;
  const workshop = withParticipant(record.workshop, guest);
  return { workshop, id: lastOf(workshop) };
}

/**
 * The class with guests in the places of those who were only counted, then on the first free seats, and those that came together noted as
 * friends; who finds no seat is kept waiting. Gives the ids of those who came in, in their order.
 */
export function addGuests(
  record: ClassRecord,
  guests: readonly NewGuest[],
): { readonly record: ClassRecord; readonly ids: readonly string[] } {
  let { workshop } = record;
  const { notes } = record;
  const waiting = [...record.notes.waiting];
  const ids: string[] = [];
  const groups = new Map<string, string[]>();
  const remarks = [...record.notes.remarks];
  for (const { guest, words = [], group = '', ref } of guests) {
    const taken = withGuest({ workshop, notes }, guest, ids);
    if (!taken) {
      waiting.push({ guest, why: 'no seat was free', words: [...words], ...(ref !== undefined && { ref }) });
      continue;
    }
    workshop = taken.workshop;
    const { id } = taken;
    ids.push(id);
    remarks.push(...remarksOf(id, words));
    if (group !== '') groups.set(group, [...(groups.get(group) ?? []), id]);
  }
  const friends = [...record.notes.friends, ...[...groups.values()].filter((g) => g.length > 1)];
  return { record: { workshop, notes: { ...record.notes, waiting, friends, remarks } }, ids };
}

type Remark = ClassNotes['remarks'][number];

/** What was said of a participant, to be dealt with. */
const remarksOf = (person: string, words: readonly string[]): readonly Remark[] =>
  words.map((w) => ({ person, words: w, isDealtWith: false }));

/** Who was seated last. */
function lastOf(workshop: Workshop): string {
  const last = workshop.roster.at(-1);
  assert(last !== undefined, 'somebody was seated');
  return last.id;
}

/** The class with words noted of a participant that are not noted yet. */
export function addRemarks(record: ClassRecord, person: string, words: readonly string[]): ClassRecord {
  const { remarks } = record.notes;
  const fresh = words.filter((w) => !remarks.some((r) => r.person === person && r.words === w));
  return { ...record, notes: { ...record.notes, remarks: [...remarks, ...remarksOf(person, fresh)] } };
}

/** The class with a remark dealt with, or open again. */
export function settleRemark(record: ClassRecord, { person, words }: Remark, isDealtWith = true): ClassRecord {
  const remarks = record.notes.remarks.map((r) =>
    r.person === person && r.words === words ? { ...r, isDealtWith } : r,
  );
  return { ...record, notes: { ...record.notes, remarks } };
}

/** The class with somebody off the waiting list with all that was said of them, as one of their booking where they came by one; fault `no-seat` when every seat is taken. */
export function admitWaiting(record: ClassRecord, index: number): Result<ClassRecord> {
  const { guest, ref, words = [] } = record.notes.waiting[index] ?? {};
  const seats = seatsIn(record.workshop.kitchen);
  const taken = guest && withGuest(record, guest);
  if (!taken) return failure([fault('no-seat', 'roster', { wanted: record.workshop.roster.length + 1, seats })]);
  const waiting = record.notes.waiting.filter((_, i) => i !== index);
  const { workshop, id } = taken;
  const bookings = record.notes.bookings.map((b) => (b.ref === ref ? { ...b, people: [...b.people, id] } : b));
  return success(addRemarks({ workshop, notes: { ...record.notes, waiting, bookings } }, id, words));
}

/** The class without some participants, also in what is noted of friends and bookings; fault when nobody would be left. */
export function removeParticipants(record: ClassRecord, ids: readonly string[]): Result<ClassRecord> {
  const gone = new Set(ids);
  const workshop = withoutParticipants(record.workshop, gone);
  if (workshop.roster.length === 0) return failure([fault('nobody-takes-part', 'roster')]);
  const stay = (list: readonly string[]): string[] => list.filter((id) => !gone.has(id));
  const notes = {
    ...record.notes,
    friends: record.notes.friends.map(stay).filter((g) => g.length > 1),
    bookings: record.notes.bookings.map((b) => ({ ...b, people: stay(b.people) })),
    remarks: record.notes.remarks.filter((r) => !gone.has(r.person)),
    homeMeasures: record.notes.homeMeasures.filter((h) => !gone.has(h.person)),
    fillings: record.notes.fillings.map((f) => ({ ...f, people: stay(f.people) })).filter((f) => f.people.length > 0),
  };
  return success({ workshop, notes });
}

/** The class with another name, other avoided foods or another pace of one participant. */
export function changeParticipant(workshop: Workshop, id: string, part: Partial<Omit<Participant, 'id'>>): Workshop {
  const roster = workshop.roster.map((p) => (p.id === id ? { ...p, ...part } : p));
  return { ...workshop, roster, menu: withoutWhatTheyAvoid(workshop, roster) };
}

/** Lines that name their makers, without those who avoid by now what is in the bread. */
function withoutWhatTheyAvoid(workshop: Workshop, roster: readonly Participant[]): Workshop['menu'] {
  const avoids = new Map(roster.map((p) => [p.id, new Set(p.avoid.map((a) => a.what))]));
  return workshop.menu.map((line) => {
    const bread = workshop.breads.find((b) => b.id === line.bread);
    if (line.for === undefined || !bread) return line;
    const holds = [...heldWords(bread)];
    return { ...line, for: line.for.filter((id) => !holds.some((w) => avoids.get(id)?.has(w) === true)) };
  });
}
