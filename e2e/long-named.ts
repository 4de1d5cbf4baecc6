import { sizedClass } from '@hodsman/core/testing';

const NAMES = [
  'Annelien Vandersmissen',
  'Bartholomew Quill',
  'Cosima von Rauchenberg',
  'Egbert',
  'Gwendolyn Thornbury',
];

const SHAPES = ['round', 'oval', 'square'];

/** A class of three breads with long names, made up. */
export function longNamed(people: number, griddles: number): object {
  const workshop = sizedClass({ people, breads: 3, each: 1, griddles });
  const roster = workshop.roster.map((p, i) => ({ ...p, name: `${NAMES[i % NAMES.length] ?? ''} ${i + 1}` }));
  const shaped = workshop.breads.map((b, i) => ({ ...b, piece: { ...b.piece, shape: SHAPES[i % SHAPES.length] } }));
  return { ...workshop, roster, breads: shaped, tableTime: '11:30' };
}
