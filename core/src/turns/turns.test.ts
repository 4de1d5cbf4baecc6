import { describe, expect, it } from 'vitest';
import demoClass from '../../../demo/class.json' with { type: 'json' };
import sunday from '../../../demo/class-sunday.json' with { type: 'json' };
import { readWorkshop } from '../formats/index.ts';
import { isOnFire, type Plan, type PlanTask } from '../plan/index.ts';
import { handsOf, planShaped, situationOf } from '../planner/index.ts';
import { withTask } from '../testing/index.ts';
import { UNSHAPED, type Workshop } from '../workshop/index.ts';
import {
  aroundTask,
  differenceWords,
  fillersOf,
  fireTurns,
  fireUse,
  firstBreads,
  followedTasks,
  handsUse,
  idleGaps,
  newBreaks,
  pieceRuns,
  planFacts,
  planFigures,
  rollCall,
  routeOf,
  swapPins,
  wayWords,
} from './index.ts';

const read = (file: unknown): Workshop => {
  const result = readWorkshop(file);
  return result.ok ? result.value : expect.fail();
};
const workshop = read(demoClass);
const plan = planShaped(workshop, UNSHAPED, { effort: 1 });
const rich = read(sunday);
const richPlan = planShaped(rich, UNSHAPED, { effort: 1 });
const lasts = (t: PlanTask): number => t.endSec - t.startSec;
const find = (p: Plan, id: string): PlanTask => p.tasks.find((t) => t.id === id) ?? expect.fail(`no task ${id}`);

describe('the ways of breads', () => {
  it('are one for every piece that somebody owns, in the order in which they are done', () => {
    const runs = pieceRuns(workshop, plan);
    expect(runs).toHaveLength(16);
    expect(runs.map((r) => r.doneSec)).toEqual(runs.map((r) => r.doneSec).sort((a, b) => a - b));
    for (const r of runs) {
      const own = plan.tasks.filter((t) => t.piece === r.piece);
      expect(r.doneSec).toBe(Math.max(...own.map((t) => t.endSec)));
      expect(r.ageSec).toBe(plan.tableSec - r.doneSec);
      expect(r.waitSec).toBe(find(plan, `${r.piece}:cook`).startSec - find(plan, `${r.piece}:roll`).endSec);
    }
  });
  it('are told as their owners follow them', () => {
    const run = pieceRuns(workshop, plan).find((r) => r.piece === 'round/p1/1') ?? expect.fail();
    expect(wayWords(workshop, run)).toMatch(
      /^roll \d\d:\d\d → Griddle [12], spot 1 at \d\d:\d\d → turn \d\d:\d\d → off \d\d:\d\d → brush \d\d:\d\d$/,
    );
  });
  it('have no wait where a rest is asked for before the fire, and a limit where the method has one', () => {
    const coils = pieceRuns(rich, richPlan);
    expect(coils.filter((r) => r.bread === 'barley-hearth').every((r) => r.waitSec === null)).toBe(true);
    expect(coils.filter((r) => r.bread === 'coil-round').some((r) => r.waitMaxSec !== null)).toBe(true);
  });
});

describe('the fires', () => {
  it('hold every task on a fire once, no two on one spot at a time', () => {
    const fires = fireTurns(rich, richPlan);
    const all = fires.flatMap((f) => f.spots.flat().map((t) => t.id));
    expect([...all].sort()).toEqual(
      richPlan.tasks
        .filter(isOnFire)
        .map((t) => t.id)
        .sort(),
    );
    for (const spot of fires.flatMap((f) => f.spots))
      for (const [i, t] of spot.entries()) expect(t.startSec).toBeGreaterThanOrEqual(spot[i - 1]?.endSec ?? -Infinity);
  });
  it('are used as long over time as breads lie on them', () => {
    for (const fire of fireTurns(workshop, plan)) {
      const points = fireUse(plan, fire.id);
      const area = points.reduce((sum, p, i) => sum + p.count * ((points[i + 1]?.sec ?? p.sec) - p.sec), 0);
      expect(area).toBe(fire.spots.flat().reduce((sum, t) => sum + t.endSec - t.startSec, 0));
      expect(points.at(-1)?.count).toBe(0);
    }
  });
});

