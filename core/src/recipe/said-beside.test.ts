import { describe, expect, it } from 'vitest';
import type { Bread } from '../bread/index.ts';
import { isRest } from '../method/index.ts';
import {
  LONGER_IS_BETTER,
  NOTES_OF_FIGURES,
  PIECES_OF_100_G,
  SIDES_IN_ROWS,
} from '../testing/recipes/phrases/beside.ts';
import { importRecipe } from './index.ts';

const GRAMS = '500 g strong flour\n300 g water\n10 g salt';
const SHARES = 'strong flour 100\nwater 60\nsalt 2';

function breadOf(text: string): Bread {
  const read = importRecipe(text);
  return read.ok && read.value.bread ? read.value.bread : expect.fail(text);
}
const leftOf = (text: string): readonly string[] => {
  const read = importRecipe(text);
  return read.ok ? read.value.notUnderstood : ['no bread'];
};
const partsOf = (bread: Bread): string => bread.ingredients.map((i) => `${i.name} ${i.pct?.toFixed(0)}`).join(', ');
const kindsOf = (bread: Bread): string => bread.steps.map((s) => s.kind).join(' ');

describe('a note on what the figures of a list are of is none of its entries, and no work', () => {
  it.each(NOTES_OF_FIGURES)('%s', (note) => {
    const list = /%|percent|flour|baker/i.test(note) && !note.includes('adjust') ? SHARES : GRAMS;
    for (const set of [`${list}\n${note}`, `${note}\n${list}`, `${list}\n\n${note}`]) {
      const bread = breadOf(
        `Rounds\n\n${set}\n\nMix. Knead 8 min. Rest 30 min. Divide into 8. Roll. Cook 1 min a side.`,
      );
      expect(partsOf(bread)).toBe('strong flour 100, water 60, salt 2');
      expect(kindsOf(bread)).toBe('mix knead rest divide roll cook');
    }
  });
});

describe('a time, and a longer one that is as well or better, are one rest', () => {
  it.each(LONGER_IS_BETTER)('%s', (time, least) => {
    for (const work of [`Cover and rest ${time}.`, `Then leave it covered ${time}.`]) {
      const text = `Rounds\n\n${GRAMS}\n\nMix. Knead 8 minutes. ${work.replace('..', '.')} Divide into 8. Roll. Cook 1 min a side.`;
      const bread = breadOf(text);
      expect(kindsOf(bread)).toBe('mix knead rest divide roll cook');
      expect(bread.steps.flatMap((s) => (isRest(s) ? [s.window.min] : []))).toEqual([least]);
      expect(leftOf(text).filter((l) => /\d/.test(l))).toEqual([]);
    }
  });
});

/** How the stages of a method stand. */
const STAGES: Readonly<Record<string, (divide: string) => string>> = {
  lines: (divide) => `Mix\nKnead 8 min\nRest 30 min\n${divide}\nRest 10 min\nRoll 18 cm\nCook 1 min a side`,
  sentences: (divide) => `Mix. Knead 8 min. Rest 30 min. ${divide}. Rest 10 min. Roll to 18 cm. Cook 1 min a side.`,
  labels: (divide) =>
    `Mixing: 4 min\nKneading: 8 min\nRest: 30 min\n${divide}\nRest: 10 min\nRolling: 18 cm\nCooking: 1 min a side`,
};

describe.each(Object.entries(STAGES))(
  'pieces that are told by their weight are divided where they stand, in %s',
  (_, set) => {
    it.each(PIECES_OF_100_G)('%s', (divide) => {
      const text = `Rounds\n\n500 g strong flour\n315 g water\n10 g salt\n\n${set(divide)}`;
      const bread = breadOf(text);
      expect(kindsOf(bread)).toBe('mix knead rest divide rest roll cook');
      expect(bread.piece.doughG).toBeCloseTo(100, 0);
      expect(leftOf(text)).toEqual([]);
    });
  },
);

describe.each(['Step | Minutes', 'What | Time (min)', 'Stage | min'])('sides in the rows under "%s"', (head) => {
  it.each(SIDES_IN_ROWS)('%j', (rows) => {
    const bread = breadOf(
      `Rounds\n\nIngredient | g\nflour | 500\nwater | 300\nsalt | 10\n\n${head}\nMix | 4\nKnead | 8\nRest | 30\nDivide into 8 | 5\nRoll out | 10\n${rows}`,
    );
    expect(kindsOf(bread)).toBe('mix knead rest divide roll cook');
    expect(bread.steps.flatMap((s) => (s.kind === 'cook' ? (s.phases ?? []).map((p) => p.sec) : []))).toEqual([
      120, 120,
    ]);
  });
});
