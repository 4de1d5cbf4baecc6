import { describe, expect, it } from 'vitest';
import { findFood, foodsIn } from '../foods/index.ts';
import { RECIPE_TEXTS } from '../testing/recipes/index.ts';
import { importRecipe } from './import-recipe.ts';

/** Foods that somebody may have to avoid, and one that nobody has to. */
const FOODS = [
  'sesame seeds',
  'chopped walnuts',
  'feta',
  'smoked salmon',
  'mustard seeds',
  'prawns',
  'tahini',
  'rhubarb',
];

/** Ways to name a food behind a sentence of a method. */
const SENTENCES: readonly ((food: string) => string)[] = [
  (f) => ` Sprinkle with ${f}.`,
  (f) => ` Scatter some ${f} over.`,
  (f) => ` Top with ${f}.`,
  (f) => ` Add the ${f}.`,
  (f) => ` Serve with ${f}.`,
  (f) => ` Fold the ${f} through.`,
  (f) => ` ${f.charAt(0).toUpperCase()}${f.slice(1)} on top.`,
  (f) => ` Finish with ${f}.`,
  (f) => ` Fill with ${f}.`,
  (f) => ` Press ${f} into the top.`,
  (f) => ` Dip in ${f}.`,
  (f) => ` Good with ${f}.`,
  (f) => ` Brush with egg, then ${f}.`,
  (f) => ` Half of them get ${f}.`,
  (f) => ` My son has it with ${f}.`,
  (f) => ` For a change use ${f}.`,
];
const AND = (f: string): string => ` and ${f}`;
/** Ways to name one within the sentence, before its full stop. */
const WITHIN: readonly ((food: string) => string)[] = [(f) => `, ${f}`, (f) => ` with ${f}`, AND, (f) => ` (or ${f})`];
/** Ways to name one in a line of its own behind a line of a list. */
const LINES: readonly ((food: string) => string)[] = [
  (f) => `\n${f}`,
  (f) => `\nsome ${f}`,
  (f) => `\n${f} to taste`,
  (f) => `\n(${f}, optional)`,
  (f) => `\nor ${f}`,
  (f) => `\n50 g ${f}`,
  (f) => `\nfor serving: ${f}`,
  (f) => `\nTopping: ${f}`,
  (f) => `\n${f} if liked`,
];

/** Numbers of a fixed sequence, from 0 to 1 (a linear congruential generator, Knuth, TAOCP 2, 3.3.4, from memory). */
function sequence(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 1103515245 + 12345) % 2147483648) / 2147483648;
}

/** A sentence with a time of its own. */
const TIMED = /[^\n.<{]{12,}\d ?(?:min(?:utes)?|seconds|sec)\b[^\n.<{"]*\.(?=\s|$)/gu;
const LISTED = /^[^\n<{|\t]*\d ?(?:g|kg|ml) \p{L}[^\n.|\t]{2,40}$/gmu;
/** Where a food is named, how far before its end, and in which of the texts. */
const PLACES = [
  { name: 'behind a sentence', ways: SENTENCES, ends: TIMED, back: 0, every: 40 },
  { name: 'within a sentence', ways: WITHIN, ends: TIMED, back: 1, every: 12 },
  { name: 'in a line of a list', ways: LINES, ends: LISTED, back: 0, every: 12 },
];

describe('a food that is named somewhere', () => {
  it.each(PLACES)('stands in the bread or is pointed out: $name', ({ ways, ends, back, every }) => {
    const draw = sequence(41);
    const pick = <T>(of: readonly T[]): T | undefined => of[Math.floor(draw() * of.length)];
    const silent: string[] = [];
    let tried = 0;
    for (const { text } of RECIPE_TEXTS.filter((_, n) => n % every === 7)) {
      const found = [...text.matchAll(ends)];
      for (const way of ways) {
        const food = pick(FOODS) ?? '';
        const at = pick(found);
        const word = food.split(' ').at(-1)?.replace(/s$/, '') ?? '';
        const isThere = text.toLowerCase().includes(word) || foodsIn(text).some((f) => f.food === findFood(food));
        // "without the lid and mustard seeds" holds none
        if (!at || isThere || (way === AND && /\b(?:without|no|not)\b/i.test(at[0]))) continue;
        const end = at.index + at[0].length - back;
        const read = importRecipe(`${text.slice(0, end)}${way(food)}${text.slice(end)}`);
        if (!read.ok) continue;
        tried++;
        const { bread, conflicts, notUnderstood, keeping } = read.value;
        const said = JSON.stringify([bread?.ingredients.map((i) => i.name), conflicts, notUnderstood, keeping]);
        if (!said.toLowerCase().includes(word)) silent.push(`${at[0].slice(-50)} …${way(food)}`);
      }
    }
    expect(silent).toEqual([]);
    expect(tried).toBeGreaterThan(100);
  });
});
