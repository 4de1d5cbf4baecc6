import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { randomWorkshop, runs, witnessedClass, witnessedShape } from '../../testing/index.ts';
import { buildNetwork, plainProblem } from '../network/index.ts';
import { planClass } from '../plan-class.ts';
import { lowerBound } from './bound.ts';
import type { Mode, Problem, Span } from './problem.ts';

const FRYING_SEC = 100;

/** Pieces of 100 s on one plate of three spots, each an activity of its own; resources by capacity. */
function plateOf(
  pieces: number,
  capacities: readonly number[],
  mode: Partial<Mode> & { alone?: readonly Span[] },
): Problem {
  const { alone = [], ...more } = mode;
  const lying = { plate: 0, kind: { of: 'a', like: 'a' }, owner: '', spots: 3, heats: [], alone };
  const one: Mode = { durationSec: FRYING_SEC, uses: [], lying, ...more };
  const plain = plainProblem(
    capacities.length,
    Array.from({ length: pieces }, () => [{ machine: 0, sec: FRYING_SEC }]),
  );
  const plate = { id: 'G', resetSec: 20, changeSec: 60, layOnGapSec: 0, cleanSec: null, hasZones: false };
  return {
    ...plain,
    activities: plain.activities.map((activity) => ({ ...activity, modes: [one] })),
    resources: plain.resources.map((r, i) => ({ ...r, capacity: capacities[i] ?? 1 })),
    hotplates: [{ ...plate, laidOnAt: 'start' }],
  };
}

const use = (anyOf: readonly number[], toSec: number) => ({ anyOf, fromSec: 0, toSec, amount: 1 });

// worked by hand
describe('the lower bound', () => {
  it('counts loads of three with resets: four pieces take 100 + 20 + 100', () => {
    expect(lowerBound(plateOf(4, [], {})).boundSec).toBe(220);
  });

  it('knows that pieces which end alone never lie together, and need no reset beside another spot: 4 × 100', () => {
    const found = lowerBound(plateOf(4, [], { alone: [[80, 100]] }));
    expect(found.boundSec).toBe(400);
    expect(found.by).toMatchObject({ kind: 'plates', atOnce: 1 });
    // alone in the middle, two can lie over one another at their ends
    expect(lowerBound(plateOf(4, [], { alone: [[40, 60]] })).boundSec).toBe(220);
  });

  it('knows how many people have room before a griddle: two at a time take 2 × 100 for four, one at a time 4 × 100', () => {
    expect(lowerBound(plateOf(5, [2], { uses: [use([0], FRYING_SEC)] })).boundSec).toBe(300);
    expect(lowerBound(plateOf(4, [1], { uses: [use([0], FRYING_SEC)] })).boundSec).toBe(400);
    // who stands there for a moment only leaves room for others
    expect(lowerBound(plateOf(4, [2], { uses: [use([0], 20)] })).boundSec).toBe(220);
  });

  it('shares what any of some can do among them: 9 looks of 90 s by two take 405, and what comes after', () => {
    const found = lowerBound(plateOf(9, [1, 1], { uses: [use([0, 1], 90)] }));
    expect(found).toMatchObject({ boundSec: 415, by: { kind: 'pool', resources: [0, 1], tailSec: 10 } });
  });

  it('never lies after the end of a right plan, in classes of every kind', () => {
    fc.assert(
      fc.property(randomWorkshop(), (workshop) => {
        const plan = planClass(workshop, { goal: 'short', effort: 0 });
        const { problem } = buildNetwork(workshop);
        fc.pre(plan.broken.every((b) => b.rule === 'R11'));
        expect(lowerBound(problem).boundSec).toBeLessThanOrEqual(plan.measures.finishSec);
      }),
      { numRuns: runs(80), seed: 11 },
    );
  });

  it('lies near the end of classes of three breads, half of them within an eighth', () => {
    const gaps = fc
      .sample(witnessedShape(), { numRuns: 60, seed: 9 })
      .filter((v) => v.breads === 3 && v.people >= 12)
      .slice(0, 12)
      .flatMap((v) => {
        const found = witnessedClass(v);
        if (!found) return [];
        const finishSec = found.witness.measures.finishSec;
        const { boundSec } = lowerBound(buildNetwork(found.workshop).problem);
        expect(boundSec).toBeLessThanOrEqual(finishSec);
        return [1 - boundSec / finishSec];
      })
      .sort((a, b) => a - b);
    expect(gaps.length).toBeGreaterThan(8);
    expect(gaps[gaps.length >> 1]).toBeLessThan(0.125);
  });
});
