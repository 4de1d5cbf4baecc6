import { taskInFile, type Plan, type TaskInFile } from '../plan/index.ts';

/** A plan as its file has it (formats note, section 2); `readPlan` gives the plan back. */
export const planFile = (plan: Plan): Omit<Plan, 'tasks'> & { readonly tasks: readonly TaskInFile[] } => ({
  ...plan,
  tasks: plan.tasks.map(taskInFile),
});
