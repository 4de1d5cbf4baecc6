/**
 * The formula of a bread: baker's percentages, hydration, and scaling from pieces to dough to flour to grams.
 * Begin with `scale.ts`. Weights are grams, percentages are of all flour. It knows no class and no time.
 */
export type { Ingredient, IngredientUse } from './schema.ts';
export { doughPctSum, hydrationPct, scaleBatch, type ScaledBatch, type ScaledIngredient } from './scale.ts';
export { avoidableWords, isLeftOff, mayBeLeftOff } from './avoid.ts';
