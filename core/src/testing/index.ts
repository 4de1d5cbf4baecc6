/**
 * Builders and generators for the core's tests: workshops from a few figures, plans with one thing changed, random classes.
 * Begin with `build-workshop.ts`. Nothing outside tests imports this folder.
 */
export { buildWorkshop, rawWorkshop, type RawFile } from './build-workshop.ts';
export { randomWorkshop } from './random-workshop.ts';
export { withTask } from './spoil.ts';
