import { contentsOf, methodTimes, USUAL_BENCH, type Bread, type Content, type MethodTimes } from '../bread/index.ts';
import { readBread } from '../formats/index.ts';
import { heldWords } from '../workshop/index.ts';
import { isRest, type Step } from '../method/index.ts';
import type { StoredKind } from './stored-kind.ts';

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
}

/** The strand of a method, as a list draws it. */
export const strandOf = ({ steps }: MethodTimes): readonly StrandStep[] =>
  steps.map(({ step, idealSec }) => ({ id: step.id, kind: step.kind, isRest: isRest(step), idealSec }));

export const BREAD: StoredKind<Bread, BreadSummary> = {
  migrations: [],
  validate: readBread,
  title: (b) => b.name,
  summary: (b) => {
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
    };
  },
};
