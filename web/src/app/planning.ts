import type { ListenerMiddlewareInstance } from '@reduxjs/toolkit';
import type { Workshop } from '@hodsman/core';
import { planInWorker } from '../workers/planner-client.ts';
import { draftActions, type Draft } from './draft.ts';

interface WithDraft {
  readonly draft: Draft | null;
}

/** Plans the class in the worker whenever it has changed; a plan of a class that has changed again is dropped. */
export function listenForPlanning(listeners: ListenerMiddlewareInstance): void {
  listeners.startListening({
    predicate: (_, now, before) => workshopOf(now) !== undefined && workshopOf(now) !== workshopOf(before),
    effect: async (_, tools) => {
      const workshop = workshopOf(tools.getState());
      if (workshop === undefined) return;
      await planInWorker(workshop, (plan, isFinal) => {
        if (workshopOf(tools.getState()) === workshop) tools.dispatch(draftActions.planned({ plan, isFinal }));
      });
    },
  });
}

const workshopOf = (state: unknown): Workshop | undefined => (state as WithDraft).draft?.body.workshop;
