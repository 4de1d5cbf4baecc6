import { newBreaks, type Pin } from '@hodsman/core';
import type { AppThunk } from '../store/store.ts';
import { trialShown } from '../store/trial-slice.ts';

/** Shows how the class would go with some pins more, as soon as the planner has it: asked for one set at a time, the newest next. */
export const tryPins =
  (pins: readonly Pin[]): AppThunk<Promise<void>> =>
  async (dispatch, getState, { planners, trial }) => {
    const newest = (): readonly Pin[] | null => trial.wanted;
    trial.wanted = pins;
    if (trial.isBusy) return;
    trial.isBusy = true;
    let asked: readonly Pin[] | null = null;
    for (let next = newest(); next !== null && next !== asked; next = newest()) {
      asked = next;
      const plan = await planners.tryPins(asked);
      const before = getState().draft?.plan;
      // it may have been let go meanwhile
      if (plan && before && newest() !== null) dispatch(trialShown({ plan, news: newBreaks(before, plan) }));
    }
    trial.isBusy = false;
  };

/** It was let go where it is: nothing more is to be tried. */
export const settleTrial =
  (): AppThunk =>
  (_dispatch, _getState, { trial }) => {
    trial.wanted = null;
  };

/** Nothing is being moved any more, and it is as it was. */
export const endTrial =
  (): AppThunk =>
  (dispatch, _getState, { trial }) => {
    trial.wanted = null;
    dispatch(trialShown(null));
  };
