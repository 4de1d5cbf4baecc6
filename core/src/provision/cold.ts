import type { Ingredient } from '../formula/index.ts';

import type { Plan, PlanTask } from '../plan/index.ts';
import { secondsOfMinutes } from '../units/index.ts';
import type { Batch, Workshop } from '../workshop/index.ts';

/** How long a dough with egg, dairy and the like is out of the fridge, against the kitchen's limit. Times in seconds. */
export interface OutOfCold {
  /** What in it does not keep. */
  readonly what: readonly string[];
  readonly outSec: number;
  readonly limitSec: number;
  /** When it first comes into the warm, since doors open. */
  readonly fromSec: number;
}

const COUNTED_USES: readonly Ingredient['use'][] = ['dough', 'fill', 'layer'];
const FIRES: readonly string[] = ['griddle', 'grill', 'flame'];

/** The time out of the cold of the piece of a batch that lies on last; undefined where nothing in it perishes, or it has no piece. */
export function outOfCold(
  workshop: Workshop,
  plan: Plan,
  batch: Batch,
  motherId: string | null,
): OutOfCold | undefined {
  const perishable = batch.line.bread.ingredients.filter((i) => i.perishable === true && COUNTED_USES.includes(i.use));
  const [first] = perishable;
  if (!first) return undefined;
  const carriers = new Set([batch.id, motherId, ...batch.pieces.map((p) => p.id)]);
  const tasks = plan.tasks.filter((t) => t.step !== undefined && carriers.has(t.batch ?? t.piece ?? ''));
  const laid = tasks.filter((t) => t.piece !== undefined && FIRES.includes(t.at?.kind ?? ''));
  const begun = first.step === undefined ? tasks : tasks.filter((t) => t.step === first.step);
  if (laid.length === 0 || begun.length === 0) return undefined;
  const fromSec = Math.min(...begun.map((t) => t.startSec));
  const last = laid.reduce((a, b) => (b.startSec > a.startSec ? b : a));
  const inFridge = tasks.filter((t) => t.at?.kind === 'fridge' && (t.piece === undefined || t.piece === last.piece));
  const coldSec = inFridge.reduce((sum, t) => sum + overlap(t, fromSec, last.startSec), 0);
  return {
    what: perishable.map((i) => i.name),
    outSec: last.startSec - fromSec - coldSec,
    limitSec: secondsOfMinutes(workshop.kitchen.safeOutMin),
    fromSec,
  };
}

const overlap = (t: PlanTask, fromSec: number, toSec: number): number =>
  Math.max(0, Math.min(t.endSec, toSec) - Math.max(t.startSec, fromSec));
