import { useEffect, useState } from 'react';
import type { AboutTask, Plan } from '@hodsman/core';
import { useAppSelector, usePlanners } from '../../../store/hooks.ts';

/** Why a task of the plan is when it is; undefined until the worker has said it, and while the plan is still on the move. */
export function useAbout(plan: Plan, taskId: string): AboutTask | undefined {
  const planners = usePlanners();
  const isSettled = useAppSelector((s) => s.draft?.plan === plan && !s.draft.isPlanning);
  const [known, setKnown] = useState<{ readonly plan: Plan; readonly taskId: string; readonly about: AboutTask }>();
  useEffect(() => {
    if (!isSettled) return;
    let isCurrent = true;
    void planners.about(taskId).then((about) => {
      if (isCurrent && about) setKnown({ plan, taskId, about });
    });
    return () => {
      isCurrent = false;
    };
  }, [plan, taskId, isSettled, planners]);
  return known?.plan === plan && known.taskId === taskId ? known.about : undefined;
}
