import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PACKING_K, spotsFor } from '../planner/check/room-for.ts';
import { breadSchema } from '../workshop/index.ts';
import { rawWorkshop } from '../testing/index.ts';
import { griddleSchema } from './schema.ts';
import { drawnSpots } from './drawn-spots.ts';
import { laidOut, ofRoundOf, ROUND_PACKING, roundSpots, spotsOnGriddle, widthOf, type PieceShape } from './spots.ts';

const round = (diameterCm: number) => griddleSchema.parse({ id: 'G1', surface: 'steel', shape: 'round', diameterCm });
const plate = (widthCm: number, depthCm: number) =>
  griddleSchema.parse({ id: 'G1', surface: 'steel', shape: 'rectangle', widthCm, depthCm });
const shaped = (piece: PieceShape) =>
  breadSchema.parse({ ...rawWorkshop()['breads'][0], piece: { doughG: 80, ...piece } });
const flat = (diameterCm: number) => shaped({ diameterCm });

const cm = (least: number, most: number) => fc.integer({ min: 10 * least, max: 10 * most }).map((mm) => mm / 10);
const SHAPES = ['round', 'coil', 'pocket', 'oval', 'square', 'rectangle', 'half', 'wedge', 'star', undefined];
const anyPiece = fc
  .record({
    shape: fc.constantFrom(...SHAPES),
    diameterCm: cm(8, 40),
    share: fc.option(fc.integer({ min: 20, max: 100 }), { nil: undefined }),
    ofRound: fc.option(fc.integer({ min: 2, max: 12 }), { nil: undefined }),
  })
  .map(({ shape, diameterCm, share, ofRound }) => ({
    diameterCm,
    ...(shape !== undefined && { shape }),
    ...(share !== undefined && { widthCm: (diameterCm * share) / 100 }),
    ...(ofRound !== undefined && { ofRound }),
  }));
const anyGriddle = fc.oneof(
  cm(10, 90).map(round),
  fc.tuple(cm(10, 90), cm(10, 90)).map(([w, d]) => plate(w, d)),
);

