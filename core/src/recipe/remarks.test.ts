import { describe, expect, it } from 'vitest';
import { drawing } from '../testing/drawn.ts';
import { RECIPE_TEXTS } from '../testing/recipes/index.ts';
import { REMARKS } from '../testing/recipes/phrases/remarks.ts';
import { stepTold } from '../testing/recipes/step-told.ts';
import { importRecipe } from './index.ts';

/** Each so many-th text, and so many remarks in each, one at a time. */
const EVERY = 7;
const EACH = 5;
/** So much of them may change what is read: questions with answers, a list in letters of another tongue. */
const MOST_SHARE = 0.015;

const one = drawing(5);
function told(text: string): string {
  const read = importRecipe(text);
  const bread = read.ok ? read.value.bread : null;
  if (!bread) return '';
  const steps = bread.steps.map((s) => stepTold(s, ['knead'])).join(', ');
  const foods = bread.ingredients.map((i) => `${i.name} ${i.use === 'dough' ? i.pct : i.gPerPiece}`).join(', ');
  return `${steps}; ${foods}; ${bread.piece.diameterCm}`;
}
/** Behind which sentences of its method a text has room for one more. */
const placesIn = (text: string): readonly number[] =>
  [...text.matchAll(/(?<=[a-z)]\.)(?= \p{Lu}\p{Ll})/gu)].map((m) => m.index).filter((at) => at > 0.35 * text.length);

describe('a remark between two steps', () => {
  it('adds no step, no food and no size, and takes none away', () => {
    const others: string[] = [];
    let count = 0;
    for (const { text, manner } of RECIPE_TEXTS.filter((_, n) => n % EVERY === 2)) {
      const places = placesIn(text);
      if (places.length === 0 || /^\s*[{[<]|\|/.test(text) || manner === 'a scan') continue;
      const before = told(text);
      for (let n = 0; n < EACH; n++) {
        const remark = one(REMARKS);
        const at = one(places);
        count++;
        if (told(`${text.slice(0, at)} ${remark}${text.slice(at)}`) !== before) others.push(`${remark} | ${text}`);
      }
    }
    expect(count).toBeGreaterThan(500);
    expect(others.length, others.join('\n\n')).toBeLessThanOrEqual(MOST_SHARE * count);
  });
});
