import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exactFinish, randomShape, smallShape, workshopOf } from '../testing/index.ts';
import { buildNetwork } from './network/index.ts';
import { finished, lowerBound, searchShort } from './search/index.ts';

const SEED = 5;
const WANTED = 24;
const MOST_ACTIVITIES = 13;

describe('the shortest class found', () => {
  it(`is the optimum that mixed-integer programming proves, in ${WANTED} small random classes`, async () => {
    const problems = fc
      .sample(randomShape(), { numRuns: 6 * WANTED, seed: SEED })
      .map((shape) => buildNetwork(workshopOf(smallShape(shape))).problem)
      .filter((p) => p.activities.length <= MOST_ACTIVITIES)
      .slice(0, WANTED);
    expect(problems).toHaveLength(WANTED);
    for (const problem of problems) {
      const found = finished(searchShort(problem, { placements: 20_000 }));
      expect(found.breachSec).toBe(0);
      const exact = await exactFinish(problem, found.finishSec + 60);
      expect(found.finishSec).toBe(exact);
      expect(lowerBound(problem).boundSec).toBeLessThanOrEqual(found.finishSec);
    }
  });
});
