import { describe, expect, it } from 'vitest';
import type { Bread } from '../bread/index.ts';
import { PARTS, PARTS_IN_WORDS, USES_IN_WORDS } from '../testing/recipes/phrases/parts.ts';
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

/** Where an entry stands that says itself what it is for. */
const PLACES: Readonly<Record<string, (entry: string) => string>> = {
  'the last line of a list': (entry) => `${LIST}${entry}\n`,
  'a line of its own': (entry) => `${LIST}\n${entry}\n`,
  'among semicolons': (entry) => `${LIST.trim().replace(/\n/g, '; ')}; ${entry}\n`,
};

describe.each(Object.entries(PLACES))('an entry that says what it is for: %s', (_, set) => {
  it.each(USES_IN_WORDS)('%s', (entry, use, name) => {
    const read = importRecipe(
      `Flatbreads\n\n${set(entry)}\nMix the dough. Knead 8 min. Rest 30 min. Divide into 8. Roll to 20 cm. Cook 1 min a side.`,
    );
    if (!read.ok || !read.value.bread) expect.fail();
    const { bread, notUnderstood } = read.value;
    expect(doughOf(bread)).toBe(DOUGH);
    expect(bread.ingredients.filter((i) => name.test(i.name) && i.use !== 'dough').map((i) => i.use)).toContain(use);
    expect(notUnderstood).toEqual([]);
  });
});
