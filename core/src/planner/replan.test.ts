import { describe, expect, it } from 'vitest';
import type { Plan, PlanTask } from '../plan/index.ts';
import { buildWorkshop } from '../testing/index.ts';
import { planClass } from './index.ts';

const workshop = buildWorkshop({ people: 8, each: 2, griddles: 2, tableTime: '11:30' });
const plan = planClass(workshop);
const find = (p: Plan, id: string): PlanTask => {
  const task = p.tasks.find((t) => t.id === id);
  if (!task) throw new Error(`no task ${id}`);
  return task;
};
const startsOf = (p: Plan): ReadonlyMap<string, number> => new Map(p.tasks.map((t) => [t.id, t.startSec]));
/** The tasks of a plan that have begun by a moment. */
const begunBy = (p: Plan, nowSec: number): readonly PlanTask[] => p.tasks.filter((t) => t.startSec < nowSec);

describe('a plan with pins', () => {
  it('starts a moved task when it was told to, and the rest of the class fits round it', () => {
    const sec = find(plan, 'flat@S2:mix').startSec + 240;
    const moved = planClass(workshop, { pins: [{ task: 'flat@S2:mix', startSec: sec }], before: plan });
    expect(find(moved, 'flat@S2:mix').startSec).toBe(sec);
    expect(moved.broken).toEqual([]);
  });

  it('says what a pin makes impossible', () => {
    // five minutes after the welcome: the dough can be mixed by then and no more
    const moved = planClass(workshop, { pins: [{ task: 'flat/p3/1:cook', startSec: 900 }] });
    expect(find(moved, 'flat/p3/1:cook').startSec).toBe(900);
    const isNamed = moved.broken.some((b) => b.tasks.some((t) => /^flat(\/p3\/1|@S2):/.test(t)));
    expect(isNamed).toBe(true);
  });
});

describe('a plan in the middle of a class', () => {
  const nowSec = find(plan, 'flat/p1/1:cook').startSec + 30;

  it('is the plan before while all goes as planned', () => {
    const again = planClass(workshop, { moment: { nowSec, begun: begunBy(plan, nowSec) }, before: plan });
    expect(startsOf(again)).toEqual(startsOf(plan));
    expect(again.broken).toEqual([]);
  });

  it('leaves what has begun as it was, starts nothing before now, and stays right after a delay', () => {
    const at = find(plan, 'flat@S3:mix').startSec + 60;
    // the first mix took four minutes longer than planned
    const begun = begunBy(plan, at).map((t) =>
      t.id === 'flat@S1:mix' ? { ...t, endSec: Math.max(t.endSec + 240, at) } : t,
    );
    const later = planClass(workshop, { moment: { nowSec: at, begun }, before: plan });
    for (const t of begun) if (t.kind !== 'rest' && t.kind !== 'preheat') expect(find(later, t.id)).toEqual(t);
    const ids = new Set(begun.map((t) => t.id));
    for (const t of later.tasks.filter((x) => !ids.has(x.id) && x.kind !== 'rest' && x.kind !== 'preheat'))
      expect(t.startSec).toBeGreaterThanOrEqual(at);
    expect(later.broken).toEqual([]);
  });
});
