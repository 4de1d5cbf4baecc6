import type { Kitchen } from '@hodsman/core';
import { documentSlice } from './document-slice.ts';

/** The kitchen of the list that is open. */
const slice = documentSlice<Kitchen>('kitchen');
export const kitchenReducer = slice.alone;
export const kitchenActions = slice.actions;
