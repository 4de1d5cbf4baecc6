import { roundedTo } from '../units/index.ts';
import type { Food } from '../foods/index.ts';
import { waterShare, type Ingredient } from '../formula/index.ts';

const twoDecimals = (x: number): number => roundedTo(x, 2);

/** An ingredient of a food, with what is known of it filled in; `rest` keeps the amount and where it is used. */
export function ingredientOfFood(food: Food, rest: Partial<Ingredient> & Pick<Ingredient, 'use'>): Ingredient {
  return {
    name: food.names[0] ?? food.id,
    role: food.role,
    ...(food.waterPct === undefined || food.role === 'water' ? {} : { waterPct: food.waterPct }),
    ...(food.flourPct === undefined ? {} : { flourPct: food.flourPct }),
    ...(food.unitG === undefined || food.role !== 'egg' ? {} : { unitG: food.unitG }),
    ...(food.allergens === undefined ? {} : { allergens: [...food.allergens] }),
    ...(food.contains === undefined ? {} : { contains: [...food.contains] }),
    ...(food.perishable === undefined ? {} : { perishable: food.perishable }),
    ...rest,
  };
}

/**
 * The formula with another food in the place of an ingredient. A fat keeps its fat (butter is 16 % water, so it takes more), a liquid
 * its water; the first water of the dough makes up the difference, so that the hydration stays. Allergens are those of the new food.
 */
export function swapIngredient(ingredients: readonly Ingredient[], index: number, food: Food): readonly Ingredient[] {
  const old = ingredients[index];
  if (!old) return ingredients;
  const { step, optional, holdBackPct, tempC } = old;
  const kept = {
    use: old.use,
    ...(step === undefined ? {} : { step }),
    ...(optional === undefined ? {} : { optional }),
    ...(holdBackPct === undefined ? {} : { holdBackPct }),
    ...(tempC === undefined ? {} : { tempC }),
  };
  const fresh = ingredientOfFood(food, kept);
  const factor = amountFactor(old, fresh);
  const amounts = {
    ...(old.pct === undefined ? {} : { pct: twoDecimals(old.pct * factor) }),
    ...(old.gPerPiece === undefined ? {} : { gPerPiece: twoDecimals(old.gPerPiece * factor) }),
    ...(old.gPerBatch === undefined ? {} : { gPerBatch: twoDecimals(old.gPerBatch * factor) }),
  };
  const swapped = { ...fresh, ...amounts };
  const moreWater = waterShare(swapped) * (swapped.pct ?? 0) - waterShare(old) * (old.pct ?? 0);
  const water = ingredients.findIndex((i, n) => n !== index && i.use === 'dough' && i.role === 'water');
  return ingredients.map((i, n) => {
    if (n === index) return swapped;
    return n === water ? { ...i, pct: twoDecimals(Math.max(0, (i.pct ?? 0) - moreWater)) } : i;
  });
}

/** By how much the amount changes so that what the ingredient is there for stays: fat its fat, other moist things their water. */
function amountFactor(old: Ingredient, fresh: Ingredient): number {
  const part = (i: Ingredient): number => (i.role === 'fat' ? 1 - waterShare(i) : 1);
  if (old.role === 'fat' && fresh.role === 'fat') return part(old) / part(fresh);
  const isLiquid = (i: Ingredient): boolean => i.role === 'water' || i.role === 'milk' || i.role === 'yogurt';
  return isLiquid(old) && isLiquid(fresh) && waterShare(fresh) > 0 ? waterShare(old) / waterShare(fresh) : 1;
}
