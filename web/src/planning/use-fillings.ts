import { createSelector } from '@reduxjs/toolkit';
import { fillingsNow, type FillingNow } from '@hodsman/core';
import { useAppSelector } from '../store/hooks.ts';
import type { RootState } from '../store/store.ts';

const NONE: readonly FillingNow[] = [];

const selectFillings: (state: RootState) => readonly FillingNow[] = createSelector(
  [
    (s: RootState) => s.draft?.body.workshop,
    (s: RootState) => s.draft?.plan,
    (s: RootState) => s.draft?.body.notes.fillings,
  ],
  (workshop, plan, fillings) =>
    workshop && plan && fillings && fillings.length > 0 ? fillingsNow(workshop, plan, fillings) : NONE,
);

/** What fills idle time in the class that is open, beside its plan as it is now. */
export const useFillings = (): readonly FillingNow[] => useAppSelector(selectFillings);
