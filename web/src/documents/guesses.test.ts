import { openDocument, type Bread } from '@hodsman/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import demoClass from '../../../demo/class.json';
import { openGuesses, storedGuesses, storeGuesses } from './guesses.ts';
import { memoryStorage } from './testing.ts';

const read = openDocument('bread', demoClass.breads[0]);
const bread: Bread = read.ok ? read.value : expect.fail('the bread of the demonstration is right');
const guess = (path: string) => ({ path, words: 'guessed', source: '' }) as never;
const aboutOf = (path: string, of: Bread = bread): string | undefined => openGuesses([guess(path)], of)[0]?.about;

beforeEach(() => vi.stubGlobal('localStorage', memoryStorage()));

describe('a guess of an import', () => {
  it('is tied to the ingredient or step that it is about, wherever that is moved', () => {
    const [first] = bread.ingredients;
    const about = aboutOf('ingredients[0].pct');
    expect(about).toBe(`ingredient ${first?.use ?? ''} ${first?.name ?? ''}`);
    const turned: Bread = { ...bread, ingredients: [...bread.ingredients].reverse() };
    expect(aboutOf(`ingredients[${bread.ingredients.length - 1}].pct`, turned)).toBe(about);
    expect(aboutOf('steps[1].window.min')).toBe(`step ${bread.steps[1]?.id ?? ''}`);
  });
  it('is about its path where that names neither, or nothing that is there', () => {
    expect(aboutOf('piece.doughG')).toBe('piece.doughG');
    expect(aboutOf('ingredients[99].pct')).toBe('ingredients[99].pct');
  });
  it('is kept on this device until it was looked at, for each bread by itself', () => {
    const guesses = openGuesses([guess('piece.doughG'), guess('steps[0].minutes')], bread);
    storeGuesses('b1', guesses);
    expect(storedGuesses('b1')).toEqual(guesses);
    expect(storedGuesses('b2')).toEqual([]);
    storeGuesses('b1', []);
    expect([storedGuesses('b1'), localStorage.length]).toEqual([[], 0]);
  });
  it('is no reason to lose the bread where the store is full, or holds something else', () => {
    vi.stubGlobal('localStorage', memoryStorage(5));
    expect(() => storeGuesses('b1', openGuesses([guess('piece.doughG')], bread))).not.toThrow();
    vi.stubGlobal('localStorage', memoryStorage());
    for (const text of ['{', '7', 'null']) {
      localStorage.setItem('hodsman:guesses:b1', text);
      expect(storedGuesses('b1')).toEqual([]);
    }
  });
});
