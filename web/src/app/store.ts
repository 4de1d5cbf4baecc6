import { configureStore, createListenerMiddleware } from '@reduxjs/toolkit';
import { api } from './api.ts';
import { breadReducer } from './bread-draft.ts';
import { draftReducer } from './draft.ts';
import { listenForPlanning } from './planning.ts';
import { listenForSaving } from './saving.ts';

const listeners = createListenerMiddleware();
listenForPlanning(listeners);
listenForSaving(listeners);

/** What the user chose and what was loaded, as plain data. */
export const store = configureStore({
  reducer: { draft: draftReducer, bread: breadReducer, [api.reducerPath]: api.reducer },
  middleware: (defaults) => defaults().prepend(listeners.middleware).concat(api.middleware),
});

export type RootState = ReturnType<typeof store.getState>;
export type AppDispatch = typeof store.dispatch;
