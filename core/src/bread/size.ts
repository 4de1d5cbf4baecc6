import { isRest } from '../method/index.ts';
import type { Bread } from './schema.ts';

/**
 * Density of raw dough in g/cm³: about 1.15 without gas, about 0.75 proofed and gently rolled (common practice, an estimate that
 * weighing replaces).
 */
const DENSITY = { plain: 1.15, proofed: 0.75 } as const;

/** Share of the square over its longest side that a bread of a shape covers: a circle π/4; an oval is taken as three quarters as wide as long, a wedge as a quarter of a round. */
const COVERS: Readonly<Record<string, number>> = { square: 1, oval: (Math.PI / 4) * 0.75, wedge: Math.PI / 8 };

const areaCm2 = (diameterCm: number, shape: string | undefined): number =>
  (COVERS[shape ?? 'round'] ?? Math.PI / 4) * diameterCm ** 2;

/** Whether the dough carries gas when it is rolled: it has proofed. */
function isProofed(bread: Pick<Bread, 'steps'>): boolean {
  return bread.steps.some((s) => s.kind === 'proof');
}

/** Density in g/cm³ that is to be expected of a bread's pieces. */
export function densityOf(bread: Pick<Bread, 'steps'>): number {
  return isProofed(bread) ? DENSITY.proofed : DENSITY.plain;
}

/** Grams of a piece: density × area × thickness (18 cm × 3 mm of plain dough: about 88 g). Density g/cm³, diameter cm, thickness mm. */
export function pieceGrams(diameterCm: number, thicknessMm: number, density: number, shape?: string): number {
  return (density * areaCm2(diameterCm, shape) * thicknessMm) / 10;
}

/** Thickness in mm of a piece of so many grams. */
export function pieceThicknessMm(grams: number, diameterCm: number, density: number, shape?: string): number {
  return (grams * 10) / (density * areaCm2(diameterCm, shape));
}

/** Diameter in cm of a piece of so many grams. */
export function pieceDiameterCm(grams: number, thicknessMm: number, density: number, shape?: string): number {
  return Math.sqrt((grams * 10) / (density * areaCm2(1, shape) * thicknessMm));
}

/** What a bread weighs from the griddle, of its raw weight: it loses water (common practice). */
export const COOKED_SHARE = { least: 0.85, most: 0.92 } as const;

/** Density in g/cm³ that weight, diameter and thickness of a piece stand for together; undefined without a thickness. */
export function impliedDensity(piece: Bread['piece']): number | undefined {
  if (piece.thicknessMm === undefined) return undefined;
  return (piece.doughG * 10) / (areaCm2(piece.diameterCm, piece.shape) * piece.thicknessMm);
}

/** Steps from which on a folded or filled piece is no single sheet: its thickness says nothing of its weight. */
export function isSingleSheet(bread: Pick<Bread, 'steps'>): boolean {
  return !bread.steps.some((s) => !isRest(s) && (s.kind === 'fill' || s.kind === 'coil'));
}
