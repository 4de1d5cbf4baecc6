import { describe, expect, it } from 'vitest';
import { isRest } from '../method/index.ts';
import { importRecipe } from './index.ts';

const LIST = '500 g flour\n300 g water\n10 g salt';
const WORK = 'Mix. Rest 20 min. Divide into 8, roll, cook 1 minute a side.';
const read = (text: string) => {
  const result = importRecipe(text);
  return result.ok ? result.value : expect.fail(JSON.stringify(result.faults));
};
const breadOf = (text: string) => read(text).bread ?? expect.fail(`no bread: ${text}`);
const stepsOf = (work: string): string =>
  breadOf(`Rounds\n${LIST}\n${work}`)
    .steps.map((s) => (isRest(s) ? `${s.kind} ${s.window.min}/${s.window.ideal}/${s.window.max}` : s.kind))
    .join(', ');

describe('allergens of what a line names', () => {
  it.each([
    ['400 g atta', 'gluten, wheat'],
    ['100 g ground almonds', 'nuts'],
    ['50 g kefir', 'milk'],
    ['1 tbsp soy sauce', 'gluten, soya, wheat'],
    ['20 g pesto, to brush', 'milk, nuts'],
    ["2 tbsp za'atar for sprinkling", 'sesame'],
    ['100 ml milk and water', 'milk'],
    ['30 g butter or lard', 'milk'],
    ['30 g lupin flour', 'lupin'],
    ['100 g prawns for the filling', 'crustaceans'],
    ['a little celery salt', 'celery'],
    ['50 ml white wine', 'sulphites'],
  ])('%s holds %s', (line, allergens) => {
    const own = breadOf(`Rounds\n500 g rice flour\n300 g water\n${line}\n${WORK}`).ingredients;
    expect([...new Set(own.flatMap((i) => i.allergens ?? []))].sort().join(', ')).toBe(allergens);
  });
});

describe('what a clause says is done', () => {
  it.each([
    ['Mix. Scale into 6 x 130 g. Roll, cook 1 min a side.', 'mix, divide, roll, cook'],
    ['mix / rest 20 min / divide / round / roll / cook 1 min a side', 'mix, rest 20/20/40, divide, ball, roll, cook'],
    ['Mix. Divide into 8, shape into rounds. Roll out, cook 1 min a side.', 'mix, divide, ball, roll, cook'],
    [
      'Mix, knead for 5 min and cover; warm place, about 1 hour. Divide into 8, roll, cook 1 min a side.',
      'mix, knead, rest 48/60/120, divide, roll, cook',
    ],
    [
      'Mix. Bench rest, covered: 30 min (min. 20, max. 2 h). Divide into 8, roll, cook 1 min a side.',
      'mix, rest 20/30/120, divide, roll, cook',
    ],
    [
      'Mix. Proof 75 min with a fold after 30 min. Divide into 8, roll, cook 1 min a side.',
      'mix, proof 30/30/60, fold, proof 45/45/120, divide, roll, cook',
    ],
    [
      'Mix. Divide into 8, roll, cook 1 min a side. Stir the garlic into the melted butter and brush it on.',
      'mix, divide, roll, cook, prepare, finish',
    ],
  ])('%s', (work, steps) => {
    expect(stepsOf(work)).toBe(steps);
  });

  it('a weight in a sentence is for what is done in it, and not for the dough', () => {
    const { ingredients } = breadOf(
      'Mix 500 g of flour with 300 g of water and 10 g of salt. Divide into 8, roll, fill with 400 g of spinach and 150 g of feta. Cook 1 min a side. Brush with 20 g of butter.',
    );
    expect(ingredients.map((i) => `${i.name} ${i.use}`)).toEqual([
      'flour dough',
      'water dough',
      'salt dough',
      'spinach fill',
      'feta fill',
      'butter finish',
    ]);
  });

  it('a flour by its type, letters that a scan took for figures, one name in two languages', () => {
    const named = (list: string) =>
      breadOf(`Rounds\n${list}\n${WORK}`).ingredients.map((i) => `${i.name} ${i.pct ?? 0}`);
    expect(named('500 g wheat f1our\n15O g wholemeal flour\n39O g water')).toEqual([
      'wheat flour 76.92',
      'wholemeal flour 23.08',
      'water 60',
    ]);
    expect(named('Mehl / flour 0,750 kg\nWasser / water 0,450 l')).toEqual(['flour 100', 'water 60']);
    expect(
      named('4 oz fine oatmeal           1/2 oz fresh yeast\n4 oz plain flour            1 teaspoon salt'),
    ).toEqual(['fine oatmeal 50', 'fresh yeast 6.25', 'plain flour 50', 'salt 2.65']);
    expect(
      breadOf('Put 500 g of 00 flour and 300 g of water in a bowl and mix. Cook 1 min a side.').ingredients[0]?.name,
    ).toBe('00 flour');
  });
});
