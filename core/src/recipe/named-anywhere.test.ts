import { describe, expect, it } from 'vitest';
import { importRecipe } from './index.ts';

const readOf = (text: string) => {
  const result = importRecipe(text);
  if (!result.ok || !result.value.bread) return expect.fail(`no bread: ${text}`);
  const { bread, conflicts, notUnderstood } = result.value;
  const of = (isOf: (use: string) => boolean): string =>
    bread.ingredients
      .flatMap((i) => (isOf(i.use) ? [`${i.name} ${i.pct ?? `${i.gPerPiece} g ${i.use}`}`] : []))
      .join(', ');
  return {
    name: bread.name,
    family: bread.family,
    dough: of((u) => u === 'dough'),
    outside: of((u) => u !== 'dough'),
    conflicts: conflicts.map((c) => c.what),
    notUnderstood,
    allergens: [...new Set(bread.ingredients.flatMap((i) => i.allergens ?? []))].sort().join(' '),
  };
};
const LIST = '500 g flour\n300 g water\n10 g salt';
const COOK = 'Cook 1 minute a side.';

describe('what a text names beside its list', () => {
  it('goes on top where it stands alone behind shaping, or behind "on top"', () => {
    const told = (work: string) => readOf(`Rounds\n${LIST}\n\nMix. Divide into 8. ${work}`).outside;
    expect(told(`Press to 20 cm, dimple, oil, rosemary. ${COOK}`)).toBe('oil 2 g finish, rosemary 2 g finish');
    expect(told(`Press to 20 cm. Olive oil, sumac. ${COOK}`)).toBe('olive oil 2 g finish, sumac 2 g finish');
    expect(told(`Roll. ${COOK} Pistachios on top.`)).toBe('pistachio 2 g finish');
    // oil between two rollings is of the layers
    expect(told(`Roll, oil, fold, roll again. ${COOK}`)).toBe('oil, between the layers 6 g layer');
  });
  it('is called as the text calls it', () => {
    expect(readOf(`Rounds\n${LIST}\n\nMix. Divide into 8, roll. ${COOK} Top with smoked salmon.`).outside).toBe(
      'smoked salmon 2 g finish',
    );
    expect(readOf(`Rounds\n${LIST}\n(feta, optional)\n\nMix. Divide into 8, roll. ${COOK}`).dough).toContain('feta');
  });
  it('is pointed out where it is in no line and goes nowhere, and what somebody may avoid in it', () => {
    const said = (words: string) => readOf(`${words}\n${LIST}\n\nMix. Divide into 8, roll. ${COOK}`).conflicts;
    expect(readOf(`Rounds\n${LIST}\n\nMix. Divide into 8, roll. ${COOK} Serve with beetroot.`).conflicts).toEqual([
      'beetroot is named ("Serve with beetroot.") and is not in the bread',
    ]);
    expect(said('Walnut rounds')).toEqual(['walnut is named ("Walnut rounds") and is not in the bread; it holds nuts']);
    expect(said('Rhubarb rounds')).toEqual([]);
    const beside = (line: string, words: string) =>
      readOf(`Rounds\n${LIST}\n${line}\n\nMix all. Divide into 8, roll. ${COOK} ${words}`).conflicts;
    // butter is none of peanut butter; the milk of a bread with oat milk is that
    expect(beside('40 g peanut butter', 'Serve with butter.')).toEqual([
      'butter is named ("Serve with butter.") and is not in the bread; it holds milk, animal products',
    ]);
    expect(beside('100 g oat milk', 'Keep some of the milk.')).toEqual([]);
    expect(beside('5 g yeast', 'Eat with honey.')).toEqual([
      'honey is named ("Eat with honey.") and is not in the bread; it holds animal products',
    ]);
    expect(beside('5 g yeast', 'Coil into a snail. Press. Serve with agave.')).toEqual([
      'the bread is coiled after it was cooked',
      'agave is named ("Serve with agave.") and is not in the bread',
    ]);
  });
  it('is no ingredient in a title, whatever the title says behind it', () => {
    const named = (title: string) => {
      const { name, dough } = readOf(`${title}\n\n${LIST}\n\nMix. Divide into 8, roll. ${COOK}`);
      return `${name} | ${dough}`;
    };
    const dough = 'flour 100, water 60, salt 2';
    expect(named('Supper with spinach and feta (for 8)')).toBe(`Supper with spinach and feta | ${dough}`);
    expect(named("Barley flatbread, baker's %:")).toBe(`Barley flatbread, baker's % | ${dough}`);
  });
});

