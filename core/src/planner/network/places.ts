import { chainOf, isProofPlace, isRest } from '../../method/index.ts';
import type { Batch, Workshop } from '../../workshop/index.ts';

/** In which place each rest of each batch lies. */
export interface ChosenPlaces {
  readonly placeId: (batchId: string, stepId: string) => string;
  readonly tempC: (batchId: string, stepId: string) => number;
}

/**
 * Chooses a place for every rest before any time is set: of the places of its kind (those fit for proofing where the window depends
 * on warmth) the one with the most room left for batches. Assumes the workshop was read without faults.
 */
export function choosePlaces(workshop: Workshop, batches: readonly Batch[]): ChosenPlaces {
  const load = new Map<string, number>();
  const chosen = new Map<string, { readonly id: string; readonly tempC: number }>();
  const key = (batchId: string, stepId: string): string => `${batchId}:${stepId}`;
  for (const batch of batches) {
    for (const step of chainOf(batch.line.bread.steps)) {
      if (!isRest(step)) continue;
      const left = (p: { readonly id: string; readonly batches?: number | undefined }): number =>
        (p.batches ?? Infinity) - (load.get(p.id) ?? 0);
      const candidates = workshop.kitchen.places.filter(
        (p) => p.kind === step.at && (step.q10 === undefined || isProofPlace(p.tempC)),
      );
      const best = candidates.reduce(
        (a, b) => (left(b) > left(a) ? b : a),
        candidates[0] ?? { id: '', tempC: workshop.kitchen.roomC },
      );
      load.set(best.id, (load.get(best.id) ?? 0) + 1);
      chosen.set(key(batch.id, step.id), best);
    }
  }
  return {
    placeId: (b, s) => chosen.get(key(b, s))?.id ?? '',
    tempC: (b, s) => chosen.get(key(b, s))?.tempC ?? workshop.kitchen.roomC,
  };
}