describe('hands', () => {
  const situation = situationOf(rich, richPlan);
  const hands = handsOf(situation);
  it('are never full twice at a time', () => {
    for (const list of hands.values())
      for (const [i, h] of list.entries()) expect(h.fromSec).toBeGreaterThanOrEqual(list[i - 1]?.toSec ?? -Infinity);
    const most = Math.max(
      ...handsUse(
        hands,
        rich.roster.map((p) => p.id),
      ).map((p) => p.count),
    );
    expect(most).toBeLessThanOrEqual(rich.roster.length);
  });
  it('are idle only where nobody asks for them, and what could fill it fits the gap', () => {
    const gaps = idleGaps(rich, situation.plan);
    expect(gaps.length).toBeGreaterThan(0);
    for (const g of gaps) {
      expect(g.toSec - g.fromSec).toBeGreaterThanOrEqual(180);
      const clash = (hands.get(g.person) ?? []).find((h) => h.fromSec < g.toSec && h.toSec > g.fromSec);
      expect(clash).toBeUndefined();
    }
    const words = gaps.flatMap((g) => fillersOf(rich, situation, g).map((f) => f.words));
    expect(words.some((w) => w.includes('in place of'))).toBe(true);
    expect(words.some((w) => /^scrape down the bench of Station \d$/.test(w))).toBe(true);
  });
  it('show who has no task as idle from the welcome to the table', () => {
    const alone: Workshop = {
      ...workshop,
      roster: workshop.roster.map((p, i) => (i === 0 ? { ...p, avoid: [{ what: 'gluten', level: 'strict' }] } : p)),
    };
    const withNone = planShaped(alone, UNSHAPED, { effort: 0 });
    const first = alone.roster[0]?.id;
    expect(idleGaps(alone, withNone).filter((g) => g.person === first)).toEqual([
      { person: first, fromSec: workshop.welcomeMin * 60, toSec: withNone.tableSec },
    ]);
    expect(planFigures(alone, withNone).idle?.worstSec).toBe(withNone.tableSec - workshop.welcomeMin * 60);
  });
  it('are told with what comes before and after', () => {
    const [around] = aroundTask(plan, find(plan, 'round@S1:knead'));
    expect(around?.before?.id).toBe('round@S1:mix');
    expect(around?.after?.startSec).toBeGreaterThanOrEqual(find(plan, 'round@S1:knead').endSec);
  });
});

describe('the roll call', () => {
  it('calls everyone to every one of their turns, in order', () => {
    const calls = rollCall(workshop, plan);
    expect(calls.map((c) => c.atSec)).toEqual(calls.map((c) => c.atSec).sort((a, b) => a - b));
    const called = calls.flatMap((c) => c.tasks);
    expect(new Set(called).size).toBe(called.length);
    for (const t of plan.tasks) if (t.piece !== undefined && isOnFire(t)) expect(called).toContain(t.id);
    expect(calls.find((c) => c.isToFire)?.to[0]).toMatch(/^\S+ to Griddle [12], spot 1$/);
  });
  it('says with every call what is to be minded with those who are called', () => {
    const avoider = rich.roster.find((p) => p.avoid.length > 0) ?? expect.fail();
    const remarks = [{ person: avoider.id, words: 'brings a dog', isDealtWith: false }];
    const calls = rollCall(rich, richPlan, remarks);
    const own = calls.filter((c) => c.tasks.some((t) => t.includes(`/${avoider.id}/`)));
    expect(own.length).toBeGreaterThan(0);
    for (const c of own) expect(c.care.join()).toContain(`${avoider.name}: no `);
    for (const c of own) expect(c.care.join()).toContain('“brings a dog”');
    expect(
      rollCall(
        rich,
        richPlan,
        remarks.map((r) => ({ ...r, isDealtWith: true })),
      )
        .flatMap((c) => c.care)
        .join(),
    ).not.toContain('dog');
  });
});

describe('what one follows', () => {
  it('of a piece is its own way and its dough, of a dough everybody’s', () => {
    const piece = routeOf(plan, 'round/p1/1:cook') ?? expect.fail();
    expect(piece.has('round@S1:mix')).toBe(true);
    expect(piece.has('round/p2/1:cook')).toBe(false);
    const dough = routeOf(plan, 'round@S1:mix') ?? expect.fail();
    expect(dough.has('round/p2/1:cook')).toBe(true);
    expect(dough.has('round/p3/1:cook')).toBe(false);
    expect(routeOf(plan, 'welcome')).toBeUndefined();
  });
  it('leads back to the dough that was made ahead', () => {
    const cook = richPlan.tasks.find((t) => t.bread === 'barley-hearth' && t.piece && isOnFire(t)) ?? expect.fail();
    expect([...(routeOf(richPlan, cook.id) ?? [])].some((id) => id.startsWith('barley-hearth@ahead'))).toBe(true);
  });
  it('of a person, a griddle, a bread, a station is what they have to do with', () => {
    for (const t of plan.tasks) {
      expect(followedTasks(plan, { kind: 'bread', id: 'round' }).has(t.id)).toBe(t.bread === 'round');
      if (t.people.includes('p1')) expect(followedTasks(plan, { kind: 'person', id: 'p1' }).has(t.id)).toBe(true);
      if (t.at?.id === 'G1') expect(followedTasks(plan, { kind: 'griddle', id: 'G1' }).has(t.id)).toBe(true);
      if (t.batch === 'round@S2') expect(followedTasks(plan, { kind: 'station', id: 'S2' }).has(t.id)).toBe(true);
    }
  });
});

