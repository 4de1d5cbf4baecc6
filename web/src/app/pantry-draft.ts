import type { Pantry } from '@hodsman/core';
import { keptSlice } from './kept-slice.ts';

/** The pantry, once a shopping list has been opened. */
const slice = keptSlice<Pantry>('pantry');
export const pantryReducer = slice.alone;
export const pantryActions = slice.actions;
