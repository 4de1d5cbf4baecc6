import { roundedTo } from '../units/index.ts';
import type { Bread } from './schema.ts';
import { densityOf, pieceGrams, pieceThicknessMm } from './size.ts';

type Piece = Bread['piece'];

/** Shapes that have a width of their own. */
export const WIDE_SHAPES: readonly string[] = ['rectangle', 'oval', 'half'];

const one = (x: number): number => roundedTo(x, 1);

/** The piece in another size at the same weight: thinner or thicker; the width is never more than the length. */
export function resizedPiece(bread: Bread, size: Partial<Piece>): Piece {
  const next = { ...bread.piece, ...size };
  if (next.widthCm !== undefined) next.widthCm = Math.min(next.widthCm, next.diameterCm);
  return { ...next, thicknessMm: one(pieceThicknessMm(next.doughG, next, densityOf(bread))) };
}

/** The piece with more or less dough in the same size. */
export const reweighedPiece = (bread: Bread, doughG: number): Piece => ({
  ...bread.piece,
  doughG,
  thicknessMm: one(pieceThicknessMm(doughG, bread.piece, densityOf(bread))),
});

/** The piece as thick as that in the same size: more or less dough. */
export const thickenedPiece = (bread: Bread, thicknessMm: number): Piece => ({
  ...bread.piece,
  thicknessMm,
  doughG: one(pieceGrams(bread.piece, thicknessMm, densityOf(bread))),
});

/** The piece in another shape, with the measures that such a shape has. */
export function reshapedPiece(bread: Bread, shape: string): Piece {
  const { widthCm, ofRound, ...rest } = bread.piece;
  return {
    ...rest,
    shape,
    ...(WIDE_SHAPES.includes(shape) && widthCm !== undefined && { widthCm }),
    ...(shape === 'wedge' && ofRound !== undefined && { ofRound }),
  };
}
