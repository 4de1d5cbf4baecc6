import type { RestStep } from '../../method/index.ts';
import type { Facts } from './facts.ts';

/** The window in exact seconds at the place where the rest lies. */
export function windowSec(
  facts: Facts,
  step: RestStep,
  placeId: string | undefined,
): { min: number; ideal: number; max: number } {
  const place = facts.workshop.kitchen.places.find((p) => p.id === placeId);
  const depends = place !== undefined && step.q10 !== undefined && step.refC !== undefined;
  const factor = depends ? Math.pow(step.q10, (step.refC - place.tempC) / 10) : 1;
  const { min, ideal, max } = step.window;
  return { min: 60 * min * factor, ideal: 60 * ideal * factor, max: 60 * max * factor };
}