describe('what a method means by few words', () => {
  it('"the rest" is whatever stands in no line of it yet', () => {
    const { conflicts } = readOf(
      `Rounds\n${LIST}\n5 g dried yeast\n\nDissolve the yeast in the water. Add to the flour with the rest and knead. Divide into 8, roll. ${COOK}`,
    );
    expect(conflicts).toEqual([]);
    // and of one thing it is that one
    const of = readOf(
      `Rounds\n${LIST}\n5 g dried yeast\n\nMix half the flour with the water and salt. Knead with the rest of the flour. Divide into 8, roll. ${COOK}`,
    );
    expect(of.conflicts).toEqual(['dried yeast is listed and never used in the method']);
  });
  it.each([
    'Knead 8 minutes. Divide into 8. Dust with flour and roll.',
    'Knead 8 minutes. Flour the bench, cut 100 g squares, roll.',
    'Knead 8 minutes. Take lumps of 100 g, roll them in flour and press them flat.',
  ])('flour on the outside tells nothing of the dough, which is the whole list: %s', (work) => {
    expect(readOf(`Rounds\n${LIST}\n5 g dried yeast\n\n${work} ${COOK}`).conflicts).toEqual([]);
  });
  it('flour that is put into a bowl is told, though nothing is mixed yet', () => {
    const { conflicts } = readOf(
      `Rounds\n${LIST}\n5 g dried yeast\n\nPut the flour in a bowl. Add water and salt and knead. Divide into 8, roll. ${COOK}`,
    );
    expect(conflicts).toEqual(['dried yeast is listed and never used in the method']);
  });
  it('a flour that only goes between the folds tells nothing of the dough', () => {
    const { conflicts, outside, name } = readOf(
      `Msemen: 300 g fine semolina, 200 g white flour, 300 g water, 10 g salt. For folding: oil and semolina. Knead 15 min. Divide into 12, rest 20 min. Flatten, sprinkle with oil and semolina, fold. Rest 15 min. Press. ${COOK}`,
    );
    expect(conflicts).toEqual([]);
    expect(outside).toBe('oil 6 g layer, semolina 6 g layer');
    expect(name).toBe('Msemen');
  });
  it('how wet a starter is, in brackets before its grams, is no share of the flour', () => {
    const starter = (line: string) => readOf(`Rounds\n${LIST}\n${line}\n\nMix. Divide into 8, roll. ${COOK}`);
    expect(starter('levain (100 %) 100 g').conflicts).toEqual([]);
    expect(starter('levain (20 %) 100 g').conflicts).toEqual([]);
    expect(starter('levain (30 %) 100 g').conflicts).toEqual(['levain is 20 % of the flour by weight, not 30 %']);
  });
  it('an oil that a list has for what is brushed on is not asked for again', () => {
    const { outside } = readOf(
      `Rounds\n${LIST}\n30 g za'atar\n40 g olive oil\n\nMix the flour, water and salt. Rest 15 minutes. Stir the za'atar into the oil. Divide into 8, roll. Brush with the za'atar oil. ${COOK}`,
    );
    expect(outside.match(/oil/g)).toHaveLength(1);
    expect(outside).toMatch(/za'atar/);
  });
  it.each([
    [
      'Put 400 g of wholemeal flour and 100 g of white in a bowl with 8 g of salt.',
      'wholemeal flour 80, white flour 20, salt 1.6',
    ],
    ['Flour (400 g wholemeal and 100 g white), 8 g salt.', 'wholemeal 80, white flour 20, salt 1.6'],
  ])('%s', (list, dough) => {
    expect(readOf(`${list} Add 300 g water. Knead. Divide into 8, roll. ${COOK}`).dough).toBe(`${dough}, water 60`);
  });
});

describe('foods that hold what nobody sees in them', () => {
  it.each([
    ['10 g diastatic malt', 'gluten wheat'],
    ['10 g bread improver', 'gluten soya wheat'],
    ['10 g worcestershire sauce', 'fish gluten wheat'],
    ['50 g noodles', 'egg gluten wheat'],
    ['50 g mortadella', 'gluten nuts wheat'],
    ['50 g nougat', 'egg gluten nuts wheat'],
    ['50 g bechamel', 'gluten milk wheat'],
    ['50 g taleggio', 'gluten milk wheat'],
    ['50 g caviar', 'fish gluten wheat'],
    ['50 g hoisin', 'gluten soya wheat'],
    ['2 g lecithin', 'gluten soya wheat'],
    ['50 g escargots', 'gluten molluscs wheat'],
    ['50 g pearl barley', 'gluten wheat'],
  ])('%s', (line, allergens) => {
    expect(readOf(`Rounds\n${LIST}\n${line}\n\nMix all. Divide into 8, roll. ${COOK}`).allergens).toBe(allergens);
  });
});
