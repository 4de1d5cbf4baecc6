import type { Griddle } from './schema.ts';
import { laidOut, type PieceShape, type Spot } from './spots.ts';

/**
 * Where so many pieces are drawn on a griddle: as they lie by their shape. A griddle that says its own number may hold more than that: those
 * are spread over it, and may touch.
 */
export function drawnSpots(griddle: Griddle, piece: PieceShape, gapCm: number, count: number): readonly Spot[] {
  const laid = laidOut(griddle, piece, gapCm);
  return count <= laid.length ? laid.slice(0, count) : spread(griddle, piece, count);
}

function spread(griddle: Griddle, { diameterCm }: PieceShape, count: number): readonly Spot[] {
  if (griddle.shape === 'round') {
    const reach = Math.max(0, (griddle.diameterCm - diameterCm) / 2);
    return Array.from({ length: count }, (_, i) => {
      const angle = (2 * Math.PI * i) / count - Math.PI / 2;
      return { xCm: reach * Math.cos(angle), yCm: reach * Math.sin(angle), turnDeg: 0 };
    });
  }
  const { widthCm, depthCm } = griddle;
  // the number of columns whose cells come nearest to squares
  const uneven = (n: number): number => Math.abs(Math.log(widthCm / n / (depthCm / Math.ceil(count / n))));
  let columns = 1;
  for (let c = 1; c <= count; c++) if (uneven(c) < uneven(columns)) columns = c;
  const down = Math.ceil(count / columns);
  return Array.from({ length: count }, (_, i) => ({
    xCm: (((i % columns) + 0.5) / columns - 0.5) * widthCm,
    yCm: ((Math.floor(i / columns) + 0.5) / down - 0.5) * depthCm,
    turnDeg: 0,
  }));
}
