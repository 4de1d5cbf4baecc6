import { parseIngredient, type UnitOfMeasureDefinitions } from 'parse-ingredient';
import { weightOfVolume, type Food, type WeightRange } from '../foods/index.ts';
import { gramsOfOunces, type MeasureSystem, ML_PER_US, mlOf, roundHalfUp, type Volume } from '../units/index.ts';

/** Measures of the trade that general recipes do not have. */
const TRADE_UNITS: UnitOfMeasureDefinitions = {
  dessertspoon: {
    short: 'dsp',
    plural: 'dessertspoons',
    alternates: ['dessert spoon', 'dessert spoons'],
    type: 'volume',
  },
  sachet: {
    short: 'sachet',
    plural: 'sachets',
    alternates: ['packet', 'packets', 'envelope', 'envelopes'],
    type: 'other',
  },
  glass: { short: 'glass', plural: 'glasses', alternates: ['tumbler', 'tumblers'], type: 'volume' },
  part: { short: 'part', plural: 'parts', alternates: [], type: 'other' },
  knob: { short: 'knob', plural: 'knobs', alternates: [], type: 'other' },
  handful: { short: 'handful', plural: 'handfuls', alternates: [], type: 'other' },
  cube: { short: 'cube', plural: 'cubes', alternates: [], type: 'other' },
  gill: { short: 'gill', plural: 'gills', alternates: [], type: 'volume' },
  splash: { short: 'splash', plural: 'splashes', alternates: ['drizzle', 'glug'], type: 'other' },
};

/** So much of something as a recipe writes it. */
export interface Amount {
  readonly least: number;
  readonly most: number;
  readonly unit: string | null;
  readonly text: string;
  /** Where it is in the line; -1 for the line's own amount. */
  readonly at: number;
}

export interface ReadLine {
  readonly amounts: readonly Amount[];
  /** The line without its first amount. */
  readonly words: string;
}

/** The amounts of a line in one spelling (`normalLine`), the line's own first. */
export function readAmounts(line: string): ReadLine {
  // "gram flour" is no gram of flour
  const [read] = parseIngredient(line.replace(/^(gram) (flour)\b/i, '$1_$2'), {
    round: false,
    descriptionMeasurements: true,
    additionalUOMs: TRADE_UNITS,
    ignoreUOMs: ['C', 'F', 'large', 'medium', 'small'],
  });
  if (!read) return { amounts: [], words: line };
  const own: Amount[] =
    read.quantity === null
      ? []
      : [
          {
            least: read.quantity,
            most: read.quantity2 ?? read.quantity,
            unit: read.unitOfMeasureID,
            text: ownText(line, read.description),
            at: -1,
          },
        ];
  const inner = (read.descriptionMeasurements ?? []).map((m) => ({
    least: m.quantity,
    most: m.quantity2 ?? m.quantity,
    unit: m.unitOfMeasureID,
    text: m.text,
    at: m.startIndex,
  }));
  return { amounts: [...own, ...inner], words: read.description.replace('_', ' ') };
}

/** The part of the line that the description lacks. */
function ownText(line: string, description: string): string {
  const at = line.indexOf(description);
  return (at > 0 ? line.slice(0, at) : line.replace(description, ''))
    .replace(/\bof\s*$/, '')
    .replace(/[–:-]\s*$/, '')
    .trim();
}

const VOLUMES: Readonly<Record<string, Volume>> = {
  cup: 'cup',
  tablespoon: 'tablespoon',
  teaspoon: 'teaspoon',
  dessertspoon: 'dessertspoon',
  'fluid ounce': 'fluidOunce',
  fluidOunce: 'fluidOunce',
  pint: 'pint',
  milliliter: 'ml',
  liter: 'litre',
};
const ML_PER: Readonly<Record<string, number>> = {
  deciliter: 100,
  // a quarter of a British pint
  gill: 142,
  quart: ML_PER_US.cup * 4,
  gallon: ML_PER_US.cup * 16,
};
const GRAMS_PER: Readonly<Record<string, number>> = {
  gram: 1,
  kilogram: 1000,
  milligram: 0.001,
  ounce: gramsOfOunces(1),
  pound: gramsOfOunces(16),
  stick: gramsOfOunces(4),
};
/** Loose measures in grams, common practice; a pinch is of salt. */
const LOOSE_G: Readonly<Record<string, number>> = {
  pinch: 0.35,
  dash: 0.6,
  drop: 0.05,
  knob: 15,
  handful: 30,
  splash: 5,
  sachet: 7,
  sprig: 2,
  bunch: 40,
};
/** Whether a measure is one of the hand, which nobody weighs by. */
export const isLoose = (unit: string | null): boolean => unit !== null && unit !== 'sachet' && unit in LOOSE_G;
const CLOVE_G = 4;
/** Fresh yeast as it is sold on the continent (common practice, from memory). */
const YEAST_CUBE_G = 42;
/** Millilitres that a glass, or a part, is taken for; proportions do not depend on it. */
const VESSEL_ML = 200;

