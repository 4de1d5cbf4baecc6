import type { Plan, Workshop } from '@hodsman/core';
import { wrap, type Remote } from 'comlink';
import type { PlannerFace } from './planner.worker.ts';

let planner: Remote<PlannerFace> | undefined;

/** Plans a class in the worker, which is started with the first class. */
export function planInWorker(workshop: Workshop, effort: number): Promise<Plan> {
  planner ??= wrap<PlannerFace>(
    new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module', name: 'planner' }),
  );
  return planner.plan(workshop, effort);
}
