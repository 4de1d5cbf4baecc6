import { describe, expect, it } from 'vitest';
import { stepTold } from '../testing/recipes/step-told.ts';
import { importRecipe } from './index.ts';
import { namedAndNotHeld } from './unlisted.ts';

const LIST = 'Rounds\n500 g flour\n300 g water\n10 g salt\n\n';
const readOf = (text: string) => {
  const read = importRecipe(text);
  if (!read.ok || !read.value.bread) throw new Error(`no bread comes of: ${text}`);
  return { ...read.value, bread: read.value.bread };
};
const stepsOf = (method: string): string =>
  readOf(LIST + method)
    .bread.steps.map((s) => stepTold(s, ['knead']))
    .join(', ');

describe('a food of an entry that reaches no ingredient', () => {
  it('is said, whatever it is', () => {
    const held = readOf(`${LIST}Mix. Divide into 8, roll, cook 1 minute a side.`).bread.ingredients;
    const said = (entry: string): readonly string[] => namedAndNotHeld([], [], [entry], held, []).map((c) => c.what);
    expect(said('150 g water, a pea of yeast')).toEqual([
      'yeast stands in the list ("150 g water, a pea of yeast") and is not in the bread',
    ]);
    expect(said('30 g tahini')).toEqual([expect.stringMatching(/^tahini stands in the list .*; it holds sesame$/)]);
    expect(said('300 g water')).toEqual([]);
    expect(said('300 g water (or milk)')).toEqual([]);
  });
});

describe('what a bread is brushed with', () => {
  it('is on it, whatever else lies there', () => {
    const { bread } = readOf(
      `500 g flour\n300 g water\nsesame, a little, on top\n\nMix. Divide into 8. Roll. Cook 1 minute a side. Butter while hot, wrap.`,
    );
    expect(bread.ingredients.filter((i) => i.use === 'finish').flatMap((i) => i.allergens)).toEqual(['sesame', 'milk']);
  });
});

describe('when dough is folded', () => {
  it.each([
    ['Rest 30 min. Two folds, 30 min apart. Rest 1 h.', 'rest 30, fold, rest 30, fold, rest 60'],
    ['Fold it twice, half an hour apart. Rest 1 h.', 'fold, rest 30, fold, rest 60'],
    ['Every 20 minutes give it a fold, three times.', 'rest 20, fold, rest 20, fold, rest 20, fold'],
    ['Three folds: 20/40/60 min.', 'rest 20, fold, rest 20, fold, rest 20, fold'],
    ['Three folds: 20/40/60 min. At 90 min tip it out.', 'rest 20, fold, rest 20, fold, rest 20, fold, rest 30'],
  ])('%s', (told, steps) => {
    expect(stepsOf(`Mix. ${told} Divide into 8. Roll. Cook 1 minute a side.`)).toBe(
      `mix, ${steps}, divide, roll, cook 60+60`,
    );
  });
});

describe('work that is told in passing', () => {
  it.each([
    [
      '12–15 min. in a heated oven',
      'Heat the oven to 250. Mix. Divide into 8. Pat to 15 cm. 12–15 min.',
      'cook 486+324',
    ],
    ['until it has blown up', 'Mix. Divide into 8. Roll to 15 cm. 4–5 min, until they have blown up.', 'cook 162+108'],
    ['a hot oven', 'Mix. Divide into 8. Roll to 15 cm. Max oven, 6–8 min.', 'cook 252+168'],
    ['a long time in an oven', 'Mix. Divide into 2. Roll to 30 cm. 200 °C, 25 min.', 'cook 900+600'],
    ['under a grill', 'Mix. Divide into 8. Roll to 15 cm. Under the grill for 4 minutes.', 'cook 240'],
    ['one side and the other', 'Mix. Divide into 8. Roll. Hot pan 3 min one side 2 min the other.', 'cook 180+120'],
    ['front and back', 'Mix. Divide into 8. Roll. Cook front and back 30 seconds.', 'cook 30+30'],
  ])('%s', (_, method, cook) => {
    expect(stepsOf(method).split(', ').at(-1)).toBe(cook);
  });

  it('is no stage by the name of a flour', () => {
    expect(stepsOf('1 cup self rising flour. Mix. Divide into 8. Roll. Cook 1 minute a side.')).not.toContain('proof');
  });

  it('is kneading where hands are on the bench', () => {
    expect(stepsOf('Mix. 10 minutes on the bench, by hand. Divide into 8. Roll. Cook 1 minute a side.')).toBe(
      'mix, knead 10, divide, roll, cook 60+60',
    );
  });
});

