import { useEffect, useState } from 'react';
import type { Alternative, Plan } from '@hodsman/core';
import { usePlanners } from '../../../store/hooks.ts';

/** Plans that were made, for as long as their alternative is not changed. */
const known = new WeakMap<Alternative['workshop'], Map<Alternative['shaping'], Plan>>();

const planOf = (a: Alternative): Plan | undefined => known.get(a.workshop)?.get(a.shaping);

function remember({ workshop, shaping }: Alternative, plan: Plan): void {
  const of = known.get(workshop) ?? new Map<Alternative['shaping'], Plan>();
  known.set(workshop, of.set(shaping, plan));
}

/** The plans of alternatives as far as they have come; they are made in a worker, one after another. */
export function usePlans(alternatives: readonly Alternative[]): ReadonlyMap<Alternative, Plan> {
  const planners = usePlanners();
  const [, setCount] = useState(0);
  useEffect(() => {
    const missing = alternatives.filter((a) => !planOf(a));
    if (missing.length === 0) return;
    let isCurrent = true;
    void planners.planEach(missing, (i, plan) => {
      const alternative = missing[i];
      if (!isCurrent || !alternative) return;
      remember(alternative, plan);
      setCount((n) => n + 1);
    });
    return () => {
      isCurrent = false;
      planners.stopComparing();
    };
  }, [alternatives, planners]);
  return new Map(
    alternatives.flatMap((a) => {
      const plan = planOf(a);
      return plan ? [[a, plan]] : [];
    }),
  );
}
