import { describe, expect, it } from 'vitest';
import type { Plan, PlanTask } from '../../plan/index.ts';
import { buildWorkshop, type RawFile } from '../../testing/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import { findBrokenRules } from '../check/index.ts';
import { planClass } from '../index.ts';
import { latestAheadOf } from './latest-ahead.ts';
import { situationOf } from './situation.ts';

const HOUR = 3600;
/** Two doughs that one instructor makes before the doors: early in the morning, or in the two hours before the class. */
const twoAhead = (change: (file: RawFile) => void = () => undefined): Workshop =>
  buildWorkshop({
    people: 2,
    each: 1,
    griddles: 2,
    tableTime: '12:30',
    change: (f) => {
      const [bread] = f['breads'];
      bread.steps[1].window = { min: 10, ideal: 60, max: 600 };
      const twin = structuredClone(bread) as RawFile;
      Object.assign(twin, { id: 'other', name: 'The other' });
      f['breads'].push(twin);
      f['menu'][0].dough = { mode: 'ahead', through: 'mix' };
      f['menu'].push({ ...f['menu'][0], bread: 'other' });
      f['prepTimes'] = [
        { from: '2027-03-06T06:00', to: '2027-03-06T07:00' },
        { from: '2027-03-06T09:00', to: '2027-03-06T10:00' },
      ];
      change(f);
    },
  });

const early = (plan: Plan): readonly PlanTask[] =>
  plan.tasks.filter((t) => t.kind === 'step' && t.startSec < 0).toSorted((a, b) => a.startSec - b.startSec);

/** The plan with steps before the doors at other starts, and their rests from there. */
function movedTo(plan: Plan, starts: ReadonlyMap<string, number>): Plan {
  const ends = new Map<string, number>();
  const steps = plan.tasks.map((t) => {
    const startSec = starts.get(t.id);
    if (startSec === undefined) return t;
    const endSec = startSec + t.endSec - t.startSec;
    ends.set(t.bread ?? '', endSec);
    return { ...t, startSec, endSec };
  });
  return {
    ...plan,
    tasks: steps.map((t) => (t.kind === 'rest' ? { ...t, startSec: ends.get(t.bread) ?? t.startSec } : t)),
  };
}

describe('the latest start before the doors', () => {
  const workshop = twoAhead();
  const plan = planClass(workshop, { effort: 1 });
  const latest = latestAheadOf(situationOf(workshop, plan));
  const all = early(plan);

  it('is known of every step before the doors, and no earlier than planned', () => {
    expect(plan.broken).toEqual([]);
    expect(all.length).toBeGreaterThan(1);
    expect([...latest.keys()].sort()).toEqual(all.map((t) => t.id).sort());
    for (const t of all) expect(latest.get(t.id)).toBeGreaterThanOrEqual(t.startSec);
    for (const t of all) expect(latest.get(t.id)).toBeLessThanOrEqual(t.startSec - t.endSec);
  });
  it('leaves a right plan with all of them as late as that: one pair of hands, prep times and rests are minded', () => {
    expect(findBrokenRules(workshop, movedTo(plan, latest)).map((b) => b.code)).toEqual([]);
    // a minute later than that is too late for each of them
    for (const t of all) {
      const late = new Map([...latest, [t.id, (latest.get(t.id) ?? 0) + 60]]);
      expect(
        findBrokenRules(workshop, movedTo(plan, late)).map((b) => b.code),
        t.id,
      ).not.toEqual([]);
    }
  });
  it('keeps the least length of a rest', () => {
    const slow = twoAhead((f) => {
      for (const b of f['breads']) b.steps[1].window = { min: 130, ideal: 140, max: 600 };
    });
    const made = planClass(slow, { effort: 1 });
    const found = latestAheadOf(situationOf(slow, made));
    expect(made.broken).toEqual([]);
    expect(findBrokenRules(slow, movedTo(made, found)).map((b) => b.code)).toEqual([]);
    const [last] = early(made).slice(-1);
    const late = new Map([...found, [last?.id ?? '', (found.get(last?.id ?? '') ?? 0) + 60]]);
    expect(findBrokenRules(slow, movedTo(made, late)).map((b) => b.code)).toContain('under-rested');
  });
  it('minds when nobody is there: what is made in the early morning is over by the end of that', () => {
    // a rest of three hours at least keeps the dough from the hour before the class
    const long = twoAhead((f) => {
      for (const b of f['breads']) b.steps[1].window = { min: 240, ideal: 260, max: 600 };
    });
    const made = planClass(long, { effort: 1 });
    const found = latestAheadOf(situationOf(long, made));
    expect(made.broken).toEqual([]);
    for (const t of early(made)) {
      expect(t.endSec).toBeLessThanOrEqual(-3 * HOUR);
      expect((found.get(t.id) ?? 0) + t.endSec - t.startSec).toBeLessThanOrEqual(-3 * HOUR);
    }
    expect(findBrokenRules(long, movedTo(made, found)).map((b) => b.code)).toEqual([]);
  });
});
