import { useState } from 'react';
import { asItGoes, classSecAt, momentOf, movedBy, type LiveState, type Moved, type Plan } from '@hodsman/core';
import type { LiveClass } from '../../live/live-class.ts';
import { planAgain } from '../../planning/live-plan.ts';
import { useAppDispatch } from '../../store/hooks.ts';

interface Offered {
  readonly plan: Plan;
  readonly moved: Moved;
}

/**
 * Planning the rest of a class again: a plan by which nobody is worse off stands at once, and says by how little it moved; any other is
 * shown first.
 */
export function useReplan(live: LiveClass, who: string) {
  const [offered, setOffered] = useState<Offered>();
  const [told, setTold] = useState('');
  const [isPlanning, setPlanning] = useState(false);
  const dispatch = useAppDispatch();
  const take = ({ plan, moved }: Offered): void => {
    live.tap('replanned', { plan, known: live.current().known }, who);
    setOffered(undefined);
    setTold(moved.words);
  };
  const replan = async (): Promise<void> => {
    // what was tapped this very moment counts as well
    const now = live.current().state;
    if (!now) return;
    setPlanning(true);
    setOffered(undefined);
    try {
      const goes = asItGoes(now);
      const plan = await dispatch(planAgain(now.workshop, now.notes.shaping, momentOf(now, secOf(now, live)), goes));
      const next = { plan, moved: movedBy(now, goes, plan) };
      if (next.moved.isWorse) setOffered(next);
      else take(next);
    } catch {
      setTold('The rest could not be planned again; the plan stands as it was.');
    } finally {
      setPlanning(false);
    }
  };
  return { replan, isPlanning, offered, told, take, leave: () => setOffered(undefined) };
}

/** The moment of a class now; while everything is held, that of holding. */
export const secOf = (state: LiveState, live: LiveClass): number =>
  state.heldSec ?? classSecAt(state.clock, live.nowMs());
