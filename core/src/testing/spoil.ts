import type { Plan, PlanTask } from '../plan/index.ts';

/** The plan with one task changed. */
export function withTask(plan: Plan, id: string, change: (task: PlanTask) => Partial<PlanTask>): Plan {
  return { ...plan, tasks: plan.tasks.map((t) => (t.id === id ? { ...t, ...change(t) } : t)) };
}
