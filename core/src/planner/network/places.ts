import { isProofPlace, windowAt, type RestStep } from '../../method/index.ts';
import type { Workshop } from '../../workshop/index.ts';

/** Where a rest lies, and its window there in seconds. */
export interface ChosenPlace {
  readonly id: string;
  /** Its number in the kitchen's list. */
  readonly index: number;
  readonly window: ReturnType<typeof windowAt>;
}

/**
 * Chooses a place for every rest before any time is set: of the places of its kind (those fit for proofing where the window depends
 * on warmth, and large enough) the one that is fullest last; of equals the nearest to the temperature for which the window is written.
 * Assumes the workshop was read without faults.
 */
export class PlaceChooser {
  private readonly load = new Map<string, number>();

  constructor(private readonly workshop: Workshop) {}

  choose(step: RestStep, batches: number): ChosenPlace {
    const { places, roomC } = this.workshop.kitchen;
    const fitting = places
      .map((p, index) => ({ ...p, index }))
      .filter((p) => p.kind === step.at && (step.q10 === undefined || isProofPlace(p.tempC)));
    const fullness = (p: (typeof fitting)[number]): number => {
      const load = (this.load.get(p.id) ?? 0) + batches;
      if (p.batches === undefined) return 0;
      return batches > p.batches ? Infinity : load / p.batches;
    };
    const distance = (p: (typeof fitting)[number]): number => Math.abs(p.tempC - (step.refC ?? p.tempC));
    const best = fitting.reduce<(typeof fitting)[number] | undefined>((a, b) => {
      if (!a) return b;
      const less = fullness(b) - fullness(a) || distance(b) - distance(a);
      return less < 0 ? b : a;
    }, undefined);
    if (best) this.load.set(best.id, (this.load.get(best.id) ?? 0) + batches);
    return { id: best?.id ?? '', index: best?.index ?? -1, window: windowAt(step, best?.tempC ?? roomC) };
  }
}
