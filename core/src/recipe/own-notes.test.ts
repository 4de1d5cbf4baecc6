import { describe, expect, it } from 'vitest';
import { OWN_NOTES } from '../testing/recipes/own-notes.ts';
import { readingOf } from '../testing/recipes/reading.ts';
import { importRecipe } from './index.ts';

describe('whole notes of a teacher', () => {
  it.each(OWN_NOTES)('$text', ({ text, ...wanted }) => {
    const result = importRecipe(text);
    const bread = (result.ok ? result.value.bread : undefined) ?? expect.fail('no bread');
    expect(readingOf(bread)).toEqual(wanted);
  });
});
