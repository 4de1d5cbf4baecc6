import { asItGoes, momentOf, offerOf, whatCouldGive, type LiveState, type Offer, type Plan } from '@hodsman/core';
import type { AppThunk } from '../store/store.ts';

/** Plans the rest of a class that runs as it stands; null once something else was asked. */
export const planAgain =
  (state: LiveState, sec: number): AppThunk<Promise<Plan | null>> =>
  (_dispatch, _getState, { planners }) =>
    planners.replan(state.workshop, state.notes.shaping, momentOf(state, sec), asItGoes(state));

/** Plans everything that could give at a moment of a class; tells each offer when it is planned. `without`: the rest of it as it is. */
export const planOffers =
  (state: LiveState, sec: number, without: Plan, onOffer: (offer: Offer) => void): AppThunk<Promise<void>> =>
  (_dispatch, _getState, { planners }) => {
    const candidates = whatCouldGive(state, sec);
    const entries = candidates.map(({ workshop, moment }) => ({ workshop, moment }));
    return planners.replanEach(entries, state.notes.shaping, asItGoes(state), (i, plan) => {
      const candidate = candidates[i];
      if (candidate) onOffer(offerOf(candidate, plan, without));
    });
  };
