import type { Griddle } from './schema.ts';

/** The centre of a spot in cm from the griddle's own centre. */
export interface Spot {
  readonly xCm: number;
  readonly yCm: number;
}

/** Rings of the drawn packings: [how many, on a ring of which radius in units of the packing's k − 1]. */
const RINGS: Readonly<Record<number, readonly (readonly [number, number])[]>> = {
  1: [[1, 0]],
  6: [
    [1, 0],
    [5, 1],
  ],
  7: [
    [1, 0],
    [6, 1],
  ],
  8: [
    [1, 0],
    [7, 1],
  ],
  9: [
    [1, 0],
    [8, 1],
  ],
  10: [
    [2, 0.36],
    [8, 1],
  ],
  11: [
    [2, 0.36],
    [9, 1],
  ],
  12: [
    [3, 0.4],
    [9, 1],
  ],
};

/**
 * Where `count` breads lie on a griddle as drawn from above, in cm from its centre. The drawing spreads them on rings (a round
 * griddle) or a grid (a rectangle); how many fit is `spotsOnGriddle`'s to say, not this.
 */
export function spotCentres(griddle: Griddle, count: number, breadCm: number): readonly Spot[] {
  if (count <= 0) return [];
  if (griddle.shape === 'rectangle') return gridCentres(griddle.widthCm, griddle.depthCm, count);
  const reach = Math.max(0, (griddle.diameterCm - breadCm) / 2);
  const rings = RINGS[count] ?? [[count, 1]];
  return rings.flatMap(([n, share]) =>
    Array.from({ length: n }, (_, i) => {
      const angle = (2 * Math.PI * i) / n - Math.PI / 2;
      return { xCm: reach * share * Math.cos(angle), yCm: reach * share * Math.sin(angle) };
    }),
  );
}

function gridCentres(widthCm: number, depthCm: number, count: number): readonly Spot[] {
  // the number of columns whose cells come nearest to squares
  let columns = 1;
  for (let c = 1; c <= count; c++) {
    const ratio = (n: number): number => Math.abs(Math.log(widthCm / n / (depthCm / Math.ceil(count / n))));
    if (ratio(c) < ratio(columns)) columns = c;
  }
  const rows = Math.ceil(count / columns);
  return Array.from({ length: count }, (_, i) => ({
    xCm: (((i % columns) + 0.5) / columns - 0.5) * widthCm,
    yCm: ((Math.floor(i / columns) + 0.5) / rows - 0.5) * depthCm,
  }));
}
