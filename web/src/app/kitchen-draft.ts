import type { Kitchen } from '@hodsman/core';
import { keptSlice } from './kept-slice.ts';

/** The kitchen of the list that is open. */
const slice = keptSlice<Kitchen>('kitchen');
export const kitchenReducer = slice.alone;
export const kitchenActions = slice.actions;
