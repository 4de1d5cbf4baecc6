import { useEffect, useState } from 'react';
import type { GivenOwner, ImportedRecipe, Result } from '@hodsman/core';
import { readRecipeInWorker } from '../../workers/recipe-client.ts';

/** A text, and what came of it. */
export interface RecipeRead {
  readonly text: string;
  readonly result: Result<ImportedRecipe>;
}

/** What is understood of a recipe, as soon as the worker has read it; of an earlier text until then, of an empty one nothing. */
export function useRecipe(text: string, given: readonly GivenOwner[]): RecipeRead | undefined {
  const [read, setRead] = useState<RecipeRead>();
  const isEmpty = text.trim() === '';
  useEffect(() => {
    if (isEmpty) return undefined;
    let isLatest = true;
    void readRecipeInWorker(text, given).then((result) => {
      if (isLatest) setRead({ text, result });
    });
    return () => {
      isLatest = false;
    };
  }, [text, given, isEmpty]);
  return isEmpty ? undefined : read;
}
