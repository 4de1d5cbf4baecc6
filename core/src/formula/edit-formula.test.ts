import { describe, expect, it } from 'vitest';
import { moveIngredient, replaceable, setUse, withoutIngredient } from './index.ts';
import type { Ingredient } from './schema.ts';

const FORMULA: readonly Ingredient[] = [
  { name: 'bread flour', role: 'flour', use: 'dough', pct: 80 },
  { name: 'rye', role: 'flour', use: 'dough', pct: 20 },
  { name: 'water', role: 'water', use: 'dough', pct: 60 },
  { name: 'butter', role: 'fat', use: 'finish', gPerPiece: 5, optional: true },
];
const pcts = (list: readonly Ingredient[]) => list.map((i) => i.pct);

describe('an ingredient used elsewhere', () => {
  it('out of the dough weighs on each piece what a piece held of it', () => {
    // 160 % make 80 g, so 60 % are 30 g
    const water = setUse(FORMULA, 2, 'fill', 80)[2];
    expect(water).toMatchObject({ use: 'fill', gPerPiece: 30 });
    expect(water).not.toHaveProperty('pct');
  });
  it('leaves flours that are all of the flour', () => {
    expect(pcts(setUse(FORMULA, 1, 'dust', 80))).toEqual([100, undefined, 60, undefined]);
  });
  it('into the dough gets a share, and is optional no longer', () => {
    const butter = setUse(FORMULA, 3, 'dough', 80)[3];
    expect(butter).toMatchObject({ use: 'dough', pct: 2 });
    expect(butter).not.toHaveProperty('optional');
    expect(setUse(FORMULA, 3, 'finish', 80)).toBe(FORMULA);
  });
});

describe('the list of ingredients', () => {
  it('closes when one is taken out, and keeps all when one moves', () => {
    expect(pcts(withoutIngredient(FORMULA, 1))).toEqual([100, 60, undefined]);
    expect(moveIngredient(FORMULA, 0, 2).map((i) => i.name)).toEqual(['rye', 'water', 'bread flour', 'butter']);
    expect(moveIngredient(FORMULA, 9, 1)).toBe(FORMULA);
  });
  it('names what another could be in place of: what may be left off, if its name is its own', () => {
    const oil: Ingredient = { name: 'oil', role: 'fat', use: 'finish', gPerPiece: 3 };
    expect(replaceable([...FORMULA, oil], oil)).toEqual(['butter']);
    const twice = [...FORMULA, ...FORMULA.slice(3).map((i) => ({ ...i }))];
    expect(replaceable([...twice, oil], oil)).toEqual([]);
  });
});
