import { useEffect, useState } from 'react';
import type { GivenOwner, ImportedRecipe, Result } from '@hodsman/core';
import { readRecipeInWorker } from '../../workers/recipe-client.ts';

/** A text, and what came of it. */
export interface RecipeRead {
  readonly text: string;
  readonly result: Result<ImportedRecipe>;
}

/**
 * What is understood of a recipe, as soon as the worker has read it; of an earlier text until then, of an empty one nothing. `share`: how
 * much of the reading is done, from 0 to 1.
 */
export function useRecipe(
  text: string,
  given: readonly GivenOwner[],
): { readonly read: RecipeRead | undefined; readonly share: number } {
  const [read, setRead] = useState<RecipeRead>();
  const [share, setShare] = useState(1);
  const isEmpty = text.trim() === '';
  useEffect(() => {
    if (isEmpty) return undefined;
    let isLatest = true;
    const hear = (done: number): void => {
      if (isLatest) setShare(done);
    };
    hear(0);
    void readRecipeInWorker(text, given, hear).then((result) => {
      if (!isLatest) return;
      setRead({ text, result });
      setShare(1);
    });
    return () => {
      isLatest = false;
    };
  }, [text, given, isEmpty]);
  return { read: isEmpty ? undefined : read, share };
}
