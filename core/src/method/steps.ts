import type { ActiveStep, Phase, PrepareStep, RestStep, Step } from './schema.ts';

/** Whether nobody's hands are in it. */
export function isRest(step: Step): step is RestStep {
  return 'window' in step;
}

/** The chain of a bread: its steps in order without the side jobs (`prepare`), which stand beside it. */
export function chainOf(steps: readonly Step[]): readonly Exclude<Step, PrepareStep>[] {
  return steps.filter((s): s is Exclude<Step, PrepareStep> => s.kind !== 'prepare');
}

/** Whether a kind of place is a fire. */
export const isFireKind = (at: string | undefined): at is 'griddle' | 'grill' | 'flame' =>
  at === 'griddle' || at === 'grill' || at === 'flame';

/** The phases of a cook step; none where it is given in minutes, or is no cook step. */
export function cookPhases(step: ActiveStep): readonly Phase[] {
  return step.kind === 'cook' ? (step.phases ?? []) : [];
}

/** What helps at a step, each with what it is: the sign, what goes wrong and what then, what to be careful of, why it is done. */
export function stepNotes(step: Step): readonly (readonly [string, string])[] {
  const notes: readonly (readonly [string, string | undefined])[] = [
    ['Look for', step.cue],
    ['If it goes wrong', step.trouble],
    ['Take care', step.caution],
    ['Why', step.why],
  ];
  return notes.flatMap(([what, words]) => (words === undefined || words === '' ? [] : [[what, words] as const]));
}
