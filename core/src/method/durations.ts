import { secondsOfMinutes } from '../units/index.ts';
import type { ActiveStep } from './schema.ts';
import { cookPhases } from './steps.ts';

/**
 * Seconds that an active step takes by hand: 60 × (minutes + minutesPerPiece × n) × pace, rounded half up; a cook step with phases
 * takes their sum, whatever the pace (rule R3). `n` is the pieces of the batch, for a team the pieces ÷ people rounded up, for a
 * piece step 1; `pace` the slowest among its people.
 */
export function activeSeconds(step: ActiveStep, n: number, pace: number): number {
  const phases = cookPhases(step);
  if (phases.length > 0) return cookSeconds(step);
  return secondsOfMinutes(((step.minutes ?? 0) + (step.minutesPerPiece ?? 0) * n) * pace);
}

/** Seconds of all phases of a cook step. */
function cookSeconds(step: ActiveStep): number {
  return cookPhases(step).reduce((sum, p) => sum + p.sec, 0);
}

/** When the bread is turned, in seconds after laying on: before each phase but the first and those of `turn: false`. */
export function turnMoments(step: ActiveStep): readonly number[] {
  const moments: number[] = [];
  let at = 0;
  cookPhases(step).forEach((p, i) => {
    if (i > 0 && p.turn !== false) moments.push(at);
    at += p.sec;
  });
  return moments;
}
