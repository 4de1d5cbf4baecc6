import type { Alternative, ClassRecord } from './record.ts';

const LETTERS = ['B', 'C', 'D', 'E', 'F', 'G', 'H', 'I', 'J'];

/** So many can be kept beside a class. */
export const MOST_ALTERNATIVES = LETTERS.length;

/** The first letter that no alternative has; the class itself is A. Undefined where all are given out. */
function freeLetter(record: ClassRecord): string | undefined {
  return LETTERS.find((l) => record.notes.alternatives.every((a) => a.id !== l));
}

/** The class with one alternative more beside it; as it was where there are as many as can be kept. */
export function keepAlternative(record: ClassRecord, made: Omit<Alternative, 'id'>): ClassRecord {
  const id = freeLetter(record);
  if (id === undefined) return record;
  return { ...record, notes: { ...record.notes, alternatives: [...record.notes.alternatives, { id, ...made }] } };
}

/** An alternative in the place of the class, and the class in its place, so that nothing is lost. */
export function takeAlternative(record: ClassRecord, id: string): ClassRecord {
  const { workshop, notes } = record;
  const taken = notes.alternatives.find((a) => a.id === id);
  if (!taken) return record;
  const before: Alternative = { id, name: 'as it was before', workshop, shaping: notes.shaping };
  return {
    workshop: taken.workshop,
    notes: {
      ...notes,
      shaping: taken.shaping,
      alternatives: notes.alternatives.map((a) => (a.id === id ? before : a)),
    },
  };
}

export function dropAlternative(record: ClassRecord, id: string): ClassRecord {
  const alternatives = record.notes.alternatives.filter((a) => a.id !== id);
  if (alternatives.length === record.notes.alternatives.length) return record;
  return { ...record, notes: { ...record.notes, alternatives } };
}

export function renameAlternative(record: ClassRecord, id: string, name: string): ClassRecord {
  const alternatives = record.notes.alternatives.map((a) => (a.id === id ? { ...a, name } : a));
  return { ...record, notes: { ...record.notes, alternatives } };
}
