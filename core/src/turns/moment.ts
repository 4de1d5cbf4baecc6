import { isOnFire, turnsOf, type Plan, type PlanTask } from '../plan/index.ts';
import type { Workshop } from '../workshop/index.ts';
import { fireTurns, type FireTurns } from './fires.ts';

/** What somebody does at a moment, and until when; what they do next. Times in seconds since doors open. */
export interface Doing {
  readonly person: string;
  /** Undefined: nothing. */
  readonly task: PlanTask | undefined;
  readonly next: PlanTask | undefined;
}

/** A fire at a moment, spot by spot. */
export interface FireNow {
  readonly kind: FireTurns['kind'];
  readonly id: string;
  readonly name: string;
  readonly isHeating: boolean;
  readonly spots: readonly (LyingNow | undefined)[];
  /** What is laid on next, wherever. */
  readonly next: PlanTask | undefined;
}

export interface LyingNow {
  readonly task: PlanTask;
  /** When it is turned next; null where it only comes off. */
  readonly turnSec: number | null;
}

/** The room at a moment: who does what, what lies on the fires, what comes next. */
export interface RoomNow {
  readonly staff: readonly Doing[];
  readonly participants: readonly Doing[];
  readonly fires: readonly FireNow[];
  /** What begins next, in order of time. */
  readonly next: readonly PlanTask[];
}

const MOST_NEXT = 8;

const isAt = (t: PlanTask, sec: number): boolean => t.startSec <= sec && sec < t.endSec;

export function roomAt(workshop: Workshop, plan: Plan, sec: number): RoomNow {
  const done = plan.tasks.filter((t) => t.kind !== 'rest' && t.kind !== 'preheat');
  const inOrder = [...done].sort((a, b) => a.startSec - b.startSec || (a.id < b.id ? -1 : 1));
  const doing = (person: string): Doing => {
    const own = inOrder.filter((t) => t.people.includes(person));
    // of two at once (a bread that lies on the fire, other work meanwhile) what began last is at hand
    return { person, task: own.findLast((t) => isAt(t, sec)), next: own.find((t) => t.startSec > sec) };
  };
  return {
    staff: workshop.kitchen.staff.map((s) => doing(s.id)),
    participants: workshop.roster.map((p) => doing(p.id)),
    fires: fireTurns(workshop, plan).map((f) => fireAt(f, sec)),
    next: inOrder.filter((t) => t.startSec > sec).slice(0, MOST_NEXT),
  };
}

/** A fire at a moment, in seconds since doors open. */
export function fireAt({ kind, id, name, spots, preheat }: FireTurns, sec: number): FireNow {
  const later = spots
    .flat()
    .filter((t) => t.startSec > sec && isOnFire(t))
    .sort((a, b) => a.startSec - b.startSec);
  return {
    kind,
    id,
    name,
    isHeating: preheat !== undefined && isAt(preheat, sec),
    spots: spots.map((list) => {
      const task = list.find((t) => isAt(t, sec));
      return task && { task, turnSec: turnsOf(task).find((t) => t > sec) ?? null };
    }),
    next: later[0],
  };
}
