import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PACKING_K, spotsFor, type Facts } from '../planner/check/facts.ts';
import { breadSchema } from '../workshop/index.ts';
import { rawWorkshop } from '../testing/index.ts';
import { griddleSchema } from './schema.ts';
import { ROUND_PACKING, roundSpots, spotsOnGriddle } from './spots.ts';
import { spotCentres } from './spot-centres.ts';

const round = (diameterCm: number) => griddleSchema.parse({ id: 'G1', surface: 'steel', shape: 'round', diameterCm });
const flat = (diameterCm: number) => {
  const bread = rawWorkshop()['breads'][0];
  return breadSchema.parse({ ...bread, piece: { doughG: 80, diameterCm } });
};

describe('how many breads a griddle holds', () => {
  it('has the table of rule R6', () => {
    expect(ROUND_PACKING).toEqual([1, 2, 2.1547, 2.4142, 2.7013, 3, 3, 3.3048, 3.6131, 3.813, 3.9238, 4.0296]);
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
  it('is written twice, and planner and checker agree', () => {
    expect(PACKING_K).toEqual([...ROUND_PACKING]);
    const size = fc.integer({ min: 80, max: 700 }).map((mm) => mm / 10);
    fc.assert(
      fc.property(size, size, fc.constantFrom(0, 0.5, 1, 2), (griddleCm, breadCm, gap) => {
        const facts = { workshop: { kitchen: { griddleGapCm: gap } } } as Facts;
        expect(spotsFor(facts, round(griddleCm), flat(breadCm))).toBe(
          spotsOnGriddle(round(griddleCm), flat(breadCm), gap),
        );
      }),
    );
  });
  it('draws every bread inside its griddle', () => {
    for (let n = 1; n <= 12; n++)
      for (const s of spotCentres(round(60), n, 14)) expect(Math.hypot(s.xCm, s.yCm)).toBeLessThanOrEqual(23 + 1e-9);
  });
});
