import type { Ingredient } from './schema.ts';

/** The words of an ingredient that somebody may avoid: its allergens and what else it contains. */
export function avoidableWords(i: Ingredient): readonly string[] {
  return [...(i.allergens ?? []), ...(i.contains ?? [])];
}

/** Whether an ingredient is left off the pieces of those who avoid it: optional, and not in the dough. */
export function mayBeLeftOff(i: Ingredient): boolean {
  return i.optional === true && i.use !== 'dough';
}

/** Whether an ingredient is left off a piece whose owner avoids these words. */
export function isLeftOff(i: Ingredient, avoided: ReadonlySet<string>): boolean {
  return mayBeLeftOff(i) && avoidableWords(i).some((w) => avoided.has(w));
}
