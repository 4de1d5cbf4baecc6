import type { GivenOwner, ImportedRecipe, Result } from '@hodsman/core';
import { proxy, wrap, type Remote } from 'comlink';
import type { RecipeFace } from './recipe.worker.ts';

let reader: Remote<RecipeFace> | undefined;

/** Reads a recipe in a worker, which is started with the first; `onShare` hears how much is done, from 0 to 1. */
export function readRecipeInWorker(
  text: string,
  given: readonly GivenOwner[],
  onShare: (share: number) => void,
): Promise<Result<ImportedRecipe>> {
  reader ??= wrap<RecipeFace>(
    new Worker(new URL('./recipe.worker.ts', import.meta.url), { type: 'module', name: 'recipe' }),
  );
  return reader.read(text, given, proxy(onShare));
}
