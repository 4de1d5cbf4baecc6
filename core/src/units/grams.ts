import { roundHalfUp } from './seconds.ts';

/** From how many grams on a scale step is used: 1 g from 25 g, 0.1 g from 2.5 g, 0.01 g below, so that no weight moves by more than 2 %. */
const SCALE_STEPS = [
  { fromG: 25, stepG: 1, digits: 0 },
  { fromG: 2.5, stepG: 0.1, digits: 1 },
  { fromG: 0, stepG: 0.01, digits: 2 },
] as const;

function stepOf(grams: number): { readonly stepG: number; readonly digits: number } {
  return SCALE_STEPS.find((s) => Math.abs(grams) >= s.fromG) ?? SCALE_STEPS[2];
}

/**
 * A weight rounded for the scale. The step of 1 g at 25 g moves a weight by 0.5 g, which is 2 % of it; the same share holds at
 * 2.5 g. Below 0.25 g the share grows: such a weight is beyond a kitchen scale.
 */
export function roundGrams(grams: number): number {
  const { stepG, digits } = stepOf(grams);
  return Number((roundHalfUp(grams / stepG) * stepG).toFixed(digits));
}

/** A weight as it is read off the scale: `1.25 kg`, `242 g`, `8.4 g`, `0.72 g`. From 1 kg on to 5 g. */
export function gramsText(grams: number): string {
  if (Math.abs(grams) >= 999.5) return `${String(Number((roundHalfUp(grams / 5) * 0.005).toFixed(3)))} kg`;
  return `${roundGrams(grams).toFixed(stepOf(roundGrams(grams)).digits)} g`;
}

/** A weight as a scale of a certain step shows it (0.01, 0.1, 1 or 5 g): never finer than `gramsText`, never finer than the scale. */
export function gramsOnScale(grams: number, scaleG: number): { readonly g: number; readonly text: string } {
  if (stepOf(grams).stepG >= scaleG) return { g: roundGrams(grams), text: gramsText(grams) };
  const g = Number((roundHalfUp(grams / scaleG) * scaleG).toFixed(2));
  return { g, text: g >= 999.5 ? gramsText(g) : `${g} g` };
}

/** A volume of water by its grams, one gram a millilitre: `340 ml`, `1.25 l`. */
export function litresText(grams: number): string {
  return grams >= 999.5
    ? `${String(Number((roundHalfUp(grams / 10) / 100).toFixed(2)))} l`
    : `${roundHalfUp(grams)} ml`;
}

/** Money to the cent: `3.20 EUR`. */
export function moneyText(amount: number, currency: string): string {
  return `${(roundHalfUp(amount * 100) / 100).toFixed(2)} ${currency}`;
}
