import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exactFinish, randomShape, workshopOf, type RandomShape } from '../testing/index.ts';
import { buildNetwork } from './network/index.ts';
import { finished, lowerBound, searchShort, type Problem } from './search/index.ts';

const SEED = 5;
const WANTED = 24;
const MOST_ACTIVITIES = 13;

/** A random class cut down to what the exact model knows: few people, no breaks, no limits of places, one heat. */
function smallClass(shape: RandomShape): Problem {
  const isAhead = shape.dough === 'ahead' || shape.dough === 'swap';
  const workshop = workshopOf({
    ...shape,
    people: 1 + (shape.people % 3),
    perStation: 2,
    each: 1 + (shape.each % 2),
    griddles: 1 + (shape.griddles % 2),
    dough: isAhead ? 'class' : shape.dough,
    demo: shape.demo === 'griddle' ? 'class' : shape.demo,
    hasBreak: false,
    placeBatches: undefined,
    griddlesPerStaff: 4,
    helpers: 1,
    topHeat: 'none',
    avoider: 'none',
    heats: 'equal',
    perStationBreads: false,
    hasMixer: false,
  });
  return buildNetwork(workshop).problem;
}

describe('the shortest class found', () => {
  it(`is the optimum that mixed-integer programming proves, in ${WANTED} small random classes`, async () => {
    const problems = fc
      .sample(randomShape(), { numRuns: 6 * WANTED, seed: SEED })
      .map(smallClass)
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
