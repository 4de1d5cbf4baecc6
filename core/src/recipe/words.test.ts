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

describe('what nobody may miss', () => {
  const allergensOf = (text: string): string =>
    [...new Set(breadOf(text).ingredients.flatMap((i) => i.allergens ?? []))].sort().join(', ');
  it('an egg in a sentence, by its figure or by its word', () => {
    expect(allergensOf('Mix 250 g rice flour, 1 egg, 20 g sugar and 100 g water. Cook 1 min a side.')).toBe('egg');
    expect(
      allergensOf(
        'Mix 250 g of rice flour with 5 g of salt. Beat an egg with 100 ml of water and stir it in. Cook 1 min a side.',
      ),
    ).toBe('egg');
  });
  it('a bread without gluten is dusted with its own flour, and it is said that nobody told with which', () => {
    const text = `Rounds\n500 g rice flour\n300 g water\n10 g salt\nMix. Divide into 8 on a floured board. Roll, cook 1 min a side.`;
    expect(allergensOf(text)).toBe('');
    expect(read(text).conflicts.map((c) => c.what)).toContainEqual(
      expect.stringMatching(/^what the bench is floured with is not told .* wheat would bring gluten$/),
    );
    expect(allergensOf(text.replace('rice flour', 'wheat flour'))).toBe('gluten, wheat');
    expect(
      breadOf(text.replace('on a floured board', 'on a board dusted with cornmeal')).ingredients.at(-1)?.name,
    ).toMatch(/^cornmeal/);
  });
  it('fat that a bread is cooked or brushed with is of it, though no line lists it', () => {
    const text = `Rounds\n500 g rice flour\n300 g water\n10 g salt\nMix. Divide into 8, roll. Cook 1 min a side with a little ghee.`;
    expect(allergensOf(text)).toBe('milk');
    expect(allergensOf(text.replace('with a little ghee', 'brushing with butter'))).toBe('milk');
  });
});

describe('amounts', () => {
  const pctsOf = (text: string): string =>
    breadOf(text)
      .ingredients.map((i) => `${i.name} ${i.pct ?? 0}`)
      .join(', ');
  it('a first column of amounts is no number of a row', () => {
    expect(
      pctsOf(
        `| Qty | Unit | Ingredient |\n|--|--|--|\n| 500 | g | flour |\n| 330 | g | water |\n| 6 | g | dry yeast |\n${WORK}`,
      ),
    ).toBe('flour 100, water 66, dry yeast 1.2');
  });
  it('a percentage that is told is taken, whatever is usual', () => {
    expect(
      pctsOf('Based on 1000 g flour: strong flour (100%), water (75%), salt (2.2%). Mix. Cook 1 min a side.'),
    ).toBe('strong flour 100, water 75, salt 2.2');
  });
  it('nobody weighs flour by the ton, nor reads the second of two columns', () => {
    expect(pctsOf(`Flour 2,000 kg\nWater 1,280 kg\nSalt 0,036 kg\n${WORK}`)).toBe('flour 100, water 64, salt 1.8');
    expect(pctsOf(`Flour   500 g   1000 g\nWater   325 g   700 g\n${WORK}`)).toBe('flour 100, water 65');
  });
  it('shares of a whole, flours of one grain, and a measure of millilitres behind cups', () => {
    expect(pctsOf(`By volume: 3 flour : 1 yogurt : 1/2 water\n${WORK}`)).toMatch(/^flour 100, yogurt 69/);
    expect(pctsOf(`300 g white spelt flour\n100 g wholemeal spelt flour\n260 g water\n${WORK}`)).toBe(
      'white spelt flour 75, wholemeal spelt flour 25, water 65',
    );
    expect(pctsOf(`500 g flour\n1 1/2 cups (350 ml) water\n${WORK}`)).toBe('flour 100, water 70');
  });
  it('rows of a file whose cells commas part, with commas in their figures too', () => {
    expect(pctsOf(`ingredient,g,pct\nflour,500,100\nwater,310,62\nsalt,10,2\n${WORK}`)).toBe(
      'flour 100, water 62, salt 2',
    );
  });
  it('a list that opens with its flour', () => {
    expect(pctsOf(`To 500 g of flour take 330 g of water and 10 g of salt. ${WORK}`)).toBe(
      'flour 100, water 66, salt 2',
    );
  });
  it('equal measures that are told twice are counted, and what one of them holds stays with the bread', () => {
    const { ingredients } = breadOf(
      `Take equal measures of plain flour and thick yoghurt by weight, or two cups of flour to one of yoghurt. ${WORK}`,
    );
    expect(ingredients.map((i) => i.name)).toEqual(['plain flour', 'thick yoghurt']);
    expect(ingredients[1]?.allergens).toEqual(['milk']);
  });
  it('a text that names a flour has a bread, however it tells how much', () => {
    expect(
      pctsOf('Take 200 ml water, 5 g salt and enough flour to make a dough. Knead 5 min. Cook 1 min a side.'),
    ).toContain('flour 100');
    expect(
      pctsOf('dough notes - flour=500 water=310 salt=10 // mix, 1h rise, balls 100g, roll, griddle 50s/50s'),
    ).toMatch(/flour 100, water 62, salt 2$/);
    expect(read('It was the tenth evening, and they ate flour soup.').bread).toBeNull();
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
      'Mix. Fold after 30 min, bulk proof 90 min in all. Divide into 8, roll, cook 1 min a side.',
      'mix, proof 30/30/60, fold, proof 60/60/150, divide, roll, cook',
    ],
    [
      'Stir the yeast into the water. Leave for 10 min. Add the flour and mix. Divide into 8, roll, cook 1 min a side.',
      'mix, bloom 10/10/20, mix, divide, roll, cook',
    ],
    [
      'Mix, shape it into a ball and rest 20 min. Divide into 8, roll, cook 1 min a side.',
      'mix, rest 20/20/40, divide, roll, cook',
    ],
    [
      'Mix. Divide into 8, ball. Rest 10 min. Fold. Rest 10 min. Roll, cook 1 min a side.',
      'mix, divide, ball, rest 10/10/20, shape, rest 10/10/20, roll, cook',
    ],
    ['Stir, lid on, 10 min. Divide into 8, roll, cook 1 min a side.', 'mix, rest 10/10/20, divide, roll, cook'],
    [
      'Mix. Divide into 8, roll. Cook 1 min each side, brush with ghee, then another 30 seconds each side.',
      'mix, divide, roll, cook',
    ],
    [
      'Mix. Divide into 8, roll thin, resting it for 5 minutes whenever it springs back. Cook 1 min a side.',
      'mix, divide, roll, cook',
    ],
    [
      'Mix, knead 5 min. Add a little more water if needed. Divide into 8, roll, cook 1 min a side.',
      'mix, knead, divide, roll, cook',
    ],
    ['Mix. Leave for 5 minutes if you have time. Divide into 8, roll, cook 1 min a side.', 'mix, divide, roll, cook'],
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
