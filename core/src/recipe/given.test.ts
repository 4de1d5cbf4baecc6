import { describe, expect, it } from 'vitest';
import { importRecipe, type GivenOwner, ownedLines } from './index.ts';

const TEXT = `Weir rounds
500 g flour
300 g water
10 g salt
the good pan
Mix, knead 6 minutes, rest 30 minutes. Divide into 8, roll and cook 1 minute a side.
Warm plates for 4 minutes by the fire`;
const read = (...given: Parameters<typeof importRecipe>[1] & object) => {
  const r = importRecipe(TEXT, given);
  return r.ok ? r.value : expect.fail();
};
const spanOf = (words: string) => ({ from: TEXT.indexOf(words), to: TEXT.indexOf(words) + words.length });

describe('what somebody says of a line', () => {
  it('comes before what was read: an ingredient, a step, or nothing', () => {
    const names = (r: ReturnType<typeof read>) => r.bread?.ingredients.map((i) => i.name);
    expect(names(read())).toEqual(['flour', 'water', 'salt']);
    expect(names(read({ ...spanOf('10 g salt'), owner: 'aside' }))).not.toContain('salt');
    expect(names(read({ ...spanOf('the good pan'), owner: 'ingredient' }))).toEqual(['flour', 'water', 'salt']);
    const plates = spanOf('Warm plates for 4 minutes by the fire');
    expect(read().notUnderstood.join()).toContain('4 minutes');
    expect(read({ ...plates, owner: 'aside' }).notUnderstood.join()).not.toContain('4 minutes');
  });
});

describe('a text line by line', () => {
  it('is itself again, each piece with one owner; what is not understood is nobody’s', () => {
    const { words } = read();
    const lines = ownedLines(TEXT, words);
    expect(lines.map((l) => l.map((p) => p.text).join('')).join('\n')).toBe(TEXT);
    expect(lines[1]?.map((p) => [p.owner, p.path])).toEqual([['ingredient', 'ingredients[0]']]);
    expect(lines[0]?.[0]).toMatchObject({ owner: 'title', path: 'name', from: 0 });
    for (const p of lines.flat()) expect(TEXT.slice(p.from, p.from + p.text.length)).toBe(p.text);
    const over = ownedLines('abc', [
      { from: 0, to: 3, owner: 'step', path: 'steps[0]' },
      { from: 1, to: 2, owner: 'none' },
    ]);
    expect(over[0]?.map((p) => p.owner)).toEqual(['step', 'none', 'step']);
    const wide = ownedLines('abc', [
      { from: 0, to: 3, owner: 'none' },
      { from: 1, to: 2, owner: 'step', path: 'steps[0]' },
    ]);
    expect(wide[0]?.map((p) => p.owner)).toEqual(['none', 'none', 'none']);
    const inner = ownedLines('abc', [
      { from: 0, to: 3, owner: 'step' },
      { from: 1, to: 2, owner: 'trouble' },
    ]);
    expect(inner[0]?.map((p) => p.owner)).toEqual(['step', 'trouble', 'step']);
  });
});

describe('a text with two recipes', () => {
  const two = `Rounds
Makes 6
Ingredients
300 g flour
180 g water
6 g salt
Method
Mix, rest 20 minutes. Divide into 6, roll and cook 1 minute a side.

Barley cakes
Ingredients
400 g barley flour
260 g buttermilk
Method
Mix, pat into 4 rounds and cook 5 minutes a side.`;
  const names = (given: Parameters<typeof importRecipe>[1]) => {
    const r = importRecipe(two, given);
    if (!r.ok) expect.fail();
    return { ...r.value, list: r.value.bread?.ingredients.map((i) => i.name) };
  };

  it('is asked about, and never read as one; the one that is chosen is read', () => {
    const first = names([]);
    expect(first.choices.map((c) => c.title)).toEqual(['Rounds', 'Barley cakes']);
    expect(first.list).toEqual(['flour', 'water', 'salt']);
    expect(first.conflicts[0]?.what).toBe('the text holds 2 recipes (Rounds, Barley cakes); "Rounds" was read');
    const [rounds] = first.choices;
    if (!rounds) expect.fail();
    const second = names([{ from: rounds.from, to: rounds.to, owner: 'aside' }]);
    expect(second.list).toEqual(['barley flour', 'buttermilk']);
    expect(second.bread?.name).toBe('Barley cakes');
    expect(second.conflicts.some((c) => c.what.includes('2 recipes'))).toBe(false);
    expect(read().choices).toEqual([]);
  });

  const choicesOf = (text: string): readonly string[] => {
    const r = importRecipe(text);
    return r.ok ? r.value.choices.map((c) => c.title) : [];
  };
  const PITA = 'PITA\n500 g flour, 300 g water, 10 g salt\nMix, rest 30 min, divide into 8, roll 15 cm, bake 4 min.';
  const CHAPATI = 'Chapati\n300 g atta, 190 g water\nMix, rest 30 min, 8 balls, roll 16 cm, griddle 40 s a side.';
  it('is asked about where no heading stands over their lists', () => {
    expect(choicesOf(`${PITA}\n\n${CHAPATI}`)).toEqual(['PITA', 'Chapati']);
    expect(choicesOf(`${PITA}\r\n\r\n${CHAPATI}`)).toEqual(['PITA', 'Chapati']);
  });
  it.each([
    ['one', PITA],
    ['a filling with its own list', `${PITA}\n\nCheese filling\n200 g feta, 20 g flour\nMash it.`],
    ['a preferment', `Levain\n50 g flour, 50 g water\nStir, leave 8 h.\n\n${PITA}`],
  ])('%s is one', (_, text) => {
    expect(choicesOf(text)).toEqual([]);
  });
});

describe('data with two recipes', () => {
  const recipe = (name: string, water: number) => ({
    '@type': 'Recipe',
    name,
    recipeIngredient: ['500 g plain flour', `${water} g water`, '10 g salt'],
    recipeInstructions: 'Mix and knead for 5 minutes. Rest 30 minutes. Divide into 8, roll and cook 1 minute a side.',
  });
  const data = JSON.stringify({ '@graph': [recipe('Reed rounds', 300), recipe('Marsh ovals', 350)] });
  const waterIn = (text: string, ...given: readonly GivenOwner[]) => {
    const read = importRecipe(text, given);
    if (!read.ok) expect.fail();
    const water = read.value.bread?.ingredients.find((i) => i.role === 'water');
    return { ...read.value, pct: water?.pct };
  };

  it.each([
    ['JSON', data],
    [
      'a page',
      `<html><body><script type="application/ld+json">${data}</script><p>Both of the marsh.</p></body></html>`,
    ],
  ])('%s asks which one is meant, and reads the other once the first is set aside', (_, text) => {
    const first = waterIn(text);
    expect([first.choices.map((c) => c.title), first.pct]).toEqual([['Reed rounds', 'Marsh ovals'], 60]);
    expect(first.conflicts[0]?.what).toContain('the text holds 2 recipes');
    const [reed] = first.choices;
    if (!reed) expect.fail();
    const second = waterIn(text, { from: reed.from, to: reed.to, owner: 'aside' });
    expect([second.bread?.name, second.pct]).toEqual(['Marsh ovals', 70]);
    expect(second.conflicts.some((c) => c.what.includes('holds 2'))).toBe(false);
  });
});
