import { flourOfDough } from './scale.ts';
import type { Ingredient } from './schema.ts';

/** One figure that is known, from which all others of a formula follow. */
export type Known =
  | { readonly what: 'pieces'; readonly pieces: number }
  | { readonly what: 'dough'; readonly g: number }
  | { readonly what: 'flour'; readonly g: number }
  /** So many grams of the ingredient at this index are at hand. */
  | { readonly what: 'ingredient'; readonly index: number; readonly g: number };

export interface Scale {
  readonly flourG: number;
  readonly doughG: number;
  /** Pieces that this dough makes, not rounded. */
  readonly pieces: number;
}

interface Scalable {
  readonly ingredients: readonly Ingredient[];
  readonly lossPct: number;
  readonly piece: { readonly doughG: number };
}

/**
 * Flour, dough and pieces from any one figure: dough = pieces × piece × (1 + loss), flour = dough ÷ Σ pct × 100. An ingredient outside
 * the dough gives the pieces through its grams a piece. Undefined where the figure cannot give them (0 %, nothing a piece).
 */
export function scaleFrom(bread: Scalable, known: Known): Scale | undefined {
  const pieceG = bread.piece.doughG * (1 + bread.lossPct / 100);
  const ofDough = (doughG: number): Scale => ({
    flourG: flourOfDough(doughG, bread.ingredients),
    doughG,
    pieces: doughG / pieceG,
  });
  const flourPerDough = flourOfDough(1, bread.ingredients);
  switch (known.what) {
    case 'pieces':
      return ofDough(known.pieces * pieceG);
    case 'dough':
      return ofDough(known.g);
    case 'flour':
      return ofDough(known.g / flourPerDough);
    case 'ingredient': {
      const i = bread.ingredients[known.index];
      if (!i) return undefined;
      if (i.use === 'dough') return i.pct ? ofDough(((known.g / i.pct) * 100) / flourPerDough) : undefined;
      return i.gPerPiece ? ofDough((known.g / i.gPerPiece) * pieceG) : undefined;
    }
  }
}
