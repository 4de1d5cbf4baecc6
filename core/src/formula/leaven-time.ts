/** By how much leaven works faster for each 10 °C (common practice); the rule of the file counts so at every warmth. */
const PROOF_Q10 = 2.5;

/** From one to the other the rule of thumb holds; beyond, the cardinal temperatures decide. */
const RULE_RANGE_C = { from: 10, to: 30 } as const;

/**
 * Cardinal temperatures of baker's yeast in a dough, in °C: it stands still at the first, works fastest at the second, stops at the third.
 * Rounded, from memory of what is published for Saccharomyces cerevisiae (growth 1 to 3, 32 to 36, 45 to 46 °C).
 */
const YEAST_C = { least: 2, best: 35, most: 45.5 } as const;

/**
 * Speed of growth as a share of the greatest, 0 outside the limits: the cardinal temperature model with inflection of Rosso, Lobry and
 * Flandrois (1993), An unexpected correlation between cardinal temperatures of microbial growth, J. theor. Biol. 162; its fourth
 * parameter, the greatest speed, falls out of a ratio.
 */
function yeastSpeed(tempC: number): number {
  const { least, best, most } = YEAST_C;
  if (tempC <= least || tempC >= most) return 0;
  const bend = (best - least) * (tempC - best) - (best - most) * (best + least - 2 * tempC);
  return ((tempC - most) * (tempC - least) ** 2) / ((best - least) * bend);
}

/** How fast a leaven works against 30 °C: by the rule where that holds, beyond by the model, joined where the two meet; 0 where it does not work. */
function leavenSpeed(tempC: number, q10: number): number {
  const { from, to } = RULE_RANGE_C;
  const edge = Math.min(to, Math.max(from, tempC));
  const byRule = q10 ** ((edge - to) / 10);
  return edge === tempC ? byRule : (byRule * yeastSpeed(tempC)) / yeastSpeed(edge);
}

/** Slower than this against 30 °C is standing still: more than two days for an hour. */
const STILL = 1 / 48;

/**
 * Minutes of a proof at another temperature, for display and advice: minutes × q10^((from − to)/10) from 10 to 30 °C, beyond by the
 * cardinal temperatures of yeast. Undefined where leaven stands still or fails. What a plan counts is the rule of the file: `windowAt`.
 */
export function proofMinutesAt(minutes: number, fromC: number, toC: number, q10 = PROOF_Q10): number | undefined {
  const [known, wanted] = [leavenSpeed(fromC, q10), leavenSpeed(toC, q10)];
  return known === 0 || wanted < STILL ? undefined : (minutes * known) / wanted;
}

/** The same by the rule of the file alone, which a plan counts by at every warmth. */
export function proofMinutesByRule(minutes: number, fromC: number, toC: number, q10 = PROOF_Q10): number {
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
