import { useEffect, useMemo, useState } from 'react';
import { breadsForTimeLeft, LEAST_LEFT_SEC, timeLeftSec, type Advice, type Plan, type Workshop } from '@hodsman/core';
import { useBodies, useDocumentList } from '../../documents/api.ts';
import { usePlanners } from '../../store/hooks.ts';

/** What would help a class, while `isWanted`; undefined until something is known. Advice on another state of the class is dropped. */
export function useAdvice(workshop: Workshop, plan: Plan, isWanted: boolean): Advice | undefined {
  const planners = usePlanners();
  const [known, setKnown] = useState<{ readonly plan: Plan; readonly advice: Advice }>();
  const { data: list } = useDocumentList('bread');
  const hasTime = useMemo(() => timeLeftSec(workshop, plan) >= LEAST_LEFT_SEC, [workshop, plan]);
  // breads of the library matter only where there is time for one
  const ids = useMemo(() => {
    const shelf = (list ?? []).flatMap((b) => (b.summary ? [{ ...b.summary, stored: b.id }] : []));
    return hasTime ? breadsForTimeLeft(workshop, shelf).map((b) => b.stored) : [];
  }, [hasTime, list, workshop]);
  const stored = useBodies('bread', ids);
  useEffect(() => {
    if (!isWanted) return;
    let isCurrent = true;
    const library = hasTime ? (stored ?? []).map((b) => b.body) : [];
    void planners.advise(workshop, plan, library, (advice) => {
      if (isCurrent) setKnown({ plan, advice });
    });
    return () => {
      isCurrent = false;
      planners.stopAdvising();
    };
  }, [workshop, plan, isWanted, hasTime, stored, planners]);
  return isWanted && known?.plan === plan ? known.advice : undefined;
}