export interface Weighed extends WeightRange {
  /** What was taken for granted on the way to grams; undefined for a weight. */
  readonly why?: string;
}

const exactly = (g: number, why?: string): Weighed => ({
  g,
  leastG: g,
  mostG: g,
  ...(why === undefined ? {} : { why }),
});

/** More of what is counted no list names: not even eggs for a class of sixteen (this program's own choice). */
const MOST_COUNTED = 40;
/** In a row of bare figures so few of what is counted are pieces, and more of it are grams or shares. */
export const MOST_PIECES = 3;

/** Grams of an amount of a food; undefined where the measure says nothing of its weight. */
export function gramsOf(
  amount: Amount,
  food: Food | undefined,
  system: MeasureSystem,
  factor = 1,
): Weighed | undefined {
  const count = ((amount.least + amount.most) / 2) * factor;
  const unit = amount.unit ?? '';
  const perUnit = GRAMS_PER[unit];
  if (perUnit !== undefined) return exactly(count * perUnit);
  const volume = VOLUMES[unit];
  if (volume !== undefined) return ofVolume(food, count, volume, system) ?? ofSpoons(food, count, volume, system);
  const ml = ML_PER[unit];
  if (ml !== undefined) return ofVolume(food, count * ml, 'ml', system);
  if (unit === 'glass' || unit === 'part') {
    const weighed = ofVolume(food, count * VESSEL_ML, 'ml', system);
    return weighed && { ...weighed, why: `a ${unit} is taken as ${VESSEL_ML} ml; the proportions do not depend on it` };
  }
  if (unit === 'cube' && food?.role === 'leaven')
    return exactly(count * YEAST_CUBE_G, `a cube of yeast is taken as ${YEAST_CUBE_G} g`);
  if (unit === 'clove') return exactly(count * CLOVE_G, 'a clove is taken as 4 g');
  const loose = LOOSE_G[unit];
  if (loose !== undefined) return exactly(count * loose, `a ${unit} is taken as ${loose} g`);
  // "onion 80": nobody peels so many
  if (unit === '' && food?.unitG !== undefined && count > MOST_COUNTED)
    return exactly(count, 'no unit is told; grams are taken');
  if (food?.unitG !== undefined) return exactly(count * food.unitG, `one is taken as ${food.unitG} g`);
  return undefined;
}

/** What a spoon holds of what nobody knows: mostly a spice, half a gram a millilitre (common practice, from memory). */
const UNKNOWN_G_PER_ML = 0.5;
function ofSpoons(food: Food | undefined, count: number, volume: Volume, system: MeasureSystem): Weighed | undefined {
  if (food || !volume.endsWith('spoon')) return undefined;
  return exactly(
    count * mlOf(volume, system) * UNKNOWN_G_PER_ML,
    `what a ${volume} of it weighs is not known; half a gram a millilitre is taken`,
  );
}

function ofVolume(food: Food | undefined, count: number, volume: Volume, system: MeasureSystem): Weighed | undefined {
  // of what nobody knows a millilitre is a gram: most of what is so measured is nearly water
  if (!food && (volume === 'ml' || volume === 'litre'))
    return exactly(mlOf(volume, system) * count, 'what a millilitre of it weighs is not known; a gram is taken');
  const known = food && weightOfVolume(food, count, volume, system);
  if (!known) return undefined;
  if (food.role === 'water') return exactly(known.g);
  const one = weightOfVolume(food, 1, volume, system)?.g ?? 0;
  const spread = roundHalfUp((known.mostG / known.g - 1) * 100);
  const name = food.names[0] ?? food.id;
  const why =
    volume === 'ml' || volume === 'litre'
      ? `by the density of ${name}, give or take ${spread} %`
      : `a ${system} ${volume} of ${name} is taken as ${Number(one.toPrecision(3))} g, give or take ${spread} %`;
  return { ...known, why };
}
