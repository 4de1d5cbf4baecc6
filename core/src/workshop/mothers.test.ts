import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { buildWorkshop } from '../testing/index.ts';
import { batchesOf, linesOf, mothersOf, practicesOf, type Workshop } from './index.ts';

const SEED = 41;

/** A class with stations of given sizes whose dough staff make; 82.4 g of dough a person. */
function ahead(sizes: readonly number[], handMaxDoughG: number, mode = 'ahead'): Workshop {
  return buildWorkshop({
    people: sizes.reduce((a, b) => a + b, 0),
    change: (f) => {
      let next = 0;
      const benches = sizes.map((seats, i) => ({ id: `B${i + 1}`, seats }));
      f['kitchen'].benches = benches;
      f['kitchen'].handMaxDoughG = handMaxDoughG;
      f['stations'] = sizes.map((n, i) => ({
        id: `S${i + 1}`,
        bench: `B${i + 1}`,
        members: Array.from({ length: n }, () => `p${++next}`),
      }));
      f['menu'][0].dough = { mode, through: 'mix', ...(mode === 'swap' ? { practice: 'mix' } : {}) };
      f['prepTimes'] = [{ from: '2027-03-06T08:00', to: '2027-03-06T10:00' }];
    },
  });
}

const mothers = (w: Workshop) => mothersOf(w, batchesOf(w, linesOf(w)));
const G_EACH = 80 * 1.03;

describe('mother batches', () => {
  it('hold all shares in one where hands can mix it', () => {
    const made = mothers(ahead([2, 2, 2], 3000));
    expect(made.map((m) => [m.id, m.shares.map((s) => s.station.id)])).toEqual([['flat@ahead1', ['S1', 'S2', 'S3']]]);
    expect(made[0]?.scaled.doughG).toBeCloseTo(6 * G_EACH, 9);
  });

  it('are as few as the limit allows and keep neighbours together', () => {
    const made = mothers(ahead([2, 2, 2, 2], 4 * G_EACH + 1));
    expect(made.map((m) => m.shares.map((s) => s.station.id))).toEqual([
      ['S1', 'S2'],
      ['S3', 'S4'],
    ]);
  });

  it('are one for each share where none may lie with another', () => {
    expect(mothers(ahead([2, 3], 3 * G_EACH + 1)).map((m) => m.shares.length)).toEqual([1, 1]);
  });

  it('are never more than a search of all groupings needs, and no move or exchange makes them more equal', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 4, max: 9 }),
        (sizes, limit) => {
          const made = mothers(ahead(sizes, limit * G_EACH + 1)).map((m) => m.shares.map((s) => s.team.length));
          const weight = (g: readonly number[]): number => g.reduce((a, b) => a + b, 0);
          expect(made.flat().sort()).toEqual([...sizes].sort());
          for (const g of made) expect(weight(g)).toBeLessThanOrEqual(limit);
          expect(made.length).toBe(fewest(sizes, limit));
          const spread = (gs: readonly (readonly number[])[]): number =>
            Math.max(...gs.map(weight)) - Math.min(...gs.map(weight));
          for (const next of changes(made))
            if (next.every((g) => g.length > 0 && weight(g) <= limit))
              expect(spread(next)).toBeGreaterThanOrEqual(spread(made));
        },
      ),
      { seed: SEED, numRuns: 60 },
    );
  });

  it('count what is given by batch once for every share', () => {
    const w = ahead([2, 2], 3000);
    const oil = { name: 'oil', role: 'fat' as const, use: 'bath' as const, gPerBatch: 50 };
    const breads = w.breads.map((b) => ({ ...b, ingredients: [...b.ingredients, oil] }));
    expect(mothers({ ...w, breads })[0]?.scaled.ingredients.find((i) => i.name === 'oil')?.g).toBe(100);
  });
});

describe('practice batches', () => {
  it('are one for each share of a swapped dough, of its size', () => {
    const w = ahead([2, 1], 3000, 'swap');
    const practices = practicesOf(batchesOf(w, linesOf(w)));
    expect(practices.map((p) => [p.id, p.share.scaled.doughG])).toEqual([
      ['flat@S1-practice', 2 * G_EACH],
      ['flat@S2-practice', G_EACH],
    ]);
    expect(practicesOf(batchesOf(ahead([2], 3000), linesOf(ahead([2], 3000))))).toEqual([]);
  });
});

/** The fewest groups of at most `limit`, by trying all. */
function fewest(sizes: readonly number[], limit: number): number {
  let best = sizes.length;
  const place = (i: number, groups: readonly number[]): void => {
    if (groups.length >= best) return;
    const size = sizes[i];
    if (size === undefined) {
      best = groups.length;
      return;
    }
    groups.forEach((g, n) => {
      if (g + size <= limit)
        place(
          i + 1,
          groups.map((x, m) => (m === n ? x + size : x)),
        );
    });
    place(i + 1, [...groups, size]);
  };
  place(0, []);
  return best;
}

/** All groupings that one move or exchange of shares leads to. */
function changes(groups: readonly (readonly number[])[]): readonly (readonly (readonly number[])[])[] {
  const without = (g: readonly number[], i: number): readonly number[] => g.filter((_, n) => n !== i);
  return groups.flatMap((from, a) =>
    groups.flatMap((to, b) =>
      a === b
        ? []
        : from.flatMap((x, i) => [
            groups.map((g, n) => (n === a ? without(from, i) : n === b ? [...to, x] : g)),
            ...to.map((y, j) =>
              groups.map((g, n) => (n === a ? [...without(from, i), y] : n === b ? [...without(to, j), x] : g)),
            ),
          ]),
    ),
  );
}
