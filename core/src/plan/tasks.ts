import { pieceParts } from '../ids.ts';
import { isFireKind } from '../method/index.ts';
import { type BreadTask, type PlanTask, type RestTask, type StepTask } from './task.ts';

/** Whether a task is of a bread's own steps, one that is done or one that is waited through. */
export const isOfBread = (task: PlanTask): task is BreadTask => task.kind === 'step' || task.kind === 'rest';

/** Whose bread a task is for; undefined for what is done to a whole dough or for everybody. */
export const ownerOf = (task: Pick<PlanTask, 'piece'>): string | undefined =>
  task.piece === undefined ? undefined : (pieceParts(task.piece).owner ?? undefined);

/** Whose food is in hand: the owner of a bread, or those who work a whole dough; nobody's at a welcome, a break or a demonstration. */
export function mindedBy(task: PlanTask): readonly string[] {
  const owner = ownerOf(task);
  if (owner !== undefined) return [owner];
  return isOfBread(task) ? task.people : [];
}

/** Whether somebody can choose when a task starts: rests and preheats follow from what lies around them, the welcome is fixed. */
export const isMovable = (task: PlanTask): boolean =>
  task.kind === 'step' || task.kind === 'demo' || task.kind === 'break';

/** Whether it lies on a fire: something that cooks, or is prepared there. */
export const isOnFire = (task: PlanTask): boolean => task.kind === 'step' && isFireKind(task.at?.kind);

/** Whether it is a task of somebody: they do it, or their bread lies on a fire, whoever cooks it. A break is nobody's task. */
export const isTaskOf = (task: PlanTask, person: string): boolean =>
  task.kind !== 'break' && (task.people.includes(person) || (isOnFire(task) && ownerOf(task) === person));

/** How long a rest may last; undefined of anything else. */
export const windowOf = (task: PlanTask): RestTask['window'] | undefined =>
  task.kind === 'rest' ? task.window : undefined;

/** When a bread on a griddle is turned; none of anything else. */
export const turnsOf = (task: PlanTask): readonly number[] => (task.kind === 'step' ? (task.turnsSec ?? []) : []);

/** What a step takes beside its griddle: a flame, a grill, and who of the staff is at it. */
export const staysOf = (task: PlanTask): NonNullable<StepTask['with']> =>
  task.kind === 'step' ? (task.with ?? []) : [];

/** When each piece that has tasks of its own is done: the end of the last of them, seconds since doors open. */
export function piecesDone(tasks: readonly PlanTask[]): ReadonlyMap<string, number> {
  const done = new Map<string, number>();
  for (const t of tasks)
    if (t.piece !== undefined) done.set(t.piece, Math.max(t.endSec, done.get(t.piece) ?? -Infinity));
  return done;
}

/** A step as it is said, "roll sheet" for `roll-sheet`. */
export const stepWords = (step: string | undefined): string => (step ?? '').replace(/[-_]+/g, ' ');
