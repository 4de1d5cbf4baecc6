import { useEffect, useState } from 'react';
import type { ImportedRecipe, Result } from '@hodsman/core';
import { readRecipeInWorker } from '../../workers/recipe-client.ts';

/** What is understood of a recipe, as soon as the worker has read it; of an earlier text until then, of an empty one nothing. */
export function useRecipe(text: string): Result<ImportedRecipe> | undefined {
  const [read, setRead] = useState<Result<ImportedRecipe>>();
  const isEmpty = text.trim() === '';
  useEffect(() => {
    if (isEmpty) return undefined;
    let isLatest = true;
    void readRecipeInWorker(text).then((result) => {
      if (isLatest) setRead(result);
    });
    return () => {
      isLatest = false;
    };
  }, [text, isEmpty]);
  return isEmpty ? undefined : read;
}
