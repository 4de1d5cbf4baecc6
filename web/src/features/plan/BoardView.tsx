import { lazy, Suspense, useDeferredValue, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { type Followed, isMovable, type Plan, taskSentence, type Workshop } from '@hodsman/core';
import { useCare } from '../../store/care.ts';
import { arrangePlaces } from '../../store/board-look.ts';
import { lookChanged, type BoardLook } from '../../store/look-slice.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { nudge, pinTasks, releasePin } from '../../planning/shaping.ts';
import { endTrial, settleTrial, tryPins } from '../../planning/trial.ts';
import { useStable } from '../../ui/use-stable.ts';
import { Board, type BoardHandle } from '../../board/Board.tsx';
import type { Look } from '../../board/paint/brush.ts';
import { onBoardKey } from './board-keys.ts';
import { PANEL_FRAME } from './panel/frame.ts';
import { Tools, ZOOM_STEP } from './Tools.tsx';
import { useScene } from './use-scene.ts';
import { useSize } from './use-size.ts';

// the board is painted first; the panel beside it and the list of keys come after
const Panel = lazy(async () => ({ default: (await import('./panel/Panel.tsx')).Panel }));
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
  const [ghost, setGhost] = useState<Look['ghost']>();
  const [isHelpOpen, setHelpOpen] = useState(false);
  const { selected, followed, folded, isAheadFolded, isPanelOpen } = look;
  const change = (part: Partial<BoardLook>): void => void dispatch(lookChanged(part));

  const { scene, pinned, boardLook } = useScene(plan, workshop, width, ghost);
  const task = plan.tasks.find((t) => t.id === selected);

  const select = (id: string | undefined): void => {
    if (id !== selected) change({ selected: id });
  };
  const follow = useStable((next: Followed): void => {
    const isSame = next.kind === followed?.kind && next.id === followed.id;
    change({ followed: isSame ? undefined : next, selected: undefined });
  });
  const fold = useStable((lane: string): void => {
    dispatch(arrangePlaces({ folded: folded.includes(lane) ? folded.filter((x) => x !== lane) : [...folded, lane] }));
  });
  const show = useStable((id: string): void => {
    select(id);
    board.current?.reveal(id);
    board.current?.focus();
  });
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
        Escape: () => change({ selected: undefined, ...(selected === undefined && { followed: undefined }) }),
        Enter: () => change({ isPanelOpen: true }),
        p: togglePin,
        f: () => task?.people[0] !== undefined && follow({ kind: 'person', id: task.people[0] }),
        a: () => change({ isAheadFolded: !isAheadFolded }),
        '+': () => board.current?.zoomBy(ZOOM_STEP),
        '-': () => board.current?.zoomBy(1 / ZOOM_STEP),
        '0': () => board.current?.fit(),
        '?': () => setHelpOpen(true),
      },
    });

  const tools = useMemo(
    () => (
      <Tools
        board={board}
        isPanelOpen={isPanelOpen}
        onPanel={() => dispatch(lookChanged({ isPanelOpen: !isPanelOpen }))}
        onHelp={() => setHelpOpen(true)}
      />
    ),
    [isPanelOpen, dispatch],
  );

  return (
    <div className="relative flex h-full">
      <div ref={frame} className="relative min-w-0 flex-1">
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
      {isPanelOpen && scene && (
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