describe('two plans of one class', () => {
  it('differ in the words of the trade', () => {
    const short = planShaped(workshop, { ...UNSHAPED, aim: 'short' }, { effort: 1 });
    const [a, b] = [planFigures(workshop, plan), planFigures(workshop, short)];
    const words = differenceWords(a, b);
    expect(words.some((w) => /^\d+ min shorter$/.test(w))).toBe(true);
    expect(words.some((w) => /^breads \d+ min older on the table$/.test(w))).toBe(true);
    expect(differenceWords(b, a).some((w) => /^\d+ min longer$/.test(w))).toBe(true);
    expect(differenceWords(a, a)).toEqual([]);
  });
  it('are told apart by what one breaks and the other does not', () => {
    const late = withTask(plan, 'round/p1/2:cook', () => ({}));
    expect(newBreaks(plan, late)).toEqual([]);
    const broken = { ...plan, broken: [{ rule: 'R11' as const, code: 'late', tasks: ['x'], message: 'late' }] };
    expect(newBreaks(plan, broken)).toEqual(broken.broken);
    expect(newBreaks(broken, plan)).toEqual([]);
  });
  it('figure what the table sees: the mean of the ages of breads that are served together', () => {
    const ages = pieceRuns(workshop, plan).map((r) => r.ageSec);
    const { age, firstSpreadSec } = planFigures(workshop, plan);
    expect(age?.meanSec).toBeCloseTo(ages.reduce((x, y) => x + y, 0) / ages.length, 6);
    const firsts = firstBreads(pieceRuns(workshop, plan)).map((r) => r.doneSec);
    expect(firsts).toHaveLength(8);
    expect(firstSpreadSec).toBe(Math.max(...firsts) - Math.min(...firsts));
  });
});

describe('two turns that change places', () => {
  it('take each other’s start and griddle, and the rest is planned round it', () => {
    const [a, b] = [find(plan, 'round/p1/1:cook'), find(plan, 'round/p5/1:cook')];
    const pins = swapPins(plan, a.id, b.id);
    const swapped = planShaped(workshop, { ...UNSHAPED, pins: [...pins] }, { effort: 1, base: plan });
    expect([find(swapped, a.id).startSec, find(swapped, a.id).at?.id]).toEqual([b.startSec, b.at?.id]);
    expect([find(swapped, b.id).startSec, find(swapped, b.id).at?.id]).toEqual([a.startSec, a.at?.id]);
  });
  it('of unequal length that follow one another on one spot: the stretch of both stays what it is', () => {
    const spot = fireTurns(rich, richPlan)
      .flatMap((f) => (f.kind === 'griddle' ? f.spots : []))
      .find((list) => list.some((t, i) => i > 0 && lasts(t) !== lasts(list[i - 1] ?? t)));
    const i = spot?.findIndex((t, n) => n > 0 && lasts(t) !== lasts(spot[n - 1] ?? t)) ?? 0;
    const [a, b] = [spot?.[i - 1] ?? expect.fail(), spot?.[i] ?? expect.fail()];
    const pins = swapPins(richPlan, a.id, b.id);
    const startOf = (t: PlanTask): number => pins.find((p) => p.task === t.id)?.startSec ?? NaN;
    expect(startOf(b)).toBe(a.startSec);
    expect(startOf(a) + lasts(a)).toBe(b.endSec);
    expect(startOf(a)).toBeGreaterThanOrEqual(startOf(b) + lasts(b));
    expect(swapPins(richPlan, b.id, a.id)).toEqual([...pins].reverse());
  });
  it('are none where one of them is no turn', () => {
    expect(swapPins(plan, 'round@S1:mix', 'round/p5/1:cook')).toEqual([]);
    expect(swapPins(plan, 'round/p5/1:cook', 'round/p5/1:cook')).toEqual([]);
  });
});

describe('what follows from a plan', () => {
  it('is worked out once, and equals what it is worked out from', () => {
    const facts = planFacts(rich, richPlan);
    expect(facts.runs()).toBe(facts.runs());
    expect(facts.situation()).toBe(facts.situation());
    expect(facts.fires()).toEqual(fireTurns(rich, richPlan));
    expect(facts.gaps()).toEqual(idleGaps(rich, richPlan));
    expect(facts.figures()).toEqual(planFigures(rich, richPlan));
    expect([...facts.hands().keys()].length).toBeGreaterThan(rich.roster.length);
  });
});
