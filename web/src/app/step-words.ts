import { isRest, stepWords, type Step } from '@hodsman/core';

/** A step by its own name: "roll small" of `roll-small`. */
export function stepName(step: Step): string {
  return stepWords(step.id);
}

/** The colour of the state of look.md that a step is in. */
export function stepColour(step: Step): string {
  if (isRest(step)) return 'var(--dough)';
  if (step.kind === 'cook') return 'var(--ember)';
  return step.kind === 'finish' ? 'var(--herb)' : 'var(--hands)';
}
