import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { leastLoadsSpan, type KindOfPieces } from './plate-loads.ts';
import type { Hotplate } from './problem.ts';

const plate = (resetSec: number, changeSec: number): Hotplate => ({
  id: 'G',
  resetSec,
  changeSec,
  layOnGapSec: 0,
  laidOnAt: 'start',
  cleanSec: null,
  hasZones: false,
});

describe('whole loads on hotplates', () => {
  it('counts rounds with resets: seven pieces of 100 s, three at a time, reset 20: 3 × 120 − 20', () => {
    const kinds: KindOfPieces[] = [{ count: 7, workSec: 100, isReset: true, spots: [3] }];
    expect(leastLoadsSpan([plate(20, 60)], kinds, 0)).toBe(340);
    // laid on beside the spot that is not ready yet
    expect(leastLoadsSpan([plate(20, 60)], [{ count: 3, workSec: 100, spots: [1], isReset: false }], 0)).toBe(300);
  });

  it('puts a change between two kinds on one plate, and none where each has a plate of its own', () => {
    const two = (spots: readonly number[]): KindOfPieces[] => [
      { count: 2, workSec: 100, isReset: true, spots },
      { count: 2, workSec: 50, isReset: true, spots },
    ];
    expect(leastLoadsSpan([plate(20, 60)], two([2]), 0)).toBe(100 + 60 + 50);
    expect(leastLoadsSpan([plate(20, 60), plate(20, 60)], two([2, 2]), 0)).toBe(100);
  });

  it('gives every plate the kinds that it may carry', () => {
    // the first kind fits on the second plate alone
    const kinds: KindOfPieces[] = [
      { count: 4, workSec: 60, isReset: true, spots: [0, 1] },
      { count: 3, workSec: 60, isReset: true, spots: [1, 1] },
    ];
    expect(leastLoadsSpan([plate(0, 30), plate(0, 30)], kinds, 0)).toBe(240);
  });

  it('starts from what is known and gives that back where it is enough, or where there is too much to count', () => {
    const kinds: KindOfPieces[] = [{ count: 2, workSec: 100, isReset: true, spots: [2] }];
    expect(leastLoadsSpan([plate(0, 0)], kinds, 150)).toBe(150);
    const many = Array.from({ length: 4 }, (): KindOfPieces => ({ count: 9, workSec: 60, isReset: true, spots: [1] }));
    expect(leastLoadsSpan([plate(0, 0)], many, 77)).toBe(77);
  });

  it('is never longer than the best way of sharing whole loads out by hand', () => {
    const piece = fc.record({
      count: fc.integer({ min: 1, max: 5 }),
      workSec: fc.integer({ min: 20, max: 90 }),
      size: fc.integer({ min: 1, max: 3 }),
    });
    fc.assert(
      fc.property(
        piece,
        piece,
        fc.integer({ min: 0, max: 30 }),
        fc.integer({ min: 30, max: 60 }),
        (a, b, reset, change) => {
          const plates = [plate(reset, change), plate(reset, change)];
          const kinds = [a, b].map((k): KindOfPieces => ({ ...k, isReset: true, spots: [k.size, k.size] }));
          const span = (loads: readonly number[]): number => {
            const used = loads.flatMap((n, k) => (n > 0 ? [n * ((kinds[k]?.workSec ?? 0) + reset) - reset] : []));
            return used.reduce((x, y) => x + y, 0) + Math.max(0, used.length - 1) * change;
          };
          const [loadsA, loadsB] = [Math.ceil(a.count / a.size), Math.ceil(b.count / b.size)];
          let best = Infinity;
          for (let x = 0; x <= loadsA; x++)
            for (let y = 0; y <= loadsB; y++)
              best = Math.min(best, Math.max(span([x, y]), span([loadsA - x, loadsB - y])));
          expect(leastLoadsSpan(plates, kinds, 0)).toBe(best);
        },
      ),
      { seed: 7, numRuns: 200 },
    );
  });
});
