import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Plan } from '../../plan/index.ts';
import { buildWorkshop, randomWorkshop, type RawFile } from '../../testing/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import { findBrokenRules } from '../check/index.ts';
import { planClass } from '../index.ts';
import { plainProblem } from '../network/index.ts';
import { laidOut, type Problem } from '../search/index.ts';
import { latestAhead, latestAheadOf } from './latest-ahead.ts';
import { situationOf, type Situation } from './situation.ts';

const HOUR = 3600;
const RUNS = 120;
/** Two doughs that one instructor makes before the doors: early in the morning, or in the hour before the class. */
const twoAhead = (window: object): Workshop =>
  buildWorkshop({
    people: 2,
    each: 1,
    griddles: 2,
    tableTime: '12:30',
    change: (f) => {
      const [bread] = f['breads'];
      bread.steps[1].window = window;
      const twin = structuredClone(bread) as RawFile;
      Object.assign(twin, { id: 'other', name: 'The other' });
      f['breads'].push(twin);
      f['menu'][0].dough = { mode: 'ahead', through: 'mix' };
      f['menu'].push({ ...f['menu'][0], bread: 'other' });
      f['prepTimes'] = [
        { from: '2027-03-06T06:00', to: '2027-03-06T07:00' },
        { from: '2027-03-06T09:00', to: '2027-03-06T10:00' },
      ];
    },
  });

interface Case {
  readonly workshop: Workshop;
  readonly plan: Plan;
  readonly situation: Situation;
  readonly latest: ReadonlyMap<string, number>;
}
function caseOf(workshop: Workshop, effort = 1): Case {
  const plan = planClass(workshop, { effort });
  const situation = situationOf(workshop, plan);
  return { workshop, plan, situation, latest: latestAheadOf(situation) };
}

/** What the plan breaks with activities at other starts, and its rests between them. */
function brokenAt({ workshop, plan, situation: s }: Case, starts: ReadonlyMap<string, number>): readonly string[] {
  const startOf = (a: number): number =>
    starts.get(s.network.sources[a]?.taskId ?? '') ?? s.done[a]?.placement.startSec ?? expect.fail();
  const lasts = (a: number): number => {
    const { startSec, endSec } = s.done[a]?.placement ?? expect.fail();
    return endSec - startSec;
  };
  const tasks = plan.tasks.map((t) => {
    const rest = s.network.rests.find((r) => r.taskId === t.id);
    if (t.kind === 'rest' && rest)
      return {
        ...t,
        startSec: startOf(rest.from) + lasts(rest.from),
        endSec: rest.followers.length > 0 ? Math.max(...rest.followers.map(startOf)) : t.endSec,
      };
    const startSec = starts.get(t.id);
    return startSec === undefined ? t : { ...t, startSec, endSec: startSec + t.endSec - t.startSec };
  });
  return findBrokenRules(workshop, { ...plan, tasks }).map((b) => b.code);
}

const isEarly = ({ startSec, kind }: Plan['tasks'][number]): boolean => startSec < 0 && kind === 'step';

