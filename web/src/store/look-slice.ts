import { createAction, type UnknownAction } from '@reduxjs/toolkit';
import type { Followed } from '@hodsman/core';

/** How somebody looks at the plan: nothing of it changes the class. */
export interface BoardLook {
  readonly selected: string | undefined;
  readonly followed: Followed | undefined;
  readonly folded: readonly string[];
  readonly order: readonly string[];
  readonly isAheadFolded: boolean;
  /** `auto`: the panel comes when something is chosen, on a screen that has room for it. */
  readonly panel: 'auto' | 'open' | 'closed';
  readonly distance: 'room' | 'station' | 'route';
  /** The moment that is looked at, in seconds since doors open. */
  readonly atSec: number | undefined;
}

const FIRST: BoardLook = {
  selected: undefined,
  followed: undefined,
  folded: [],
  order: [],
  isAheadFolded: true,
  panel: 'auto',
  distance: 'room',
  atSec: undefined,
};

export const lookChanged = createAction<Partial<BoardLook>>('look/changed');

export function lookReducer(look: BoardLook = FIRST, action: UnknownAction): BoardLook {
  return lookChanged.match(action) ? { ...look, ...action.payload } : look;
}
