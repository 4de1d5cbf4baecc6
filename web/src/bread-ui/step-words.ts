import { isRest, stepWords, type Step, type StrandStep } from '@hodsman/core';

/** A step by its own name: "roll small" of `roll-small`. */
export function stepName(step: Step): string {
  return stepWords(step.id);
}

/** The colour of the state of look.md that a step is in. */
export function stepColour(step: Step): string {
  return strandColour({ kind: step.kind, isRest: isRest(step) });
}

/** The same for a step as a list knows it. */
export function strandColour({ kind, isRest }: Pick<StrandStep, 'kind' | 'isRest'>): string {
  if (isRest) return 'var(--dough)';
  if (kind === 'cook') return 'var(--ember)';
  return kind === 'finish' ? 'var(--herb)' : 'var(--hands)';
}
