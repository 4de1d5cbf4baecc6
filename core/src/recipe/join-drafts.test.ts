import { describe, expect, it } from 'vitest';
import { isRest } from '../method/index.ts';
import { importRecipe } from './index.ts';

const kindsOf = (leaven: string, method: string): string => {
  const read = importRecipe(
    `Rounds\n\n500 g flour\n300 g water\n10 g salt\n${leaven}\n\n${method}\nRoll. Cook 1 minute a side.`,
  );
  const steps = read.ok ? (read.value.bread?.steps ?? []) : [];
  return steps.flatMap((s) => (isRest(s) ? [`${s.kind} ${s.window.ideal}`] : [s.kind])).join(', ');
};

describe('dough that is left', () => {
  const method = 'Mix and knead 8 minutes. Cover and leave for an hour. Divide into 8. Leave for 20 minutes.';
  it.each([
    ['rises where yeast is in it', '5 g dried yeast', 'proof 60'],
    ['rises where a starter is in it', '100 g sourdough starter', 'proof 60'],
    ['rests where powder is in it', '8 g baking powder', 'rest 60'],
    ['rests where nothing raises it', '10 g oil', 'rest 60'],
  ])('%s', (_, leaven, wanted) => {
    expect(kindsOf(leaven, method)).toBe(`mix, knead, ${wanted}, divide, rest 20, roll, cook`);
  });
  it.each([
    ['relaxes in half an hour', 'Mix. Leave for 30 minutes. Divide into 8.', 'mix, rest 30, divide'],
    [
      'rises with a fold in between',
      'Mix. Leave 30 min. Fold. Leave 30 min. Divide into 8.',
      'mix, proof 30, fold, proof 30, divide',
    ],
    [
      'does not rise before its yeast is in',
      'Mix flour and water. Leave for 1 hour. Add the yeast and salt and mix. Divide into 8.',
      'mix, rest 60, mix, divide',
    ],
    [
      'rests where the text says elsewhere when it proves',
      'Mix. Leave for 1 hour. Knead 5 minutes. Prove for 50 minutes. Divide into 8.',
      'mix, rest 60, knead, proof 50, divide',
    ],
    ['rests as balls', 'Mix. Leave the balls for 1 hour.', 'mix, divide, rest 60'],
  ])('%s', (_, told, wanted) => {
    expect(kindsOf('5 g dried yeast', told)).toBe(`${wanted}, roll, cook`);
  });
});

describe('the words of a step', () => {
  it('holds no sign that the source has not', () => {
    const read = importRecipe(
      'Rounds\n\n500 g flour\n300 g water\n10 g salt\n\nMix, knead 8 minutes. Divide into 8. Roll. Cook on a greased griddle for 4 minutes on each side.',
    );
    const said = read.ok ? read.value.guesses.filter((g) => /^steps\[\d\]\.phases$/.test(g.path)) : [];
    expect(said.map((g) => g.from)).toEqual(['Cook on a greased griddle for 4 minutes on each side.']);
  });
});
