/**
 * The plan file as plain data: batches, tasks, broken rules, warnings, measures. Times are whole seconds since doors open.
 * Begin with `schema.ts`. Both the planner and the checker know this folder; it knows neither.
 */
export { GOALS, planSchema } from './schema.ts';
export type { BrokenRule, Goal, Plan, PlanBatch, PlanTask, PlanWarning, Rule } from './schema.ts';
export type { Break, BreakCode, BreakParams, GriddleReason } from './breaks.ts';
export { isMovable, isOnFire, mindedBy, ownerOf, piecesDone, stepWords } from './tasks.ts';
