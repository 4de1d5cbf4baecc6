import { secondsOfWindow } from '../units/index.ts';
import type { RestStep } from './schema.ts';

/** Proof times are reckoned between these temperatures only (rule R2). */
const PROOF_RANGE_C = { from: 10, to: 40 } as const;

/** Whether a rest whose window depends on warmth may lie at this temperature. */
export function isProofPlace(tempC: number): boolean {
  return tempC >= PROOF_RANGE_C.from && tempC <= PROOF_RANGE_C.to;
}

/** By how much the window of a rest is stretched at `tempC`: q10^((refC − tempC)/10), 1 where it does not depend on warmth (rule R2). */
function warmthFactor(step: RestStep, tempC: number): number {
  return step.q10 === undefined || step.refC === undefined ? 1 : step.q10 ** ((step.refC - tempC) / 10);
}

/** The window of a rest at a place of `tempC`, in whole seconds. */
export function windowAt(
  step: RestStep,
  tempC: number,
): { readonly minSec: number; readonly idealSec: number; readonly maxSec: number } {
  return secondsOfWindow(step.window, warmthFactor(step, tempC));
}
