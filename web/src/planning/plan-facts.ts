import { createSelector } from '@reduxjs/toolkit';
import { planFacts, type PlanFacts } from '@hodsman/core';
import { useDeferredValue } from 'react';
import { useAppSelector } from '../store/hooks.ts';
import type { RootState } from '../store/store.ts';

/** What follows from the plan of the class that is open, worked out once for all views; undefined until the first plan has come. */
const selectPlanFacts: (state: RootState) => PlanFacts | undefined = createSelector(
  [(s: RootState) => s.draft?.body.workshop, (s: RootState) => s.draft?.plan],
  (workshop, plan) => (workshop && plan ? planFacts(workshop, plan) : undefined),
);

/** The same for a view: a plan that has just come is worked out when nobody types or drags. */
export const usePlanFacts = (): PlanFacts | undefined => useDeferredValue(useAppSelector(selectPlanFacts));

/** Whether these facts are those of a plan that is no longer the plan of the class, or not yet its final one. */
export const useIsBehind = (facts: PlanFacts | undefined): boolean =>
  useAppSelector((s) => s.draft?.isPlanning === true || s.draft?.plan !== facts?.plan);
