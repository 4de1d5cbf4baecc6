import { mergeChanges } from '../compare/index.ts';
import type { Kitchen } from '../kitchen/index.ts';
import { daysBetween, laterDateTime } from '../units/index.ts';
import { NO_NOTES, type ClassRecord } from './record.ts';
import { plainLine, setParticipantCount } from './edit.ts';
import type { Result } from '../faults/index.ts';
import { success } from '../faults/index.ts';
import type { Workshop } from './schema.ts';
import type { LibraryBread } from './taken.ts';

/** What a new class begins with. */
export interface Beginning {
  readonly title: string;
  readonly date: string;
  readonly timeZone: string;
  readonly kitchenId: string;
  readonly kitchen: Kitchen;
  /** The kitchen as it is kept, where the class has something besides; else it is `kitchen`. */
  readonly keptKitchen?: Kitchen;
  readonly breads: readonly LibraryBread[];
  readonly participants: number;
  /** Times of day, `10:00`; by default from ten until half past twelve. */
  readonly doorsOpen?: string;
  readonly tableTime?: string;
}

/** A class of so many guests, one of each bread for everybody; faults where they find no seats. */
export function newClass(b: Beginning): Result<ClassRecord> {
  const breads = b.breads.map(({ bread }) => {
    const { variantOf, ...alone } = bread;
    return b.breads.some((x) => x.bread.id === variantOf) ? bread : alone;
  });
  const empty: Workshop = {
    format: 'hodsman-workshop',
    version: 2,
    title: b.title,
    date: b.date,
    timeZone: b.timeZone,
    doorsOpen: b.doorsOpen ?? '10:00',
    tableTime: b.tableTime ?? '12:30',
    prepTimes: [],
    service: 'together',
    welcomeMin: 10,
    idleMaxMin: 20,
    breaks: [],
    kitchen: b.kitchen,
    breads,
    roster: [],
    stations: [],
    menu: breads.map((bread) => plainLine(bread.id)),
    demos: [],
  };
  const seated = setParticipantCount(empty, b.participants);
  if (!seated.ok) return seated;
  return success({
    workshop: seated.value,
    notes: {
      ...NO_NOTES,
      kitchen: { id: b.kitchenId, asTaken: b.keptKitchen ?? b.kitchen },
      breads: b.breads.map(({ id, bread }) => ({ id, asTaken: bread })),
    },
  });
}

/** The same class on another day; prep times move with it. */
function onDay(workshop: Workshop, date: string): Workshop {
  const days = daysBetween(workshop.date, date);
  const prepTimes = workshop.prepTimes.map((p) => ({
    from: laterDateTime(p.from, { days }),
    to: laterDateTime(p.to, { days }),
  }));
  return { ...workshop, date, prepTimes };
}

/** The class on another day, its alternatives too; what was booked, bought or kept waiting for the old day does not come along. */
export function copyClass(record: ClassRecord, date: string): ClassRecord {
  const alternatives = record.notes.alternatives.map((a) => ({ ...a, workshop: onDay(a.workshop, date) }));
  return {
    workshop: onDay(record.workshop, date),
    notes: { ...record.notes, alternatives, waiting: [], bookings: [], declined: [], bought: [] },
  };
}

const REHEARSAL = 'Rehearsal: ';
const MOST_LETTERS = 120;

/** A copy of a class that is played through before its day: it is called so, and what happens in it is none of the class's own. */
export function rehearsalOf(record: ClassRecord): ClassRecord {
  const { workshop, notes } = copyClass(record, record.workshop.date);
  const { title } = workshop;
  const named = title.startsWith(REHEARSAL) ? title : `${REHEARSAL}${title}`;
  return { workshop: { ...workshop, title: named.slice(0, MOST_LETTERS) }, notes };
}

/** The class with what changed in its kitchen since; what the class changed in its own copy stays. */
export function renewKitchen(record: ClassRecord, now: Kitchen): ClassRecord {
  const taken = record.notes.kitchen;
  if (!taken) return record;
  const merged = mergeChanges(taken.asTaken, record.workshop.kitchen, now);
  return {
    workshop: { ...record.workshop, kitchen: merged.value as Kitchen },
    notes: { ...record.notes, kitchen: { ...taken, asTaken: now } },
  };
}
