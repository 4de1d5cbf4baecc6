import { describe, expect, it } from 'vitest';
import demoClass from '../../../demo/class.json' with { type: 'json' };
import { openDocument } from '../documents/index.ts';
import { leftOpen, MOST_LEFT_OPEN, readLeftOpen } from './left-open.ts';

const read = openDocument('bread', demoClass.breads[0]);
const bread = read.ok ? read.value : expect.fail('the bread of the demonstration is right');
const guess = (path: string) => ({ path, why: 'usual', from: 'some flour' });
const aboutOf = (path: string, of = bread) =>
  leftOpen({ guesses: [guess(path)], conflicts: [], notUnderstood: [] }, of)[0]?.about;

describe('what a recipe left open', () => {
  it('is tied to the ingredient or step that it is about, wherever that is moved', () => {
    const [first] = bread.ingredients;
    const about = aboutOf('ingredients[0].pct');
    expect(about).toBe(`ingredient ${first?.use ?? ''} ${first?.name ?? ''}`);
    const turned = { ...bread, ingredients: [...bread.ingredients].reverse() };
    expect(aboutOf(`ingredients[${bread.ingredients.length - 1}].pct`, turned)).toBe(about);
    expect(aboutOf('steps[1].window.min')).toBe(`step ${bread.steps[1]?.id ?? ''}`);
  });
  it('is about its path where that names neither, or nothing that is there', () => {
    expect(aboutOf('piece.doughG')).toBe('piece.doughG');
    expect(aboutOf('ingredients[99].pct')).toBe('ingredients[99].pct');
  });
  it('holds what was not understood and what does not agree, before what was guessed, and can be read back', () => {
    const conflicts = [{ paths: ['steps[0]'], what: '9 in is 22.9 cm, not 19 cm' }];
    const list = leftOpen({ guesses: [guess('piece.doughG')], conflicts, notUnderstood: ['wipe it 3 min'] }, bread);
    expect(list.map((m) => [m.kind, m.words])).toEqual([
      ['unread', 'wipe it 3 min'],
      ['conflict', '9 in is 22.9 cm, not 19 cm'],
      ['guess', 'usual'],
    ]);
    expect(readLeftOpen(JSON.parse(JSON.stringify(list)))).toEqual({ ok: true, value: list });
  });
  it('can always be kept, however much a text leaves open', () => {
    const long = leftOpen(
      { guesses: [], conflicts: [], notUnderstood: Array.from({ length: 2000 }, () => 'long '.repeat(3000)) },
      bread,
    );
    expect([long.length, readLeftOpen(long).ok]).toEqual([MOST_LEFT_OPEN, true]);
    expect(long[0]?.words.endsWith('…')).toBe(true);
  });
});
