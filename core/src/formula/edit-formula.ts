import { roundedTo } from '../units/index.ts';
import type { Ingredient } from './schema.ts';

type Ingredients = readonly Ingredient[];

const isDoughFlour = (i: Ingredient): boolean => i.use === 'dough' && i.role === 'flour';

/** Percentages carry two decimals: a hundredth of a per cent of 10 kg flour is one gram. */
const twoDecimals = (x: number): number => roundedTo(x, 2);

/** Flours that add up to 100 again after rounding: what is missing goes to the largest. */
function closed(ingredients: Ingredients): Ingredients {
  const flours = ingredients.filter(isDoughFlour);
  const off = twoDecimals(100 - flours.reduce((sum, i) => sum + (i.pct ?? 0), 0));
  if (flours.length === 0 || off === 0) return ingredients;
  const largest = flours.reduce((a, b) => ((b.pct ?? 0) > (a.pct ?? 0) ? b : a));
  return ingredients.map((i) => (i === largest ? { ...i, pct: twoDecimals((i.pct ?? 0) + off) } : i));
}

/**
 * The formula with another percentage at an index. A flour's share is met by the other flours in their proportion, so that all flours
 * stay 100 %; a lone flour stays 100. Other ingredients change alone.
 */
export function setPct(ingredients: Ingredients, index: number, pct: number): Ingredients {
  const target = ingredients[index];
  if (target?.use !== 'dough') return ingredients;
  if (!isDoughFlour(target)) return ingredients.map((i, n) => (n === index ? { ...i, pct: twoDecimals(pct) } : i));
  const others = ingredients.reduce((sum, i, n) => sum + (isDoughFlour(i) && n !== index ? (i.pct ?? 0) : 0), 0);
  if (others === 0) return closed(ingredients.map((i, n) => (n === index ? { ...i, pct: 100 } : i)));
  const share = Math.min(100, Math.max(0, pct));
  return closed(
    ingredients.map((i, n) => {
      if (n === index) return { ...i, pct: twoDecimals(share) };
      return isDoughFlour(i) ? { ...i, pct: twoDecimals(((i.pct ?? 0) * (100 - share)) / others) } : i;
    }),
  );
}

/**
 * The formula when an ingredient weighs `grams` and all others keep the weight that they have at `flourG` of flour. A flour changes
 * what 100 % is, so every percentage follows.
 */
export function setGrams(
  ingredients: Ingredients,
  index: number,
  grams: number,
  flourG: number,
): { readonly ingredients: Ingredients; readonly flourG: number } {
  const target = ingredients[index];
  if (target?.use !== 'dough' || flourG <= 0) return { ingredients, flourG };
  if (!isDoughFlour(target)) return { ingredients: setPct(ingredients, index, (grams / flourG) * 100), flourG };
  const weights = ingredients.map((i, n) => (n === index ? grams : (flourG * (i.pct ?? 0)) / 100));
  const flour = ingredients.reduce((sum, i, n) => sum + (isDoughFlour(i) ? (weights[n] ?? 0) : 0), 0);
  if (flour <= 0) return { ingredients, flourG };
  const renewed = ingredients.map((i, n) =>
    i.use === 'dough' ? { ...i, pct: twoDecimals(((weights[n] ?? 0) / flour) * 100) } : i,
  );
  return { ingredients: closed(renewed), flourG: flour };
}

/** Percentages of weights: every dough ingredient in grams, over the sum of the flours (100 %). Undefined without flour. */
export function percentagesOf(grams: readonly number[], isFlour: readonly boolean[]): readonly number[] | undefined {
  const flour = grams.reduce((sum, g, n) => sum + (isFlour[n] ? g : 0), 0);
  return flour > 0 ? grams.map((g) => twoDecimals((g / flour) * 100)) : undefined;
}

/** Flours brought to 100 % together, after one came or went. */
export function normaliseFlours(ingredients: Ingredients): Ingredients {
  const sum = ingredients.reduce((s, i) => s + (isDoughFlour(i) ? (i.pct ?? 0) : 0), 0);
  if (sum <= 0) return ingredients;
  return closed(ingredients.map((i) => (isDoughFlour(i) ? { ...i, pct: twoDecimals(((i.pct ?? 0) * 100) / sum) } : i)));
}

/** What a dough ingredient is when it comes from elsewhere: enough to be seen, little enough to do no harm. */
const FIRST_PCT = 2;
const LEAST_G = 0.1;

/**
 * The ingredients with one of them used elsewhere: in the dough by its share of the flour, anywhere else by grams for each piece, as much
 * as a piece of `pieceG` held of it.
 */
export function setUse(ingredients: Ingredients, index: number, use: Ingredient['use'], pieceG: number): Ingredients {
  const target = ingredients[index];
  if (!target || use === target.use) return ingredients;
  const { pct, gPerPiece, gPerBatch, optional, insteadOf, ...rest } = target;
  if (use === 'dough') return normaliseFlours(ingredients.with(index, { ...rest, use, pct: pct ?? FIRST_PCT }));
  const sum = ingredients.reduce((s, i) => s + (i.use === 'dough' ? (i.pct ?? 0) : 0), 0);
  const held = sum > 0 ? (pieceG * (pct ?? 0)) / sum : 0;
  const moved: Ingredient = {
    ...rest,
    use,
    gPerPiece: gPerPiece ?? Math.max(LEAST_G, roundedTo(held, 1)),
    ...(gPerBatch === undefined ? {} : { gPerBatch }),
    ...(optional === undefined ? {} : { optional }),
    ...(insteadOf === undefined ? {} : { insteadOf }),
  };
  return normaliseFlours(ingredients.with(index, moved));
}

/** The ingredients without one of them; the flours that are left are all of the flour. */
export const withoutIngredient = (ingredients: Ingredients, index: number): Ingredients =>
  normaliseFlours(ingredients.filter((_, n) => n !== index));

/** The ingredients with one of them so many places further down. */
export function moveIngredient(ingredients: Ingredients, index: number, by: number): Ingredients {
  const taken = ingredients[index];
  return taken ? ingredients.toSpliced(index, 1).toSpliced(index + by, 0, taken) : ingredients;
}

/** What an ingredient can be in place of: what may be left off, by the one name that it has in its bread. */
export const replaceable = (ingredients: Ingredients, ingredient: Ingredient): readonly string[] =>
  ingredients
    .filter((i) => i.optional === true && i.use !== 'dough' && i !== ingredient)
    .map((i) => i.name)
    .filter((name) => ingredients.filter((i) => i.name === name).length === 1);
