import { describe, expect, it } from 'vitest';
import { readingOf } from '../testing/recipes/reading.ts';
import { importRecipe } from './index.ts';
import { isMultiple, sizeOf } from './tables/sizes.ts';

const METHOD = '\nMix, knead 8 min, rest 1 h. Roll to 18 cm, griddle 2 min a side.';
const read = (text: string) => {
  const result = importRecipe(text);
  if (!result.ok || !result.value.bread) expect.fail('no bread');
  const { bread, words } = result.value;
  const aside = words.filter((w) => w.owner === 'aside').map((w) => text.slice(w.from, w.to).trim());
  return { ...result.value, bread, aside, told: readingOf(bread) };
};

describe('a list for one person', () => {
  it.each([
    'per person: 160 g flour, 55 g milk, 45 g water, 3 g salt',
    '160 g flour pp\n55 g milk pp\n45 g water pp\n3 g salt pp',
    'Flour (160 g pp), milk (55 g pp), water (45 g pp), salt (3 g pp)',
    'Ingredients (per person)\n160 g flour\n55 g milk\n45 g water\n3 g salt',
    'For one: flour 160 g, milk 55 g, water 45 g, salt 3 g',
  ])('is for one bread: %j', (list) => {
    const { told, notUnderstood } = read(`Boats\n${list}${METHOD}`);
    expect(told.dough).toBe('flour 100, milk 34.38, water 28.13, salt 1.88');
    expect(told.piece).toBe('255.3 g, 18 cm');
    expect(notUnderstood).toEqual([]);
  });
  it('and so is what goes in it, which never lands in the dough', () => {
    const { told } = read(
      `Boats\nper person: 160 g flour, 100 g water, 3 g salt\nfilling pp: 120 g mozzarella, 60 g feta\nMix. Rest 1 h. Shape to 25 cm. Fill. Bake 12 min.`,
    );
    expect(told.dough).toBe('flour 100, water 62.5, salt 1.88');
    expect(told.outside).toBe('mozzarella 120 fill, feta 60 fill');
  });
  it('"3 per person" tells how many, and "per bread" beside a dough for all stays so', () => {
    const counted = read(
      '600 g flour, 360 g water, 12 g salt. Mix, rest 20 min. 3 per person (80 g). Roll 14 cm. Tawa 30 s a side.',
    );
    expect(counted.told.piece).toBe('80 g, 14 cm');
    const filled = read(
      `Dough: 1 kg flour, 640 g water, 20 g salt\nFilling, per bread: 30 g feta\nMix, rest 1 h. Divide into 16. Roll 15 cm. Fill, seal. Griddle 2 min a side.`,
    );
    expect(filled.told.outside).toBe('feta 30 fill');
    expect(filled.told.piece).toBe('100.7 g, 15 cm');
  });
});

