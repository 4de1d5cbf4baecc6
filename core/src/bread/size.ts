import { ofRoundOf, widthOf, type PieceShape } from '../kitchen/index.ts';
import { isRest } from '../method/index.ts';
import type { Bread } from './schema.ts';

/**
 * Density of raw dough in g/cm³: about 1.15 without gas, about 0.75 proofed and gently rolled (common practice, an estimate that
 * weighing replaces).
 */
const DENSITY = { plain: 1.15, proofed: 0.75 } as const;

/** The area of a piece in cm² by its shape; a coil and a pocket are rounds. */
function areaCm2(piece: PieceShape): number {
  const a = piece.diameterCm;
  const b = widthOf(piece);
  switch (piece.shape) {
    case 'square':
      return a * a;
    case 'rectangle':
      return a * b;
    case 'oval':
    case 'half':
      // half of a round is as large as the half of an oval that is twice as wide
      return (Math.PI / 4) * a * b;
    case 'wedge':
      return (Math.PI * a * a) / ofRoundOf(piece);
    default:
      return (Math.PI / 4) * a * a;
  }
}

/** Whether the dough carries gas when it is rolled: it has proofed. */
function isProofed(bread: Pick<Bread, 'steps'>): boolean {
  return bread.steps.some((s) => s.kind === 'proof');
}

/** Density in g/cm³ that is to be expected of a bread's pieces. */
export function densityOf(bread: Pick<Bread, 'steps'>): number {
  return isProofed(bread) ? DENSITY.proofed : DENSITY.plain;
}

/** Grams of a piece: density × area × thickness (18 cm × 3 mm of plain dough: about 88 g). Density g/cm³, lengths cm, thickness mm. */
export function pieceGrams(piece: PieceShape, thicknessMm: number, density: number): number {
  return (density * areaCm2(piece) * thicknessMm) / 10;
}

/** Thickness in mm of a piece of so many grams. */
export function pieceThicknessMm(grams: number, piece: PieceShape, density: number): number {
  return (grams * 10) / (density * areaCm2(piece));
}

/** The longest side in cm of a piece of so many grams and of this shape, as wide for its length as that. */
export function pieceDiameterCm(
  grams: number,
  thicknessMm: number,
  density: number,
  shape: Omit<PieceShape, 'diameterCm'>,
): number {
  return Math.sqrt((grams * 10) / (density * areaCm2({ ...shape, diameterCm: 1 }) * thicknessMm));
}

/** What a bread weighs from the griddle, of its raw weight: it loses water (common practice). */
export const COOKED_SHARE = { least: 0.85, most: 0.92 } as const;

/** Density in g/cm³ that weight, diameter and thickness of a piece stand for together; undefined without a thickness. */
export function impliedDensity(piece: Bread['piece']): number | undefined {
  if (piece.thicknessMm === undefined) return undefined;
  return (piece.doughG * 10) / (areaCm2(piece) * piece.thicknessMm);
}

/** Steps from which on a folded or filled piece is no single sheet: its thickness says nothing of its weight. */
export function isSingleSheet(bread: Pick<Bread, 'steps'>): boolean {
  return !bread.steps.some((s) => !isRest(s) && (s.kind === 'fill' || s.kind === 'coil'));
}
