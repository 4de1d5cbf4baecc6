import { useMemo } from 'react';
import { followedTasks, taskLines, type Followed, type Plan, type Workshop } from '@hodsman/core';
import { Part } from './Part.tsx';

interface Props {
  readonly plan: Plan;
  readonly workshop: Workshop;
  readonly followed: Followed;
  readonly onShow: (task: string) => void;
}

/** What is followed as a list of its times: the route that the board draws, in words. */
export function ItsTimes({ plan, workshop, followed, onShow }: Props) {
  const tasks = useMemo(() => {
    const own = followedTasks(plan, followed);
    return plan.tasks.filter((t) => own.has(t.id)).sort((a, b) => a.startSec - b.startSec);
  }, [plan, followed]);
  return (
    <Part title="Its times">
      <ol className="grid max-h-80 gap-0.5 overflow-auto" data-testid="its-times">
        {tasks.map((t) => (
          <li key={t.id}>
            <button
              type="button"
              className="figures w-full rounded-cut px-1 text-left text-sm hover:bg-steel"
              onClick={() => onShow(t.id)}
            >
              {taskLines(workshop, t)[0]}
            </button>
          </li>
        ))}
      </ol>
    </Part>
  );
}
