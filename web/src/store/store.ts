import { configureStore, createListenerMiddleware, type ThunkAction, type UnknownAction } from '@reduxjs/toolkit';
import { api } from '../documents/api.ts';
import { breadReducer } from '../documents/bread-draft.ts';
import { draftReducer } from '../documents/draft.ts';
import { kitchenReducer } from '../documents/kitchen-draft.ts';
import { pantryReducer } from '../documents/pantry-draft.ts';
import { listenForSaving } from '../documents/saving.ts';
import { lookReducer } from './look-slice.ts';
import { trialReducer } from './trial-slice.ts';

const listeners = createListenerMiddleware();
listenForSaving(listeners);

/** What the user chose and what was loaded, as plain data. */
export const store = configureStore({
  reducer: {
    draft: draftReducer,
    trial: trialReducer,
    look: lookReducer,
    bread: breadReducer,
    kitchen: kitchenReducer,
    pantry: pantryReducer,
    [api.reducerPath]: api.reducer,
  },
  middleware: (defaults) => defaults().prepend(listeners.middleware).concat(api.middleware),
});

export type RootState = ReturnType<typeof store.getState>;
export type AppDispatch = typeof store.dispatch;
/** Whoever follows the store from above it: planning. */
export const startAppListening = listeners.startListening.withTypes<RootState, AppDispatch>();

export type AppThunk<Answer = void> = ThunkAction<Answer, RootState, undefined, UnknownAction>;
