import { lazy, Suspense, useDeferredValue, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { isMovable, type Plan, taskSentence, type Workshop } from '@hodsman/core';
import { useCare } from '../../store/care.ts';
import { arrangePlaces } from '../../store/board-look.ts';
import { lookChanged } from '../../store/look-slice.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { nudge, pinTasks, releasePin } from '../../planning/shaping.ts';
import { endTrial, settleTrial, tryPins } from '../../planning/trial.ts';
import { Board, type BoardHandle } from '../../board/Board.tsx';
import type { Look } from '../../board/paint/brush.ts';
import { onBoardKey } from './board-keys.ts';
import { PANEL_FRAME } from './panel/frame.ts';
import { Tools, ZOOM_STEP } from './Tools.tsx';
import { useLooking } from './use-looking.ts';
import { usePanel } from './use-panel.ts';
import { useScene } from './use-scene.ts';
import { useSize } from './use-size.ts';

// the board is painted first; the panel beside it and the list of keys come after
const Panel = lazy(async () => ({ default: (await import('./panel/Panel.tsx')).Panel }));
const Minded = lazy(async () => ({ default: (await import('./Minded.tsx')).Minded }));
const FollowedLine = lazy(async () => ({ default: (await import('./FollowedLine.tsx')).FollowedLine }));
const MomentPanel = lazy(async () => ({ default: (await import('./moment/MomentPanel.tsx')).MomentPanel }));
const Shortcuts = lazy(async () => ({ default: (await import('./Shortcuts.tsx')).Shortcuts }));

const MINUTE_SEC = 60;
const FIVE_MIN_SEC = 300;

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
  const [ghost, setGhost] = useState<Look['ghost']>();
  const [isHelpOpen, setHelpOpen] = useState(false);
  const { selected, followed, isAheadFolded, atSec } = look;
  const { isPanelOpen, held } = usePanel();
  const { scene, pinned, boardLook } = useScene(plan, workshop, width, ghost);
  const task = plan.tasks.find((t) => t.id === selected);

  const looking = useLooking(plan, workshop, board);
  const { change, select, follow, unfollow, lookFrom, lookAtMoment, show, fold } = looking;
  const moveBy = (sec: number): void => {
    if (task && isMovable(task)) dispatch(nudge(task, sec));
  };
  const togglePin = (): void => {
    if (!task || !isMovable(task)) return;
    dispatch(pinned.has(task.id) ? releasePin(task.id) : pinTasks([{ task: task.id, startSec: task.startSec }]));
  };

  const onKeyDown = (e: KeyboardEvent): void =>
    onBoardKey(e, {
      scene,
      selected,
      onSelect: (id) => {
        select(id);
        board.current?.reveal(id);
      },
      onMove: moveBy,
      acts: {
        Escape: () => {
          if (selected !== undefined) change({ selected: undefined });
          else if (atSec !== undefined) lookAtMoment(undefined);
          else unfollow();
        },
        Enter: () => change({ panel: 'open', atSec: undefined }),
        '1': () => lookFrom('room'),
        '2': () => lookFrom('station'),
        '3': () => lookFrom('route'),
        ',': () => lookAtMoment((atSec ?? 0) - MINUTE_SEC),
        '.': () => lookAtMoment((atSec ?? 0) + MINUTE_SEC),
        '<': () => lookAtMoment((atSec ?? 0) - FIVE_MIN_SEC),
        '>': () => lookAtMoment((atSec ?? 0) + FIVE_MIN_SEC),
        p: togglePin,
        f: () => task?.people[0] !== undefined && follow({ kind: 'person', id: task.people[0] }),
        a: () => change({ isAheadFolded: !isAheadFolded }),
        '+': () => board.current?.zoomBy(ZOOM_STEP),
        '-': () => board.current?.zoomBy(1 / ZOOM_STEP),
        '0': () => (look.distance === 'room' ? board.current?.fit() : lookFrom('room')),
        '?': () => setHelpOpen(true),
      },
    });

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
            onMove={(id, startSec) => {
              setGhost({ task: id, startSec });
              void dispatch(tryPins([{ task: id, startSec }]));
            }}
            onDrop={(id, startSec) => {
              setGhost(undefined);
              dispatch(settleTrial());
              dispatch(pinTasks([{ task: id, startSec }]));
            }}
            onCancel={() => {
              setGhost(undefined);
              dispatch(endTrial());
            }}
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
          <Shortcuts isOpen onClose={() => setHelpOpen(false)} />
        </Suspense>
      )}
    </div>
  );
}
