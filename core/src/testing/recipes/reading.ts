import type { Bread } from '../../bread/index.ts';
import { stepTold } from './step-told.ts';

/** What was read of a recipe, in words that one looks through at a glance. */
interface Reading {
  /** "flour 100, water 62": baker's percentages. */
  readonly dough: string;
  /** What is none of the dough, in grams for each piece and with its use: "butter 8 finish". */
  readonly outside: string;
  /** "110 g, 20 cm". */
  readonly piece: string;
  readonly steps: string;
}

/** A note of a teacher with what is read of it, and what of it is not understood. */
export interface OwnNote extends Reading {
  readonly text: string;
  readonly left: readonly string[];
}

/** A bread in the words of a reading. */
export function readingOf({ ingredients, piece, steps }: Bread): Reading {
  const dough = ingredients.filter((i) => i.use === 'dough').map((i) => `${i.name} ${i.pct}`);
  const outside = ingredients.filter((i) => i.use !== 'dough').map((i) => `${i.name} ${i.gPerPiece} ${i.use}`);
  return {
    dough: dough.join(', '),
    outside: outside.join(', '),
    piece: `${piece.doughG} g, ${piece.diameterCm} cm`,
    steps: steps.map((s) => stepTold(s, ['knead'])).join(', '),
  };
}
