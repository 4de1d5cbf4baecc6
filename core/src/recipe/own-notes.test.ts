import { describe, expect, it } from 'vitest';
import { OWN_NOTES } from '../testing/recipes/own-notes/index.ts';
import { readingOf } from '../testing/recipes/reading.ts';
import { importRecipe } from './index.ts';

describe('whole notes of a teacher', () => {
  it.each(OWN_NOTES)('$text', ({ text, left, ...wanted }) => {
    const result = importRecipe(text);
    if (!result.ok || !result.value.bread) expect.fail('no bread');
    expect(readingOf(result.value.bread)).toEqual(wanted);
    expect(result.value.notUnderstood).toEqual(left);
  });
});
