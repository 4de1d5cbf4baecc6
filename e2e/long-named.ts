import { EU_ALLERGENS } from '@hodsman/core';
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
export function longNamed(people: number, griddles: number) {
  const workshop = sizedClass({ people, breads: 3, each: 1, griddles });
  const roster = workshop.roster.map((p, i) => ({ ...p, name: `${NAMES[i % NAMES.length] ?? ''} ${i + 1}` }));
  const shaped = workshop.breads.map((b, i) => ({ ...b, piece: { ...b.piece, shape: SHAPES[i % SHAPES.length] } }));
  return { ...workshop, roster, breads: shaped, tableTime: '11:30' };
}

/** The same where one bread holds all fourteen allergens of EU 1169/2011, and two people of the class avoid them all. */
export function allergic(people: number, griddles: number) {
  const { breads, roster, ...workshop } = longNamed(people, griddles);
  const [first, ...others] = breads;
  if (!first) throw new Error('there is no bread');
  const dip = EU_ALLERGENS.map((a) => ({
    name: `a spoon of the dip with ${a}`,
    role: 'other',
    use: 'serve',
    gPerPiece: 5,
    allergens: [a],
    optional: true,
  }));
  // wheat stands in the dough of all three, so the two would make none of them: they avoid all the rest
  const avoid = EU_ALLERGENS.filter((a) => a !== 'gluten').map((what) => ({ what, level: 'strict' }));
  const minded = roster.map((p, i) => (i === 0 || i === 5 ? { ...p, avoid } : p));
  return {
    ...workshop,
    roster: minded,
    breads: [{ ...first, ingredients: [...first.ingredients, ...dip] }, ...others],
  };
}
