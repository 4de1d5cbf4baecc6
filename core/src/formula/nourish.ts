import { findFood, type Composition, type Food } from '../foods/index.ts';
import type { Ingredient, IngredientUse } from './schema.ts';
import { scaleBatch } from './scale.ts';

/** Share of what is used outside the dough that is eaten (estimates): the rest stays in the bath, on the bench or on the griddle. */
const EATEN: Readonly<Record<IngredientUse, number>> = {
  dough: 1,
  bath: 0.1,
  layer: 1,
  fill: 1,
  dust: 0.5,
  griddle: 0.5,
  finish: 1,
  serve: 1,
};

/** Energy in kJ a gram (Regulation (EU) No 1169/2011, Annex XIV, from memory): fat 37, carbohydrate 17, protein 17, fibre 8. */
export function energyKj(c: Composition): number {
  return 37 * c.fatG + 17 * c.carbohydrateG + 17 * c.proteinG + 8 * c.fibreG;
}

const KJ_PER_KCAL = 4.184;

export interface Nourishment extends Composition {
  readonly kJ: number;
  readonly kcal: number;
  /** Names of ingredients of which nothing is known: they are counted as nothing. */
  readonly unknown: readonly string[];
}

const KEYS = ['fatG', 'saturatesG', 'carbohydrateG', 'fibreG', 'proteinG', 'saltG'] as const;

interface Eaten {
  readonly ingredients: readonly Ingredient[];
  readonly lossPct: number;
  readonly piece: { readonly doughG: number };
}

/** Grams of each ingredient in one bread, with what is eaten of it; `gPerBatch` is shared among `pieces`. */
function inOneBread(
  bread: Eaten,
  pieces: number,
): readonly { readonly i: Ingredient; readonly food: Food | undefined; readonly g: number }[] {
  const scaled = scaleBatch(bread, pieces);
  // what stays on bowls and hands is not eaten
  const kept = 1 / (1 + bread.lossPct / 100);
  return bread.ingredients.map((i, n) => ({
    i,
    food: findFood(i.name),
    g: ((scaled.ingredients[n]?.g ?? 0) / pieces) * EATEN[i.use] * (i.use === 'dough' ? kept : 1),
  }));
}

/**
 * Energy and nutrients of one bread, in grams and kJ, from the compositions of its foods: an estimate, since foods and what is eaten
 * of bath, dust and griddle fat are usual values. `pieces` of a batch share what is taken once a batch.
 */
export function nourishmentOf(bread: Eaten, pieces = 8): Nourishment {
  const parts = inOneBread(bread, pieces);
  const total = Object.fromEntries(
    KEYS.map((k) => [k, parts.reduce((sum, p) => sum + ((p.food?.per100[k] ?? 0) * p.g) / 100, 0)]),
  ) as unknown as Composition;
  const kJ = energyKj(total);
  return { ...total, kJ, kcal: kJ / KJ_PER_KCAL, unknown: parts.filter((p) => !p.food).map((p) => p.i.name) };
}

/** What the ingredients of one bread cost in euro, all that is bought for it, by the usual prices of foods: an estimate. */
export function costOf(bread: Eaten, pieces = 8): number {
  const scaled = scaleBatch(bread, pieces);
  return bread.ingredients.reduce(
    (sum, i, n) => sum + (((scaled.ingredients[n]?.g ?? 0) / pieces) * (findFood(i.name)?.eurPerKg ?? 0)) / 1000,
    0,
  );
}
