const SEC_PER_MIN = 60;

/**
 * Rounds half up to a whole number (2.5 → 3, −2.5 → −2), as the plan file asks for. A product of minutes and pace such as 1.1 × 45
 * carries a binary error; 10⁻⁹ is added so that an exact half is still seen as one.
 */
export function roundHalfUp(x: number): number {
  const rounded = Math.floor(x + 0.5 + 1e-9);
  return rounded === 0 ? 0 : rounded; // never −0
}

/** Whole seconds of a time in minutes; the one place where minutes become seconds (rule R3). */
export function secondsOfMinutes(minutes: number): number {
  return roundHalfUp(minutes * SEC_PER_MIN);
}

/** The window of a rest, in whole seconds, stretched by `factor` (1 = as written; rule R2). Minutes in, seconds out. */
export function secondsOfWindow(
  window: { readonly min: number; readonly ideal: number; readonly max: number },
  factor = 1,
): { readonly minSec: number; readonly idealSec: number; readonly maxSec: number } {
  return {
    minSec: secondsOfMinutes(window.min * factor),
    idealSec: secondsOfMinutes(window.ideal * factor),
    maxSec: secondsOfMinutes(window.max * factor),
  };
}
