/** By how much leaven works faster for each 10 °C between 15 and 35 °C (common practice). */
const PROOF_Q10 = 2.5;

/** Below this it stands nearly still, above that it fails (common practice). */
const PROOF_LIMITS_C = { still: 5, failing: 40 } as const;

/** Minutes of a proof at another temperature: minutes × q10^((from − to)/10). Undefined where leaven stands still or fails. */
export function proofMinutesAt(minutes: number, fromC: number, toC: number, q10 = PROOF_Q10): number | undefined {
  if (toC < PROOF_LIMITS_C.still || toC > PROOF_LIMITS_C.failing) return undefined;
  return minutes * q10 ** ((fromC - toC) / 10);
}

/**
 * Yeast in % of flour for a wished proof time: yeast and time are taken as inversely proportional, at the warmth of both (common
 * practice, good from half to double the time).
 */
export function yeastForTime(
  now: { readonly pct: number; readonly minutes: number; readonly tempC: number },
  wished: { readonly minutes: number; readonly tempC: number },
): number | undefined {
  const sameYeast = proofMinutesAt(now.minutes, now.tempC, wished.tempC);
  return sameYeast === undefined || wished.minutes <= 0 ? undefined : (now.pct * sameYeast) / wished.minutes;
}