describe('a plan in the minutes of a lesson', () => {
  const lesson = '0-5 wash hands\n5-15 mix + knead\n15-30 rest\n30-40 divide in 4, roll\n40-50 cook 1 min a side';
  it('gives what only lies its length', () => {
    expect(stepsOf(lesson)).toBe('mix, knead 8, rest 15, divide, roll, cook 60+60');
  });
  it('is none where one line does not go on where the one before ends', () => {
    expect(stepsOf(lesson.replace('15-30', '16-30'))).not.toContain('rest 15');
  });
});

describe('a list in a message', () => {
  const formulaOf = (text: string): string =>
    readOf(`${text}\n\nMix. Divide into 8. Roll. Cook 1 minute a side.`)
      .bread.ingredients.map((i) => `${i.name} ${i.pct ?? `${i.gPerPiece} ${i.use}`}`)
      .join(', ');

  it.each([
    [
      'so 500g fine semolina + 500 flour (plain!), salt 15, yeast 3g, water around 600 warm.',
      'fine semolina 50, flour 50, salt 1.5, yeast 0.3, water 60',
    ],
    ['flour 500 g, milk + water half and half 300 ml, salt 10 g', 'flour 100, milk 30.9, water 30, salt 2'],
    ['flour 500 g, water 300 g, 10 g salt, 60 g sugar? no: 20', 'flour 100, water 60, salt 2, sugar 4'],
    ['500 g flour, 60 %, 2 % salt, 5 % oil', 'flour 100, water 60, salt 2, oil 5'],
    [
      '500 g flour\n300 g water\n30 g butter – half for the dough, half for brushing',
      'flour 100, water 60, butter 3, butter 1.88 finish',
    ],
    ['500 g flour\n300 g water\nfrying oil 800 g', 'flour 100, water 60, frying oil 100 griddle'],
    ['wholemeal 600\nwhite 200\nwater 400\nsalt 12', 'wholemeal 75, white flour 25, water 50, salt 1.5'],
    ['flour 400, water 220, salt 8\nfresh cheese (soft) 600', 'flour 100, water 55, salt 2, fresh cheese 150'],
  ])('%s', (text, formula) => {
    expect(formulaOf(text)).toBe(formula);
  });

  it('has its paste with the work at it', () => {
    const { bread } = readOf(
      'Bread flour 500 g, water 350 g, yeast 5 g, salt 9 g.\nPaste: 10 g flour, 100 ml water, cook till thick, cool.\nMix. Knead 10 min. 1 h. Divide into 2. Shape ovals. Spread the paste over them. 220 °C 20 min.',
    );
    expect(bread.ingredients.filter((i) => i.use !== 'dough').map((i) => i.name)).toEqual(['flour', 'water']);
    expect(bread.steps[0]?.kind).toBe('prepare');
  });

  it('goes on with the dough behind a preferment', () => {
    const { bread } = readOf(
      'Rounds\nBiga (night before): 300 g flour, 165 g water, 1 g yeast; 16 h at 18 °C.\nMix the biga with 200 g bread flour and 135 g water. Knead 5 min. Divide into 8. Roll. Cook 1 minute a side.',
    );
    expect(bread.ingredients.find((i) => i.name === 'water')?.pct).toBe(60);
    expect(bread.steps.map((s) => stepTold(s, ['knead']))).toContain('rest 960');
  });
});
