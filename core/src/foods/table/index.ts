import type { Food } from '../food.ts';
import { BESIDE } from './beside.ts';
import { FATS_AND_POWDERS } from './fats-and-powders.ts';
import { FLOURS } from './flours.ts';
import { LIQUIDS } from './liquids.ts';
import { MEAT_AND_FISH } from './meat-and-fish.ts';

/**
 * Foods of the trade. Grams a cup and a teaspoon: flour mills' ingredient weight charts, from memory; those of foods that such charts
 * leave out are common practice. Grams a millilitre: densities of handbooks, from memory (oils 0.91 to 0.92, milk 1.03). Compositions are rounded usual values, from memory (a test holds them against the Indian Food
 * Composition Tables 2017). Prices are estimates.
 */
export const FOODS: readonly Food[] = [...FLOURS, ...LIQUIDS, ...FATS_AND_POWDERS, ...BESIDE, ...MEAT_AND_FISH];
