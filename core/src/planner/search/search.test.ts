import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { lowerBound, type Problem } from './index.ts';
import { mirrorProblem, mirrorSchedule } from './mirror.ts';
import { searchShort } from './search.ts';
import { Timeline } from './timeline.ts';

describe('a timeline', () => {
  it('finds the earliest gap that a second by second count finds', () => {
    const span = fc.tuple(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 1, max: 8 }));
    fc.assert(
      fc.property(
        fc.array(span, { maxLength: 12 }),
        fc.integer({ min: 1, max: 3 }),
        fc.integer({ min: 1, max: 9 }),
        (spans, capacity, length) => {
          const line = new Timeline(capacity, []);
          const load = new Array<number>(200).fill(0);
          for (const [from, n] of spans) {
            const at = line.earliest(from, n, 1);
            line.take(at, at + n, 1);
            for (let t = at; t < at + n; t++) load[t] = (load[t] ?? 0) + 1;
          }
          expect(Math.max(...load)).toBeLessThanOrEqual(capacity);
          let plain = 0;
          while (load.slice(plain, plain + length).some((x) => x >= capacity)) plain++;
          expect(line.earliest(0, length, 1)).toBe(plain);
        },
      ),
      { seed: 7 },
    );
  });
  it('gives back what was taken', () => {
    const line = new Timeline(1, [[10, 20]]);
    line.take(0, 10, 1);
    expect(line.earliest(0, 5, 1)).toBe(20);
    line.free(0, 10, 1);
    expect(line.earliest(0, 5, 1)).toBe(0);
  });
});

/** Two jobs of two operations on two machines, as a plain problem: 3 on A then 2 on B; 2 on B then 4 on A. */
const flow: Problem = {
  activities: (
    [
      [0, 3],
      [1, 2],
      [1, 2],
      [0, 4],
    ] as const
  ).map(([resource, d], i) => ({
    id: `o${i}`,
    modes: [{ durationSec: d, uses: [{ resource, fromSec: 0, toSec: d, amount: 1 }], people: [] }],
  })),
  lags: [
    [0, 1],
    [2, 3],
  ].map(([from = 0, to = 0]) => ({ from, to, minSec: 0, idealSec: 0, maxSec: Infinity })),
  units: [
    [0, 1],
    [2, 3],
  ].map((activities, i) => ({ activities, isOrdered: true, group: `j${i}`, number: 1 })),
  resources: ['A', 'B'].map((id) => ({ id, capacity: 1, closed: [] })),
  hotplates: [],
  finals: [1, 3].map((activity) => ({ activity, holdSec: null })),
  releaseSec: 0,
};

describe('the search', () => {
  it('solves a job shop of two jobs worked by hand: machine A is busy for 7 without a gap', () => {
    expect(lowerBound(flow).boundSec).toBe(7);
    expect(searchShort(flow, 100, 3).finishSec).toBe(7);
  });
  it('goes round a closed stretch of a machine', () => {
    const closed: Problem = {
      ...flow,
      resources: flow.resources.map((r) => (r.id === 'A' ? { ...r, closed: [[3, 5] as const] } : r)),
    };
    const found = searchShort(closed, 100, 5);
    expect(found.finishSec).toBe(9);
    for (const [a, p] of found.schedule.entries())
      if (a === 0 || a === 3) expect(p.endSec <= 3 || p.startSec >= 5).toBe(true);
  });
  it('mirrors a problem into itself', () => {
    const twice = mirrorProblem(mirrorProblem(flow, 0), 0);
    expect(JSON.stringify({ ...twice, releaseSec: 0 })).toBe(JSON.stringify(flow));
    const schedule = [{ startSec: 1, endSec: 4, mode: 0, spot: 0 }];
    expect(mirrorSchedule(mirrorSchedule(schedule))).toEqual(schedule);
  });
});
