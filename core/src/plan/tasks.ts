import type { PlanTask } from './schema.ts';

/** The parts of a piece's id, `bread/owner/number`; of a spare the owner is `spare-STATION`. */
export function pieceParts(piece: string): { readonly bread: string; readonly owner: string; readonly number: number } {
  const [bread = '', owner = '', number = ''] = piece.split('/');
  return { bread, owner, number: Number(number) };
}

/** Whether somebody can choose when a task starts: rests and preheats follow from what lies around them, the welcome stands. */
export const isMovable = (task: PlanTask): boolean =>
  task.window === undefined && task.kind !== 'welcome' && task.kind !== 'preheat';

/** Whether it lies on a fire: something that cooks, or is prepared there. */
export const isOnFire = (task: PlanTask): boolean =>
  task.kind === undefined && ['griddle', 'grill', 'flame'].includes(task.at?.kind ?? '');

/** When each piece that has tasks of its own is done: the end of the last of them, seconds since doors open. */
export function piecesDone(tasks: readonly PlanTask[]): ReadonlyMap<string, number> {
  const done = new Map<string, number>();
  for (const t of tasks)
    if (t.piece !== undefined) done.set(t.piece, Math.max(t.endSec, done.get(t.piece) ?? -Infinity));
  return done;
}

/** A step as it is said, "roll sheet" for `roll-sheet`. */
export const stepWords = (step: string | undefined): string => (step ?? '').replace(/[-_]+/g, ' ');
