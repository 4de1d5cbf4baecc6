import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import type { Bread } from '@hodsman/core';
import { documentSlice } from './document-slice.ts';
import { storedGuesses, type OpenGuess } from './guesses.ts';
import * as document from './open-document.ts';

/** The bread of the library that is open, with what an import guessed of it and nobody has looked at yet. */
export interface BreadDraft extends document.OpenDocument<Bread> {
  readonly guesses: readonly OpenGuess[];
}

const slice = documentSlice<Bread>('bread');
const openedWithGuesses = createAction('bread/openedWithGuesses', (opening: document.Opening<Bread>) => ({
  payload: { opening, guesses: storedGuesses(opening.id) },
}));
/** A guess was looked at and found right. */
const guessTaken = createAction<OpenGuess>('bread/guessTaken');
export const breadActions = { ...slice.actions, opened: openedWithGuesses, guessTaken };

export function breadReducer(draft: BreadDraft | null = null, action: UnknownAction): BreadDraft | null {
  if (openedWithGuesses.match(action)) {
    const { opening, guesses } = action.payload;
    return draft && document.isHeld(draft, opening) ? { ...draft, guesses } : { ...document.opened(opening), guesses };
  }
  if (!draft || slice.actions.closed.match(action)) return null;
  if (guessTaken.match(action)) {
    const { path, why } = action.payload;
    return { ...draft, guesses: draft.guesses.filter((g) => g.path !== path || g.why !== why) };
  }
  return slice.reducer(draft, action);
}
