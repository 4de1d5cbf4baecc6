import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exactFinish, narrowClass, narrowShape, randomShape, runs, smallShape, workshopOf } from '../testing/index.ts';
import { planClass } from './index.ts';
import { buildNetwork } from './network/index.ts';
import { finished, lowerBound, searchShort } from './search/index.ts';

const SEED = 5;
const WANTED = 24;
const MOST_ACTIVITIES = 12;
const NARROW = runs(16);
const MOST_NARROW = 10;

describe('the shortest class found', () => {
  it(`is the optimum that mixed-integer programming proves, in ${WANTED} small random classes`, async () => {
    const problems = fc
      .sample(randomShape(), { numRuns: 6 * WANTED, seed: SEED })
      .map((shape) => buildNetwork(workshopOf(smallShape(shape))).problem)
      .filter((p) => p.activities.length <= MOST_ACTIVITIES)
      .slice(0, WANTED);
    expect(problems).toHaveLength(WANTED);
    let proven = 0;
    for (const problem of problems) {
      const found = finished(searchShort(problem, { placements: 20_000 }));
      expect(found.breachSec).toBe(0);
      const exact = await exactFinish(problem, found.finishSec + 60);
      if (exact === undefined) continue;
      proven++;
      expect(found.finishSec).toBe(exact);
      expect(lowerBound(problem).boundSec).toBeLessThanOrEqual(found.finishSec);
    }
    expect(proven).toBeGreaterThan(WANTED - 3);
  });

  it(`is that too in ${NARROW} narrow ones: waits of a minute, one who cooks for all, changes, looks; none is called impossible that can be planned`, async () => {
    let [right, impossible] = [0, 0];
    for (const shape of fc.sample(narrowShape(), { numRuns: 20 * NARROW, seed: SEED })) {
      if (right + impossible === NARROW) break;
      const workshop = narrowClass(shape);
      const { problem } = buildNetwork(workshop);
      if (problem.activities.length > MOST_NARROW) continue;
      const plan = planClass(workshop, { goal: 'short', effort: 10 });
      const exact = await exactFinish(problem, plan.measures.finishSec + 600);
      if (exact === undefined) continue;
      if (plan.broken.length === 0) right++;
      else impossible++;
      expect(plan.broken.length === 0 ? plan.measures.finishSec : Infinity).toBe(exact);
    }
    expect(right + impossible).toBe(NARROW);
    expect(right).toBeGreaterThan(impossible);
  });
});

const TABLE_TIMES = ['10:50', '11:05', '11:15'] as const;
const TIGHT = 40;

describe('the freshest class found', () => {
  it(`is right whenever a right plan exists, in ${TIGHT} small classes with little time (none is missed)`, async () => {
    const classes = fc
      .sample(randomShape(), { numRuns: 10 * TIGHT, seed: SEED })
      .map((shape, i) => workshopOf({ ...smallShape(shape), service: 'together', tableTime: TABLE_TIMES[i % 3] ?? '' }))
      .filter((w) => buildNetwork(w).problem.activities.length <= MOST_ACTIVITIES)
      .slice(0, TIGHT);
    let right = 0;
    for (const workshop of classes) {
      const { problem, tableSec } = buildNetwork(workshop);
      const isRight = planClass(workshop).broken.length === 0;
      if (isRight) right++;
      else expect(await exactFinish(problem, tableSec, tableSec)).toBe(Infinity);
    }
    // both kinds come up
    expect(right).toBeGreaterThan(5);
    expect(right).toBeLessThan(TIGHT - 5);
  });
});
