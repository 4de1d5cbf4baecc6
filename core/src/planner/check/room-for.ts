import type { Griddle } from '../../kitchen/index.ts';
import type { Bread } from '../../workshop/index.ts';

/** R6: k(n) of the packings of equal circles in a circle, written down a second time on purpose. */
export const PACKING_K = [
  1, 2, 2.1547, 2.4142, 2.7013, 3, 3, 3.3048, 3.6131, 3.813, 3.9238, 4.0296, 4.2361, 4.3284, 4.5214, 4.6154, 4.792,
  4.8637, 4.8637,
];

const floor = (x: number): number => Math.max(0, Math.floor(x + 1e-9));

/** R6: how many breads a griddle holds, lengths and gap in cm; counted anew, where the kitchen lays them out. */
export function spotsFor(griddle: Griddle, { id, piece }: Bread, gap: number): number {
  if (griddle.spots && Object.hasOwn(griddle.spots, id)) return griddle.spots[id] ?? 0;
  const long = piece.diameterCm;
  const across = piece.widthCm ?? long * (piece.shape === 'half' ? 0.5 : piece.shape === 'oval' ? 0.75 : 1);
  if (long <= 0 || across <= 0) return 0;
  const round = (d: number): number => roundsOn(griddle, d, gap);
  const box = (a: number, b: number): number => Math.max(boxesOn(griddle, a, b, gap), boxesOn(griddle, b, a, gap));
  if (piece.shape === 'square') return box(long, long);
  if (piece.shape === 'rectangle') return box(long, across);
  if (piece.shape === 'oval') return Math.max(box(long, across), round(long));
  if (piece.shape === 'half') return Math.max(box(long, across), 2 * round(long + gap));
  if (piece.shape === 'wedge') {
    const n = piece.ofRound ?? 4;
    return n * round(2 * long + gap / Math.sin(Math.PI / n));
  }
  return round(long);
}

function roundsOn(griddle: Griddle, d: number, gap: number): number {
  const each = d + gap;
  if (griddle.shape === 'round') {
    let n = 0;
    while (n < PACKING_K.length && griddle.diameterCm + gap >= (PACKING_K[n] ?? Infinity) * each - 1e-9) n++;
    return n;
  }
  const counted = (wide: number, deep: number): number => {
    if (d > wide + 1e-9 || d > deep + 1e-9) return 0;
    const row = floor((wide + gap) / each);
    const shifted = floor((wide + gap) / each - 0.5);
    let staggered = 0;
    // a row more for every √3/2 of a bread and its gap that is left of the depth
    for (let n = 0; n <= floor((deep - d) / (each * Math.sqrt(0.75))); n++) staggered += n % 2 === 0 ? row : shifted;
    return Math.max(staggered, row * floor((deep + gap) / each));
  };
  return Math.max(counted(griddle.widthCm, griddle.depthCm), counted(griddle.depthCm, griddle.widthCm));
}

/** Boxes with the side a along the rows; on a rectangle the rows go along its width. */
function boxesOn(griddle: Griddle, a: number, b: number, gap: number): number {
  if (griddle.shape === 'rectangle')
    return floor((griddle.widthCm + gap) / (a + gap)) * floor((griddle.depthCm + gap) / (b + gap));
  const radius = griddle.diameterCm / 2;
  let most = 0;
  for (let rows = 1; rows === 1 || rows * b + (rows - 1) * gap <= 2 * radius + 1e-9; rows++) {
    const height = rows * b + (rows - 1) * gap;
    let held = 0;
    for (let i = 0; i < rows; i++) {
      const y = i * (b + gap) - height / 2;
      const edge = Math.max(Math.abs(y), Math.abs(y + b));
      if (edge <= radius + 1e-9)
        held += floor((2 * Math.sqrt(Math.max(0, radius * radius - edge * edge)) + gap) / (a + gap));
    }
    most = Math.max(most, held);
  }
  return most;
}
