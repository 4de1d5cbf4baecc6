import type { ListenerMiddlewareInstance } from '@reduxjs/toolkit';
import { planInWorker } from '../workers/planner-client.ts';
import { draftActions, type Draft } from '../documents/draft.ts';

interface WithDraft {
  readonly draft: Draft | null;
}

/** What a plan follows from: the class, and how somebody wants it planned. */
const askedOf = (
  state: unknown,
): (Pick<Draft['body'], 'workshop'> & Pick<Draft['body']['notes'], 'shaping'>) | undefined => {
  const body = (state as WithDraft).draft?.body;
  return body && { workshop: body.workshop, shaping: body.notes.shaping };
};

const isSameAsked = (a: ReturnType<typeof askedOf>, b: ReturnType<typeof askedOf>): boolean =>
  a?.workshop === b?.workshop && a?.shaping === b?.shaping;

/** Plans the class in the worker whenever it or its shaping has changed; a plan of a class that has changed again is dropped. */
export function listenForPlanning(listeners: ListenerMiddlewareInstance): void {
  listeners.startListening({
    predicate: (_, now, before) => askedOf(now) !== undefined && !isSameAsked(askedOf(now), askedOf(before)),
    effect: async (_, tools) => {
      const asked = askedOf(tools.getState());
      if (!asked) return;
      await planInWorker(asked.workshop, asked.shaping, (plan, isFinal) => {
        if (isSameAsked(askedOf(tools.getState()), asked)) tools.dispatch(draftActions.planned({ plan, isFinal }));
      });
    },
  });
}
