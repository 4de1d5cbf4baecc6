import { ownerOf, type Plan, type PlanTask } from '../plan/index.ts';

/** What somebody does before and after a task, and how long they are free in between, in seconds. */
export interface Around {
  readonly person: string;
  readonly before: PlanTask | undefined;
  readonly after: PlanTask | undefined;
}

/** What the people of a task do just before and just after it. */
export function aroundTask(plan: Plan, task: PlanTask): readonly Around[] {
  return task.people.map((person) => {
    const own = plan.tasks.filter((t) => t !== task && t.people.includes(person));
    return {
      person,
      before: own.filter((t) => t.startSec < task.startSec).at(-1),
      after: own.find((t) => t.startSec >= task.startSec),
    };
  });
}

/**
 * All tasks on the way of one: of a piece its own and its dough's; of a dough everybody's who comes from it, with the mother batch that it
 * is a share of. Undefined for a task of no dough.
 */
export function routeOf(plan: Plan, id: string): ReadonlySet<string> | undefined {
  const task = plan.tasks.find((t) => t.id === id);
  const batches = plan.batches.filter(
    (b) => b.id === task?.batch || (task?.piece !== undefined && b.pieces.includes(task.piece)),
  );
  if (!task || batches.length === 0) return undefined;
  const mothers = new Set(batches.flatMap((b) => b.mother ?? []));
  const shares = plan.batches.filter((b) => b.mother !== null && batches.some((m) => m.id === b.mother));
  const along = new Set([...batches, ...(task.piece === undefined ? shares : [])].map((b) => b.id));
  for (const m of mothers) along.add(m);
  const pieces = task.piece === undefined ? new Set(batches.flatMap((b) => b.pieces)) : new Set([task.piece]);
  return new Set(
    plan.tasks
      .filter((t) => (t.batch !== undefined && along.has(t.batch)) || (t.piece !== undefined && pieces.has(t.piece)))
      .map((t) => t.id),
  );
}

/** Somebody or something that one keeps an eye on. */
export interface Followed {
  readonly kind: 'person' | 'bread' | 'griddle' | 'station';
  readonly id: string;
}

/** All tasks of a person (with the rests of their own dough), of a bread, of a griddle (with the ways of what lies on it), or of a station. */
export function followedTasks(plan: Plan, { kind, id }: Followed): ReadonlySet<string> {
  const byId = (is: (t: PlanTask) => boolean): ReadonlySet<string> => new Set(plan.tasks.filter(is).map((t) => t.id));
  const piecesOf = (batches: readonly string[]): ReadonlySet<string> =>
    new Set(plan.batches.flatMap((b) => (batches.includes(b.id) ? b.pieces : [])));
  switch (kind) {
    case 'bread':
      return byId((t) => t.bread === id);
    case 'station': {
      const batches = plan.batches.filter((b) => b.station === id).map((b) => b.id);
      const pieces = piecesOf(batches);
      return byId((t) => batches.includes(t.batch ?? '') || pieces.has(t.piece ?? ''));
    }
    case 'griddle': {
      const pieces = new Set(
        plan.tasks.flatMap((t) => (t.at?.kind === 'griddle' && t.at.id === id ? (t.piece ?? []) : [])),
      );
      return byId((t) => pieces.has(t.piece ?? '') || t.at?.id === id);
    }
    case 'person': {
      const own = new Set(plan.tasks.filter((t) => t.people.includes(id)).flatMap((t) => t.batch ?? []));
      return byId((t) => t.people.includes(id) || ownerOf(t) === id || (t.kind === 'rest' && own.has(t.batch ?? '')));
    }
  }
}
