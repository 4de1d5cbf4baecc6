import { describe, expect, it } from 'vitest';
import { isOfBread } from '../plan/index.ts';
import { buildWorkshop } from '../testing/index.ts';
import { UNSHAPED, withoutPin, withPins, type Shaping } from '../workshop/index.ts';
import { aboutTask, planShaped, situationOf, sweepOf } from './index.ts';

const workshop = buildWorkshop({ people: 8, each: 2, griddles: 2, tableTime: '11:40' });
const base = planShaped(workshop, UNSHAPED, { effort: 1 });
const startOf = (plan: typeof base, id: string): number =>
  plan.tasks.find((t) => t.id === id)?.startSec ?? expect.fail(id);

describe('a plan as somebody wants it', () => {
  it('is the same however it was come by: with the plan without pins at hand, or without', () => {
    const startSec = startOf(base, 'flat@S2:mix') + 300;
    const shaping: Shaping = { ...UNSHAPED, pins: [{ task: 'flat@S2:mix', startSec }] };
    const [known, unknown] = [
      planShaped(workshop, shaping, { effort: 1, base }),
      planShaped(workshop, shaping, { effort: 1 }),
    ];
    expect(known).toEqual(unknown);
    expect(startOf(known, 'flat@S2:mix')).toBe(startSec);
  });
  it('moves the breads of a dough that is begun much later', () => {
    const short = { ...UNSHAPED, aim: 'short' as const };
    const early = planShaped(workshop, short, { effort: 1 });
    const pins = [{ task: 'flat@S1:mix', startSec: startOf(early, 'flat@S1:mix') + 900 }];
    const moved = planShaped(workshop, withPins(short, pins), { effort: 1, base: early });
    expect(startOf(moved, 'flat/p1/1:cook')).toBeGreaterThan(startOf(early, 'flat/p1/1:cook'));
    expect(moved.broken).toEqual([]);
  });
  it('keeps a bread on the griddle that was chosen', () => {
    const cook = base.tasks.find((t) => t.id === 'flat/p1/1:cook') ?? expect.fail();
    const griddle = cook.at?.id === 'G1' ? 'G2' : 'G1';
    const shaping = withPins(UNSHAPED, [{ task: cook.id, startSec: cook.startSec, griddle }]);
    const moved = planShaped(workshop, shaping, { effort: 1, base });
    expect(moved.tasks.find((t) => t.id === cook.id)?.at?.id).toBe(griddle);
  });
  it('keeps one pin of a task, with the griddle that was chosen for it', () => {
    const first = withPins(UNSHAPED, [
      { task: 'a', startSec: 60, griddle: 'G2' },
      { task: 'b', startSec: 0 },
    ]);
    expect(withPins(first, [{ task: 'a', startSec: 120 }]).pins).toEqual([
      { task: 'b', startSec: 0 },
      { task: 'a', startSec: 120, griddle: 'G2' },
    ]);
  });
  it('leaves out a pin of something that the class does not have', () => {
    const shaping = withPins(UNSHAPED, [{ task: 'gone@S9:mix', startSec: 600 }]);
    expect(planShaped(workshop, shaping, { effort: 1, base }).broken).toEqual([]);
    expect(withoutPin(shaping, 'gone@S9:mix')).toEqual(UNSHAPED);
  });
  it('stands about less, the more busy hands count', () => {
    const idle = (aim: Shaping['aim']): number => {
      const plan = planShaped(workshop, { aim, pins: [] }, { effort: 2 });
      const spans = workshop.roster.map((p) => {
        const own = plan.tasks.filter((t) => t.people.includes(p.id) && isOfBread(t));
        const busy = own.reduce((sum, t) => sum + t.endSec - t.startSec, 0);
        const fromSec = plan.tasks.find((t) => t.kind === 'welcome')?.endSec ?? 0;
        return Math.max(...own.map((t) => t.endSec)) - fromSec - busy;
      });
      return spans.reduce((a, b) => a + b, 0);
    };
    expect(idle('hands')).toBeLessThan(idle('fresh'));
  });
  it('moves a break to where somebody put it', () => {
    const withBreak = buildWorkshop({
      people: 4,
      griddles: 2,
      tableTime: '12:00',
      change: (file) => {
        file['breaks'] = [{ after: '10:20', before: '11:40', minutes: 10 }];
      },
    });
    const shaping = withPins(UNSHAPED, [{ task: 'break:1', startSec: 3000 }]);
    const plan = planShaped(withBreak, shaping, { effort: 1 });
    expect([startOf(plan, 'break:1'), plan.broken]).toEqual([3000, []]);
  });
});

describe('why any task is when it is', () => {
  const situation = situationOf(workshop, base);
  it('is told of rests with their window, of heating up, of the welcome', () => {
    const about = (id: string) => aboutTask(workshop, situation, id) ?? expect.fail(id);
    expect(about('flat@S1:rest').why[0]).toMatch(/^it begins when Station 1: .* ends$/);
    expect(about('flat@S1:rest').window).toMatch(/^may end from \d\d:\d\d \(\d+ min\) to \d\d:\d\d/);
    const preheat = base.tasks.find((t) => t.kind === 'preheat');
    if (preheat) expect(about(preheat.id).why[0]).toMatch(/before the first bread lies on it, at \d\d:\d\d$/);
    expect(about('welcome').why).toEqual(['the class begins with it']);
    expect(aboutTask(workshop, situation, 'nothing')).toBeUndefined();
  });
});

describe('the class in other sizes', () => {
  it('has the more to spare the more griddles there are, and less with more people', () => {
    const points = (over: 'griddles' | 'participants') => {
      const sweep = sweepOf(workshop, UNSHAPED, over);
      let step = sweep.next();
      while (step.done !== true) step = sweep.next();
      return step.value;
    };
    const griddles = points('griddles');
    expect(griddles.map((p) => p.count)).toEqual([1, 2, 3, 4, 5, 6]);
    expect(griddles.at(-1)?.spareSec).toBeGreaterThan(griddles[0]?.spareSec ?? Infinity);
    const people = points('participants');
    expect(people[0]?.spareSec).toBeGreaterThan(people.at(-1)?.spareSec ?? Infinity);
  });
});
