import {
  offerOf,
  whatCouldGive,
  type LiveState,
  type Moment,
  type Offer,
  type Plan,
  type Shaping,
  type Workshop,
} from '@hodsman/core';
import type { AppThunk } from '../store/store.ts';

/** Plans a class that runs anew from a moment on, near to the plan before; gives the plan when it is final. */
export const planAgain =
  (workshop: Workshop, shaping: Shaping, moment: Moment, before: Plan): AppThunk<Promise<Plan>> =>
  (_dispatch, _getState, { planners }) =>
    new Promise((resolve, reject) => {
      planners
        .replan(workshop, shaping, moment, before, (plan, isFinal) => {
          if (isFinal) resolve(plan);
        })
        .catch(reject);
    });

/** Plans everything that could give at a moment of a class; tells each offer when it is planned. `without`: the rest of it as it is. */
export const planOffers =
  (
    state: LiveState,
    sec: number,
    before: Plan,
    without: Plan,
    onOffer: (offer: Offer) => void,
  ): AppThunk<Promise<void>> =>
  (_dispatch, _getState, { planners }) => {
    const candidates = whatCouldGive(state, sec);
    const entries = candidates.map(({ workshop, moment }) => ({ workshop, moment }));
    return planners.replanEach(entries, state.notes.shaping, before, (i, plan) => {
      const candidate = candidates[i];
      if (candidate) onOffer(offerOf(candidate, plan, without));
    });
  };
