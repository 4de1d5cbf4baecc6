import type { IngredientUse } from '../formula/index.ts';
import type { Bread } from './schema.ts';

/** Uses in which something perishable comes into a dough before it is cooked (rule R14). */
const COUNTED_USES: readonly IngredientUse[] = ['dough', 'fill', 'layer'];

/** What in a bread does not keep, and the step from which its time out of the fridge counts (rule R14). */
export interface Perishable {
  readonly what: readonly string[];
  /** The step that the first of them names; undefined: the first step of all. */
  readonly fromStep: string | undefined;
}

/** Undefined where nothing in a bread perishes before it is cooked. */
export function perishableIn({ ingredients }: Pick<Bread, 'ingredients'>): Perishable | undefined {
  const found = ingredients.filter((i) => i.perishable === true && COUNTED_USES.includes(i.use));
  return found[0] && { what: found.map((i) => i.name), fromStep: found[0].step };
}
