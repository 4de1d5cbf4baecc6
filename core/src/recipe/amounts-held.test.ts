import { describe, expect, it } from 'vitest';
import type { Bread } from '../bread/index.ts';
import { isRest, type Step } from '../method/index.ts';
import { RECIPE_TEXTS } from '../testing/recipes/index.ts';
import { amountsHeld } from './amounts-held.ts';
import { importRecipe } from './index.ts';

/** Every so many of the texts under test with what is read of it. */
const EVERY = 7;
const READ = RECIPE_TEXTS.filter((_, n) => n % EVERY === 0).flatMap(({ text }) => {
  const read = importRecipe(text);
  return read.ok && read.value.bread ? [{ text, words: read.value.words, bread: read.value.bread }] : [];
});

/** Readings with one figure wrong: a step, or the piece, as nobody told it. */
const WRONG: readonly (readonly [string, (bread: Bread) => Bread | undefined])[] = [
  ['a rest', (bread) => withStep(bread, isRest, (s) => (isRest(s) ? { ...s, window: times(s.window, 1.7) } : s))],
  [
    'a side on the griddle',
    (bread) =>
      withStep(
        bread,
        (s) => s.kind === 'cook' && (s.phases ?? []).length > 1,
        (s) =>
          s.kind === 'cook'
            ? { ...s, phases: (s.phases ?? []).map((p) => ({ side: p.side, heat: p.heat, sec: 1.7 * p.sec })) }
            : s,
      ),
  ],
  [
    'kneading',
    (bread) =>
      withStep(
        bread,
        (s) => s.kind === 'knead',
        (s) => (s.kind === 'knead' ? { ...s, minutes: 1.7 * (s.minutes ?? 0) } : s),
      ),
  ],
  ['how wide it is', (bread) => ({ ...bread, piece: { ...bread.piece, diameterCm: 1.4 * bread.piece.diameterCm } })],
];

const times = (w: { readonly min: number; readonly ideal: number; readonly max: number }, by: number) => ({
  min: by * w.min,
  ideal: by * w.ideal,
  max: by * w.max,
});
function withStep(bread: Bread, isOne: (s: Step) => boolean, wrongly: (s: Step) => Step): Bread | undefined {
  const at = bread.steps.findIndex(isOne);
  return at < 0 ? undefined : { ...bread, steps: bread.steps.map((s, n) => (n === at ? wrongly(s) : s)) };
}

describe('amounts of a text', () => {
  it('are held by what has their words, in every text that is read right', () => {
    expect(READ.length).toBeGreaterThan(RECIPE_TEXTS.length / (EVERY + 1));
    expect(READ.flatMap((r) => amountsHeld(r.text, r).unheld)).toEqual([]);
    expect(READ.reduce((sum, r) => sum + amountsHeld(r.text, r).amounts, 0)).toBeGreaterThan(8 * READ.length);
  });

  // of rests 47 % are found, of the others two in three: what is told in words or without a unit, "rest 20", has nothing to be held against
  it.each(WRONG)('are not where %s is another than was told', (_, wrongly) => {
    const wrong = READ.flatMap((r) => {
      const bread = wrongly(r.bread);
      return bread ? [{ ...r, bread }] : [];
    });
    const found = wrong.filter((r) => amountsHeld(r.text, r).unheld.length > 0);
    expect(wrong.length).toBeGreaterThan(100);
    expect(found.length / wrong.length).toBeGreaterThan(0.4);
  });
});

describe('an amount that nothing holds', () => {
  const recipe = (filled: string): string =>
    `Half-moons, makes 8\n500 g flour\n300 g water\n10 g salt\nFilling\n400 g spinach\n200 g feta\nMix, knead 8 minutes, rest 30 minutes, divide into 8, roll to 20 cm. ${filled} Fold and seal. Cook 2 minutes a side.`;
  const toldOf = (text: string): readonly string[] => {
    const read = importRecipe(text);
    return read.ok ? read.value.conflicts.map((c) => c.what) : expect.fail();
  };
  it.each(['2 min, flip, 1 min 30.', '2 min, flip, 1 minute 30 on the other side'])(
    'holds seconds that stand behind their minutes: %j',
    (cooking) => {
      const text = `Chilla\n400 g gram flour, 700 g water, 8 g salt\nWhisk, rest 20 min. 130 g per pancake, spread 18 cm, ${cooking}`;
      const read = importRecipe(text);
      if (!read.ok) expect.fail('nothing read');
      expect(read.value.bread?.steps.at(-1)).toMatchObject({ phases: [{ sec: 120 }, { sec: 90 }] });
      expect(amountsHeld(text, read.value).unheld).toEqual([]);
    },
  );
  it('is said where somebody reads what does not agree', () => {
    // a piece has 75 g of both
    expect(toldOf(recipe('Filling on one half (75 g each).'))).toEqual([]);
    expect(toldOf(recipe('Filling on one half (120 g each).')).join()).toMatch(/^"120 g" is told/);
  });
});
