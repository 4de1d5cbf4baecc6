import type { Moment, Plan, Shaping, Workshop } from '@hodsman/core';
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
