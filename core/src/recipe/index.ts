/**
 * Recipes as people write them, read into breads, and breads written as recipes. Begin with `import-recipe.ts`: a text is cleaned
 * (`clean.ts`, `html.ts`) with every character's place kept (`mapped.ts`), taken apart (`sections.ts`), its lines weighed
 * (`ingredient-line.ts`), its method drafted (`method-drafts.ts`) and all put together (`build-bread.ts`); `ledger.ts` says who owns each
 * word. Whatever is guessed, disagrees or is not understood is said. `json-ld.ts` speaks schema.org.
 */
export { importRecipe } from './import-recipe.ts';
export { gramsOfMeasure } from './ingredient-line.ts';
export { recipeOfBread } from './json-ld.ts';
export { ownedLines, type OwnedPiece } from './ledger.ts';
export { leftOpen, readLeftOpen, type LeftOpen } from './left-open.ts';
export type { Conflict, GivenOwner, Guess, ImportedRecipe, OwnedWords, WordOwner } from './result.ts';
