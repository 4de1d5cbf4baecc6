import { useEffect, useState } from 'react';
import type { AboutTask, Plan } from '@hodsman/core';
import { useAppSelector } from '../../../store/hooks.ts';
import { aboutInWorker } from '../../../workers/planner-client.ts';

/** Why a task of the plan is when it is; undefined until the worker has said it, and while the plan is still on the move. */
export function useAbout(plan: Plan, taskId: string): AboutTask | undefined {
  const isSettled = useAppSelector((s) => s.draft?.plan === plan && !s.draft.isPlanning);
  const [known, setKnown] = useState<{ readonly plan: Plan; readonly taskId: string; readonly about: AboutTask }>();
  useEffect(() => {
    if (!isSettled) return;
    let isCurrent = true;
    void aboutInWorker(taskId).then((about) => {
      if (isCurrent && about) setKnown({ plan, taskId, about });
    });
    return () => {
      isCurrent = false;
    };
  }, [plan, taskId, isSettled]);
  return known?.plan === plan && known.taskId === taskId ? known.about : undefined;
}
