import type { Ingredient, IngredientUse } from './schema.ts';

export interface ScaledIngredient {
  readonly name: string;
  readonly use: IngredientUse;
  /** Grams in all, not rounded. */
  readonly g: number;
  /** Grams of it that are kept back and added by feel. */
  readonly heldBackG: number;
}

export interface ScaledBatch {
  readonly doughG: number;
  readonly flourG: number;
  readonly ingredients: readonly ScaledIngredient[];
}

/** Σ of the baker's percentages of the dough ingredients: the dough as a percentage of its flour. */
export function doughPctSum(ingredients: readonly Ingredient[]): number {
  return ingredients.reduce((sum, i) => sum + (i.use === 'dough' ? (i.pct ?? 0) : 0), 0);
}

/** Flour in g of a dough in g: doughG ÷ Σ pct × 100. */
export function flourOfDough(doughG: number, ingredients: readonly Ingredient[]): number {
  return (doughG / doughPctSum(ingredients)) * 100;
}

/** Percentage of an ingredient that is water when the file does not say (handbook values, from memory: milk 87, yogurt 85, egg 75). */
const WATER_PCT: Partial<Record<Ingredient['role'], number>> = {
  water: 100,
  milk: 87,
  yogurt: 85,
  egg: 75,
  starter: 50,
};
/** Share of an ingredient that is water, from 0 to 1: as the file says, else usual for its role. */
export function waterShare(i: Ingredient): number {
  return (i.waterPct ?? WATER_PCT[i.role] ?? 0) / 100;
}

/** A starter of equal parts is half flour. */
const STARTER_FLOUR_PCT = 50;

/**
 * Hydration in %: all water of the dough, also that in milk, yogurt, egg, butter and starter, over all flour, also that in the
 * starter. Assumes dough ingredients with `pct`.
 */
export function hydrationPct(ingredients: readonly Ingredient[]): number {
  let water = 0;
  let flour = 0;
  for (const i of ingredients) {
    if (i.use !== 'dough') continue;
    const pct = i.pct ?? 0;
    water += pct * waterShare(i);
    if (i.role === 'flour') flour += pct;
    else flour += (pct * (i.flourPct ?? (i.role === 'starter' ? STARTER_FLOUR_PCT : 0))) / 100;
  }
  return flour === 0 ? 0 : (water / flour) * 100;
}

/**
 * Scales a formula to a batch: doughG = pieces × pieceDoughG × (1 + lossPct/100); flourG = doughG ÷ Σ pct × 100; a dough ingredient
 * flourG × pct ÷ 100; others gPerPiece × the pieces that carry it + gPerBatch × shares (formats note, section 2). Not rounded.
 *
 * `carriedBy` says how many of the pieces carry an ingredient (an optional one may be left off); absent = all of them.
 */
export function scaleBatch(
  bread: {
    readonly ingredients: readonly Ingredient[];
    readonly lossPct: number;
    readonly piece: { readonly doughG: number };
  },
  pieces: number,
  carriedBy: (ingredient: Ingredient) => number = () => pieces,
  shares = 1,
): ScaledBatch {
  const doughG = pieces * bread.piece.doughG * (1 + bread.lossPct / 100);
  const flourG = flourOfDough(doughG, bread.ingredients);
  const ingredients = bread.ingredients.map((i) => {
    const g =
      i.use === 'dough'
        ? (flourG * (i.pct ?? 0)) / 100
        : (i.gPerPiece ?? 0) * carriedBy(i) + (i.gPerBatch ?? 0) * shares;
    return { name: i.name, use: i.use, g, heldBackG: (g * (i.holdBackPct ?? 0)) / 100 };
  });
  return { doughG, flourG, ingredients };
}