describe('a list for several sizes of a class', () => {
  it('compares sizes in their smallest unit', () => {
    expect([sizeOf('1 kg'), sizeOf('500 g'), sizeOf('1,5 l'), sizeOf('~65 ml'), sizeOf('a pinch')]).toEqual([
      1000,
      500,
      1500,
      65,
      undefined,
    ]);
    expect(
      isMultiple([
        [500, 1000],
        [310, 620],
        [7, 14],
      ]),
    ).toBe(true);
    // rounded to whole grams
    expect(
      isMultiple([
        [600, 1400],
        [378, 882],
        [5, 12],
      ]),
    ).toBe(true);
    expect(
      isMultiple([
        [500, 1000],
        [310, 700],
      ]),
    ).toBe(false);
    expect(
      isMultiple([
        [500, 500],
        [310, 310],
      ]),
    ).toBe(false);
    expect(isMultiple([[500, 1000]])).toBe(false);
  });
  it.each([
    'x1 / x2 / x3\nflour 500 / 1000 / 1500 g\nwater 310 / 620 / 930 g\nsalt 10 / 20 / 30 g',
    'Ingredients: per table of 4 (per class of 8)\n500 g flour (1 kg)\n310 g water (620 g)\n10 g salt (20 g)',
    'For\t10 breads\t20 breads\nFlour\t500 g\t1 kg\nWater\t310 g\t620 g\nSalt\t10 g\t20 g',
  ])('is read for the first, the others are set aside: %j', (list) => {
    const { told, aside, notUnderstood, conflicts } = read(`Pittas\n${list}${METHOD}`);
    expect(told.dough.toLowerCase()).toBe('flour 100, water 62, salt 2');
    expect(conflicts).toEqual([]);
    expect(notUnderstood).toEqual([]);
    expect(aside.join(' ')).toMatch(/620/);
  });
  it('a volume beside a weight is the same once more, and no other size', () => {
    const { told } = read(`Rounds\n2½ cups bread flour (325 g)\n1 tsp salt (6 g)\n¾ cup water (210 g)${METHOD}`);
    expect(told.dough).toBe('bread flour 100, salt 1.85, water 64.62');
  });
  it('another dough in the next column is shown, though it be twice the first', () => {
    const { notUnderstood } = read(
      `Pittas\n| | Dough A | Dough B |\n|---|---|---|\n| Flour | 600 g | 1200 g |\n| Water | 378 g | 756 g |\n| Salt | 12 g | 24 g |${METHOD}`,
    );
    expect(notUnderstood.join()).toContain('Flour, Dough B: 1200 g');
  });
});

describe('how many a text is for', () => {
  const dough = '500 g flour, 300 g water, 10 g salt';
  const pieceOf = (said: string): string => read(`${said}\n${dough}${METHOD}`).told.piece;
  it.each([
    ['Per table (3 students, 6 breads):', '131.1 g, 18 cm'],
    ['for 10 kids, 1 each', '78.6 g, 18 cm'],
    ["I reckon on two each. For six people that's 12.", '65.5 g, 18 cm'],
    ['Two breads each at 85 g', '85 g, 18 cm'],
    ['→ 84 g / piece', '84 g, 18 cm'],
    ['Yield: 8 x 98 g', '98 g, 18 cm'],
    ['Recipe for 4 participants (8 flatbreads, 2 each)', '98.3 g, 18 cm'],
  ])('%s', (said, piece) => {
    expect(pieceOf(`Rounds\n${said}`)).toBe(piece);
  });
  it('who eats says nothing of how many pieces are weighed', () => {
    const { told, conflicts } = read(
      `Rounds\nFor 10 participants\n1 kg flour\n620 g water\n20 g salt\nMix, knead 8 min, rest 1 h. Weigh 80 g pieces, ball. Roll to 18 cm, griddle 2 min a side.`,
    );
    expect(told.piece).toBe('80 g, 18 cm');
    expect(conflicts).toEqual([]);
  });
  it('one big bread in a pan is as large as that', () => {
    const { told } = read(
      'Himbasha (1 big one, serves 8)\n600 g flour, 10 g yeast, 6 g salt, 330 g water\nKnead 10 min. Prove 90 min. Press into a 30 cm pan, prove 30 min. Lid on, 20 min; turn; 12 min more.',
    );
    expect(told.piece).toBe('918.4 g, 30 cm');
  });
  it('batter is divided by its tins', () => {
    const { told } = read(
      'Farinata: chickpea flour 300 g, water 900 g, salt 8 g. Whisk. Stand 4 h. Pour into 3 oiled 28 cm tins. Oven 250 °C 20 min.',
    );
    expect(told.piece).toBe('390.9 g, 28 cm');
    expect(told.steps).toBe('mix, rest 240, divide, shape, cook 720+480');
  });
});

describe('a title that says for how many', () => {
  it.each(['Team chapatis (enough for 20)', 'Team chapatis – enough for 20', 'Team chapatis (makes 20)'])(
    'keeps its name: %j',
    (title) => {
      expect(read(`${title}\n1 kg atta\n620 g water\n18 g salt${METHOD}`).bread.name).toBe('Team chapatis');
    },
  );
});
