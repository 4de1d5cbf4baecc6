import type { Ingredient } from './schema.ts';

/** The words of an ingredient that somebody may avoid: its allergens and what else it contains. */
export function avoidableWords(i: Ingredient): readonly string[] {
  return [...(i.allergens ?? []), ...(i.contains ?? [])];
}

/**
 * Whether an ingredient is left off the pieces of those who avoid it: optional and not in the dough, or one that stands in for such an
 * ingredient.
 */
export function mayBeLeftOff(i: Ingredient): boolean {
  return i.use !== 'dough' && (i.optional === true || i.insteadOf !== undefined);
}

/** Whether somebody who avoids these words avoids an ingredient. */
const isAvoided = (i: Ingredient, avoided: ReadonlySet<string>): boolean =>
  avoidableWords(i).some((w) => avoided.has(w));

/**
 * Whether a piece carries an ingredient: what is optional unless its owner avoids it, a stand-in exactly where what it stands in for is
 * left off and its owner does not avoid the stand-in too. `avoided` are the owner's words; null for a spare, which is nobody's and carries
 * what is optional (formats note, section 1).
 */
export function isCarried(i: Ingredient, all: readonly Ingredient[], avoided: ReadonlySet<string> | null): boolean {
  if (!mayBeLeftOff(i)) return true;
  if (i.insteadOf === undefined) return avoided === null || !isAvoided(i, avoided);
  if (avoided === null || isAvoided(i, avoided)) return false;
  return all.some((x) => x.name === i.insteadOf && x.optional === true && isAvoided(x, avoided));
}
