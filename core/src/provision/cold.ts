import { perishableIn } from '../bread/index.ts';

import { isOnFire, type Plan, type PlanTask } from '../plan/index.ts';
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

/** The time out of the cold of the piece of a batch that lies on last; undefined where nothing in it perishes, or it has no piece. */
export function outOfCold(
  workshop: Workshop,
  plan: Plan,
  batch: Batch,
  motherId: string | null,
): OutOfCold | undefined {
  const perishable = perishableIn(batch.line.bread);
  if (!perishable) return undefined;
  const { what, fromStep } = perishable;
  const carriers = new Set([batch.id, motherId, ...batch.pieces.map((p) => p.id)]);
  const tasks = plan.tasks.filter((t) => t.step !== undefined && carriers.has(t.batch ?? t.piece ?? ''));
  const laid = tasks.filter((t) => t.piece !== undefined && isOnFire(t));
  const begun = fromStep === undefined ? tasks : tasks.filter((t) => t.step === fromStep);
  if (laid.length === 0 || begun.length === 0) return undefined;
  const fromSec = Math.min(...begun.map((t) => t.startSec));
  const last = laid.reduce((a, b) => (b.startSec > a.startSec ? b : a));
  const inFridge = tasks.filter((t) => t.at?.kind === 'fridge' && (t.piece === undefined || t.piece === last.piece));
  const coldSec = inFridge.reduce((sum, t) => sum + overlap(t, fromSec, last.startSec), 0);
  return {
    what,
    outSec: last.startSec - fromSec - coldSec,
    limitSec: secondsOfMinutes(workshop.kitchen.safeOutMin),
    fromSec,
  };
}

const overlap = (t: PlanTask, fromSec: number, toSec: number): number =>
  Math.max(0, Math.min(t.endSec, toSec) - Math.max(t.startSec, fromSec));
