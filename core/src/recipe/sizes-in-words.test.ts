import { describe, expect, it } from 'vitest';
import { SIZES_IN_WORDS, YIELDS_IN_WORDS } from '../testing/recipes/phrases/sizes.ts';
import { LOSS_PCT } from './build-piece.ts';
import { importRecipe } from './index.ts';

const LIST = '500 g flour\n300 g water\n10 g salt\n';
const DOUGH_G = 810;

/** How a size stands beside rolling. */
const ROLLED: Readonly<Record<string, (size: string) => string>> = {
  'a sentence': (size) => `Roll ${size}.`,
  'a numbered line': (size) => `4. Roll ${size}`,
  'before what comes next': (size) => `Then roll ${size} and stack with paper between.`,
  'a line with a dash': (size) => `- roll ${size}`,
  'behind a label': (size) => `Rolling: ${size}`,
};

describe('a size in all its words', () => {
  it.each(Object.entries(ROLLED))('is so large, and leaves nothing over: %s', (_, set) => {
    const others = SIZES_IN_WORDS.flatMap(([words, cm, mm]) => {
      const read = importRecipe(
        `Flatbreads\n\n${LIST}\nMix everything. Knead 8 min. Rest 30 min.\nDivide into 8.\n${set(words)}\nCook 1 min a side.`,
      );
      if (!read.ok || !read.value.bread) expect.fail(words);
      const { piece, steps } = read.value.bread;
      const kinds = steps.map((s) => s.kind).join(' ');
      const isRight =
        (cm === undefined || Math.abs(piece.diameterCm - cm) < 0.1) &&
        (mm === undefined || Math.abs((piece.thicknessMm ?? 0) - mm) < 0.1) &&
        /^mix knead rest divide (?:roll|shape) cook(?: finish)?$/.test(kinds) &&
        read.value.notUnderstood.length === 0;
      return isRight ? [] : [`${words}: ${piece.diameterCm} cm ${piece.thicknessMm} mm ${kinds}`];
    });
    expect(others).toEqual([]);
  });
});

const WORK = 'Mix everything. Knead 8 min. Rest 30 min. Roll to 20 cm. Cook 1 min a side.';
/** Where a text says how many it makes. */
const MADE: Readonly<Record<string, (made: string) => string>> = {
  'below the title': (made) => `Flatbreads\n${made}\n\n${LIST}\n${WORK}`,
  'beside the title': (made) => `Flatbreads – ${made}\n\n${LIST}\n${WORK}`,
  'below the list': (made) => `Flatbreads\n\n${LIST}${made}\n\n${WORK}`,
  'at the end': (made) => `Flatbreads\n\n${LIST}\n${WORK}\n\n${made}`,
};
/** Behind the work balls are rolled. */
const isWork = (set: string, words: string): boolean => set === 'at the end' && /\bballs\b/.test(words);

describe('how many breads a text makes, in all words', () => {
  it.each(Object.entries(MADE))('is so many, and leaves nothing over: %s', (name, set) => {
    const others = YIELDS_IN_WORDS.filter(([words]) => !isWork(name, words)).flatMap(([words, pieces, grams]) => {
      const read = importRecipe(set(words));
      if (!read.ok || !read.value.bread) expect.fail(words);
      const { piece, steps, ingredients } = read.value.bread;
      const kinds = steps.map((s) => s.kind).join(' ');
      const wanted = grams ?? DOUGH_G / (1 + LOSS_PCT / 100) / pieces;
      const isRight =
        Math.abs(piece.doughG - wanted) < 0.1 &&
        kinds === 'mix knead rest divide roll cook' &&
        ingredients.length === 3 &&
        read.value.notUnderstood.length === 0;
      return isRight ? [] : [`${words}: ${piece.doughG} g ${kinds} ${read.value.notUnderstood.join(' | ')}`];
    });
    expect(others).toEqual([]);
  });
});
