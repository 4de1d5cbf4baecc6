import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  buildWorkshop,
  randomShape,
  rightPlan,
  runs,
  workshopOf,
  type RandomShape,
  type RawFile,
} from '../../testing/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import { findBrokenRules } from '../check/index.ts';
import { finished, searchShort, type Problem } from '../search/index.ts';
import { writePlan } from '../write-plan.ts';
import { buildNetwork } from './index.ts';

const SEED = 20_270_401;

/** The shortest plan of a class that a little search finds, and whether the search believes it right. */
function shortest(w: Workshop, placements: number) {
  const network = buildNetwork(w);
  const found = finished(searchShort(network.problem, { placements }));
  const plan = { ...writePlan(w, network, found.schedule, 'short'), broken: [], warnings: [] };
  const measures = { finishSec: found.finishSec, boundSec: 0, marginSec: 0 };
  return {
    isBelievedRight: found.breachSec === 0,
    broken: findBrokenRules(w, { ...plan, measures }, { goal: 'short' }),
  };
}

/** Features that press: few griddles, short waits, many things at once. */
const pressed = (v: RandomShape): RandomShape => ({
  ...v,
  people: Math.max(2, v.people),
  tableTime: '14:30',
  handMaxDoughG: 3000,
  dough: v.dough === 'station' ? v.dough : 'class',
});

describe('the network of a class', () => {
  it('asks for all that the rules ask for: what the search believes right is right', () => {
    let right = 0;
    const count = runs(150);
    fc.assert(
      fc.property(randomShape(), fc.constantFrom(0, 3000), (shape, placements) => {
        const { isBelievedRight, broken } = shortest(workshopOf(pressed(shape)), placements);
        if (!isBelievedRight) return;
        right++;
        // shares that all begin to rest at once may be more than a shelf takes, which no order of work can help
        expect(broken.filter((b) => b.rule !== 'R8')).toEqual([]);
      }),
      { seed: SEED, numRuns: count },
    );
    expect(right).toBeGreaterThan(count / 2);
  });

  const network = (name: Parameters<typeof rightPlan>[0], change?: (f: RawFile) => void) => {
    const w = rightPlan(name).file(change);
    return { ...buildNetwork(w), w };
  };
  const activity = (problem: Problem, id: string) =>
    problem.activities.find((a) => a.id === id) ?? expect.fail(`no ${id}`);
  const handsOf = (problem: Problem, id: string, person: string) =>
    (activity(problem, id).modes[0]?.uses ?? [])
      .filter((u) => u.anyOf.some((r) => problem.resources[r]?.id === person))
      .map((u) => [u.fromSec, u.toSec]);

  it('leaves an owner free in the phase that staff do, and between the turns of a bread that is watched in turns alone', () => {
    expect(handsOf(network('carried').problem, 'flat/p1/1:cook', 'p1')).toEqual([[0, 100]]);
    expect(handsOf(network('in turns').problem, 'flat/p1/1:cook', 'p1')).toEqual([
      [0, 10],
      [300, 310],
      [590, 600],
    ]);
    expect(handsOf(network('plain').problem, 'flat/p1/1:cook', 'p1')).toEqual([[0, 100]]);
  });
  const cooks = (problem: Problem) => problem.activities.flatMap((a, i) => (a.id.endsWith(':cook') ? [i] : []));
  const egg = (f: RawFile): void => {
    f['breads'][0].ingredients[1].perishable = true;
    f['kitchen'].safeOutMin = 900;
  };
  it('limits how long a dough is out of the cold, from its beginning to the laying on of every bread', () => {
    const { problem } = network('perishable');
    const limits = problem.lags.filter((l) => l.maxSec === 900 * 60);
    expect(limits.map((l) => l.to)).toEqual(cooks(problem));
    expect(new Set(limits.map((l) => problem.activities[l.from]?.id))).toEqual(new Set(['flat@S1:mix', 'flat@S2:mix']));
    // a kitchen that accepts it longer limits nothing
    const accepted = network('perishable', (f) => (f['menu'][0].acceptOutOfCold = 'eaten hot'));
    expect(accepted.problem.lags.filter((l) => l.maxSec === 900 * 60)).toEqual([]);
  });
  it('counts the time in the fridge as none, and what went before it at its ideal length', () => {
    const { problem } = network('chilled', egg);
    const limits = problem.lags.filter((l) => l.maxSec === 900 * 60 - 5 * 60);
    expect(limits.map((l) => l.to)).toEqual(cooks(problem));
  });
  it('shows nothing in the welcome', () => {
    expect(activity(network('demonstration').problem, 'demo:flat:roll').releaseSec).toBe(600);
  });
  it('takes nobody from the griddles but who demonstrates', () => {
    const { problem } = network('demonstration');
    expect(problem.activities.filter((a) => a.takesWatcher).map((a) => a.id)).toEqual(['demo:flat:roll']);
  });
  it('limits no place that has no limit, and counts a mother batch as its shares where there is one', () => {
    expect(network('plain').problem.stores.map((s) => s.capacity)).toEqual([Infinity]);
    const { problem } = network('chilled');
    expect(problem.stays.map((s) => s.amount)).toEqual([2, 2]);
  });
  it('opens the fridge only while somebody is there', () => {
    const { problem, room } = network('chilled', (f) => {
      f['prepTimes'] = [
        { from: '2027-03-05T06:00', to: '2027-03-05T20:00' },
        { from: '2027-03-06T08:00', to: '2027-03-06T10:00' },
      ];
    });
    const between = problem.activities.filter((a) => a.closed.length > 0);
    expect(between.map((a) => a.closed)).toEqual([room.nobodyThere]);
    expect(room.nobodyThere).toEqual([[-14 * 3600, -2 * 3600]]);
  });
  it('spreads doughs over places of one kind by how full they are', () => {
    const { rests } = network('plain', (f) => {
      f['kitchen'].places = [
        { id: 'small', kind: 'room', tempC: 21, batches: 1 },
        { id: 'large', kind: 'room', tempC: 21, batches: 4 },
      ];
    });
    expect(rests.map((r) => r.place.id)).toEqual(['large', 'large']);
  });
  it('has everything that can press in it', () => {
    const w = buildWorkshop({
      people: 4,
      change: (f) => {
        f['kitchen'].griddles[0].changeSec = 77;
        f['kitchen'].benches[0].seats = 3;
      },
    });
    const { problem } = buildNetwork(w);
    expect(problem.hotplates[0]).toMatchObject({ resetSec: 20, changeSec: 77 });
    expect(problem.resources.find((r) => r.id === 'B1')?.capacity).toBe(3);
    expect(problem.resources.find((r) => r.id === 'lead')?.closed).toEqual([[0, 600]]);
  });
});
