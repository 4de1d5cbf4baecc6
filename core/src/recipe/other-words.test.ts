import { describe, expect, it } from 'vitest';
import { stepTold } from '../testing/recipes/step-told.ts';
import { RECIPE_TEXTS } from '../testing/recipes/index.ts';
import { importRecipe } from './index.ts';

/** Words that say the same to somebody who bakes: whichever a text has, its steps are those. The first stands for itself. */
const SAME: Readonly<Record<string, readonly string[]>> = {
  'where it cooks': ['griddle', 'tawa', 'dome', 'saj', 'comal', 'skillet', 'hotplate', 'bakestone', 'pan'],
  'where it lies': ['bench', 'table', 'worktop', 'board', 'counter'],
  'what covers it': ['cloth', 'towel', 'tea towel'],
  'an hour': ['hour', 'hr'],
  'putting together': ['mix', 'combine', 'stir', 'blend'],
  waiting: ['rest', 'stand', 'relax'],
  rising: ['proof', 'prove', 'rise', 'ferment'],
  'what it is cut into': ['pieces', 'portions', 'lumps'],
};
const EVERY = 45;

const stepsOf = (text: string): string => {
  const read = importRecipe(text);
  return read.ok ? (read.value.bread?.steps.map((s) => stepTold(s, ['knead'])).join(', ') ?? 'no bread') : 'unread';
};
const asWritten = (word: string, as: string): string =>
  /^\p{Lu}/u.test(as) ? word.charAt(0).toUpperCase() + word.slice(1) : word;

describe('one word for another', () => {
  const texts = RECIPE_TEXTS.filter((_, n) => n % EVERY === 17).map(({ text }) => text);
  it('tells the same steps', () => {
    const otherwise: string[] = [];
    let tried = 0;
    for (const text of texts) {
      const steps = stepsOf(text);
      for (const words of Object.values(SAME)) {
        const any = new RegExp(`(?<![\\p{L}-])(?:${words.join('|')})(?![\\p{L}-])`, 'giu');
        for (const word of words) {
          const told = text.replace(any, (was) => asWritten(word, was));
          if (told === text) continue;
          tried++;
          if (stepsOf(told) !== steps) otherwise.push(`${word}: ${text.trim().slice(0, 40)}`);
        }
      }
    }
    expect(tried).toBeGreaterThan(300);
    expect(otherwise).toEqual([]);
  });
});
