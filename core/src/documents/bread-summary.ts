import { contentsOf, methodTimes, USUAL_BENCH, type Bread, type Content, type MethodTimes } from '../bread/index.ts';
import { isRest, type Step } from '../method/index.ts';
import { heldWords, needsOf, type Need } from '../workshop/index.ts';

/** A step of a bread's strand as a list draws it; times in seconds. */
export interface StrandStep {
  readonly id: string;
  readonly kind: Step['kind'];
  readonly isRest: boolean;
  readonly idealSec: number;
}

/** What the library shows of a bread, and by what it is searched. */
export interface BreadSummary {
  /** The bread's own id, by which others name it. */
  readonly id: string;
  readonly variantOf: string | null;
  readonly family: Bread['family'];
  readonly piece: Pick<Bread['piece'], 'doughG' | 'diameterCm' | 'shape'>;
  readonly ingredients: readonly string[];
  readonly contents: readonly Content[];
  /** Words that every piece holds. */
  readonly holds: readonly string[];
  /** At a usual bench of two; seconds. */
  readonly leastSec: number;
  readonly idealSec: number;
  readonly mostSec: number;
  readonly strand: readonly StrandStep[];
  /** What it asks of a kitchen; of a bread that was saved before this was known it is missing. */
  readonly needs?: readonly Need[];
}

/** The strand of a method, as a list draws it. */
export const strandOf = ({ steps }: MethodTimes): readonly StrandStep[] =>
  steps.map(({ step, idealSec }) => ({ id: step.id, kind: step.kind, isRest: isRest(step), idealSec }));

export function breadSummary(b: Bread): BreadSummary {
  const times = methodTimes(b.steps, USUAL_BENCH);
  return {
    id: b.id,
    variantOf: b.variantOf ?? null,
    family: b.family,
    piece: {
      doughG: b.piece.doughG,
      diameterCm: b.piece.diameterCm,
      ...(b.piece.shape !== undefined && { shape: b.piece.shape }),
    },
    ingredients: b.ingredients.map((i) => i.name),
    contents: contentsOf(b),
    holds: [...heldWords(b)].sort(),
    leastSec: times.leastSec,
    idealSec: times.idealSec,
    mostSec: times.mostSec,
    strand: strandOf(times),
    needs: needsOf(b),
  };
}
