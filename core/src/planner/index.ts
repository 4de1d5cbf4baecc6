/**
 * One call: a workshop in, a plan out. Begin with `plan-class.ts`, which strings the parts together: `network` (workshop → problem),
 * `search` (problem → schedule and lower bound), `write-plan.ts` (schedule → plan file), `check` (what it breaks), `explain`. `advice`
 * plans a class several times over to say which rules clash and which changes help; `words` makes sentences of what these two find.
 */
export { planClass, planInSteps, type Planning, type PlanOptions } from './plan-class.ts';
export { planShaped } from './shaped.ts';
export {
  LEAST_LEFT_SEC,
  breadsForTimeLeft,
  changeKey,
  timeLeftSec,
  longBreads,
  sweepOf,
  type SweepPoint,
  type Clash,
  type ClassChange,
  type Fix,
  type FixSet,
  type Idea,
  type LongBread,
} from './advice/index.ts';
export { NOTHING_HAPPENED, type Happened, type Moment } from './network/index.ts';
export { findBrokenRules } from './check/index.ts';
export { openMatters, stepOfMatter, verdictOf, type OpenMatter, type Verdict } from './explain/index.ts';
export { criticalTasks, handsOf, latestAheadOf, situationOf } from './explain/index.ts';
export type { Hands, Situation } from './explain/index.ts';
export {
  aboutTask,
  classChangeWords,
  clashWords,
  fixWords,
  headlineWords,
  ideaWords,
  longBreadWords,
  verdictWords,
  type AboutTask,
} from './words/index.ts';
export { classFigures, idleStretches, type ClassFigures } from './class-figures.ts';
export { bufferSecOf } from './measures.ts';
export { bowlConditions, kettleCalls, type KettleCall } from './kettle.ts';
export { plannerSession, type Advice, type PlannerSession } from './session.ts';
