import type { AboutTask, Advice, Bread, Pin, Plan, PlannerSession, Shaping, SweepPoint, Workshop } from '@hodsman/core';
import { proxy, wrap, type Remote } from 'comlink';

const start = (name: string): Remote<PlannerSession> =>
  wrap<PlannerSession>(new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module', name }));

let planner: Remote<PlannerSession> | undefined;
/** Advice plans many times over, so it has a worker of its own and never keeps a plan waiting. */
let adviser: Remote<PlannerSession> | undefined;
/** So have the plans of alternatives and of classes of another size. */
let comparer: Remote<PlannerSession> | undefined;

/** Plans a class in the worker, which is started with the first class; hears a first plan and the final one. */
export function planInWorker(
  workshop: Workshop,
  shaping: Shaping,
  onPlan: (plan: Plan, isFinal: boolean) => void,
): Promise<void> {
  planner ??= start('planner');
  return planner.plan(workshop, shaping, proxy(onPlan));
}

/** How the class that was planned last would go with pins more: at once, for something that is being moved. */
export async function tryPinsInWorker(pins: readonly Pin[]): Promise<Plan | null> {
  return (await planner?.tryPins(pins)) ?? null;
}

/** Why a task of the plan that came last is when it is. */
export async function aboutInWorker(taskId: string): Promise<AboutTask | null> {
  return (await planner?.about(taskId)) ?? null;
}

/** Advice that nobody waits for any more leaves the machine to the planner. */
export function stopAdvising(): void {
  void adviser?.stop();
}

/** Asks in a worker what would help a class. */
export function adviseInWorker(
  workshop: Workshop,
  plan: Plan,
  library: readonly Bread[],
  onAdvice: (advice: Advice) => void,
): Promise<void> {
  adviser ??= start('adviser');
  return adviser.advise(workshop, plan, library, proxy(onAdvice));
}

/** Plans several classes, one after another. */
export function planEachInWorker(
  entries: readonly { readonly workshop: Workshop; readonly shaping: Shaping }[],
  onPlan: (index: number, plan: Plan) => void,
): Promise<void> {
  comparer ??= start('comparer');
  return comparer.planEach(entries, proxy(onPlan));
}

/** Minutes to spare of the class in other sizes. */
export function sweepInWorker(
  workshop: Workshop,
  shaping: Shaping,
  onPoints: (over: 'griddles' | 'participants', points: readonly SweepPoint[]) => void,
): Promise<void> {
  comparer ??= start('comparer');
  return comparer.sweep(workshop, shaping, proxy(onPoints));
}

export function stopComparing(): void {
  void comparer?.stop();
}
