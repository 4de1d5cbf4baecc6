import type { Plan, PlanTask, RestTask, StepTask } from '../plan/index.ts';

/** A task of which any key may be asked and changed, as somebody could in a file. */
type Spoilt = PlanTask & Partial<Pick<StepTask, 'turnsSec' | 'with' | 'look'> & Pick<RestTask, 'window'>>;
type Change = { readonly [K in keyof StepTask | 'window']?: Spoilt[K] | undefined };

/** The plan with one task changed. */
export function withTask(plan: Plan, id: string, change: (task: Spoilt) => Change): Plan {
  return withTasks(plan, (t) => (t.id === id ? change(t) : {}));
}

/** The plan with all tasks changed. */
export function withTasks(plan: Plan, change: (task: Spoilt) => Change): Plan {
  return { ...plan, tasks: plan.tasks.map((t) => ({ ...t, ...change(t as Spoilt) }) as PlanTask) };
}
