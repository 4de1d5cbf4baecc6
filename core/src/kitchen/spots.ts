import type { Griddle } from './schema.ts';

/**
 * k(n): the least radius of a circle that holds n circles of radius 1, n = 1 … 12, as rule R6 lists it. These are the known best
 * packings of equal circles in a circle (n ≤ 13 proved: Graham 1968, Pirl 1969, Melissen 1994, Fodor 2000; values from memory).
 */
export const ROUND_PACKING = [1, 2, 2.1547, 2.4142, 2.7013, 3, 3, 3.3048, 3.6131, 3.813, 3.9238, 4.0296] as const;
const TOLERANCE = 1e-9;

/** How many breads of diameter `d` a round griddle of diameter `griddleCm` holds with a clear gap, all in cm: D + g ≥ k(n) × (d + g). */
export function roundSpots(griddleCm: number, d: number, gapCm: number): number {
  return ROUND_PACKING.filter((k) => griddleCm + gapCm >= k * (d + gapCm) - TOLERANCE).length;
}

/** How many breads a griddle holds (R6): its own `spots` for that bread, else the packing of a circle or the grid of a rectangle. */
export function spotsOnGriddle(
  griddle: Griddle,
  bread: { readonly id: string; readonly piece: { readonly diameterCm: number } },
  gapCm: number,
): number {
  const told = griddle.spots?.[bread.id];
  if (told !== undefined) return told;
  const d = bread.piece.diameterCm;
  switch (griddle.shape) {
    case 'round':
      return roundSpots(griddle.diameterCm, d, gapCm);
    case 'rectangle': {
      const along = (cm: number): number => Math.floor((cm + gapCm) / (d + gapCm) + TOLERANCE);
      return along(griddle.widthCm) * along(griddle.depthCm);
    }
  }
}