describe('how many breads a griddle holds', () => {
  it('has the table of rule R6', () => {
    expect(ROUND_PACKING).toEqual([
      1, 2, 2.1547, 2.4142, 2.7013, 3, 3, 3.3048, 3.6131, 3.813, 3.9238, 4.0296, 4.2361, 4.3284, 4.5214, 4.6154, 4.792,
      4.8637, 4.8637,
    ]);
  });
  it('agrees with the closed forms of the packings of circles in a circle, where there is one (Graham 1968; from memory)', () => {
    const ring = (n: number): number => 1 + 1 / Math.sin(Math.PI / n);
    const closed = new Map([
      [2, ring(2)],
      [3, ring(3)],
      [4, ring(4)],
      [5, ring(5)],
      [6, ring(6)],
      [7, ring(6)],
      [8, ring(7)],
      [9, ring(8)],
    ]);
    for (const [n, k] of closed) expect(ROUND_PACKING[n - 1]).toBeCloseTo(k, 4);
  });
  it('carries two of these but one of those: 18 cm and 15 cm on 32 cm', () => {
    expect([18, 15].map((d) => roundSpots(32, d, 1))).toEqual([1, 2]);
  });
  it('takes the edge of a fit as a fit: two of 17 cm need 35 cm with a gap of 1', () => {
    expect([34.99, 35].map((cm) => roundSpots(cm, 17, 1))).toEqual([1, 2]);
  });
  it('lays a rectangle out as a grid, and believes a griddle that says its own', () => {
    const griddle = griddleSchema.parse({ id: 'G', surface: 'steel', shape: 'rectangle', widthCm: 60, depthCm: 40 });
    expect(spotsOnGriddle(griddle, flat(18), 1)).toBe(6);
    expect(spotsOnGriddle({ ...griddle, spots: { flat: 5 } }, flat(18), 1)).toBe(5);
  });
  it('counts rounds in staggered rows where more lie so (worked by hand: 17 cm on 50 × 36 cm)', () => {
    // one way 2 × 2; the other (36 + 1) ÷ 18 = 2.06 in a row, half a bread on one; (50 − 17) ÷ 15.59 = 2.1: three rows, 2 + 1 + 2
    expect(spotsOnGriddle(plate(50, 36), flat(17), 1)).toBe(5);
    // (48 − 17) ÷ 15.59 = 1.99: two rows, 2 + 1, and the grid has more
    expect(spotsOnGriddle(plate(48, 36), flat(17), 1)).toBe(4);
  });
  it.each<[string, PieceShape, ReturnType<typeof round>, number]>([
    // 2 × √(16² − 5²) = 30.4 wide at the edge of a row 10 high: one of 20; two rows of them reach 10.5: 2 × √(16² − 10.5²) = 24.1: one each
    ['two ovals of 20 × 10 on a round of 32', { shape: 'oval', diameterCm: 20, widthCm: 10 }, round(32), 2],
    ['six squares of 17 on a plate of 60 × 40', { shape: 'square', diameterCm: 17 }, plate(60, 40), 6],
    [
      'eight strips of 28 × 9 on a plate of 60 × 40',
      { shape: 'rectangle', diameterCm: 28, widthCm: 9 },
      plate(60, 40),
      8,
    ],
    [
      'four wedges of a round on a griddle as large as it and its gaps',
      { shape: 'wedge', diameterCm: 13 },
      round(28),
      4,
    ],
    ['no wedge where they cannot be pushed apart', { shape: 'wedge', diameterCm: 13 }, round(27), 0],
    ['two halves of a round with the gap between them', { shape: 'half', diameterCm: 22 }, round(23), 2],
  ])('holds %s (worked by hand)', (_, piece, griddle, count) => {
    expect(spotsOnGriddle(griddle, shaped(piece), 1)).toBe(count);
  });
  it('takes an oval of which no width is told as three quarters as wide as long, a half as half, all else as long', () => {
    expect(['oval', 'half', 'rectangle', 'round'].map((shape) => widthOf({ shape, diameterCm: 20 }))).toEqual([
      15, 10, 20, 20,
    ]);
  });
  it('is written twice, and planner and checker agree for every shape', () => {
    expect(PACKING_K).toEqual([...ROUND_PACKING]);
    let fitting = 0;
    fc.assert(
      fc.property(anyGriddle, anyPiece, fc.constantFrom(0, 0.5, 1, 2), (griddle, piece, gap) => {
        const bread = shaped(piece);
        const count = spotsOnGriddle(griddle, bread, gap);
        expect(spotsFor(griddle, bread, gap)).toBe(count);
        if (count > 1) fitting++;
      }),
      { seed: 5, numRuns: 2000 },
    );
    expect(fitting).toBeGreaterThan(500);
  });
  it('lays every bread inside its griddle, and none over another', () => {
    fc.assert(
      fc.property(anyGriddle, anyPiece, (griddle, piece) => {
        // a half is at most half as wide as long, or it is none
        fc.pre(piece.shape !== 'half' || 2 * widthOf(piece) <= piece.diameterCm);
        const spots = laidOut(griddle, piece, 1);
        const corners = spots.map((s) => outline(piece, s));
        for (const [x, y] of corners.flat()) {
          if (griddle.shape === 'round') expect(Math.hypot(x, y)).toBeLessThanOrEqual(griddle.diameterCm / 2 + 1e-6);
          else {
            expect(Math.abs(x)).toBeLessThanOrEqual(griddle.widthCm / 2 + 1e-6);
            expect(Math.abs(y)).toBeLessThanOrEqual(griddle.depthCm / 2 + 1e-6);
          }
        }
        // on a round griddle the rings are drawn; elsewhere the middles of two pieces are apart by the shorter side at least
        if (griddle.shape === 'rectangle' && piece.shape !== 'wedge' && piece.shape !== 'half')
          spots.forEach((s, i) => {
            for (const t of spots.slice(i + 1))
              expect(Math.hypot(s.xCm - t.xCm, s.yCm - t.yCm)).toBeGreaterThan(
                Math.min(piece.diameterCm, widthOf(piece)),
              );
          });
      }),
      { seed: 6, numRuns: 1000 },
    );
  });
  it('draws as many as a griddle says that it holds, though they touch', () => {
    for (const griddle of [round(32), plate(60, 40)]) {
      const piece = { diameterCm: 18 };
      const more = laidOut(griddle, piece, 1).length + 2;
      for (let n = 0; n <= more; n++) expect(drawnSpots(griddle, piece, 1, n)).toHaveLength(n);
    }
  });
});

/** Points on the edge of a piece that lies on a spot; of a box its corners. */
function outline(piece: PieceShape, { xCm, yCm, turnDeg }: ReturnType<typeof laidOut>[number]): [number, number][] {
  const turn = (turnDeg * Math.PI) / 180;
  const at = (x: number, y: number): [number, number] => [
    xCm + x * Math.cos(turn) - y * Math.sin(turn),
    yCm + x * Math.sin(turn) + y * Math.cos(turn),
  ];
  const [a, b] = [piece.diameterCm, widthOf(piece)];
  if (piece.shape === 'square') return [-1, 1].flatMap((i) => [at((i * a) / 2, a / 2), at((i * a) / 2, -a / 2)]);
  if (piece.shape === 'rectangle') return [-1, 1].flatMap((i) => [at((i * a) / 2, b / 2), at((i * a) / 2, -b / 2)]);
  if (piece.shape === 'half') return [at(-a / 2, 0), at(a / 2, 0), at(0, b)];
  if (piece.shape === 'wedge') {
    const half = Math.PI / ofRoundOf(piece);
    return [at(0, 0), ...[-half, 0, half].map((x) => at(a * Math.sin(x), a * Math.cos(x)))];
  }
  if (piece.shape === 'oval') return [at(-a / 2, 0), at(a / 2, 0), at(0, b / 2), at(0, -b / 2)];
  return [0, 1, 2, 3].map((i) => [
    xCm + (a / 2) * Math.cos((i * Math.PI) / 2),
    yCm + (a / 2) * Math.sin((i * Math.PI) / 2),
  ]);
}
