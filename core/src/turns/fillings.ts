import { idsOf, nextId, personName, type ClassRecord, type Filling, type Workshop } from '../workshop/index.ts';
import { isTaskOf, type Plan } from '../plan/index.ts';
import { idleGaps, type IdleGap } from './idle.ts';

/** What can fill a time in which people have nothing to do, with its words. */
export const FILLINGS = [
  ['demonstration', 'Demonstration'],
  ['tasting', 'Tasting'],
  ['washing-up', 'Washing up'],
  ['skill', 'A skill to practise'],
  ['talk', 'A talk'],
] as const satisfies readonly (readonly [Filling['what'], string])[];

const fillingWords = ({ what }: Pick<Filling, 'what'>): string => FILLINGS.find(([key]) => key === what)?.[1] ?? what;

/** A filling beside the plan as it is now. */
export interface FillingNow extends Filling {
  readonly words: string;
  /** Who of them has a task in that time by now. */
  readonly busy: readonly string[];
}

/** Who takes part: everyone, or their names. */
export function fillingWho(workshop: Workshop, { people }: Filling): readonly string[] {
  return people.length === workshop.roster.length ? ['everyone'] : people.map((p) => personName(workshop, p));
}

/** The class with a stretch filled for everyone who has nothing to do all through it; a note that moves no task. */
export function fillGap(record: ClassRecord, plan: Plan, gap: IdleGap, what: Filling['what']): ClassRecord {
  const { fromSec, toSec } = gap;
  const idle = idleGaps(record.workshop, plan).filter((g) => g.fromSec <= fromSec && g.toSec >= toSec);
  const people = [...new Set(idle.map((g) => g.person))];
  const { fillings } = record.notes;
  const filling = { id: nextId('n', idsOf(fillings)), what, people, fromSec, toSec };
  return { ...record, notes: { ...record.notes, fillings: [...fillings, filling] } };
}

/** The class without a filling. */
export function emptyGap(record: ClassRecord, id: string): ClassRecord {
  return { ...record, notes: { ...record.notes, fillings: record.notes.fillings.filter((f) => f.id !== id) } };
}

/** The fillings of a class in order of time, each with who is busy by now; nothing is moved or dropped by itself. */
export function fillingsNow(workshop: Workshop, plan: Plan, fillings: readonly Filling[]): readonly FillingNow[] {
  const there = new Set(workshop.roster.map((p) => p.id));
  return fillings
    .map((f) => {
      const people = f.people.filter((p) => there.has(p));
      const tasks = plan.tasks.filter((t) => t.startSec < f.toSec && t.endSec > f.fromSec);
      const busy = people.filter((p) => tasks.some((t) => isTaskOf(t, p)));
      return { ...f, people, words: fillingWords(f), busy };
    })
    .filter((f) => f.people.length > 0)
    .sort((a, b) => a.fromSec - b.fromSec || (a.id < b.id ? -1 : 1));
}

/** What fills somebody's time at a moment, if anything does. */
export function fillingAt(fillings: readonly FillingNow[], person: string, sec: number): FillingNow | undefined {
  return fillings.find(
    (f) => f.people.includes(person) && !f.busy.includes(person) && f.fromSec <= sec && sec < f.toSec,
  );
}
