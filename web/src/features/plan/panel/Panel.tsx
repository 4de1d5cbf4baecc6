import { PANEL_FRAME } from './frame.ts';
import { memo } from 'react';
import type { Followed, Plan, Workshop } from '@hodsman/core';
import { useAppSelector } from '../../../store/hooks.ts';
import { Levers } from './Levers.tsx';
import type { Lanes } from '../../../board/lanes.ts';
import { hasAhead } from '../../../board/time-scale.ts';
import { Aims } from './Aims.tsx';
import { ItsTimes } from './ItsTimes.tsx';
import { Pins } from './Pins.tsx';
import { Places } from './Places.tsx';
import { TaskPart } from './TaskPart.tsx';
import { Troubles } from './Troubles.tsx';

interface Props {
  readonly plan: Plan;
  readonly workshop: Workshop;
  readonly lanes: Lanes;
  readonly onShow: (task: string) => void;
  readonly onFold: (lane: string) => void;
  readonly onFollow: (followed: Followed) => void;
}

/** Beside the board: the task that is selected, what shapes the plan, what is wrong, and what of the board is shown. */
export const Panel = memo(function Panel({ plan, workshop, lanes, onShow, onFold, onFollow }: Props) {
  const { selected, followed } = useAppSelector((s) => s.look);
  const task = plan.tasks.find((t) => t.id === selected);
  return (
    <aside aria-label="About the plan" tabIndex={0} className={PANEL_FRAME}>
      {task ? (
        <TaskPart plan={plan} workshop={workshop} task={task} onShow={onShow} />
      ) : (
        <p className="text-quiet">Click a block, or walk with the arrow keys, to follow its dough to the table.</p>
      )}
      {followed && <ItsTimes plan={plan} workshop={workshop} followed={followed} onShow={onShow} />}
      <Troubles plan={plan} workshop={workshop} onShow={onShow} />
      <Aims />
      <Pins plan={plan} workshop={workshop} onShow={onShow} />
      <Levers workshop={workshop} />
      <Places lanes={lanes} workshop={workshop} hasAhead={hasAhead(plan)} onFold={onFold} onFollow={onFollow} />
    </aside>
  );
});
