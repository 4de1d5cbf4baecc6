/**
 * The core of Hodsman: pure computation, no clock, no network, no page. Read `formats` for what comes in and goes out, `workshop` for
 * what a class is, `planner` for how a plan is made, checked and explained.
 */
export { faultLine, faultWords, FAULTS, assert } from './faults/index.ts';
export type { Fault, FaultCode, Result } from './faults/index.ts';
export {
  clockText,
  durationText,
  elapsedSec,
  gramsText,
  roundGrams,
  secondsOfMinutes,
  timeOfDay,
} from './units/index.ts';
export { fahrenheitOfCelsius, inchesOfCm, ouncesOfGrams, type ClassClock } from './units/index.ts';
export { hydrationPct } from './formula/index.ts';
export { spotCentres, spotsOnGriddle, type Griddle, type Kitchen } from './kitchen/index.ts';
export { isRest, type Step } from './method/index.ts';
export { batchesOf, linesOf, stationName, totalsOf } from './workshop/index.ts';
export { setBreadsEach, setGriddleCount, setParticipantCount } from './workshop/index.ts';
export type { Batch, Bread, Line, Workshop } from './workshop/index.ts';
export type { BrokenRule, Goal, Plan, PlanBatch, PlanTask, PlanWarning } from './plan/index.ts';
export {
  jsonSchemas,
  LIMITS,
  readBread,
  readKitchen,
  readPlan,
  readPlanText,
  readWorkshop,
  readWorkshopText,
} from './formats/index.ts';
export { brokenWords, planClass, planInSteps, verdictOf, verdictWords } from './planner/index.ts';
export { clashOf, criticalTasks, explainTask, explanationWords, rankFixes, situationOf } from './planner/index.ts';
export type { Clash, Fix, Moment, Planning, PlanOptions, Verdict } from './planner/index.ts';
export { findBrokenRules } from './planner/index.ts';
