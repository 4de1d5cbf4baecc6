import type { Bread } from '@hodsman/core';
import { documentSlice } from './document-slice.ts';

/** The bread of the library that is open. */
const slice = documentSlice<Bread>('bread');
export const breadReducer = slice.alone;
export const breadActions = slice.actions;
