import { useMemo } from 'react';
import {
  followedTasks,
  ownerOf,
  routeOf,
  type FillingNow,
  type Followed,
  type Plan,
  type Workshop,
} from '@hodsman/core';
import type { PlaceChoice } from '../../board/lanes.ts';
import type { Look } from '../../board/paint/brush.ts';
import { sceneOf, type Scene, type Sight } from '../../board/scene.ts';
import { useFillings } from '../../planning/use-fillings.ts';
import { useAppSelector } from '../../store/hooks.ts';

/** The column of tools, and a scroll bar. */
const BESIDE_PX = 50;
const SCROLL_BAR_PX = 15;
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

/** Whose route is shown where nobody is followed: of whose bread is selected, else of the first participant. */
export function usualRoute(plan: Plan, workshop: Workshop, selected: string | undefined): Followed {
  const task = plan.tasks.find((t) => t.id === selected);
  const owner = task && (ownerOf(task) ?? task.people.find((p) => workshop.roster.some((r) => r.id === p)));
  return { kind: 'person', id: owner ?? workshop.roster[0]?.id ?? '' };
}

/** The people who have a column of their own in a route. */
function peopleOf(workshop: Workshop, { kind, id }: Followed): readonly string[] {
  if (kind === 'person') return [id];
  return kind === 'station' ? (workshop.stations.find((s) => s.id === id)?.members ?? []) : [];
}

/** The scenes of a plan, each worked out when it is first looked at: to come nearer and to step back does not lay out the class anew. */
function scenesOf(
  plan: Plan,
  workshop: Workshop,
  width: number,
  choice: PlaceChoice,
  fillings: readonly FillingNow[],
): (sight: Sight) => Scene {
  const known = new Map<Sight['distance'], { readonly sight: Sight; readonly scene: Scene }>();
  return (sight) => {
    const found = known.get(sight.distance);
    if (found && found.sight.route === sight.route) return found.scene;
    const room = width - BESIDE_PX - (sight.distance === 'room' ? 0 : SCROLL_BAR_PX);
    const scene = sceneOf(plan, workshop, Math.max(LEAST_PX, room), choice, sight, fillings);
    known.set(sight.distance, { sight, scene });
    return scene;
  };
}

/** What the board shows in so much width, and what of it stands out; no scene before the width is known. */
export function useScene(
  plan: Plan,
  workshop: Workshop,
  width: number,
  ghost: Look['ghost'],
): { readonly scene: Scene | undefined; readonly pinned: ReadonlySet<string>; readonly boardLook: Look } {
  const { selected, followed, folded, order, distance, atSec } = useAppSelector((s) => s.look);
  const pins = useAppSelector((s) => s.draft?.body.notes.shaping.pins);
  const sight = useMemo((): Sight => {
    if (distance !== 'route' || !followed) return { distance: distance === 'route' ? 'room' : distance };
    return { distance, route: { tasks: followedTasks(plan, followed), people: peopleOf(workshop, followed) } };
  }, [plan, workshop, distance, followed]);
  const fillings = useFillings();
  const scenes = useMemo(
    () => (width > 0 ? scenesOf(plan, workshop, width, { folded, order }, fillings) : undefined),
    [plan, workshop, width, folded, order, fillings],
  );
  const scene = useMemo(() => scenes?.(sight), [scenes, sight]);
  const pinned = useMemo(() => new Set(pins?.map((p) => p.task)), [pins]);
  const lit = useMemo(
    () => litOf(plan, selected, sight.route ? undefined : followed),
    [plan, selected, followed, sight.route],
  );
  const boardLook = useMemo(
    (): Look => ({ lit, selected, pinned, ghost, atSec }),
    [lit, selected, pinned, ghost, atSec],
  );
  return { scene, pinned, boardLook };
}
