import type { ListenerMiddlewareInstance } from '@reduxjs/toolkit';
import type { Workshop } from '@hodsman/core';
import { planInWorker } from '../workers/planner-client.ts';
import { draftActions, type Draft } from './draft.ts';

/** A quick plan first, then a better one. */
const EFFORTS = [1, 3] as const;

interface WithDraft {
  readonly draft: Draft | null;
}

/** Plans the class in the worker whenever it has changed; a plan of a class that has changed again is dropped. */
export function listenForPlanning(listeners: ListenerMiddlewareInstance): void {
  listeners.startListening({
    predicate: (_, now, before) => workshopOf(now) !== undefined && workshopOf(now) !== workshopOf(before),
    effect: async (_, tools) => {
      tools.cancelActiveListeners();
      const workshop = workshopOf(tools.getState());
      for (const effort of EFFORTS) {
        if (workshop === undefined || workshopOf(tools.getState()) !== workshop) return;
        const plan = await planInWorker(workshop, effort);
        if (workshopOf(tools.getState()) !== workshop) return;
        tools.dispatch(draftActions.planned({ plan, isFinal: effort === EFFORTS.at(-1) }));
      }
    },
  });
}

const workshopOf = (state: unknown): Workshop | undefined => (state as WithDraft).draft?.workshop;
