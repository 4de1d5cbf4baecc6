import { useState } from 'react';
import { brokenWords, newBreaks, pieceName, type Pin, type Plan, swapPins, type Workshop } from '@hodsman/core';
import { useAppDispatch, usePlanners } from '../../store/hooks.ts';
import { pinTasks } from '../../planning/shaping.ts';

/** What came of a swap: it was taken, or why it does not go and what would do it all the same. */
export type SwapAnswer =
  | { readonly kind: 'taken' | 'trying'; readonly words: string }
  | {
      readonly kind: 'refused';
      /** With the one thing that stands against it. */
      readonly words: string;
      readonly pins: readonly Pin[];
    };

/** Swaps two turns if the planner can plan the rest round it; else says why not and leaves the class as it is. */
export function useSwap(workshop: Workshop, plan: Plan) {
  const dispatch = useAppDispatch();
  const planners = usePlanners();
  const [answer, setAnswer] = useState<SwapAnswer>();
  const swap = async (first: string, second: string): Promise<void> => {
    const pins = swapPins(plan, first, second);
    if (pins.length === 0) return;
    const names = [first, second].map((id) => {
      const task = plan.tasks.find((t) => t.id === id);
      return task ? pieceName(workshop, task) : '';
    });
    const words = names.join(' and ');
    const atOnce = await planners.tryPins(pins);
    if (!atOnce) return;
    // what does not go at once may go with the rest planned round it
    const isBroken = newBreaks(plan, atOnce).length > 0;
    if (isBroken) setAnswer({ kind: 'trying', words: `Planning the rest round ${words} …` });
    const found = isBroken ? ((await planners.settlePins(pins)) ?? atOnce) : atOnce;
    const news = newBreaks(plan, found);
    if (news.length === 0) {
      dispatch(pinTasks(pins));
      setAnswer({ kind: 'taken', words: `${words} have changed places; the rest is planned round it.` });
    } else {
      const why = brokenWords({ broken: news })[0]?.words ?? '';
      setAnswer({ kind: 'refused', words: `${words} cannot change places: ${why}.`, pins });
    }
  };
  const insist = (): void => {
    if (answer?.kind !== 'refused') return;
    dispatch(pinTasks(answer.pins));
    setAnswer({ kind: 'taken', words: 'Done all the same. What it breaks stands over the plan.' });
  };
  return { answer, swap, insist, forget: () => setAnswer(undefined) };
}
