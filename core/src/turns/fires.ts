import { isOnFire, type Plan, type PlanTask } from '../plan/index.ts';
import { thingName } from '../kitchen/index.ts';
import type { Workshop } from '../workshop/index.ts';

/** A griddle, grill or flame with all that lies on it. */
export interface FireTurns {
  readonly kind: 'griddle' | 'grill' | 'flame';
  readonly id: string;
  readonly name: string;
  /** By spot, each in order of time. A grill's or flame's slots are spots that are given out as they come. */
  readonly spots: readonly (readonly PlanTask[])[];
  readonly preheat: PlanTask | undefined;
  /** First on and last off; how long anything lies on it in between. */
  readonly fromSec: number;
  readonly toSec: number;
  readonly busySec: number;
}

/** Every fire that a plan uses, in the order of the kitchen. */
export function fireTurns(workshop: Workshop, plan: Plan): readonly FireTurns[] {
  const { griddles, grills, flames } = workshop.kitchen;
  const fires = [
    ...griddles.map(({ id }) => ({ kind: 'griddle' as const, id })),
    ...grills.map(({ id }) => ({ kind: 'grill' as const, id })),
    ...flames.map(({ id }) => ({ kind: 'flame' as const, id })),
  ];
  return fires.flatMap((fire) => {
    const tasks = plan.tasks.filter((t) => isOnFire(t) && t.at?.kind === fire.kind && t.at.id === fire.id);
    if (tasks.length === 0) return [];
    const spots = fire.kind === 'griddle' ? bySpot(tasks) : inSlots(tasks);
    return [
      {
        ...fire,
        name: thingName(workshop.kitchen, fire.id),
        spots,
        preheat: plan.tasks.find((t) => t.kind === 'preheat' && t.at?.id === fire.id),
        fromSec: Math.min(...tasks.map((t) => t.startSec)),
        toSec: Math.max(...tasks.map((t) => t.endSec)),
        busySec: coveredSec(tasks),
      },
    ];
  });
}

function bySpot(tasks: readonly PlanTask[]): readonly (readonly PlanTask[])[] {
  const count = Math.max(...tasks.map((t) => t.at?.spot ?? 1));
  return Array.from({ length: count }, (_, i) => tasks.filter((t) => (t.at?.spot ?? 1) === i + 1));
}

/** Slots have no numbers in a plan: each task takes the first that is free. */
function inSlots(tasks: readonly PlanTask[]): readonly (readonly PlanTask[])[] {
  const slots: PlanTask[][] = [];
  for (const t of tasks) {
    const free = slots.find((s) => (s.at(-1)?.endSec ?? -Infinity) <= t.startSec);
    if (free) free.push(t);
    else slots.push([t]);
  }
  return slots;
}

/** Seconds in which at least one of the tasks lies there. */
function coveredSec(tasks: readonly PlanTask[]): number {
  let [covered, until] = [0, -Infinity];
  for (const t of [...tasks].sort((a, b) => a.startSec - b.startSec)) {
    covered += Math.max(0, t.endSec - Math.max(until, t.startSec));
    until = Math.max(until, t.endSec);
  }
  return covered;
}
