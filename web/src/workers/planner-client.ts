import type { Plan, Workshop } from '@hodsman/core';
import { proxy, wrap, type Remote } from 'comlink';
import type { Advice, PlannerFace } from './planner.worker.ts';

const start = (name: string): Remote<PlannerFace> =>
  wrap<PlannerFace>(new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module', name }));

let planner: Remote<PlannerFace> | undefined;
/** Advice plans many times over, so it has a worker of its own and never keeps a plan waiting. */
let adviser: Remote<PlannerFace> | undefined;

/** Plans a class in the worker, which is started with the first class; hears a first plan and the final one. */
export function planInWorker(workshop: Workshop, onPlan: (plan: Plan, isFinal: boolean) => void): Promise<void> {
  planner ??= start('planner');
  return planner.plan(workshop, proxy(onPlan));
}

/** Advice that nobody waits for any more leaves the machine to the planner. */
export function stopAdvising(): void {
  void adviser?.stop();
}

/** Asks in a worker what would help a class. */
export function adviseInWorker(workshop: Workshop, plan: Plan, onAdvice: (advice: Advice) => void): Promise<void> {
  adviser ??= start('adviser');
  return adviser.advise(workshop, plan, proxy(onAdvice));
}
