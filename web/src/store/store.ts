import { configureStore, createListenerMiddleware, type ThunkAction, type UnknownAction } from '@reduxjs/toolkit';
import type { Pin } from '@hodsman/core';
import { api } from '../documents/api.ts';
import { breadReducer } from '../documents/bread-draft.ts';
import { draftReducer } from '../documents/draft.ts';
import { kitchenReducer } from '../documents/kitchen-draft.ts';
import { pantryReducer } from '../documents/pantry-draft.ts';
import { listenForSaving } from '../documents/saving.ts';
import type { Planners } from '../workers/planner-client.ts';
import { lookReducer } from './look-slice.ts';
import { trialReducer } from './trial-slice.ts';

/** What thunks work with beside the state. */
export interface Extra {
  readonly planners: Planners;
  /** The pins that somebody is about to set, of which the planner is asked for the newest alone. */
  readonly trial: { wanted: readonly Pin[] | null; isBusy: boolean };
}

/** What the user chose and what was loaded, as plain data; and who follows it. Documents that are open are saved from the start. */
export function createAppStore(planners: Planners) {
  const listeners = createListenerMiddleware();
  listenForSaving(listeners);
  const extra: Extra = { planners, trial: { wanted: null, isBusy: false } };
  const store = configureStore({
    reducer: {
      draft: draftReducer,
      trial: trialReducer,
      look: lookReducer,
      bread: breadReducer,
      kitchen: kitchenReducer,
      pantry: pantryReducer,
      [api.reducerPath]: api.reducer,
    },
    middleware: (defaults) =>
      defaults({ thunk: { extraArgument: extra } })
        .prepend(listeners.middleware)
        .concat(api.middleware),
  });
  type State = ReturnType<typeof store.getState>;
  /** For whoever follows the store from above it. */
  const startListening = listeners.startListening.withTypes<State, typeof store.dispatch>();
  return { store, startListening };
}

type Made = ReturnType<typeof createAppStore>;
export type AppStore = Made['store'];
export type StartListening = Made['startListening'];
export type RootState = ReturnType<AppStore['getState']>;
export type AppDispatch = AppStore['dispatch'];
export type AppThunk<Answer = void> = ThunkAction<Answer, RootState, Extra, UnknownAction>;
