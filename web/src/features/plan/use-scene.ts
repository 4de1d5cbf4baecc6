import { useMemo } from 'react';
import { followedTasks, routeOf, type Followed, type Plan, type Workshop } from '@hodsman/core';
import type { Look } from '../../board/paint/brush.ts';
import { sceneOf, type Scene } from '../../board/scene.ts';
import { useAppSelector } from '../../store/hooks.ts';

/** The column of tools, and a scroll bar. */
const BESIDE_PX = 62;
const LEAST_PX = 280;

/** What stands out: the way of what is selected, else all of what is followed. */
function litOf(
  plan: Plan,
  selected: string | undefined,
  followed: Followed | undefined,
): ReadonlySet<string> | undefined {
  if (selected !== undefined) return routeOf(plan, selected) ?? (followed && followedTasks(plan, followed));
  return followed && followedTasks(plan, followed);
}

/** What the board shows in so much width, and what of it stands out; no scene before the width is known. */
export function useScene(
  plan: Plan,
  workshop: Workshop,
  width: number,
  ghost: Look['ghost'],
): { readonly scene: Scene | undefined; readonly pinned: ReadonlySet<string>; readonly boardLook: Look } {
  const { selected, followed, folded, order } = useAppSelector((s) => s.look);
  const pins = useAppSelector((s) => s.draft?.body.notes.shaping.pins);
  const scene = useMemo(
    () => (width > 0 ? sceneOf(plan, workshop, Math.max(LEAST_PX, width - BESIDE_PX), { folded, order }) : undefined),
    [plan, workshop, width, folded, order],
  );
  const pinned = useMemo(() => new Set(pins?.map((p) => p.task)), [pins]);
  const lit = useMemo(() => litOf(plan, selected, followed), [plan, selected, followed]);
  const boardLook = useMemo((): Look => ({ lit, selected, pinned, ghost }), [lit, selected, pinned, ghost]);
  return { scene, pinned, boardLook };
}
