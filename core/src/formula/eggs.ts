import { waterShare } from './scale.ts';
import type { Ingredient } from './schema.ts';

/** A way to take what comes in units, such as eggs: how many, and what it does to the water. */
export interface WholeUnits {
  readonly count: number;
  readonly g: number;
  /** Grams of water to add (above 0) or to leave out, so that the hydration stays. */
  readonly waterG: number;
}

/**
 * Whole units nearest to a weight of an ingredient that has `unitG` (an egg of 50 g), with the water corrected by what the difference
 * holds of it. The other way is to beat them and weigh. Undefined for what does not come in units.
 */
export function wholeUnits(ingredient: Ingredient, grams: number): WholeUnits | undefined {
  if (ingredient.unitG === undefined || ingredient.unitG === 0 || grams <= 0) return undefined;
  const count = Math.max(1, Math.round(grams / ingredient.unitG));
  const g = count * ingredient.unitG;
  return { count, g, waterG: (grams - g) * waterShare(ingredient) };
}
