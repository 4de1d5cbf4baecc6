import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { jacksonPreemptive, type OneMachineJob } from './one-machine.ts';

const SEED = 1982;
const small = fc.integer({ min: 0, max: 20 });
// heads of work ahead of a class lie before its zero
const job = fc.record({
  headSec: fc.integer({ min: -20, max: 20 }),
  workSec: fc.integer({ min: 1, max: 9 }),
  tailSec: small,
});

/** The greatest of min head + work + min tail over all sets of jobs (Carlier 1982), by trying all sets. */
function overAllSets(jobs: readonly OneMachineJob[]): number {
  let best = 0;
  for (let bits = 1; bits < 1 << jobs.length; bits++) {
    const set = jobs.filter((_, i) => (bits & (1 << i)) !== 0);
    const least = (of: (j: OneMachineJob) => number): number => Math.min(...set.map(of));
    const work = set.reduce((sum, j) => sum + j.workSec, 0);
    best = Math.max(best, least((j) => j.headSec) + work + least((j) => j.tailSec));
  }
  return best;
}

describe("Jackson's preemptive schedule", () => {
  it("bounds Carlier's seven jobs by 49; their optimum without preemption is 50 (Carlier 1982, from memory)", () => {
    const figures = [
      [10, 5, 7],
      [13, 6, 26],
      [11, 7, 24],
      [20, 4, 21],
      [30, 3, 8],
      [0, 6, 17],
      [30, 2, 0],
    ] as const;
    const jobs = figures.map(([headSec, workSec, tailSec]) => ({ headSec, workSec, tailSec }));
    expect(overAllSets(jobs)).toBe(49);
    expect(jacksonPreemptive(jobs).finishSec).toBe(49);
  });

  it('is the greatest bound of all sets of jobs', () => {
    fc.assert(
      fc.property(fc.array(job, { minLength: 1, maxLength: 8 }), (jobs) => {
        expect(jacksonPreemptive(jobs).finishSec).toBe(overAllSets(jobs));
      }),
      { seed: SEED, numRuns: 300 },
    );
  });

  it('names jobs that it rests on', () => {
    const jobs = [
      { headSec: 0, workSec: 4, tailSec: 0 },
      { headSec: 10, workSec: 5, tailSec: 7 },
      { headSec: 10, workSec: 5, tailSec: 9 },
    ];
    const found = jacksonPreemptive(jobs);
    expect(found.finishSec).toBe(27);
    expect(found.jobs).toEqual(jobs.slice(1));
    expect(jacksonPreemptive([])).toEqual({ finishSec: 0, jobs: [] });
  });
});
