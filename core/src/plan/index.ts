/**
 * The plan file as plain data: batches, tasks, broken rules, warnings, measures. Times are whole seconds since doors open.
 * Begin with `schema.ts`. Both the planner and the checker know this folder; it knows neither.
 */
export { GOALS, planSchema } from './schema.ts';
export type { BrokenRule, Goal, Plan, PlanBatch, PlanWarning, Rule } from './schema.ts';
export { taskInFile } from './task.ts';
export type { BreadTask, PlanTask, RestTask, StepTask, TaskInFile } from './task.ts';
export { warningPath, type Warning } from './warnings.ts';
export type { Break, BreakCode, BreakParams, GriddleReason } from './breaks.ts';
export {
  isMovable,
  isOfBread,
  isOnFire,
  isTaskOf,
  mindedBy,
  ownerOf,
  piecesDone,
  staysOf,
  stepWords,
  turnsOf,
  windowOf,
} from './tasks.ts';
