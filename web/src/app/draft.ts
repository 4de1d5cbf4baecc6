import { createSlice, original, type PayloadAction } from '@reduxjs/toolkit';
import type { ClassRecord, Fault, Plan } from '@hodsman/core';
import * as kept from './kept.ts';

/** The class that is open, with its latest plan. */
export interface Draft extends kept.Kept<ClassRecord> {
  readonly plan: Plan | null;
  /** The plan is of an earlier state of the class; the next is being made. */
  readonly isPlanning: boolean;
}

const asItIs = (draft: Draft): Draft => (original(draft as object) as Draft | undefined) ?? draft;
/** A class that changed is planned anew; notes beside it change no plan. */
const planning = (draft: Draft, next: Draft): Draft =>
  next.body.workshop === draft.body.workshop ? next : { ...next, isPlanning: true };

const slice = createSlice({
  name: 'draft',
  initialState: null as Draft | null,
  reducers: {
    opened: (_, { payload }: PayloadAction<kept.Opening<ClassRecord>>): Draft => ({
      ...kept.opened(payload),
      plan: null,
      isPlanning: true,
    }),
    edited: (draft, { payload }: PayloadAction<{ body: ClassRecord; what?: string }>) =>
      draft && planning(asItIs(draft), kept.edited(asItIs(draft), payload.body, payload.what ?? null)),
    refused: (draft, { payload }: PayloadAction<readonly Fault[]>) => draft && { ...draft, refused: payload },
    undone: (draft) => draft && planning(asItIs(draft), kept.undone(asItIs(draft))),
    redone: (draft) => draft && planning(asItIs(draft), kept.redone(asItIs(draft))),
    savedAs: (draft, { payload }: PayloadAction<{ version: number; body: ClassRecord }>) =>
      draft && kept.savedAs(asItIs(draft), payload.version, payload.body),
    saveFailed: (draft) => draft && { ...draft, saveState: 'waiting' as const },
    conflicted: (draft, { payload }: PayloadAction<{ version: number; body: ClassRecord }>) =>
      draft && kept.conflicted(asItIs(draft), payload.version, payload.body),
    keptMine: (draft) => draft && kept.keptMine(asItIs(draft)),
    tookTheirs: (draft) => draft && planning(asItIs(draft), kept.tookTheirs(asItIs(draft))),
    tookBoth: (draft, { payload }: PayloadAction<ClassRecord>) =>
      draft && planning(asItIs(draft), kept.tookBoth(asItIs(draft), payload)),
    planned: (draft, { payload }: PayloadAction<{ plan: Plan; isFinal: boolean }>) =>
      draft && { ...draft, plan: payload.plan, isPlanning: !payload.isFinal },
  },
});

export const draftReducer = slice.reducer;
export const draftActions = slice.actions;
