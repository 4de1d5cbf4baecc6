import type { Bread } from '../bread/index.ts';
import { changeWords, mergeChanges } from '../compare/index.ts';
import { success, type Result } from '../faults/index.ts';
import { putOnMenu } from './edit.ts';
import { lacksOf, needsOf, withAdded } from './needs.ts';
import type { ClassRecord } from './record.ts';

/** A bread of the library: the id of its document, and the bread. */
export interface LibraryBread {
  readonly id: string;
  readonly bread: Bread;
}

/** What a class remembers of a bread that it took from the library: its document, and how it was then. */
type Taken = ClassRecord['notes']['breads'][number];

/**
 * The class with a bread of the library on its menu, as a copy of its own, and with what is remembered of where it came from; its kitchen
 * is given what it lacks for the bread where that is wanted.
 */
export function takeBread(
  record: ClassRecord,
  { id, bread }: LibraryBread,
  isGivenLacks: boolean,
): Result<ClassRecord> {
  const { workshop } = record;
  const { kitchen } = workshop;
  const having = isGivenLacks ? withAdded(kitchen, lacksOf(kitchen, needsOf(bread))) : kitchen;
  const put = putOnMenu({ ...workshop, kitchen: having }, bread);
  return put.ok ? success(remembering({ ...record, workshop: put.value }, { id, bread })) : put;
}

/** The class with the bread of the library remembered as it is now; the copy in the class stays as it is. */
export function remembering(record: ClassRecord, { id, bread }: LibraryBread): ClassRecord {
  const others = record.notes.breads.filter((t) => t.id !== id && t.asTaken.id !== bread.id);
  return { ...record, notes: { ...record.notes, breads: [...others, { id, asTaken: bread }] } };
}

/** What the class took from the library and still bakes. */
export function takenBreads({ workshop, notes }: ClassRecord): readonly Taken[] {
  return notes.breads.filter((t) => workshop.menu.some((m) => m.bread === t.asTaken.id));
}

/** What has changed in a bread of the library since the class took it, in words; none where nothing has. */
export function changedSince({ notes }: ClassRecord, { id, bread }: LibraryBread): readonly string[] {
  const taken = notes.breads.find((t) => t.id === id);
  return taken ? changeWords(taken.asTaken, bread) : [];
}

/**
 * The class with what changed in a bread of the library since. What the class changed elsewhere in its own copy stays; where both changed
 * the same thing the library's is taken, since that is what was asked for.
 */
export function renewBread(record: ClassRecord, { id, bread }: LibraryBread): ClassRecord {
  const taken = record.notes.breads.find((t) => t.id === id);
  if (!taken) return record;
  const breads = record.workshop.breads.map((own) => {
    if (own.id !== taken.asTaken.id) return own;
    // a bread of another name is another bread: the copy keeps the id that the menu knows
    return mergeChanges({ ...taken.asTaken, id: own.id }, { ...bread, id: own.id }, own).value as Bread;
  });
  const asTaken = { ...bread, id: taken.asTaken.id };
  const notes = {
    ...record.notes,
    breads: record.notes.breads.map((t) => (t === taken ? { id, asTaken } : t)),
  };
  return { workshop: { ...record.workshop, breads }, notes };
}
