import { sizedClass } from '@hodsman/core/testing';

const NAMES = [
  'Annelien Vandersmissen',
  'Bartholomew Quill',
  'Cosima von Rauchenberg',
  'Egbert',
  'Gwendolyn Thornbury',
];

/** A class of three breads with long names, made up. */
export function longNamed(people: number, griddles: number): object {
  const workshop = sizedClass({ people, breads: 3, each: 1, griddles });
  const roster = workshop.roster.map((p, i) => ({ ...p, name: `${NAMES[i % NAMES.length] ?? ''} ${i + 1}` }));
  return { ...workshop, roster };
}
