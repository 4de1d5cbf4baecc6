/**
 * The method of a bread: steps, rests and their windows, the warmth that stretches them, cook phases and turns.
 * Begin with `schema.ts`. Minutes in the file, whole seconds out.
 */
export type { ActiveStep, CookStep, HandStep, Phase, PrepareStep, RestStep, Step } from './schema.ts';
export { isFireKind, isRest, chainOf, cookPhases, stepNotes } from './steps.ts';
export { orderedWindow, usualWarmth, withStep } from './edit-steps.ts';
export { isProofPlace, windowAt } from './window.ts';
export { activeSeconds, turnMoments } from './durations.ts';
