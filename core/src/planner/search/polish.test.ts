import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { randomShape, runs, workshopOf } from '../../testing/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import { findBrokenRules } from '../check/index.ts';
import { buildNetwork, plainProblem } from '../network/index.ts';
import { writePlan } from '../write-plan.ts';
import { TwoWayDecoder, NO_MODES, type Candidate } from './two-way-decoder.ts';
import { fineProblem } from './fine.ts';
import { finishOf } from './judge.ts';
import { Mover } from './mover.ts';
import { finished, NOTHING_GIVEN, searchShort, type Problem, type Schedule } from './index.ts';
import { polish } from './polish.ts';
import { seededRandom } from './random.ts';

const SEED = 20_270_501;
const anyEnd = (problem: Problem) => ({ fromSec: [], toSec: problem.activities.map((a) => a.dueSec) });

/** Whether the checker finds nothing in a schedule but that the table is missed. */
function isRight(w: Workshop, schedule: Schedule): boolean {
  const plan = { ...writePlan(w, buildNetwork(w), schedule, 'short'), broken: [], warnings: [] };
  const measures = { finishSec: 0, boundSec: 0, marginSec: 0 };
  return findBrokenRules(w, { ...plan, measures }, { goal: 'short' }).length === 0;
}

/** Three operations in a row on machine 0 that could all be 10 s sooner. */
const late = plainProblem(2, [[{ machine: 0, sec: 5 }], [{ machine: 0, sec: 5 }], [{ machine: 1, sec: 4 }]]);
const placed = (startSec: number, sec: number, machine: number) => ({
  startSec,
  endSec: startSec + sec,
  mode: 0,
  spot: 0,
  picks: [machine],
});
const lateSchedule: Schedule = { placements: [placed(10, 5, 0), placed(15, 5, 0), placed(20, 4, 1)], pauseSecs: [] };

describe('a mover', () => {
  const mover = () => {
    const decoder = new TwoWayDecoder(late, { placements: 0 }, NOTHING_GIVEN);
    return new Mover(decoder.forward, lateSchedule, anyEnd(late), new Set([2]));
  };
  const starts = (m: Mover) => m.schedule().placements.map((p) => p.startSec);
  it('puts a unit as early as can be, or no earlier than it is told, while all else stands', () => {
    const m = mover();
    expect(m.attempt([{ unit: 1, fromSec: -Infinity }])).toBe(true);
    expect(starts(m)).toEqual([10, 0, 20]);
    expect(m.attempt([{ unit: 1, fromSec: 7 }])).toBe(true);
    // from 7 to 12 it would lie over the first
    expect(starts(m)).toEqual([10, 15, 20]);
  });
  it('takes its last moves back, and leaves what is held', () => {
    const m = mover();
    expect(m.attempt([{ unit: 0, fromSec: 30 }])).toBe(true);
    expect(starts(m)).toEqual([30, 15, 20]);
    m.back();
    expect(starts(m)).toEqual([10, 15, 20]);
    m.attempt([{ unit: 2, fromSec: 0 }]);
    expect(starts(m)).toEqual([10, 15, 20]);
  });
  it('changes nothing where a move breaks an end limit', () => {
    const decoder = new TwoWayDecoder(late, { placements: 0 }, NOTHING_GIVEN);
    const m = new Mover(decoder.forward, lateSchedule, { fromSec: [], toSec: [20, 20, 30] }, new Set());
    expect(m.attempt([{ unit: 0, fromSec: 16 }])).toBe(false);
    expect(starts(m)).toEqual([10, 15, 20]);
  });
});

describe('moving about in a schedule that breaks nothing', () => {
  it('breaks nothing and is never worse, in random classes, whatever it aims at, with steps apart or tied', () => {
    let [moved, count] = [0, 0];
    fc.assert(
      fc.property(randomShape(), fc.boolean(), fc.boolean(), (shape, isFine, isLate) => {
        const w = workshopOf({ ...shape, tableTime: '14:30' });
        const coarse = buildNetwork(w).problem;
        if (coarse.finals.length === 0) return;
        const found = finished(searchShort(coarse, { placements: 0 }));
        if (found.breachSec > 0 || !isRight(w, found.schedule)) return;
        count++;
        const problem = isFine ? (fineProblem(coarse) ?? coarse) : coarse;
        // the earliest end, or the latest: something to move for either way
        const softSec = (s: Schedule): number => (isLate ? 40_000 - finishOf(problem, s) : finishOf(problem, s));
        const start: Candidate = {
          ...found,
          cost: softSec(found.schedule),
          ease: 0,
          pauseSecs: found.schedule.pauseSecs,
          direction: 'forwards',
          spareSec: 0,
          modes: NO_MODES,
        };
        const decoder = new TwoWayDecoder(problem, { placements: 800 }, NOTHING_GIVEN);
        const ends = { fromSec: [], toSec: problem.activities.map((a) => Math.min(a.dueSec, 20_000)) };
        const best = finished(polish(decoder, start, { softSec, ends }, NOTHING_GIVEN, seededRandom(SEED), 1));
        expect(best.cost).toBeLessThanOrEqual(start.cost);
        expect(best.cost).toBe(softSec(best.schedule));
        if (best.cost < start.cost) moved++;
        expect(isRight(w, best.schedule)).toBe(true);
      }),
      { seed: SEED, numRuns: runs(60) },
    );
    expect(count).toBeGreaterThan(15);
    expect(moved).toBeGreaterThan(count / 3);
  });
});

describe('the same problem with steps apart', () => {
  it('has every activity of a job as a unit of its own, and is none where none has two', () => {
    const shop = plainProblem(2, [
      [
        { machine: 0, sec: 5 },
        { machine: 1, sec: 5 },
      ],
    ]);
    expect(fineProblem(shop)).toBeUndefined();
    const tied: Problem = { ...shop, units: shop.units.slice(0, 1).map((u) => ({ ...u, activities: [0, 1] })) };
    expect(fineProblem(tied)?.units.map((u) => [u.activities, u.stage, u.part])).toEqual([
      [[0], 0, 0],
      [[1], 1, 0],
    ]);
  });
});
