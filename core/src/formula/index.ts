/**
 * The formula of a bread: baker's percentages, hydration, and scaling from pieces to dough to flour to grams.
 * Begin with `scale.ts`; `figures.ts` judges a formula, `edit-formula.ts` changes it, `water.ts` and `leaven-time.ts` reckon warmth.
 * Weights are grams, percentages are of all flour. It knows no class and no plan.
 */
export type { Ingredient, IngredientUse } from './schema.ts';
export { doughPctSum, hydrationPct, scaleBatch, waterShare, type ScaledBatch, type ScaledIngredient } from './scale.ts';
export { avoidableWords, isCarried, mayBeLeftOff } from './avoid.ts';
export {
  BATTER_FROM_PCT,
  batterPct,
  figuresOf,
  leavenKind,
  yeastPct,
  type FamilyName,
  type Figure,
} from './figures.ts';
export { scaleFrom, type Known, type Scale } from './scale-from.ts';
export {
  moveIngredient,
  normaliseFlours,
  percentagesOf,
  replaceable,
  setGrams,
  setPct,
  setUse,
  withoutIngredient,
} from './edit-formula.ts';
export { wholeUnits, type WholeUnits } from './eggs.ts';
export { dilutionFor, type Dilution } from './dilution.ts';
export { costOf, nourishmentOf, type Nourishment } from './nourish.ts';
export { blendWater, SCALDS_C, YEAST_DIES_C, needsBalance, waterByBalance, waterByRule } from './water.ts';
export type { Blend, Bowl, BowlPart, BowlTemperatures } from './water.ts';
export { proofMinutesAt, proofMinutesByRule, yeastForTime } from './leaven-time.ts';
