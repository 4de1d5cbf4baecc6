import { findFood, kitchenMeasure, SACHET_G } from '../foods/index.ts';
import { dilutionFor, wholeUnits, type Ingredient, type ScaledIngredient } from '../formula/index.ts';
import { gramsOnScale, gramsText, ownMeasures, quantityText, vulgarFraction } from '../units/index.ts';
import type { ClassNotes } from '../workshop/index.ts';

/** How a class weighs: the step of its scales in grams, and the kitchen measures that stand beside the grams. */
export type Weighing = Pick<ClassNotes, 'scaleG' | 'measures'>;

/** One line of a tray card. */
export interface WeighRow {
  readonly name: string;
  readonly use: ScaledIngredient['use'];
  /** Not rounded, as in the plan file. */
  readonly g: number;
  /** As the scale in use shows it. */
  readonly text: string;
  /** Of water: what goes in first and what is kept back. */
  readonly first?: string;
  readonly keptBack?: string;
  /** The same in kitchen measures. */
  readonly measure?: string;
  /** How to come by an amount that is no matter of the scale: whole eggs, sachets, less than the scale shows. */
  readonly hints: readonly string[];
}

/** A weight that a scale shows within this share of itself is weighed on it: pieces are divided no finer (common practice). */
const MOST_OFF = 0.05;
/** Sachets are named where they are as near as rounding is. */
const SACHET_OFF = 0.02;
/** Baking powder works as soon as it is wet, so it is never dissolved beforehand. */
const DISSOLVES = /yeast|salt/i;
const isHalfOrWhole = (f: number): boolean => f === 1 / 2;

/** A scaled ingredient as a line of a card; `batches` doughs of that weight are weighed in one go where a scale is too coarse for one. */
export function weighRow(ingredient: Ingredient, scaled: ScaledIngredient, how: Weighing, batches = 1): WeighRow {
  const { g, heldBackG } = scaled;
  const food = findFood(ingredient.name);
  const measure = how.measures === 'none' || !food ? undefined : kitchenMeasure(food, g, how.measures)?.text;
  // what the scale cannot show is written as it is, with a hint how to come by it
  const text = isShown(g, how.scaleG) ? gramsOnScale(g, how.scaleG).text : gramsText(g);
  return {
    name: scaled.name,
    use: scaled.use,
    g,
    text,
    ...(heldBackG > 0 && {
      first: gramsOnScale(g - heldBackG, how.scaleG).text,
      keptBack: gramsOnScale(heldBackG, how.scaleG).text,
    }),
    ...(measure !== undefined && { measure }),
    hints: [...eggHints(ingredient, g), ...sachetHints(ingredient, g), ...smallHints(ingredient, g, how, batches)],
  };
}

/** Whether a scale of that step shows a weight well enough. */
function isShown(g: number, scaleG: number): boolean {
  return Math.abs(gramsOnScale(g, scaleG).g - g) <= MOST_OFF * g;
}

/** Whole eggs with the water corrected, or beaten by weight. */
function eggHints(ingredient: Ingredient, g: number): readonly string[] {
  const whole = wholeUnits(ingredient, g);
  if (!whole) return [];
  const correction =
    Math.abs(whole.waterG) < 0.5
      ? ''
      : `, ${gramsText(Math.abs(whole.waterG))} ${whole.waterG > 0 ? 'more' : 'less'} water`;
  return [`${whole.count} whole (${gramsText(whole.g)})${correction}, or beaten by weight`];
}

function sachetHints(ingredient: Ingredient, g: number): readonly string[] {
  if (ingredient.role !== 'leaven' || !/yeast/i.test(ingredient.name)) return [];
  const { value, text } = vulgarFraction(g / SACHET_G, isHalfOrWhole);
  const isNear = value > 0 && Math.abs(value * SACHET_G - g) <= SACHET_OFF * g;
  return isNear ? [`${text} sachet${value > 1 ? 's' : ''} of ${quantityText('weight', SACHET_G)}`] : [];
}

/** What a scale cannot show to two per cent: weighed once for all doughs and parted, or dissolved. */
function smallHints(ingredient: Ingredient, g: number, how: Weighing, batches: number): readonly string[] {
  if (g <= 0 || isShown(g, how.scaleG)) return [];
  const all = g * batches;
  const isSolved = batches > 1 && isShown(all, how.scaleG);
  const dilution = DISSOLVES.test(ingredient.name) ? dilutionFor(g) : undefined;
  const exact = 'finer than this scale';
  if (isSolved) return [`${exact}: weigh ${gramsOnScale(all, how.scaleG).text} once and part it in ${batches}`];
  if (dilution)
    return [
      `${exact}: stir ${gramsText(dilution.stirG)} into ${gramsText(dilution.waterG)} of water and take ${gramsText(dilution.takeG)} of it, less water in the bowl`,
    ];
  const food = findFood(ingredient.name);
  const spoon = food && kitchenMeasure(food, g, how.measures === 'none' ? ownMeasures().spoons : how.measures)?.text;
  return [spoon === undefined ? exact : `${exact}: about ${spoon}`];
}
