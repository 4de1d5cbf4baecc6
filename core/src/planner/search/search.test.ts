import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { JOB_SHOPS } from '../../testing/index.ts';
import { plainProblem } from '../network/index.ts';
import { finished, lowerBound, Memory, searchShort, type Problem } from './index.ts';
import { mirrorProblem, mirrorSchedule } from './mirror.ts';
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

/** Two jobs of two operations on two machines: 3 on A then 2 on B; 2 on B then 4 on A. */
const flow = plainProblem(2, [
  [
    { machine: 0, sec: 3 },
    { machine: 1, sec: 2 },
  ],
  [
    { machine: 1, sec: 2 },
    { machine: 0, sec: 4 },
  ],
]);

describe('the search', () => {
  it('solves a job shop of two jobs worked by hand: machine A is busy for 7 without a gap', () => {
    expect(lowerBound(flow).boundSec).toBe(7);
    expect(finished(searchShort(flow, { placements: 500 })).finishSec).toBe(7);
  });

  it('goes round a closed stretch of a machine', () => {
    const closed: Problem = {
      ...flow,
      resources: flow.resources.map((r, i) => (i === 0 ? { ...r, closed: [[3, 5] as const] } : r)),
    };
    const found = finished(searchShort(closed, { placements: 2000 }));
    expect(found.finishSec).toBe(9);
    for (const [a, p] of found.schedule.placements.entries())
      if (a === 0 || a === 3) expect(p.endSec <= 3 || p.startSec >= 5).toBe(true);
  });

  it('mirrors a problem into itself', () => {
    expect(JSON.stringify(mirrorProblem(mirrorProblem(flow)))).toBe(JSON.stringify(flow));
    const schedule = { placements: [{ startSec: 1, endSec: 4, mode: 0, spot: 0, picks: [0] }], pauseSecs: [] };
    expect(mirrorSchedule(flow, mirrorSchedule(flow, schedule))).toEqual(schedule);
  });

  it('takes a maximum lag for what it is: the first of two that must follow at once waits for the second', () => {
    // operation 2 of job 1 may wait for 0; machine B is taken for the first 2 seconds
    const tight: Problem = { ...flow, lags: flow.lags.map((l, i) => (i === 0 ? { ...l, maxSec: 0 } : l)) };
    const { schedule, breachSec } = finished(searchShort(tight, { placements: 500 }));
    expect(breachSec).toBe(0);
    expect(schedule.placements[1]?.startSec).toBe(schedule.placements[0]?.endSec);
  });

  it('stops when it is told to, with the best so far', () => {
    const shop = JOB_SHOPS.find((s) => s.name === 'la04');
    const problem = plainProblem(shop?.machines ?? 0, shop?.jobs ?? []);
    const search = searchShort(problem, { placements: 200_000 });
    let step = search.next();
    for (let n = 0; n < 50 && step.done !== true; n++) step = search.next();
    while (step.done !== true) step = search.next('stop');
    expect(step.value.breachSec).toBe(0);
    expect(step.value.finishSec).toBeGreaterThan(finished(searchShort(problem, { placements: 200_000 })).finishSec);
  });
});

describe('the classical job shops', () => {
  it.each(JOB_SHOPS.filter((s) => s.name !== 'ft10'))('$name comes within 2 % of its published optimum', (shop) => {
    const problem = plainProblem(shop.machines, shop.jobs);
    expect(lowerBound(problem).boundSec).toBeLessThanOrEqual(shop.optimumSec);
    // in rounds, as a class is planned
    const memory = new Memory();
    for (let round = 0; round < 3; round++) finished(searchShort(problem, { placements: 400_000 }, memory));
    const finishSec = memory.best?.finishSec ?? Infinity;
    expect(finishSec).toBeGreaterThanOrEqual(shop.optimumSec);
    expect(finishSec / shop.optimumSec).toBeLessThanOrEqual(1.02);
  });
});
