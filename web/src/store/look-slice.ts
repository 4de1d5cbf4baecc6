import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import type { Followed } from '@hodsman/core';

/** How somebody looks at the plan: nothing of it changes the class. */
export interface BoardLook {
  readonly selected: string | undefined;
  readonly followed: Followed | undefined;
  readonly folded: readonly string[];
  readonly order: readonly string[];
  readonly isAheadFolded: boolean;
  readonly isPanelOpen: boolean;
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
