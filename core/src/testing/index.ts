/**
 * Builders, generators and references for the core's tests: workshops from a few figures, plans with one thing changed, random classes,
 * an exact solver, the classical job shops. Begin with `build-workshop.ts`. Nothing outside tests and benchmarks imports this folder.
 */
export { buildWorkshop, rawWorkshop, type RawFile } from './build-workshop.ts';
export { exactFinish } from './exact.ts';
export { JOB_SHOPS } from './job-shops.ts';
export { witnessedClass, witnessedShape, type WitnessedShape } from './witnessed-class.ts';
export { narrowClass, narrowShape, type NarrowShape } from './narrow-class.ts';
export { randomShape, randomWorkshop, type RandomShape, smallShape, workshopOf } from './random-workshop.ts';
export { sizedClass, type SizedShape } from './sized-class.ts';
export { movedTo, rightPlan, taskOf, type KnownAnswer, type RightClass } from './known-answers.ts';
export { tightened } from './tightened.ts';
export { withTask, withTasks } from './spoil.ts';
/** Parts of the engine that benchmarks measure by themselves. */
export { buildNetwork, plainProblem } from '../planner/network/index.ts';
export { finished, lowerBound, searchShort } from '../planner/search/index.ts';
export { RECIPE_CASES, type RecipeCase } from './recipe-corpus.ts';
export { RECIPE_TEXTS, scoreOf, type RecipeText, type Score } from './recipes/index.ts';
export { runs } from './runs.ts';
export { runningClass, type RunningClass } from './running-class.ts';
