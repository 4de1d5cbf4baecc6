import { createSlice, original, type PayloadAction } from '@reduxjs/toolkit';
import type { Bread, Fault } from '@hodsman/core';
import type { OpenGuess } from './guesses.ts';
import * as kept from './kept.ts';

/** The bread of the library that is open, with what an import guessed of it and nobody has looked at yet. */
export interface BreadDraft extends kept.Kept<Bread> {
  readonly guesses: readonly OpenGuess[];
}

const asItIs = (draft: BreadDraft): BreadDraft => (original(draft as object) as BreadDraft | undefined) ?? draft;

const slice = createSlice({
  name: 'bread',
  initialState: null as BreadDraft | null,
  reducers: {
    opened: (
      _,
      { payload }: PayloadAction<kept.Opening<Bread> & { readonly guesses: readonly OpenGuess[] }>,
    ): BreadDraft => ({
      ...kept.opened<Bread>(payload),
      guesses: payload.guesses,
    }),
    edited: (draft, { payload }: PayloadAction<{ bread: Bread; what?: string }>) =>
      draft && kept.edited(asItIs(draft), payload.bread, payload.what ?? null),
    refused: (draft, { payload }: PayloadAction<readonly Fault[]>) => draft && { ...draft, refused: payload },
    undone: (draft) => draft && kept.undone(asItIs(draft)),
    redone: (draft) => draft && kept.redone(asItIs(draft)),
    savedAs: (draft, { payload }: PayloadAction<{ version: number; body: Bread }>) =>
      draft && kept.savedAs(asItIs(draft), payload.version, payload.body),
    saveFailed: (draft) => draft && { ...draft, saveState: 'waiting' as const },
    conflicted: (draft, { payload }: PayloadAction<{ version: number; body: Bread }>) =>
      draft && kept.conflicted(asItIs(draft), payload.version, payload.body),
    keptMine: (draft) => draft && kept.keptMine(asItIs(draft)),
    tookTheirs: (draft) => draft && kept.tookTheirs(asItIs(draft)),
    tookBoth: (draft, { payload }: PayloadAction<Bread>) => draft && kept.tookBoth(asItIs(draft), payload),
    /** A guess was looked at and found right. */
    guessTaken: (draft, { payload }: PayloadAction<OpenGuess>) =>
      draft && {
        ...draft,
        guesses: asItIs(draft).guesses.filter((g) => g.path !== payload.path || g.why !== payload.why),
      },
    closed: () => null,
  },
});

export const breadReducer = slice.reducer;
export const breadActions = slice.actions;
