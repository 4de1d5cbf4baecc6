import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ingredientSchema } from './schema.ts';
import { doughPctSum, flourOfDough, hydrationPct, scaleBatch } from './scale.ts';

const of = (role: string, pct: number, more: object = {}) => ingredientSchema.parse({ name: role, role, pct, ...more });

describe('scaling', () => {
  it("works the plain example of baker's percentages in Hamelman, Bread (from memory): 66 % water, 2 % salt, 1.25 % yeast", () => {
    const formula = [of('flour', 100), of('water', 66), of('salt', 2), of('leaven', 1.25)];
    expect(doughPctSum(formula)).toBe(169.25);
    // dough ÷ sum of percentages gives the flour: 169.25 lb of dough hold 100 lb of flour
    expect(flourOfDough(169.25, formula)).toBeCloseTo(100, 9);
    const scaled = scaleBatch({ ingredients: formula, lossPct: 0, piece: { doughG: 1692.5 } }, 10);
    expect(scaled.ingredients.map((i) => Number(i.g.toFixed(3)))).toEqual([10_000, 6_600, 200, 125]);
  });
  it('adds the loss before it divides: 4 pieces of 100 g with 3 % loss are 412 g of dough', () => {
    const scaled = scaleBatch(
      { ingredients: [of('flour', 100), of('water', 70)], lossPct: 3, piece: { doughG: 100 } },
      4,
    );
    expect(scaled.doughG).toBeCloseTo(412, 9);
    expect(scaled.flourG).toBeCloseTo(242.353, 3);
  });
  it('keeps part of the water back and counts what is used outside the dough by piece and by batch', () => {
    const dusting = ingredientSchema.parse({ name: 'dusting', role: 'flour', use: 'dust', gPerPiece: 4 });
    const oil = ingredientSchema.parse({ name: 'oil', role: 'fat', use: 'bath', gPerBatch: 200 });
    const formula = [of('flour', 100), of('water', 60, { holdBackPct: 10 }), dusting, oil];
    const scaled = scaleBatch(
      { ingredients: formula, lossPct: 0, piece: { doughG: 80 } },
      5,
      (i) => (i === dusting ? 3 : 5),
      2,
    );
    expect(scaled.ingredients.map((i) => Number(i.g.toFixed(6)))).toEqual([250, 150, 12, 400]);
    expect(scaled.ingredients[1]?.heldBackG).toBeCloseTo(15, 9);
  });
  it('gives dough ingredients that add up to the dough, whatever the formula', () => {
    const pct = fc.integer({ min: 1, max: 900 }).map((n) => n / 10);
    fc.assert(
      fc.property(pct, pct, fc.integer({ min: 1, max: 60 }), (water, fat, pieces) => {
        const formula = [of('flour', 100), of('water', water), of('fat', fat)];
        const { doughG, ingredients } = scaleBatch({ ingredients: formula, lossPct: 3, piece: { doughG: 75 } }, pieces);
        expect(ingredients.reduce((sum, i) => sum + i.g, 0)).toBeCloseTo(doughG, 6);
      }),
    );
  });
});

describe('hydration', () => {
  it('counts the water of milk, yogurt, egg and butter (shares as handbooks give them)', () => {
    const formula = [of('flour', 100), of('milk', 50), of('yogurt', 20), of('egg', 8), of('fat', 10, { waterPct: 16 })];
    expect(hydrationPct(formula)).toBeCloseTo(43.5 + 17 + 6 + 1.6, 9);
  });
  it('counts a starter of equal parts half as flour, half as water', () => {
    expect(hydrationPct([of('flour', 100), of('water', 50), of('starter', 40)])).toBeCloseTo(
      ((50 + 20) / 120) * 100,
      9,
    );
  });
});
