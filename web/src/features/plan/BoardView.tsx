import { lazy, Suspense, useDeferredValue, useMemo, useRef, useState } from 'react';
import { type Plan, taskSentence, type Workshop } from '@hodsman/core';
import { useCare } from '../../store/care.ts';
import { arrangePlaces } from '../../store/board-look.ts';
import { lookChanged } from '../../store/look-slice.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { Board, type BoardHandle } from '../../board/Board.tsx';
import { PANEL_FRAME } from './panel/frame.ts';
import { Tools } from './Tools.tsx';
import { useBoardKeys } from './use-board-keys.ts';
import { useLooking } from './use-looking.ts';
import { useMoving } from './use-moving.ts';
import { usePanel } from './use-panel.ts';
import { useScene } from './use-scene.ts';
import { useSize } from './use-size.ts';

// the board is painted first; the panel beside it and the list of keys come after
const Panel = lazy(async () => ({ default: (await import('./panel/Panel.tsx')).Panel }));
const Minded = lazy(async () => ({ default: (await import('./Minded.tsx')).Minded }));
const FollowedLine = lazy(async () => ({ default: (await import('./FollowedLine.tsx')).FollowedLine }));
const MomentPanel = lazy(async () => ({ default: (await import('./moment/MomentPanel.tsx')).MomentPanel }));
const Shortcuts = lazy(async () => ({ default: (await import('./Shortcuts.tsx')).Shortcuts }));

/** The plan as the board, with the panel that shapes it. */
export function BoardView() {
  const workshop = useAppSelector((s) => s.draft?.body.workshop);
  // a plan that comes while something is dragged is drawn in slices, so that the pointer is never kept waiting
  const plan = useDeferredValue(useAppSelector((s) => s.trial?.plan ?? s.draft?.plan));
  return workshop && plan ? <WithPlan workshop={workshop} plan={plan} /> : null;
}

function WithPlan({ workshop, plan }: { readonly workshop: Workshop; readonly plan: Plan }) {
  const dispatch = useAppDispatch();
  const care = useCare();
  const frame = useRef<HTMLDivElement>(null);
  const board = useRef<BoardHandle>(null);
  const { width } = useSize(frame);
  const look = useAppSelector((s) => s.look);
  const { ghost, ...moving } = useMoving();
  const [isHelpOpen, setHelpOpen] = useState(false);
  const { selected, followed, isAheadFolded, atSec } = look;
  const { isPanelOpen, held } = usePanel();
  const { scene, pinned, boardLook } = useScene(plan, workshop, width, ghost);
  const task = plan.tasks.find((t) => t.id === selected);

  const looking = useLooking(plan, workshop, board);
  const { select, follow, unfollow, lookFrom, lookAtMoment, show, fold } = looking;
  const onKeyDown = useBoardKeys({ scene, task, pinned, board, looking, onHelp: () => setHelpOpen(true) });

  const tools = useMemo(
    () => (
      <Tools
        board={board}
        distance={look.distance}
        isPanelOpen={isPanelOpen}
        onDistance={lookFrom}
        onPanel={() => {
          dispatch(lookChanged({ atSec: undefined }));
          dispatch(arrangePlaces({ panel: isPanelOpen ? 'closed' : 'open' }));
        }}
        onHelp={() => setHelpOpen(true)}
      />
    ),
    [isPanelOpen, dispatch, look.distance, lookFrom],
  );

  return (
    <div className="relative flex h-full">
      <div ref={frame} className="relative flex min-w-0 flex-1 flex-col" {...held}>
        <Suspense>
          <Minded workshop={workshop} />
        </Suspense>
        {followed && (
          <Suspense>
            <FollowedLine plan={plan} workshop={workshop} followed={followed} onClose={unfollow} />
          </Suspense>
        )}
        {scene && (
          <Board
            ref={board}
            scene={scene}
            look={boardLook}
            isAheadFolded={isAheadFolded}
            followed={followed}
            care={care}
            words={
              task
                ? taskSentence(plan, workshop, task)
                : 'The class as a board: arrow keys walk from task to task, the question mark lists the other keys; the same plan is there as a table'
            }
            onKeyDown={onKeyDown}
            onFollow={follow}
            onFold={fold}
            tools={tools}
            onSelect={select}
            onDistance={lookFrom}
            onMoment={lookAtMoment}
            {...moving}
          />
        )}
      </div>
      {atSec !== undefined && (
        <Suspense fallback={<aside className={PANEL_FRAME} />}>
          <MomentPanel
            plan={plan}
            workshop={workshop}
            atSec={atSec}
            onMoment={lookAtMoment}
            onShow={show}
            onFollow={follow}
          />
        </Suspense>
      )}
      {isPanelOpen && atSec === undefined && scene && (
        <Suspense fallback={<aside className={PANEL_FRAME} />}>
          <Panel plan={plan} workshop={workshop} lanes={scene.lanes} onShow={show} onFold={fold} onFollow={follow} />
        </Suspense>
      )}
      {isHelpOpen && (
        <Suspense>
          <Shortcuts onClose={() => setHelpOpen(false)} />
        </Suspense>
      )}
    </div>
  );
}
