import { describe, expect, it } from 'vitest';
import type { Bread } from '../bread/index.ts';
import { PARTS, PARTS_IN_WORDS } from '../testing/recipes/phrases/parts.ts';
import { importRecipe } from './index.ts';

const LIST = '500 g flour\n300 g water\n10 g salt\n';
const doughOf = (bread: Bread): string =>
  bread.ingredients
    .filter((i) => i.use === 'dough')
    .map((i) => `${i.name} ${Math.round(i.pct ?? NaN)}`)
    .sort()
    .join(', ');
const DOUGH = 'flour 100, salt 2, water 60';

describe.each(PARTS)('what stands under "%s", however it is set', (name, use, sentence) => {
  it.each(PARTS_IN_WORDS)('is of that part, and of no dough: %j', (form) => {
    const part = form.replace(/KIND/g, name).replace(/kind/g, name.toLowerCase());
    const [before, behind] = use === 'fill' ? [`${sentence} `, ''] : ['', ` ${sentence}`];
    const read = importRecipe(
      `Flatbreads\n\n${LIST}\n${part}\n\nMix the dough. Knead 8 min. Rest 30 min. Divide into 8. Roll to 20 cm. ${before}Cook 1 min a side.${behind}`,
    );
    if (!read.ok || !read.value.bread) expect.fail();
    const { bread, notUnderstood } = read.value;
    const others = bread.ingredients.filter((i) => i.use !== 'dough');
    expect(doughOf(bread)).toBe(DOUGH);
    expect(others.map((i) => `${i.use} ${Math.round(i.gPerPiece ?? NaN)}`)).toEqual([`${use} 10`, `${use} 2`]);
    expect(others.map((i) => i.name.split(' ').at(-1))).toEqual(['butter', 'parsley']);
    expect(notUnderstood).toEqual([]);
  });
});
