import { createSlice, original, type PayloadAction } from '@reduxjs/toolkit';
import type { Fault, Plan, Workshop } from '@hodsman/core';

/** How the draft stands to what is stored. */
export type SaveState = 'saved' | 'waiting' | 'conflict';

/** The class that is open: what it is now, what it was, how it is saved, and its latest plan. */
export interface Draft {
  readonly id: string;
  /** The version on the server that the draft goes back to. */
  readonly version: number;
  readonly workshop: Workshop;
  readonly past: readonly Workshop[];
  readonly future: readonly Workshop[];
  readonly saveState: SaveState;
  /** What somebody else saved meanwhile. */
  readonly theirs: { readonly version: number; readonly workshop: Workshop } | null;
  /** Why the last change was not taken. */
  readonly refused: readonly Fault[];
  readonly plan: Plan | null;
  /** The plan is of an earlier state of the class; the next is being made. */
  readonly isPlanning: boolean;
}

const MOST_STEPS_BACK = 100;

const slice = createSlice({
  name: 'draft',
  initialState: null as Draft | null,
  reducers: {
    opened: (
      _,
      { payload }: PayloadAction<{ id: string; version: number; workshop: Workshop; isUnsaved: boolean }>,
    ): Draft => ({
      id: payload.id,
      version: payload.version,
      workshop: payload.workshop,
      past: [],
      future: [],
      saveState: payload.isUnsaved ? 'waiting' : 'saved',
      theirs: null,
      refused: [],
      plan: null,
      isPlanning: true,
    }),
    edited: (draft, { payload }: PayloadAction<Workshop>) =>
      draft && {
        ...changed(draft, payload),
        past: [...draft.past, draft.workshop].slice(-MOST_STEPS_BACK),
        future: [],
      },
    refused: (draft, { payload }: PayloadAction<readonly Fault[]>) => draft && { ...draft, refused: payload },
    undone: (draft) => {
      const before = draft?.past.at(-1);
      return draft && before
        ? { ...changed(draft, before), past: draft.past.slice(0, -1), future: [draft.workshop, ...draft.future] }
        : draft;
    },
    redone: (draft) => {
      const after = draft?.future[0];
      return draft && after
        ? { ...changed(draft, after), past: [...draft.past, draft.workshop], future: draft.future.slice(1) }
        : draft;
    },
    savedAs: (draft, { payload }: PayloadAction<{ version: number; workshop: Workshop }>) =>
      draft && {
        ...draft,
        version: payload.version,
        saveState: original(draft).workshop === payload.workshop ? ('saved' as const) : ('waiting' as const),
      },
    saveFailed: (draft) => draft && { ...draft, saveState: 'waiting' as const },
    conflicted: (draft, { payload }: PayloadAction<{ version: number; workshop: Workshop }>) =>
      draft && { ...draft, saveState: 'conflict' as const, theirs: payload },
    /** Ours goes over theirs. */
    keptMine: (draft) =>
      draft?.theirs ? { ...draft, version: draft.theirs.version, theirs: null, saveState: 'waiting' as const } : draft,
    /** Theirs becomes the draft; ours is one step back. */
    tookTheirs: (draft) =>
      draft?.theirs
        ? {
            ...changed(draft, draft.theirs.workshop),
            version: draft.theirs.version,
            past: [...draft.past, draft.workshop],
            future: [],
            theirs: null,
            saveState: 'saved' as const,
          }
        : draft,
    planned: (draft, { payload }: PayloadAction<{ plan: Plan; isFinal: boolean }>) =>
      draft && { ...draft, plan: payload.plan, isPlanning: !payload.isFinal },
  },
});

/** The draft with another workshop in it, to be saved and planned. */
function changed(draft: Draft, workshop: Workshop): Draft {
  return {
    ...draft,
    workshop,
    refused: [],
    isPlanning: true,
    saveState: draft.saveState === 'conflict' ? 'conflict' : 'waiting',
  };
}

export const draftReducer = slice.reducer;
export const draftActions = slice.actions;
