import { ML_PER_US, mlOf, vulgarFraction, type MeasureSystem, type Volume } from '../units/index.ts';
import type { Food } from './food.ts';

/** How far a measure by volume may be off, as a share: flour settles, is scooped or spooned; liquids level themselves (common practice). */
const SPREAD = { flour: 0.1, solid: 0.08, liquid: 0.02 } as const;
const LIQUID = new Set([
  'water',
  'oil',
  'olive-oil',
  'milk',
  'buttermilk',
  'honey',
  'syrup',
  'vinegar',
  'lemon-juice',
  'wine',
  'soya-milk',
  'plant-milk',
  'cream',
]);

/** A weight that stands for a measure, with the least and the greatest that the same measure may weigh. */
export interface WeightRange {
  readonly g: number;
  readonly leastG: number;
  readonly mostG: number;
}

function spreadOf(food: Food): number {
  if (food.role === 'flour') return SPREAD.flour;
  return LIQUID.has(food.id) ? SPREAD.liquid : SPREAD.solid;
}

/** Grams of one millilitre: from the teaspoon for spoons, where a chart has it, else from the cup. */
function gPerMl(food: Food, isSpoon: boolean): number | undefined {
  const bySpoon = food.gPerTsp === undefined ? undefined : food.gPerTsp / ML_PER_US.teaspoon;
  const byCup = food.gPerCup === undefined ? undefined : food.gPerCup / ML_PER_US.cup;
  return isSpoon ? (bySpoon ?? byCup) : (byCup ?? bySpoon);
}

/** The weight of so many measures of a food, with its range; undefined where the density is not known. */
export function weightOfVolume(
  food: Food,
  count: number,
  volume: Volume,
  system: MeasureSystem,
): WeightRange | undefined {
  // the charts of mills weigh cups and spoons; what a jug with a scale measures weighs what the food does
  const isMeasured = volume === 'ml' || volume === 'litre' || volume === 'pint' || volume === 'fluidOunce';
  const density =
    (isMeasured ? food.gPerMl : undefined) ??
    gPerMl(food, volume === 'teaspoon' || volume === 'tablespoon' || volume === 'dessertspoon');
  if (density === undefined) return undefined;
  const g = count * mlOf(volume, system) * density;
  const spread = spreadOf(food);
  return { g, leastG: g * (1 - spread), mostG: g * (1 + spread) };
}

/** A weight in kitchen measures, and what that measure weighs. */
export interface KitchenMeasure extends WeightRange {
  readonly text: string;
}

export const SACHET_G = 7;
const isQuarter = (f: number): boolean => f !== 1 / 8;
const isHalf = (f: number): boolean => f === 1 / 2;

/**
 * Grams in the measures that a kitchen without a scale would use: eggs whole or halved, yeast in sachets from one on, else the
 * largest of cup, tablespoon and teaspoon that still meets the weight within its own uncertainty. Undefined where neither a count nor
 * a density is known.
 */
export function kitchenMeasure(food: Food, grams: number, system: MeasureSystem): KitchenMeasure | undefined {
  if (grams <= 0) return undefined;
  if (food.unitG !== undefined && food.role === 'egg') return counted(food.unitG, food.names[0] ?? food.id, grams);
  const isDry = food.id === 'instant-yeast' || food.id === 'dry-yeast';
  const sachets = grams / SACHET_G;
  if (isDry && Math.abs(sachets - Math.round(sachets)) < 0.05 && sachets > 0.9)
    return {
      ...exactly(Math.round(sachets) * SACHET_G),
      text: plural(Math.round(sachets), String(Math.round(sachets)), 'sachet'),
    };
  const steps = [
    ['cup', 'cup', 1 / 4, isQuarter],
    ['tablespoon', 'tbsp', 1, isHalf],
    ['teaspoon', 'tsp', 1 / 8, () => true],
  ] as const;
  const both = cupsAndSpoons(food, grams, system);
  for (const [volume, word, least, allowed] of steps) {
    const one = weightOfVolume(food, 1, volume, system);
    if (!one || grams < one.g * least * 0.95) continue;
    const { value, text } = vulgarFraction(grams / one.g, allowed);
    const weight = weightOfVolume(food, value, volume, system);
    if (!weight || value === 0) continue;
    const isNear = Math.abs(weight.g - grams) / grams <= spreadOf(food) / 2 + 0.01;
    if (!isNear && volume === 'cup' && both) return both;
    if (isNear || volume === 'teaspoon')
      return { ...weight, text: word === 'cup' ? plural(value, text, 'cup') : `${text} ${word}` };
  }
  const drop = weightOfVolume(food, 1 / 8, 'teaspoon', system);
  return drop && { ...drop, text: 'a pinch' };
}

/** "1 cup + 2 tbsp", for what is more than a cup and near no fraction of it. */
function cupsAndSpoons(food: Food, grams: number, system: MeasureSystem): KitchenMeasure | undefined {
  const [cup, spoon] = [weightOfVolume(food, 1, 'cup', system), weightOfVolume(food, 1, 'tablespoon', system)];
  if (!cup || !spoon || grams < cup.g) return undefined;
  const cups = Math.floor((grams / cup.g) * 4 + 1e-9) / 4;
  const spoons = Math.round(((grams - cups * cup.g) / spoon.g) * 2) / 2;
  if (spoons === 0) return undefined;
  const add = (of: (w: WeightRange) => number): number => cups * of(cup) + spoons * of(spoon);
  const text = `${plural(cups, vulgarFraction(cups, isQuarter).text, 'cup')} + ${vulgarFraction(spoons, isHalf).text} tbsp`;
  return { text, g: add((w) => w.g), leastG: add((w) => w.leastG), mostG: add((w) => w.mostG) };
}

const exactly = (g: number): WeightRange => ({ g, leastG: g, mostG: g });
const plural = (n: number, text: string, word: string): string => `${text} ${word}${n > 1 ? 's' : ''}`;

function counted(unitG: number, name: string, grams: number): KitchenMeasure {
  const { value, text } = vulgarFraction(grams / unitG, isHalf);
  const n = value === 0 ? 0.5 : value;
  const g = n * unitG;
  return { g, leastG: g * 0.9, mostG: g * 1.1, text: plural(n, value === 0 ? '½' : text, name) };
}
