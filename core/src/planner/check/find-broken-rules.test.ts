import { describe, expect, it } from 'vitest';
import { turnsOf, type Plan, type Rule } from '../../plan/index.ts';
import { buildWorkshop, withTask, type RawFile } from '../../testing/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import { planClass } from '../index.ts';
import { findBrokenRules } from './index.ts';

type Change = (file: RawFile) => void;

const shape = { people: 4, each: 1, griddles: 2 } as const;
const workshop = buildWorkshop(shape);
const plan = planClass(workshop, { goal: 'fresh' });
const rulesOf = (w: Workshop, p: Plan): readonly Rule[] => [...new Set(findBrokenRules(w, p).map((b) => b.rule))];
const codesOf = (w: Workshop, p: Plan): readonly string[] => [...new Set(findBrokenRules(w, p).map((b) => b.code))];

describe('the checker', () => {
  it('finds nothing in a right plan', () => {
    expect(findBrokenRules(workshop, plan)).toEqual([]);
  });

  // the class changes and the plan stays: each change breaks its rule and no other
  it.each<[Rule, string, string, Change]>([
    [
      'R2',
      'a rest that may last 12 min',
      'window-wrong over-rested',
      (f) => (f['breads'][0].steps[1].window = { min: 10, ideal: 12, max: 12 }),
    ],
    ['R3', 'a slower griddle', 'wrong-length wrong-turns', (f) => (f['breads'][0].steps[3].phases[0].sec = 61)],
    ['R5', 'benches of one seat', 'bench-full', (f) => f['kitchen'].benches.forEach((b: RawFile) => (b['seats'] = 1))],
    [
      'R6',
      'an hour between two breads on a spot',
      'reset-too-short',
      (f) => f['kitchen'].griddles.forEach((g: RawFile) => (g['resetSec'] = 3600)),
    ],
    [
      'R6',
      'a bread that needs stone',
      'wrong-griddle',
      (f) => {
        f['breads'][0].steps[3].surfaces = ['stone', 'steel'];
        f['kitchen'].griddles.forEach((g: RawFile) => (g['surface'] = 'clay'));
        f['kitchen'].griddles.push({ ...f['kitchen'].griddles[0], id: 'G9', surface: 'stone' });
      },
    ],
    ['R7', 'weak hands', 'too-much-by-hand', (f) => (f['kitchen'].handMaxDoughG = 100)],
    ['R8', 'a shelf for one batch', 'place-full', (f) => (f['kitchen'].places[0].batches = 1)],
    ['R9', 'staff who can watch one griddle', 'griddles-unwatched', (f) => (f['kitchen'].griddlesPerStaff = 1)],
    ['R11', 'an earlier table', 'late', (f) => (f['tableTime'] = '11:58')],
    ['R11', 'a later table', 'stale', (f) => (f['tableTime'] = '13:00')],
    [
      'R14',
      'egg in the dough and a limit of 20 min',
      'too-long-out',
      (f) => {
        f['breads'][0].ingredients[1].perishable = true;
        f['kitchen'].safeOutMin = 20;
      },
    ],
  ])('sees %s broken by %s', (rule, _, codes, change) => {
    const changed = buildWorkshop({ ...shape, change });
    expect(rulesOf(changed, plan)).toEqual([rule]);
    expect(codesOf(changed, plan).join(' ')).toBe(codes);
  });

  // the plan changes and the class stays
  it.each<[Rule, string, string, (p: Plan) => Plan]>([
    [
      'R1',
      'a griddle that nobody heated',
      'task-missing',
      (p) => ({ ...p, tasks: p.tasks.filter((t) => t.id !== 'preheat:G1') }),
    ],
    [
      'R1',
      'a weight that is wrong by a gram',
      'batch-grams',
      (p) => ({ ...p, batches: p.batches.map((b, i) => (i === 0 ? { ...b, doughG: b.doughG + 1 } : b)) }),
    ],
    [
      'R1',
      'a task that nobody asked for',
      'task-unasked',
      (p) => ({ ...p, tasks: [...p.tasks, { id: 'tea', kind: 'break', people: [], startSec: 0, endSec: 60 }] }),
    ],
    [
      'R4',
      'somebody who rolls for another',
      'wrong-people',
      (p) => withTask(p, 'flat/p1/1:roll', () => ({ people: [] })),
    ],
    [
      'R5',
      'a station at the wrong bench',
      'wrong-bench bench-full',
      (p) => withTask(p, 'flat/p1/1:roll', () => ({ at: { kind: 'bench', id: 'B2' } })),
    ],
    [
      'R6',
      'a spot that is not there',
      'no-such-spot',
      (p) => withTask(p, 'flat/p1/1:cook', (t) => ({ at: { kind: 'griddle', id: t.at?.id, spot: 7 } })),
    ],
    [
      'R6',
      'a griddle heated too late',
      'preheat-late',
      (p) => withTask(p, 'preheat:G1', (t) => ({ startSec: t.startSec + 60, endSec: t.endSec + 60 })),
    ],
    [
      'R8',
      'a rest on the griddle',
      'window-wrong wrong-place',
      (p) => withTask(p, 'flat@S1:rest', () => ({ at: { kind: 'fridge', id: 'shelf' } })),
    ],
    [
      'R12',
      'a welcome without a participant',
      'welcome-people',
      (p) => withTask(p, 'welcome', (t) => ({ people: t.people.slice(1) })),
    ],
  ])('sees %s broken by %s', (rule, _, codes, spoil) => {
    const found = findBrokenRules(workshop, spoil(plan));
    expect([...new Set(found.map((b) => b.rule))]).toEqual([rule]);
    for (const b of found) expect(codes.split(' ')).toContain(b.code);
  });

  it('sees work in a break and bread left on in it (R12)', () => {
    const withBreak = buildWorkshop({
      ...shape,
      change: (f) => (f['breaks'] = [{ after: '10:10', before: '12:00', minutes: 10 }]),
    });
    const made = planClass(withBreak);
    expect(made.broken).toEqual([]);
    const cook = made.tasks.find((t) => t.id === 'flat/p1/1:cook');
    const moved = withTask(made, 'break:1', () => ({
      startSec: cook?.startSec ?? 0,
      endSec: (cook?.startSec ?? 0) + 600,
    }));
    expect(codesOf(withBreak, moved)).toEqual(expect.arrayContaining(['work-in-break', 'bread-in-break']));
    expect(rulesOf(withBreak, moved)).toEqual(['R12']);
  });

  it('wants exactly the makers at a demonstration, and their own step after it (R10)', () => {
    const withDemo = buildWorkshop({
      ...shape,
      change: (f) => f['demos'].push({ bread: 'flat', before: 'mix', minutes: 5 }),
    });
    const people = ['lead', 'p1', 'p2', 'p3', 'p4'];
    const demo = {
      id: 'demo:flat:mix',
      kind: 'demo' as const,
      bread: 'flat',
      people,
      at: { kind: 'bench' as const, id: 'B1' },
      startSec: 600,
      endSec: 900,
    };
    const withTaskOf = (change: object): Plan => ({ ...plan, tasks: [...plan.tasks, { ...demo, ...change }] });
    expect(findBrokenRules(withDemo, withTaskOf({}))).toEqual([]);
    expect(codesOf(withDemo, withTaskOf({ people: people.slice(0, 4) }))).toEqual(['demo-people']);
    expect(codesOf(withDemo, withTaskOf({ people: people.slice(1) }))).toEqual(['demo-instructor']);
    const mix = Math.min(...plan.tasks.filter((t) => t.step === 'mix').map((t) => t.endSec));
    expect(codesOf(withDemo, withTaskOf({ startSec: mix, endSec: mix + 300 }))).toContain('before-demo');
    expect(rulesOf(withDemo, plan)).toEqual(['R10']);
  });

  it('keeps a strictly avoided food off the griddle before (R13)', () => {
    const change: Change = (f) => {
      f['breads'][0].ingredients.push({
        name: 'butter',
        role: 'fat',
        use: 'finish',
        gPerPiece: 4,
        allergens: ['milk'],
        optional: true,
      });
      f['roster'][0].avoid = [{ what: 'milk' }];
    };
    const w = buildWorkshop({ people: 2, perStation: 1, change });
    const made = planClass(w);
    const times = new Map(made.tasks.map((t) => [t.id, t]));
    // the two stations exchange their times: one of the two orders has the milk first
    const twin = (id: string): string =>
      id.replace(/p1|p2/g, (p) => (p === 'p1' ? 'p2' : 'p1')).replace(/S1|S2/g, (s) => (s === 'S1' ? 'S2' : 'S1'));
    const exchanged: Plan = {
      ...made,
      tasks: made.tasks.map((t) => {
        const { startSec, endSec } = times.get(twin(t.id)) ?? t;
        const turnsSec = turnsOf(times.get(twin(t.id)) ?? t);
        return { ...t, startSec, endSec, ...(turnsSec.length > 0 ? { turnsSec } : {}) };
      }),
    };
    expect([rulesOf(w, made), rulesOf(w, exchanged)].sort()).toEqual([[], ['R13']]);
    const cleaning = buildWorkshop({
      people: 2,
      perStation: 1,
      change: (f) => {
        change(f);
        f['kitchen'].griddles[0].cleanSec = 1;
      },
    });
    expect([rulesOf(cleaning, made), rulesOf(cleaning, exchanged)]).toEqual([[], []]);
  });
});
