/**
 * Why a plan is as it is, in data (`../words` makes sentences of it). `verdict.ts`: does the class fit, with how much to spare, what is
 * tightest. `why.ts`: why a task is when it is, how far it can slip, whether the end hangs on it; it looks at a plan laid beside its
 * network (`situation.ts`) for what is in the way (`obstaclesTo` of search). It reads schedules and bounds, and changes nothing.
 */
export { boundProof, type BoundProof } from './bound-proof.ts';
export { situationOf, type Situation } from './situation.ts';
export { tightestOf, type Tightest } from './tightest.ts';
export { openMatters, stepOfMatter, type OpenMatter } from './open-matters.ts';
export { verdictOf, type Verdict, type VerdictOptions } from './verdict.ts';
export { criticalTasks, explainTask, type ChainLink, type TaskExplanation } from './why.ts';
export { latestAheadOf } from './latest-ahead.ts';
export { handsOf, type Hands } from './hands.ts';
