import type { KeyboardEvent, RefObject } from 'react';
import { isMovable, type PlanTask } from '@hodsman/core';
import type { BoardHandle } from '../../board/Board.tsx';
import type { Scene } from '../../board/scene.ts';
import { nudge, pinTasks, releasePin } from '../../planning/shaping.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { onBoardKey } from './board-keys.ts';
import { ZOOM_STEP } from './Tools.tsx';
import type { useLooking } from './use-looking.ts';

const MINUTE_SEC = 60;
const FIVE_MIN_SEC = 300;

interface Around {
  readonly scene: Scene | undefined;
  readonly task: PlanTask | undefined;
  readonly pinned: ReadonlySet<string>;
  readonly board: RefObject<BoardHandle | null>;
  readonly looking: ReturnType<typeof useLooking>;
  readonly onHelp: () => void;
}

/** What every key does on the board. */
export function useBoardKeys({ scene, task, pinned, board, looking, onHelp }: Around): (e: KeyboardEvent) => void {
  const dispatch = useAppDispatch();
  const { selected, isAheadFolded, atSec } = useAppSelector((s) => s.look);
  const { change, select, follow, unfollow, lookFrom, lookAtMoment } = looking;
  const moveBy = (sec: number): void => {
    if (task && isMovable(task)) dispatch(nudge(task, sec));
  };
  const togglePin = (): void => {
    if (!task || !isMovable(task)) return;
    dispatch(pinned.has(task.id) ? releasePin(task.id) : pinTasks([{ task: task.id, startSec: task.startSec }]));
  };

  return (e) =>
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
        '0': () => lookFrom('room'),
        '?': onHelp,
      },
    });
}
