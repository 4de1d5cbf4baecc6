import { describe, expect, it } from 'vitest';
import { importRecipe } from './index.ts';

const WORK = 'Knead 8 minutes. Rest 30 minutes. Divide into 8. Roll. Cook 1 minute a side.';
function breadOf(list: string) {
  const read = importRecipe(`Rounds\n\n${list}\n\n${WORK}`);
  if (!read.ok || !read.value.bread) throw new Error(`no bread comes of ${list}`);
  return read.value.bread;
}
const pctOf = (list: string, name: string): number =>
  breadOf(list).ingredients.find((i) => i.name === name)?.pct ?? NaN;

describe('so much by what of the flour', () => {
  it('for each cup is so much in all', () => {
    const list = (salt: string): string => `4 cups flour\n2 cups water\n${salt}`;
    const one = pctOf(list('1 tsp salt'), 'salt');
    expect(pctOf(list('1 tsp salt per cup of flour'), 'salt')).toBeCloseTo(4 * one, 1);
    expect(pctOf(list('1 tsp salt for every 2 cups of flour'), 'salt')).toBeCloseTo(2 * one, 1);
  });
  it('to the kilo is a share of the flour that there is', () => {
    const list = (salt: string, flour: string): string => `${flour} flour\n300 g water\n${salt}`;
    const one = pctOf(list('1 tbsp salt', '1 kg'), 'salt');
    for (const flour of ['1 kg', '500 g', '250 g'])
      expect(pctOf(list('1 tbsp salt to the kilo', flour), 'salt')).toBeCloseTo(one, 1);
  });
  it('a starter is as wet as it is told', () => {
    const starter = (words: string) =>
      breadOf(`500 g flour\n300 g water\n100 g starter${words}`).ingredients.find((i) => i.role === 'starter');
    expect(starter('')).toMatchObject({ waterPct: 50, flourPct: 50 });
    expect(starter(' (60 % hydration)')).toMatchObject({ waterPct: 37.5, flourPct: 62.5 });
  });
});

describe('what somebody may avoid', () => {
  const allergensOf = (list: string, more = ''): readonly string[] => {
    const read = importRecipe(`Rounds\n\n${list}\n\n${WORK} ${more}`);
    const bread = read.ok ? read.value.bread : null;
    return [...new Set(bread?.ingredients.flatMap((i) => i.allergens ?? []))].sort();
  };
  it('is there where butter is what is done', () => {
    expect(allergensOf('500 g flour\n300 g water')).toEqual(['gluten', 'wheat']);
    expect(allergensOf('500 g flour\n300 g water', 'Butter them while they are hot.')).toEqual([
      'gluten',
      'milk',
      'wheat',
    ]);
  });
  it('is none where something is as big as a nut', () => {
    expect(allergensOf('500 g flour\n300 g water\nYeast: a piece like a walnut')).toEqual(['gluten', 'wheat']);
  });
});

describe('what is not understood', () => {
  it('shows no pieces of words, where a rule has moved them', () => {
    const read = importRecipe(
      `Rounds\n\n250 g each plain and wholemeal flour\nhalf milk, half water, 300 ml in all\n\n${WORK}`,
    );
    expect(read.ok && read.value.notUnderstood).toEqual([]);
  });
});

describe('what a bread is called', () => {
  it('stands below what a house or a class is called', () => {
    const read = importRecipe(
      `Mill Lane Cookery School\n\nCaraway rye flatbreads\n\n500 g rye flour\n300 g water\n5 g caraway\n\n${WORK}`,
    );
    const bread = read.ok ? read.value.bread : null;
    expect(bread?.name).toBe('Caraway rye flatbreads');
    expect(bread?.ingredients.map((i) => i.name)).toEqual(['rye flour', 'water', 'caraway']);
  });
});

describe('figures before their names', () => {
  const ofPiece = (list: string): number | null => breadOf(list).piece.doughG;
  it('are shares where they have no measure, and weights where they have one', () => {
    expect(pctOf('100 flour, 60 water, 2 salt, 10 pumpkin', 'pumpkin')).toBe(10);
    expect(ofPiece('500 flour, 300 water, 10 salt')).toBe(ofPiece('500 g flour, 300 g water, 10 g salt'));
    // 162 g of dough in eight, less what sticks to bowl and hands
    expect(ofPiece('100 g flour, 60 g water, 2 g salt')).toBeLessThan(162 / 8);
  });
});

describe('what goes on each bread', () => {
  const list = '500 g flour\n300 g water\n10 g salt\n';
  const work = 'Mix. Divide into 8. Roll to 20 cm.';
  const outside = (text: string): Readonly<Record<string, number | undefined>> => {
    const read = importRecipe(text);
    if (!read.ok || !read.value.bread) expect.fail();
    return Object.fromEntries(
      read.value.bread.ingredients.filter((i) => i.use !== 'dough').map((i) => [i.name, i.gPerPiece]),
    );
  };
  it.each([
    [`${list}\n${work} Put 50 g cheese on each, fold. Cook 1 min a side.`, { cheese: 50 }],
    [`${list}50 g cheese per piece\n\n${work} Put cheese on each, fold. Cook 1 min a side.`, { cheese: 50 }],
    [`${list}\n${work}\n50 g cheese each, fold.\nCook 1 min a side.`, { cheese: 50 }],
    [`${list}\n${work} Fill each with 50 g cheese and fold. Cook 1 min a side.`, { cheese: 50 }],
    [`${list}\n${work} Put 1 egg and 20 g of cheese on each, fold. Cook 1 min a side.`, { cheese: 20, egg: 50 }],
    [`${list}\n${work} Put 50 g feta on one half of each, fold over. Cook 1 min a side.`, { feta: 50 }],
    [`${list}\n${work} Put 50 g feta in the middle, fold over. Cook 1 min a side.`, { feta: 50 }],
    // so much nobody puts on one piece of 98 g
    [`${list}\n${work} Put 400 g feta on one half of each, fold over. Cook 1 min a side.`, { feta: 50 }],
    [`${list}Filling: 30 g cheese per piece\n\n${work} Fill and fold. Cook 1 min a side.`, { cheese: 30 }],
    [`${list}400 g cheese (50 g each)\n\n${work} Fill with cheese and fold. Cook 1 min a side.`, { cheese: 50 }],
    [`${list}400 g cheese\n\n${work} Fill with cheese and fold. Cook 1 min a side.`, { cheese: 50 }],
  ])('is weighed for each: %s', (text, wanted) => {
    expect(outside(text)).toEqual(wanted);
  });
  it('but eggs of so much each are as many as are told, and their line ends there', () => {
    const read = importRecipe(`500 g flour\n250 g water\n2 eggs, 50 g each\n10 g salt\n\n${work} Cook 1 min a side.`);
    if (!read.ok || !read.value.bread) expect.fail();
    expect(read.value.bread.ingredients.map((i) => [i.name, i.pct])).toEqual([
      ['flour', 100],
      ['water', 50],
      ['egg', 20],
      ['salt', 2],
    ]);
  });
});
