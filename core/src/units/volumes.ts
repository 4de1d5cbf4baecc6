import { ML_PER_US } from './measures.ts';

/** Whose cups and spoons a recipe means. */
export type MeasureSystem = 'us' | 'metric' | 'australian' | 'british';
export const MEASURE_SYSTEMS: readonly MeasureSystem[] = ['us', 'metric', 'australian', 'british'];

export type Volume = 'cup' | 'tablespoon' | 'dessertspoon' | 'teaspoon' | 'fluidOunce' | 'pint' | 'ml' | 'litre';

/** The imperial gallon is 4.54609 l by definition (Weights and Measures Act 1985); a pint is an eighth, a fluid ounce a 160th of it. */
const IMPERIAL_PINT_ML = 4546.09 / 8;
const IMPERIAL_FL_OZ_ML = 4546.09 / 160;
const METRIC = { teaspoon: 5, dessertspoon: 10, ml: 1, litre: 1000 } as const;

/**
 * Millilitres of each measure by system. US: NIST Handbook 44; metric and Australian: national standards (the Australian tablespoon
 * holds 20 ml); British: spoons of 15 and 5 ml, the cup half an imperial pint (common practice).
 */
const ML_PER: Readonly<Record<MeasureSystem, Readonly<Record<Volume, number>>>> = {
  us: { ...METRIC, ...ML_PER_US, fluidOunce: ML_PER_US.cup / 8, pint: ML_PER_US.cup * 2 },
  metric: { ...METRIC, cup: 250, tablespoon: 15, fluidOunce: IMPERIAL_FL_OZ_ML, pint: IMPERIAL_PINT_ML },
  australian: { ...METRIC, cup: 250, tablespoon: 20, fluidOunce: IMPERIAL_FL_OZ_ML, pint: IMPERIAL_PINT_ML },
  british: {
    ...METRIC,
    cup: IMPERIAL_PINT_ML / 2,
    tablespoon: 15,
    fluidOunce: IMPERIAL_FL_OZ_ML,
    pint: IMPERIAL_PINT_ML,
  },
};

/** Millilitres of one measure in a system. */
export function mlOf(volume: Volume, system: MeasureSystem): number {
  return ML_PER[system][volume];
}
