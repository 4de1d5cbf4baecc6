/**
 * One call: a workshop in, a plan out. Begin with `plan-class.ts`, which strings the parts together: `network` (workshop → problem),
 * `search` (problem → schedule and lower bound), `write-plan.ts` (schedule → plan file), `check` (what it breaks), `explain`.
 */
export { planClass, type PlanOptions } from './plan-class.ts';
export { findBrokenRules } from './check/index.ts';
export { brokenWords, verdictOf, verdictWords, type Verdict } from './explain/index.ts';
