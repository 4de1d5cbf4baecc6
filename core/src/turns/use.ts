import { isOnFire, isTaskOf, type Plan } from '../plan/index.ts';
import type { Hands } from '../planner/index.ts';

/** How many of something are in use from a moment on, in seconds since doors open. */
export interface UsePoint {
  readonly sec: number;
  readonly count: number;
}

/** The count of stretches over time: a point at each moment at which it changes. */
function countOver(spans: readonly { readonly fromSec: number; readonly toSec: number }[]): readonly UsePoint[] {
  const change = new Map<number, number>();
  for (const { fromSec, toSec } of spans) {
    change.set(fromSec, (change.get(fromSec) ?? 0) + 1);
    change.set(toSec, (change.get(toSec) ?? 0) - 1);
  }
  let count = 0;
  return [...change]
    .sort(([a], [b]) => a - b)
    .flatMap(([sec, by]) => {
      if (by === 0) return [];
      count += by;
      return [{ sec, count }];
    });
}

/** How many breads lie on a griddle, grill or flame over time. */
export function fireUse(plan: Plan, fire: string): readonly UsePoint[] {
  return countOver(
    plan.tasks.flatMap((t) => (isOnFire(t) && t.at?.id === fire ? [{ fromSec: t.startSec, toSec: t.endSec }] : [])),
  );
}

/** How many of some people have their hands full over time. */
export function handsUse(hands: ReadonlyMap<string, readonly Hands[]>, people: readonly string[]): readonly UsePoint[] {
  return countOver(people.flatMap((p) => united(hands.get(p) ?? [])));
}

/** How many of some people have a task over time, as idle time counts it: the bread of theirs that lies on a fire is one. */
export function tasksUse(plan: Plan, people: readonly string[]): readonly UsePoint[] {
  return countOver(
    people.flatMap((p) => {
      const own = plan.tasks.filter((t) => t.kind === 'break' || isTaskOf(t, p));
      const spans = own.map((t) => ({ fromSec: t.startSec, toSec: t.endSec }));
      return united(spans.sort((a, b) => a.fromSec - b.fromSec));
    }),
  );
}

/** One person's stretches put together where they touch, so that nobody is counted twice. */
function united(
  list: readonly Omit<Hands, 'taskId'>[],
): readonly { readonly fromSec: number; readonly toSec: number }[] {
  const merged: { fromSec: number; toSec: number }[] = [];
  for (const { fromSec, toSec } of list) {
    const last = merged.at(-1);
    if (last && fromSec <= last.toSec) last.toSec = Math.max(last.toSec, toSec);
    else merged.push({ fromSec, toSec });
  }
  return merged;
}
