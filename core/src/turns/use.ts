import { isOnFire, ownerOf, type Plan } from '../plan/index.ts';

/** A stretch in seconds since doors open. */
interface Span {
  readonly fromSec: number;
  readonly toSec: number;
}

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

/** How many of some people have their hands full over time, or a task. */
export function handsUse(hands: ReadonlyMap<string, readonly Span[]>, people: readonly string[]): readonly UsePoint[] {
  return countOver(people.flatMap((p) => united(hands.get(p) ?? [])));
}

/** When everyone has a task, as idle time counts it: a break is one, and the bread of theirs that lies on a fire. By person, in order. */
export function taskSpans(plan: Plan): ReadonlyMap<string, readonly Span[]> {
  const byPerson = new Map<string, Span[]>();
  for (const t of plan.tasks) {
    const owner = isOnFire(t) ? ownerOf(t) : undefined;
    for (const p of new Set(owner === undefined ? t.people : [...t.people, owner])) {
      const list = byPerson.get(p);
      const span = { fromSec: t.startSec, toSec: t.endSec };
      if (list) list.push(span);
      else byPerson.set(p, [span]);
    }
  }
  for (const list of byPerson.values()) list.sort((a, b) => a.fromSec - b.fromSec);
  return byPerson;
}

/** One person's stretches put together where they touch, so that nobody is counted twice. */
function united(list: readonly Span[]): readonly { readonly fromSec: number; readonly toSec: number }[] {
  const merged: { fromSec: number; toSec: number }[] = [];
  for (const { fromSec, toSec } of list) {
    const last = merged.at(-1);
    if (last && fromSec <= last.toSec) last.toSec = Math.max(last.toSec, toSec);
    else merged.push({ fromSec, toSec });
  }
  return merged;
}
