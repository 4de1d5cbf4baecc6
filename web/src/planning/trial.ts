import { newBreaks, type Pin } from '@hodsman/core';
import { tryPinsInWorker } from '../workers/planner-client.ts';
import type { AppThunk } from '../store/store.ts';
import { trialShown } from '../store/trial-slice.ts';

/** What is wanted now; the worker is asked for one set of pins at a time, the newest next. */
const asking: { wanted: readonly Pin[] | null; isBusy: boolean } = { wanted: null, isBusy: false };

/** Shows how the class would go with some pins more, as soon as the worker has it. */
export const tryPins =
  (pins: readonly Pin[]): AppThunk<Promise<void>> =>
  async (dispatch, getState) => {
    asking.wanted = pins;
    if (asking.isBusy) return;
    asking.isBusy = true;
    let asked: readonly Pin[] | null = null;
    for (let next = newest(); next !== null && next !== asked; next = newest()) {
      asked = next;
      const plan = await tryPinsInWorker(asked);
      const before = getState().draft?.plan;
      // it may have been let go meanwhile
      if (plan && before && newest() !== null) dispatch(trialShown({ plan, news: newBreaks(before, plan) }));
    }
    asking.isBusy = false;
  };

const newest = (): readonly Pin[] | null => asking.wanted;

/** It was let go where it is: nothing more is to be tried. */
export const settleTrial = (): void => {
  asking.wanted = null;
};

/** Nothing is being moved any more, and it is as it was. */
export const endTrial = (): AppThunk => (dispatch) => {
  asking.wanted = null;
  dispatch(trialShown(null));
};
