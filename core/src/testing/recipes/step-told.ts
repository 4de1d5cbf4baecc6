import { isRest, type Step } from '../../method/index.ts';

/** A step in a word: a rest with its best minutes, cooking with the seconds of its phases, work of those kinds with its minutes. */
export function stepTold(step: Step, timed: readonly Step['kind'][] = []): string {
  if (isRest(step)) return `${step.kind} ${step.window.ideal}`;
  if (step.kind === 'cook') return `cook ${(step.phases ?? []).map((p) => p.sec).join('+')}`;
  return timed.includes(step.kind) ? `${step.kind} ${step.minutes}` : step.kind;
}
