import type { RefObject } from 'react';
import { followedTasks, type Followed, type Plan, type Workshop } from '@hodsman/core';
import type { BoardHandle } from '../../board/Board.tsx';
import type { Distance } from '../../board/distance.ts';
import { isSame } from '../../board/same-followed.ts';
import { arrangePlaces } from '../../store/board-look.ts';
import { lookChanged, type BoardLook } from '../../store/look-slice.ts';
import { useAppDispatch, useAppSelector } from '../../store/hooks.ts';
import { useStable } from '../../ui/use-stable.ts';
import { usualRoute } from './use-scene.ts';

/** When the first of all is done. */
const firstSec = (plan: Plan): number => Math.min(0, ...plan.tasks.map((t) => t.startSec));

/** How somebody looks at the board: what is chosen, who is followed, from how far, at which moment. Nothing of it changes the class. */
export function useLooking(plan: Plan, workshop: Workshop, board: RefObject<BoardHandle | null>) {
  const dispatch = useAppDispatch();
  const { selected, followed, folded, distance } = useAppSelector((s) => s.look);
  const change = (part: Partial<BoardLook>): void => void dispatch(lookChanged(part));
  const select = useStable((id: string | undefined): void => {
    if (id !== selected) change({ selected: id });
  });
  const unfollow = useStable((): void => {
    change({ followed: undefined, selected: undefined, distance: distance === 'route' ? 'room' : distance });
  });
  const follow = useStable((next: Followed): void => {
    if (isSame(next, followed)) {
      unfollow();
      return;
    }
    change({ followed: next, selected: undefined });
    board.current?.revealAll(followedTasks(plan, next));
  });
  const lookFrom = useStable((to: Distance, lane?: string): void => {
    const [kind, id] = lane?.split(':') ?? [];
    change({
      distance: to,
      ...(to === 'route' && !followed && { followed: usualRoute(plan, workshop, selected) }),
      ...(to === 'route' && kind === 'station' && id !== undefined && { followed: { kind, id } }),
    });
  });
  const lookAtMoment = useStable((sec: number | undefined): void => {
    const last = Math.max(plan.tableSec, ...plan.tasks.map((t) => t.endSec));
    change({ atSec: sec === undefined ? undefined : Math.min(last, Math.max(firstSec(plan), sec)) });
  });
  const fold = useStable((lane: string): void => {
    dispatch(arrangePlaces({ folded: folded.includes(lane) ? folded.filter((x) => x !== lane) : [...folded, lane] }));
  });
  const show = useStable((id: string): void => {
    select(id);
    board.current?.reveal(id);
    board.current?.focus();
  });
  return { change, select, follow, unfollow, lookFrom, lookAtMoment, show, fold };
}
