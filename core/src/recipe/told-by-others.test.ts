import { describe, expect, it } from 'vitest';
import { readingOf } from '../testing/recipes/reading.ts';
import { gramsOfMeasure, importRecipe } from './index.ts';

const METHOD = '\nMix, knead 8 min, rest 30 min. Divide into 8, roll to 18 cm, cook 1 min a side.';
const read = (text: string) => {
  const result = importRecipe(text);
  if (!result.ok || !result.value.bread) expect.fail('no bread');
  return { ...result.value, bread: result.value.bread, told: readingOf(result.value.bread) };
};
const allergensOf = (text: string): readonly string[] => [
  ...new Set(read(text).bread.ingredients.flatMap((i) => i.allergens ?? [])),
];

describe('packets, and what is counted', () => {
  it.each([
    ['2 packets dried yeast (14 g)', 14],
    ['1 1/2 packets dried yeast (10 g)', 10],
    ['2 sachets yeast (7 g)', 14],
    ['half a packet yeast (3.5 g)', 3.5],
    ['2 tomatoes', 200],
    ['3 peppers', 450],
    ['2 green chillies', 30],
    ['4 rashers bacon', 100],
    ['olives 60', 60],
    ['1 onion', 110],
    ['300 ml qumba', 300],
    ['½ a teaspoonful of salt', 3.05],
  ])('%s is %d g', (text, g) => {
    expect(gramsOfMeasure(text, 'metric')).toBeCloseTo(g, 1);
  });
  it('flour in grams and the rest in shares weigh together', () => {
    const { conflicts, told } = read(
      '500 g flour\nwater 70 %, salt 2 %\nMix, rest 20 min, 5 x 167 g, roll to 20 cm, cook 1 min a side.',
    );
    expect(conflicts).toEqual([]);
    expect(told.piece).toBe('167 g, 20 cm');
  });
});

describe('what somebody avoids', () => {
  const dough = '500 g flour, 300 g water, 10 g salt';
  it('vegan butter brings no milk, and butter does', () => {
    expect(allergensOf(`${dough}${METHOD} Brush with vegan butter.`)).not.toContain('milk');
    expect(allergensOf(`${dough}${METHOD} Brush with melted butter.`)).toContain('milk');
  });
  it('a fish slice is no fish, and fish is', () => {
    const said = (last: string): readonly string[] => read(`${dough}${METHOD} ${last}`).conflicts.map((c) => c.what);
    expect(said('Turn with a fish slice.')).toEqual([]);
    expect(said('Eat it with smoked fish.').join()).toContain('it holds fish');
    expect(said('Eat it with cheese slices.').join()).toContain('it holds milk');
    expect(said('Eat it with egg slices.').join()).toContain('it holds egg');
  });
  it('what readers write under a page is none of its bread', () => {
    const page = (heading: string): string =>
      `<h1>Flat rounds</h1><h2>Ingredients</h2><ul><li>500 g flour</li><li>300 g water</li></ul><h2>Method</h2><p>Mix, rest 30 min. Divide into 8, roll to 18 cm, cook 1 min a side.</p><h3>${heading}</h3><p>I used 200 ml of milk!</p>`;
    expect(read(page('Comments (2)')).conflicts).toEqual([]);
    expect(read(page('Comments (2)')).notUnderstood).toEqual([]);
    expect(read(page('From my kitchen')).notUnderstood.join()).toContain('200 ml of milk');
  });
  it.each(['reviews', 'story'])('what stands in a box of %s', (name) => {
    const { bread } = read(
      `<header>House of Breads</header><h1>Flat rounds</h1><h2>Ingredients</h2><ul><li>500 g flour</li><li>300 g water</li></ul><h2>Method</h2><p>Mix, rest 30 min. Divide into 8, roll to 18 cm, cook 1 min a side.</p><section class="${name}"><p>5 stars! I added 2 eggs.</p></section>`,
    );
    expect(bread.name).toBe('Flat rounds');
    expect(bread.ingredients.some((i) => i.allergens?.includes('egg'))).toBe(name === 'story');
  });
  it.each([
    ['a page that comments may follow', '<body class="single comments-open">', '<h1>Flat rounds</h1>'],
    ['a title in the head of its article', '<article class="with-reviews">', '<header><h2>Flat rounds</h2></header>'],
  ])('%s is read whole', (_, box, title) => {
    const { bread } = read(`${box}${title}<ul><li>500 g flour</li><li>300 g water</li></ul><p>${METHOD}</p>`);
    expect(bread.name).toBe('Flat rounds');
    expect(bread.ingredients.map((i) => i.name)).toEqual(['flour', 'water']);
  });
  it('soda and cream of tartar are no yeast', () => {
    const { bread } = read(`400 g flour, 4 g baking soda, 8 g cream of tartar, 260 g buttermilk${METHOD}`);
    expect(bread.family).toBe('chemical');
    expect(bread.steps.map((s) => s.kind)).not.toContain('proof');
  });
});

describe('a plan of a class', () => {
  const list = 'Class rounds\n1600 g flour, 1040 g water, 32 g salt, 12 g yeast\n';
  it('is read from one line of times', () => {
    const { told, notUnderstood } = read(
      `${list}Plan: 17:30 mix 8 min / 17:40–18:50 bulk / 18:50 scale 16 x 160 g / 19:15 roll to 20 cm / 19:25 griddle 60 s + 30 s`,
    );
    expect(told.steps).toBe('mix, proof 70, divide, roll, cook 60+30');
    expect(notUnderstood).toEqual([]);
  });
  it('owns the minutes of its lesson, and gives them to what lies', () => {
    const { told, notUnderstood } = read(
      `${list}0–15 mix\n15–25 kneading\n25–85 bulk proof\n85–100 divide into 16\n100–115 bench rest\n115–120 roll to 20 cm, griddle 60 s + 30 s`,
    );
    expect(told.steps).toBe('mix, knead 10, proof 60, divide, rest 15, roll, cook 60+30');
    expect(notUnderstood).toEqual([]);
  });
  it('a hand works no two days, and what it is told of so is shown', () => {
    const { told, notUnderstood } = read(`${list}Mix for 48 h. Divide into 16, roll to 20 cm, cook 1 min a side.`);
    expect(told.steps).toMatch(/^mix, /);
    expect(notUnderstood.join()).toContain('48 h');
  });
  it('of two ways to cook the one on a griddle is taken, and the other shown', () => {
    const { told, notUnderstood } = read(
      `${list}Mix, rest 30 min, divide into 16, roll to 20 cm. Bake in the oven 20 min, or in a dry skillet 3 min a side.`,
    );
    expect(told.steps).toMatch(/cook 180\+180$/);
    expect(notUnderstood.join()).toContain('20 min');
  });
});
