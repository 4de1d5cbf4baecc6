/**
 * Builders, generators and references for the core's tests: workshops from a few figures, plans with one thing changed, random classes,
 * an exact solver, the classical job shops. Begin with `build-workshop.ts`. Nothing outside tests and benchmarks imports this folder.
 */
export { buildWorkshop, rawWorkshop, type RawFile } from './build-workshop.ts';
export { exactFinish } from './exact.ts';
export { JOB_SHOPS, type JobShop } from './job-shops.ts';
export { randomShape, randomWorkshop, workshopOf, type RandomShape } from './random-workshop.ts';
export { withTask } from './spoil.ts';
