import { useEffect, useState } from 'react';
import type { Plan, Workshop } from '@hodsman/core';
import { adviseInWorker, stopAdvising } from '../../workers/planner-client.ts';
import type { Advice } from '../../workers/planner-session.ts';

/** What would help a class, while `isWanted`; undefined until something is known. Advice on another state of the class is dropped. */
export function useAdvice(workshop: Workshop, plan: Plan, isWanted: boolean): Advice | undefined {
  const [known, setKnown] = useState<{ readonly plan: Plan; readonly advice: Advice }>();
  useEffect(() => {
    if (!isWanted) return;
    let isCurrent = true;
    void adviseInWorker(workshop, plan, (advice) => {
      if (isCurrent) setKnown({ plan, advice });
    });
    return () => {
      isCurrent = false;
      stopAdvising();
    };
  }, [workshop, plan, isWanted]);
  return isWanted && known?.plan === plan ? known.advice : undefined;
}
