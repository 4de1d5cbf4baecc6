import type { Pantry } from '@hodsman/core';
import { documentSlice } from './document-slice.ts';

/** The pantry, once a shopping list has been opened. */
const slice = documentSlice<Pantry>('pantry');
export const pantryReducer = slice.alone;
export const pantryActions = slice.actions;