describe('the latest start before the doors', () => {
  it('is a minute before too late for each of two doughs that want the same hands', () => {
    const made = caseOf(twoAhead({ min: 10, ideal: 60, max: 600 }));
    const early = made.plan.tasks.filter(isEarly);
    expect(made.plan.broken).toEqual([]);
    expect(early.length).toBeGreaterThan(1);
    expect([...made.latest.keys()].sort()).toEqual(early.map((t) => t.id).sort());
    expect(brokenAt(made, made.latest)).toEqual([]);
    for (const { id } of early)
      expect(brokenAt(made, new Map([...made.latest, [id, (made.latest.get(id) ?? 0) + 60]])), id).not.toEqual([]);
  });
  it('keeps the least length of a rest', () => {
    const made = caseOf(twoAhead({ min: 130, ideal: 140, max: 600 }));
    expect(made.plan.broken).toEqual([]);
    expect(brokenAt(made, made.latest)).toEqual([]);
    const last = [...made.latest].reduce((a, b) => (b[1] > a[1] ? b : a));
    expect(brokenAt(made, new Map([...made.latest, [last[0], last[1] + 60]]))).toContain('under-rested');
  });
  it('minds when nobody is there: what is made in the early morning is over by the end of that', () => {
    const made = caseOf(twoAhead({ min: 240, ideal: 260, max: 600 }));
    expect(made.plan.broken).toEqual([]);
    for (const t of made.plan.tasks.filter(isEarly))
      expect((made.latest.get(t.id) ?? 0) + t.endSec - t.startSec).toBeLessThanOrEqual(-3 * HOUR);
    expect(brokenAt(made, made.latest)).toEqual([]);
  });
  it('leaves a right plan right when everything is as late as that, in classes of every kind', () => {
    let [ahead, later] = [0, 0];
    fc.assert(
      fc.property(randomWorkshop(), (workshop) => {
        const made = caseOf(workshop, 0);
        if (made.plan.broken.length > 0 || made.latest.size === 0) return;
        ahead++;
        const planned = (id: string): number =>
          made.situation.done[made.situation.activityOf.get(id) ?? -1]?.placement.startSec ?? expect.fail(id);
        const moved = [...made.latest].filter(([id, sec]) => sec > planned(id));
        if (moved.length > 0) later++;
        for (const [id, sec] of made.latest) expect(sec).toBeGreaterThanOrEqual(planned(id));
        expect(brokenAt(made, made.latest)).toEqual([]);
      }),
      { numRuns: RUNS, seed: 9 },
    );
    // enough of them are made ahead, and could be made later, for this to say something
    expect(Math.min(ahead, later)).toBeGreaterThan(RUNS / 12);
  });
});

describe('the latest start in a plain problem', () => {
  /** Three operations of 100 s on two machines, at these starts, all over by 0. */
  const at = (starts: readonly number[], change: (p: Problem) => Problem): ReadonlyMap<number, number> => {
    const op = (machine: number) => [{ machine, sec: 100 }];
    const plain = plainProblem(2, [op(0), op(1), op(0)]);
    const problem = change({ ...plain, activities: plain.activities.map((a) => ({ ...a, dueSec: 0 })) });
    const placed = problem.activities.map((a, activity) => {
      const [mode] = a.modes;
      const startSec = starts[activity] ?? expect.fail();
      const picks = mode?.uses.map((u) => u.anyOf[0] ?? -1) ?? [];
      return {
        activity,
        mode: mode ?? expect.fail(),
        placement: { mode: 0, startSec, endSec: startSec + 100, spot: 0, picks },
      };
    });
    return latestAhead(laidOut(problem, placed, []));
  };
  const lag = { from: 0, to: 1, fromAt: 'end', toAt: 'start', minSec: 0, idealSec: 0 } as const;
  const due = (p: Problem, sec: number): Problem => ({
    ...p,
    activities: p.activities.map((a, i) => (i === 2 ? { ...a, dueSec: sec } : a)),
  });

  it('leaves the machine to what follows on it', () => {
    expect([...at([-900, -700, -500], (p) => due(p, -200)).values()]).toEqual([-300, -100, -400]);
  });
  it('keeps the greatest lag after what cannot be later itself', () => {
    const found = at([-900, -700, -500], (p) => ({ ...due(p, -200), lags: [{ ...lag, maxSec: 50 }] }));
    // the first is over by −300, and the second begins 50 s after that at the latest
    expect(found.get(1)).toBe(-250);
  });
  it('empties a place before another comes to it', () => {
    const stays = [
      { store: 0, owner: 'a', amount: 1, before: [0], after: [1], minSec: 0 },
      { store: 0, owner: 'b', amount: 1, before: [2], after: [], minSec: 0 },
    ];
    const found = at([-900, -700, -500], (p) => ({ ...due(p, -300), stays, stores: [{ id: 'box', capacity: 1 }] }));
    // the other comes at −300, and the second operation, which empties the place, begins by then
    expect([found.get(2), found.get(1)]).toEqual([-400, -300]);
  });
});
