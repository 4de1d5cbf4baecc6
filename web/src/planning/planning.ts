import { draftActions, type Draft } from '../documents/draft.ts';
import type { RootState, StartListening } from '../store/store.ts';
import type { Planners } from '../workers/planner-client.ts';

/** What a plan follows from: the class, and how somebody wants it planned. */
const askedOf = ({
  draft,
}: RootState): (Pick<Draft['body'], 'workshop'> & Pick<Draft['body']['notes'], 'shaping'>) | undefined =>
  draft ? { workshop: draft.body.workshop, shaping: draft.body.notes.shaping } : undefined;

const isSameAsked = (a: ReturnType<typeof askedOf>, b: ReturnType<typeof askedOf>): boolean =>
  a?.workshop === b?.workshop && a?.shaping === b?.shaping;

/** Plans the class that is open whenever it or its shaping has changed; a plan of a class that has changed again is dropped. */
export function planWhatIsOpen(startListening: StartListening, planners: Planners): void {
  startListening({
    predicate: (_, now, before) => askedOf(now) !== undefined && !isSameAsked(askedOf(now), askedOf(before)),
    effect: async (_, tools) => {
      const asked = askedOf(tools.getState());
      if (!asked) return;
      await planners.plan(asked.workshop, asked.shaping, (plan, isFinal) => {
        if (isSameAsked(askedOf(tools.getState()), asked)) tools.dispatch(draftActions.planned({ plan, isFinal }));
      });
    },
  });
}
