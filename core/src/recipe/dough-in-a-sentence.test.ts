import { describe, expect, it } from 'vitest';
import { DOUGHS_IN_A_SENTENCE } from '../testing/recipes/phrases/doughs.ts';
import { importRecipe } from './index.ts';

const REST = ['Knead 8 minutes.', 'Rest 30 minutes.', 'Divide into 8.', 'Roll to 20 cm.', 'Cook 1 minute a side.'];
const small = (sentence: string): string => sentence.replace(/^./u, (c) => c.toLowerCase());

/** How a method stands whose first sentence says what is in the dough. */
const SET: Readonly<Record<string, (dough: string) => string>> = {
  'in a paragraph': (dough) => `Flatbreads\n\n${[dough, ...REST].join(' ')}`,
  'in lines': (dough) => `Flatbreads\n\n${[dough, ...REST].join('\n')}`,
  'in numbered lines': (dough) => `Flatbreads\n\n${[dough, ...REST].map((s, n) => `${n + 1}. ${s}`).join('\n')}`,
  'under a heading': (dough) => `Flatbreads\n\nMethod\n${[dough, ...REST].join(' ')}`,
  'without a title': (dough) => [dough, ...REST].join(' '),
  'behind a title': (dough) => `Flatbreads for 8: ${[small(dough), ...REST].join(' ')}`,
};

describe.each(Object.entries(SET))('a dough that is told in a sentence, %s', (_, set) => {
  it.each(DOUGHS_IN_A_SENTENCE)('%s', (dough) => {
    const read = importRecipe(set(dough));
    if (!read.ok || !read.value.bread) expect.fail();
    const { bread, notUnderstood } = read.value;
    const parts = bread.ingredients.map((i) => `${i.name} ${i.use} ${Math.round(10 * (i.pct ?? NaN)) / 10}`);
    expect(parts.sort().join(', ')).toBe('flour dough 100, salt dough 2, water dough 60');
    expect(bread.steps.map((s) => s.kind).join(' ')).toBe('mix knead rest divide roll cook');
    expect(notUnderstood).toEqual([]);
  });
});
