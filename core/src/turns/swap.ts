import type { BrokenRule, Plan, PlanTask } from '../plan/index.ts';
import type { Pin } from '../workshop/index.ts';

/**
 * The starts and griddles of two turns for one another: what to pin so that they change places; none where one of them is no turn. Of two
 * that follow one another on one spot the second begins when the first did, and the first ends when the second did, so that turns of
 * unequal length change places too.
 */
export function swapPins(plan: Plan, first: string, second: string): readonly Pin[] {
  const [a, b] = [first, second].map((id) => plan.tasks.find((t) => t.id === id));
  if (!a?.piece || !b?.piece || a === b) return [];
  const [early, late] = a.startSec <= b.startSec ? [a, b] : [b, a];
  const isOneSpot = a.at?.id === b.at?.id && a.at?.spot === b.at?.spot && late.startSec >= early.endSec;
  const startOf = (task: PlanTask, at: PlanTask): number =>
    isOneSpot && task === early ? late.endSec - (early.endSec - early.startSec) : at.startSec;
  const pin = (task: PlanTask, at: PlanTask): Pin => ({
    task: task.id,
    startSec: startOf(task, at),
    ...(at.at?.kind === 'griddle' && at.at.id !== undefined ? { griddle: at.at.id } : {}),
  });
  return [pin(a, b), pin(b, a)];
}

/** What a plan breaks that another one does not. */
export function newBreaks(before: Plan, after: Plan): readonly BrokenRule[] {
  const keyOf = (b: BrokenRule): string => `${b.rule} ${b.code} ${[...b.tasks].sort().join(' ')}`;
  const known = new Set(before.broken.map(keyOf));
  return after.broken.filter((b) => !known.has(keyOf(b)));
}
