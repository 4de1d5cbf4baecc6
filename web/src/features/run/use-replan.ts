import { useRef, useState } from 'react';
import { asItGoes, classSecAt, movedBy, type LiveState, type Moved } from '@hodsman/core';
import type { LiveClass } from '../../live/live-class.ts';
import { planAgain } from '../../planning/live-plan.ts';
import { useAppDispatch } from '../../store/hooks.ts';

/**
 * Planning the rest of a class again: a plan by which nobody is worse off stands at once, and says by how little it moved; what any other
 * costs is shown first, and once that is accepted the rest is planned from that moment.
 */
export function useReplan(live: LiveClass, who: string) {
  const [offered, setOffered] = useState<Moved>();
  const [told, setTold] = useState('');
  const [isPlanning, setPlanning] = useState(false);
  const dispatch = useAppDispatch();
  /** Of several that are asked for the last one counts. */
  const latest = useRef(0);
  const replan = async (isAccepted = false): Promise<void> => {
    const call = ++latest.current;
    setPlanning(true);
    setOffered(undefined);
    try {
      for (;;) {
        // what was tapped this very moment counts as well
        const { state, known } = live.current();
        const plan = state && (await dispatch(planAgain(state, secOf(state, live))));
        if (call !== latest.current) return;
        // the planner was asked for something else meanwhile: it is asked again
        if (plan === null) continue;
        if (!plan) return;
        const moved = movedBy(state, asItGoes(state), plan);
        if (moved.isWorse && !isAccepted) setOffered(moved);
        else {
          live.tap('replanned', { plan, known, over: state.planEvent }, who);
          setTold(moved.words);
        }
        return;
      }
    } catch {
      setTold('The rest could not be planned again; the plan stands as it was.');
    } finally {
      if (call === latest.current) setPlanning(false);
    }
  };
  return { replan, isPlanning, offered, told, leave: () => setOffered(undefined) };
}

/** The moment of a class now; while everything is held, that of holding. */
export const secOf = (state: LiveState, live: LiveClass): number =>
  state.heldSec ?? classSecAt(state.clock, live.nowMs());
