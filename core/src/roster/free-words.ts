import type { Bread } from '../bread/index.ts';
import { AVOIDABLE } from '../foods/index.ts';
import { avoidableWords, type Ingredient } from '../formula/index.ts';
import type { Workshop } from '../workshop/index.ts';

/** A word that somebody avoids and no list of allergens knows: it is compared with the names of ingredients, and with nothing else. */
export interface FreeWord {
  readonly word: string;
  /** Ingredients of the class's breads that are called so, by name. */
  readonly ingredients: readonly string[];
}

/** "strawberries" and "strawberry" are one word (English plurals). */
const singular = (word: string): string =>
  word
    .replace(/ies$/, 'y')
    .replace(/(ss|sh|ch|x|o)es$/, '$1')
    .replace(/([^s])s$/, '$1');
const stems = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((w) => w !== '')
    .map(singular);

/** Whether an ingredient is called by a word: all parts of the word, in their order, stand in its name. */
function isCalled(ingredient: Ingredient, word: string): boolean {
  const [name, wanted] = [stems(ingredient.name), stems(word)];
  return wanted.length > 0 && name.some((_, i) => wanted.every((w, n) => name[i + n] === w));
}

function wordsAvoided(workshop: Workshop): readonly string[] {
  const words = new Set(workshop.roster.flatMap((p) => p.avoid.map((a) => a.what)));
  return [...words].filter((w) => !AVOIDABLE.includes(w)).sort();
}

/** The free words that people of the class avoid, each with the ingredients that it was found in. */
export function freeWordsOf(workshop: Workshop): readonly FreeWord[] {
  return wordsAvoided(workshop).map((word) => {
    const called = workshop.breads.flatMap((b) =>
      b.ingredients.filter((i) => isCalled(i, word) || avoidableWords(i).includes(word)).map((i) => i.name),
    );
    return { word, ingredients: [...new Set(called)] };
  });
}

/**
 * The class in which every ingredient that is called by a free word says so in `contains`, so that menu, plan, checker and every card
 * keep it away as they do an allergen. The very same class where nothing is to be added.
 */
export function withFreeWords(workshop: Workshop): Workshop {
  const words = wordsAvoided(workshop);
  if (words.length === 0) return workshop;
  const breads = workshop.breads.map((b): Bread => {
    const ingredients = b.ingredients.map((i) => {
      const more = words.filter((w) => isCalled(i, w) && !avoidableWords(i).includes(w));
      return more.length === 0 ? i : { ...i, contains: [...(i.contains ?? []), ...more] };
    });
    return ingredients.every((i, n) => i === b.ingredients[n]) ? b : { ...b, ingredients };
  });
  return breads.every((b, n) => b === workshop.breads[n]) ? workshop : { ...workshop, breads };
}
