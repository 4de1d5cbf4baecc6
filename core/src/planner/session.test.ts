import { describe, expect, it, vi } from 'vitest';
import demoClass from '../../../demo/class.json';
import { readClassRecord, readWorkshop } from '../formats/index.ts';
import type { Plan } from '../plan/index.ts';
import { UNSHAPED, withPins, type Workshop } from '../workshop/index.ts';
import { plannerSession, type Advice } from './session.ts';

const read = readClassRecord(demoClass);
const workshop: Workshop = read.ok ? read.value.workshop : expect.fail();
const renamed: Workshop = { ...workshop, title: 'Another class' };

/** A session whose every step is a turn, so that a later call can come between any two. */
function session(onPause: () => void = () => undefined) {
  let clock = 0;
  const pauses = { count: 0 };
  const made = plannerSession({
    now: () => (clock += 1000),
    pause: () => {
      pauses.count++;
      onPause();
      return Promise.resolve();
    },
    isTakeable: (w) => readWorkshop(w).ok,
  });
  return { made, pauses };
}

describe('the session of a planner', () => {
  it('tells a first plan at once and a final one that is no worse, and gives way in between', async () => {
    const { made, pauses } = session();
    const heard: { plan: Plan; isFinal: boolean }[] = [];
    const running = made.plan(workshop, UNSHAPED, (plan, isFinal) => heard.push({ plan, isFinal }));
    expect(heard.map((h) => h.isFinal)).toEqual([false]);
    await running;
    expect(heard.map((h) => h.isFinal)).toEqual([false, true]);
    expect(pauses.count).toBeGreaterThan(0);
    const [first, last] = heard.map((h) => h.plan);
    expect(last?.broken).toEqual([]);
    expect(last?.tasks.length).toBe(first?.tasks.length);
  });
  it('says nothing more of a class once a later one was asked for', async () => {
    let later: Promise<void> | undefined;
    let isAsked = false;
    const heard: string[] = [];
    const { made } = session(() => {
      if (isAsked) return;
      isAsked = true;
      later = made.plan(renamed, UNSHAPED, (_, isFinal) => heard.push(`second ${isFinal}`));
    });
    await made.plan(workshop, UNSHAPED, (_, isFinal) => heard.push(`first ${isFinal}`));
    await later;
    expect(heard).toEqual(['first false', 'second false', 'second true']);
  });
  it('stops where it is when told to', async () => {
    let isToStop = true;
    const { made, pauses } = session(() => {
      if (isToStop) made.stop();
    });
    const onPlan = vi.fn();
    await made.plan(workshop, UNSHAPED, onPlan);
    expect(onPlan.mock.calls.map(([, isFinal]: unknown[]) => isFinal)).toEqual([false]);
    expect(made.about('any')).toBeNull();
    // little is done after that, and what was done is no plan of the class: it is planned whole the next time
    expect(pauses.count).toBeLessThan(5);
    isToStop = false;
    await made.plan(workshop, UNSHAPED, onPlan);
    const whole = session();
    await whole.made.plan(workshop, UNSHAPED, () => undefined);
    expect(pauses.count).toBeGreaterThanOrEqual(whole.pauses.count);
  });
  it('answers about the plan that came last and tries pins on it; before there is one it knows nothing', async () => {
    const { made } = session();
    expect([made.about('x'), made.tryPins([])]).toEqual([null, null]);
    let plan: Plan | undefined;
    await made.plan(workshop, UNSHAPED, (p) => (plan = p));
    const task = plan?.tasks.at(-1) ?? expect.fail();
    expect(made.about(task.id)).not.toBeNull();
    expect(made.about('nothing-of-the-kind')).toBeNull();
    expect(made.tryPins([])?.tasks).toEqual(plan?.tasks);
    // a task that was put somewhere stays there, on trial and in the plan
    const pins = [{ task: task.id, startSec: task.startSec }];
    const tried = made.tryPins(pins);
    expect(tried?.tasks.find((t) => t.id === task.id)?.startSec).toBe(task.startSec);
    await made.plan(workshop, withPins(UNSHAPED, pins), (p) => (plan = p));
    expect(plan?.tasks.find((t) => t.id === task.id)?.startSec).toBe(task.startSec);
  });
  it('searches round pins that do not go at once, and leaves the plan that is shown alone', async () => {
    const { made } = session();
    expect(await made.settlePins([])).toBeNull();
    let plan: Plan | undefined;
    await made.plan(workshop, UNSHAPED, (p) => (plan = p));
    const shown = plan ?? expect.fail();
    const first = shown.tasks.find((t) => t.step === 'mix') ?? expect.fail();
    const pins = [{ task: first.id, startSec: first.startSec + 300 }];
    const settled = (await made.settlePins(pins)) ?? expect.fail();
    expect(settled.tasks.find((t) => t.id === first.id)?.startSec).toBe(first.startSec + 300);
    expect(settled.broken.length).toBeLessThanOrEqual(made.tryPins(pins)?.broken.length ?? 0);
    expect(made.about(first.id)).not.toBeNull();
    // a later call makes it give up
    const late = made.settlePins(pins);
    void made.plan(workshop, UNSHAPED, (p) => (plan = p));
    expect(await late).toBeNull();
  });
  it('plans the rest of a class from a moment on, with what has begun where it is', async () => {
    const { made } = session();
    let plan: Plan | undefined;
    await made.plan(workshop, UNSHAPED, (p) => (plan = p));
    const before = plan ?? expect.fail();
    const nowSec = 40 * 60;
    // the first mix takes two minutes longer
    const first = before.tasks.find((t) => t.step === 'mix') ?? expect.fail();
    const begun = before.tasks
      .filter((t) => t.startSec < nowSec)
      .map((t) => (t === first ? { ...t, endSec: t.endSec + 120 } : t));
    // a later call makes it give up
    const late = made.replan(workshop, UNSHAPED, { nowSec, begun }, before);
    const again = (await made.replan(workshop, UNSHAPED, { nowSec, begun }, before)) ?? expect.fail();
    expect(await late).toBeNull();
    expect(again.tasks.find((t) => t.id === first.id)?.endSec).toBe(first.endSec + 120);
    for (const t of again.tasks)
      if (!begun.some((b) => b.id === t.id) && t.kind !== 'rest') expect(t.startSec).toBeGreaterThanOrEqual(nowSec);
    expect(made.about(first.id)).not.toBeNull();
  });
  it('plans several classes, each under its number, until a later call', async () => {
    const entries = [workshop, renamed].map((w) => ({ workshop: w, shaping: UNSHAPED }));
    const all = session();
    const heard: number[] = [];
    await all.made.planEach(entries, (i) => heard.push(i));
    expect(heard).toEqual([0, 1]);
    const stopped = session();
    const before: number[] = [];
    await stopped.made.planEach(entries, (i) => {
      before.push(i);
      stopped.made.stop();
    });
    expect(before).toEqual([0]);
  });
  it('advises as it finds, and is done in the end; a call that was overtaken is not', async () => {
    // half of the time that the class needs
    const tight: Workshop = { ...workshop, tableTime: '10:00' };
    const { made } = session();
    let plan: Plan | undefined;
    await made.plan(tight, UNSHAPED, (p) => (plan = p));
    const shares: number[] = [];
    await made.advise(tight, plan ?? expect.fail(), [], ({ doneShare }) => shares.push(doneShare));
    expect([shares[0], shares.at(-1)]).toEqual([0, 1]);
    expect(shares).toEqual(shares.toSorted((a, b) => a - b));
    const long: Workshop = { ...workshop, tableTime: '16:00' };
    let longPlan: Plan | undefined;
    await made.plan(long, UNSHAPED, (p) => (longPlan = p));
    let last: Advice | undefined;
    await made.advise(long, longPlan ?? expect.fail(), [], (advice) => (last = advice));
    expect(last?.fixes).toEqual([]);
    expect(last?.ideas.map((i) => i.change.kind)).toContain('later');
    await made.plan(tight, UNSHAPED, (p) => (plan = p));
    const overtaken: number[] = [];
    await made.advise(tight, plan ?? expect.fail(), [], ({ doneShare }) => {
      overtaken.push(doneShare);
      made.stop();
    });
    expect(overtaken).toEqual([0]);
    // many plans of a class that nothing makes fit
  }, 60_000);
});
