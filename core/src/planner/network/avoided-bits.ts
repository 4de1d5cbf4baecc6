import { avoidableWords, isCarried } from '../../formula/index.ts';
import type { Batch, Piece, Workshop } from '../../workshop/index.ts';

/** How many bits a number holds, the sign aside, when it is shifted. */
const MOST_BITS = 30;

/** What pieces bring to a fire and what their owners strictly avoid, as bits (rule R13). */
export interface AvoidedBits {
  readonly holds: (batch: Batch, piece: Piece) => number;
  readonly avoids: (piece: Piece) => number;
}

/** A bit for every word that somebody strictly avoids; beyond thirty words the last bit stands for several, which is only more careful. */
export function avoidedBits(workshop: Workshop): AvoidedBits {
  const strict = new Map(
    workshop.roster.map((p) => [p.id, p.avoid.filter((a) => a.level === 'strict').map((a) => a.what)]),
  );
  const avoided = new Map(workshop.roster.map((p) => [p.id, new Set(p.avoid.map((a) => a.what))]));
  const words = [...new Set([...strict.values()].flat())];
  if (words.length === 0) return { holds: () => 0, avoids: () => 0 };
  const bitOf = (word: string): number => {
    const i = words.indexOf(word);
    return i < 0 ? 0 : 1 << Math.min(i, MOST_BITS - 1);
  };
  const bits = (list: readonly string[]): number => list.reduce((all, w) => all | bitOf(w), 0);
  return {
    holds: (batch, piece) => {
      const own = piece.owner === null ? null : (avoided.get(piece.owner) ?? new Set<string>());
      const { ingredients } = batch.line.bread;
      return bits(ingredients.filter((i) => isCarried(i, ingredients, own)).flatMap(avoidableWords));
    },
    avoids: (piece) => bits(strict.get(piece.owner ?? '') ?? []),
  };
}
