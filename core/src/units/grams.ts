import { gramsOfOunces, OZ_PER_LB, ouncesOfGrams } from './measures.ts';
import { ownMeasures } from './own-measures.ts';
import { roundHalfUp } from './seconds.ts';
import { roundedTo } from './shown.ts';
import { mlOf } from './volumes.ts';

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

/** From how many ounces on a step is used, so that no weight moves by more than 2 %. */
const OUNCE_STEPS = [
  { fromOz: 2.5, digits: 1 },
  { fromOz: 0.25, digits: 2 },
  { fromOz: 0, digits: 3 },
] as const;

/** `12 oz`, `0.18 oz`; from a pound on `2 lb 3.5 oz`. */
function ouncesText(oz: number, digits: number): string {
  const whole = Number(oz.toFixed(digits));
  if (Math.abs(whole) < OZ_PER_LB) return `${whole} oz`;
  const pounds = Math.trunc(whole / OZ_PER_LB);
  const rest = roundedTo(Math.abs(whole - pounds * OZ_PER_LB), digits);
  return rest === 0 ? `${pounds} lb` : `${pounds} lb ${rest} oz`;
}

/** A weight as it is read off the scale, in one's own measures: `1.25 kg`, `242 g`, `8.4 g`, `0.72 g`; from 1 kg on to 5 g. */
export function gramsText(grams: number): string {
  if (ownMeasures().weight === 'oz') {
    const oz = ouncesOfGrams(grams);
    return ouncesText(oz, OUNCE_STEPS.find((s) => Math.abs(oz) >= s.fromOz)?.digits ?? 3);
  }
  if (Math.abs(grams) >= 999.5) return `${String(Number((roundHalfUp(grams / 5) * 0.005).toFixed(3)))} kg`;
  return `${roundGrams(grams).toFixed(stepOf(roundGrams(grams)).digits)} g`;
}

/** Steps of a scale in ounces by the step in grams that is nearest (common practice: a scale that shows 1 g shows 0.05 oz). */
const OZ_OF_STEP: Readonly<Record<number, number>> = { 0.01: 0.0005, 0.1: 0.005, 1: 0.05, 5: 0.2 };
const stepInOunces = (scaleG: number): number => OZ_OF_STEP[scaleG] ?? ouncesOfGrams(scaleG);

/** The step of a scale: `1 g`, `0.05 oz`. */
export const scaleStepText = (scaleG: number): string =>
  ownMeasures().weight === 'oz' ? `${stepInOunces(scaleG)} oz` : `${scaleG} g`;

/** A weight as a scale of a certain step shows it (0.01, 0.1, 1 or 5 g): never finer than `gramsText`, never finer than the scale. */
export function gramsOnScale(grams: number, scaleG: number): { readonly g: number; readonly text: string } {
  if (ownMeasures().weight === 'oz') {
    const step = stepInOunces(scaleG);
    const oz = roundHalfUp(ouncesOfGrams(grams) / step) * step;
    return { g: gramsOfOunces(oz), text: ouncesText(oz, 4) };
  }
  if (stepOf(grams).stepG >= scaleG) return { g: roundGrams(grams), text: gramsText(grams) };
  const g = Number((roundHalfUp(grams / scaleG) * scaleG).toFixed(2));
  return { g, text: g >= 999.5 ? gramsText(g) : `${g} g` };
}

/** A volume of water by its grams, one gram a millilitre: `340 ml`, `1.25 l`; beside ounces in fluid ounces and pints. */
export function litresText(grams: number): string {
  const { weight, spoons } = ownMeasures();
  if (weight === 'oz') {
    const pints = grams / mlOf('pint', spoons);
    return pints >= 2 ? `${roundedTo(pints, 1)} pints` : `${roundedTo(grams / mlOf('fluidOunce', spoons), 1)} fl oz`;
  }
  return grams >= 999.5
    ? `${String(Number((roundHalfUp(grams / 10) / 100).toFixed(2)))} l`
    : `${roundHalfUp(grams)} ml`;
}

/** Money to the cent: `3.20 EUR`. */
export function moneyText(amount: number, currency: string): string {
  return `${(roundHalfUp(amount * 100) / 100).toFixed(2)} ${currency}`;
}
