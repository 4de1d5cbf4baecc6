import { describe, expect, it } from 'vitest';
import { drawing } from '../testing/drawn.ts';
import { IN_ONE_PARAGRAPH } from '../testing/recipes/phrases/paragraphs.ts';
import { stepTold } from '../testing/recipes/step-told.ts';
import { importRecipe } from './index.ts';

const one = drawing(5);
const COUNT = 20;
/** A phrase with one of each of its groups, and a capital first. */
function drawn(phrase: string): string {
  const plain = phrase
    .replace(/\{([^}]*)\}/g, (_, group: string) => one(group.split('|')))
    .replace(/ {2,}/g, ' ')
    .replace(/ ([,.;])/g, '$1');
  return `${plain.charAt(0).toUpperCase()}${plain.slice(1)}`;
}

describe('a whole recipe in a paragraph', () => {
  it.each(IN_ONE_PARAGRAPH)('%s', (phrase) => {
    const others: string[] = [];
    for (let n = 0; n < COUNT; n++) {
      const text = drawn(phrase);
      const read = importRecipe(text);
      const bread = read.ok ? read.value.bread : null;
      const formula = (bread?.ingredients ?? []).filter((i) => i.use === 'dough').map((i) => Math.round(i.pct ?? NaN));
      const roles = (bread?.ingredients ?? []).filter((i) => i.use === 'dough').map((i) => i.role);
      const steps = (bread?.steps ?? []).map((s) => stepTold(s, ['knead'])).join(', ');
      const unread = read.ok ? read.value.notUnderstood.filter((t) => /\d/.test(t)) : [];
      const isRight =
        [...roles].sort().join() === 'flour,salt,water' &&
        [...formula].sort((a, b) => b - a).join() === '100,60,2' &&
        steps === 'mix, knead 8, rest 30, divide, roll, cook 60+60' &&
        unread.length === 0;
      if (!isRight) others.push(`${text}  ${formula.join()} ${steps} ${unread.join()}`);
    }
    expect(others).toEqual([]);
  });
});
