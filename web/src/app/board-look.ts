import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import type { Followed } from '@hodsman/core';
import type { AppThunk } from './store.ts';

/** How somebody looks at the plan: nothing of it changes the class. */
export interface BoardLook {
  readonly selected: string | undefined;
  readonly followed: Followed | undefined;
  readonly folded: readonly string[];
  readonly order: readonly string[];
  readonly isAheadFolded: boolean;
  readonly isPanelOpen: boolean;
}

/** Places as somebody set them for a class; kept in the browser, since they are nobody else's. */
type Places = Pick<BoardLook, 'folded' | 'order'>;
const keyOf = (classId: string): string => `hodsman:places:${classId}`;

function keptPlaces(classId: string): Places {
  try {
    const { folded, order } = JSON.parse(localStorage.getItem(keyOf(classId)) ?? '{}') as Partial<Places>;
    return { folded: folded ?? [], order: order ?? [] };
  } catch {
    return { folded: [], order: [] };
  }
}

/** A screen at least so wide has room for the panel beside the board. */
const PANEL_FROM_PX = 1100;

const FIRST: BoardLook = {
  selected: undefined,
  followed: undefined,
  folded: [],
  order: [],
  isAheadFolded: true,
  isPanelOpen: globalThis.innerWidth >= PANEL_FROM_PX,
};

export const lookChanged = createAction<Partial<BoardLook>>('look/changed');

export function lookReducer(look: BoardLook = FIRST, action: UnknownAction): BoardLook {
  return lookChanged.match(action) ? { ...look, ...action.payload } : look;
}

/** Another class is looked at: nothing of it is selected, and its places are as they were set. */
export const lookAtClass =
  (classId: string): AppThunk =>
  (dispatch) =>
    dispatch(lookChanged({ selected: undefined, followed: undefined, ...keptPlaces(classId) }));

/** Places are folded or moved, and stay so for this class. */
export const arrangePlaces =
  (places: Partial<Places>): AppThunk =>
  (dispatch, getState) => {
    dispatch(lookChanged(places));
    const { draft, look } = getState();
    if (draft) localStorage.setItem(keyOf(draft.id), JSON.stringify({ folded: look.folded, order: look.order }));
  };
