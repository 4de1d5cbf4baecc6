import { importRecipe, type GivenOwner } from '@hodsman/core';
import { expose } from 'comlink';

const face = {
  /** Reads a recipe; a page of a book takes longer than a frame, so it is read away from the page. `onShare` hears how far it is. */
  read: (text: string, given: readonly GivenOwner[], onShare: (share: number) => void) =>
    importRecipe(text, given, onShare),
};
export type RecipeFace = typeof face;

expose(face);
