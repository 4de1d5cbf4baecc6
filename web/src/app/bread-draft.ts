import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import type { Bread } from '@hodsman/core';
import type { OpenGuess } from './guesses.ts';
import { keptSlice } from './kept-slice.ts';
import * as kept from './kept.ts';

/** The bread of the library that is open, with what an import guessed of it and nobody has looked at yet. */
export interface BreadDraft extends kept.Kept<Bread> {
  readonly guesses: readonly OpenGuess[];
}

const slice = keptSlice<Bread>('bread');
const opened = createAction<kept.Opening<Bread> & { readonly guesses: readonly OpenGuess[] }>('bread/opened');
/** A guess was looked at and found right. */
const guessTaken = createAction<OpenGuess>('bread/guessTaken');
const closed = createAction('bread/closed');
export const breadActions = { ...slice.actions, opened, guessTaken, closed };

export function breadReducer(draft: BreadDraft | null = null, action: UnknownAction): BreadDraft | null {
  if (opened.match(action)) return { ...kept.opened<Bread>(action.payload), guesses: action.payload.guesses };
  if (!draft || closed.match(action)) return null;
  if (guessTaken.match(action)) {
    const { path, why } = action.payload;
    return { ...draft, guesses: draft.guesses.filter((g) => g.path !== path || g.why !== why) };
  }
  return slice.reducer(draft, action);
}
