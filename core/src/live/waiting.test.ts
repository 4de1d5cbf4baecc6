import { beforeAll, describe, expect, it } from 'vitest';
import { isOfBread, ownerOf, piecesDone, type Plan, type PlanTask } from '../plan/index.ts';
import { rollCall } from '../turns/index.ts';
import { runningClass, type RunningClass } from '../testing/index.ts';
import { NO_NOTES } from '../workshop/index.ts';
import {
  asItGoes,
  breaths,
  coldGriddles,
  clearingList,
  fillersNow,
  gapSec,
  looksNow,
  mixedNow,
  rescueNotes,
  restsNow,
  sayings,
  simulatedHands,
  type LiveEvent,
} from './index.ts';

let cls: RunningClass;
let plan: Plan;

const stepOf = (t: PlanTask) =>
  cls.record.workshop.breads.find((b) => b.id === t.bread)?.steps.find((s) => s.id === t.step);

beforeAll(() => {
  cls = runningClass('sunday');
  plan = cls.plan;
});

describe('what rests', () => {
  it('stands with how long it must and may still wait, what may wait least first, and is urgent near its end', () => {
    const rest = plan.tasks.find((t) => t.kind === 'rest' && t.startSec > 0 && t.window.maxSec - t.window.minSec > 600);
    if (rest?.kind !== 'rest') expect.fail();
    const at = (sec: number) => restsNow(cls.record.workshop, plan, sec);
    const early = at(rest.startSec + 60);
    const own = early.find((r) => r.task.id === rest.id) ?? expect.fail();
    expect([own.stillSec, own.leftSec]).toEqual([rest.window.minSec - 60, rest.window.maxSec - 60]);
    const several = plan.tasks.map((t) => at(t.startSec).map((r) => r.leftSec)).filter((list) => list.length > 2);
    expect(several.length).toBeGreaterThan(0);
    for (const list of several) expect(list).toEqual([...list].sort((a, b) => a - b));
    expect(at(rest.startSec - 1).some((r) => r.task.id === rest.id)).toBe(false);
    expect(at(rest.endSec).some((r) => r.task.id === rest.id)).toBe(false);
    const long = { ...rest, endSec: rest.startSec + rest.window.maxSec + 60 };
    const late = restsNow(cls.record.workshop, { ...plan, tasks: [long] }, rest.startSec + rest.window.maxSec - 299);
    expect(late.map((r) => r.isUrgent)).toEqual([true]);
    const calm = { ...rest, endSec: rest.startSec + rest.window.minSec + 1 };
    const first = restsNow(cls.record.workshop, { ...plan, tasks: [calm] }, rest.startSec + 1);
    expect(first.map((r) => r.isUrgent)).toEqual([false]);
  });
});

describe('what waits for an eye', () => {
  const looked = (): PlanTask =>
    plan.tasks.find((t) => t.kind === 'step' && t.startSec > 0 && stepOf(t)?.look === true) ?? expect.fail('no look');

  it('comes before the step ends, is gone once it was good, comes back after two minutes more, and goes by itself', () => {
    const t = looked();
    const ids = (sec: number, ...said: readonly LiveEvent[]): readonly string[] => {
      const state = cls.after(...said);
      return looksNow(state, asItGoes(state), sec).map((l) => l.task.id);
    };
    const end = t.endSec - 1;
    expect(ids(end)).toContain(t.id);
    expect(ids(t.startSec - 1)).not.toContain(t.id);
    expect(ids(end, cls.at(end, 'looked', { task: t.id, verdict: 'good' }))).not.toContain(t.id);
    expect(ids(end, cls.at(end, 'looked', { task: t.id, verdict: 'again' }))).not.toContain(t.id);
    const more = [
      cls.at(end, 'looked', { task: t.id, verdict: 'longer' }),
      cls.at(end, 'longer', { task: t.id, sec: 120 }),
    ];
    expect(ids(end, ...more)).not.toContain(t.id);
    expect(ids(t.endSec + 120, ...more)).toContain(t.id);
    // nobody tapped anything: it counts as good
    expect(ids(t.endSec + 121)).not.toContain(t.id);
  });

  it('the one that waits longest is first, and notes help at it', () => {
    const state = cls.after();
    for (const sec of plan.tasks.map((t) => t.endSec)) {
      const since = looksNow(state, plan, sec).map((l) => l.sinceSec);
      expect(since).toEqual([...since].sort((a, b) => a - b));
    }
    const t = plan.tasks.find((x) => isOfBread(x) && stepOf(x)?.cue !== undefined) ?? expect.fail();
    expect(rescueNotes(cls.record.workshop, t)).toContainEqual(['Look for', stepOf(t)?.cue]);
    expect(rescueNotes(cls.record.workshop, { bread: undefined, step: undefined })).toEqual([]);
  });
});

describe('what is said aloud', () => {
  it('warns a minute before, in breaths of three first names, and is silent while something is shown', () => {
    const { workshop } = cls.record;
    const calls = rollCall(workshop, plan, NO_NOTES.remarks);
    const list = sayings(workshop, plan, calls);
    expect(list.length).toBeGreaterThan(calls.length);
    expect(new Set(list.map((s) => s.key)).size).toBe(list.length);
    const [fire] = calls.filter((c) => c.isToFire && c.tasks.some((id) => id.includes('/')));
    const warning = list.find(
      (s) => s.key.startsWith(`${fire?.tasks[0] ?? '?'} `) && s.words.startsWith('In one minute'),
    );
    expect(warning?.atSec).toBe((fire?.atSec ?? NaN) - 60);
    const lastNames = workshop.roster.flatMap((p) => p.name.split(' ').slice(1));
    expect(lastNames.length).toBeGreaterThan(0);
    for (const s of list) for (const name of lastNames) expect(s.words).not.toContain(` ${name}`);
    for (const d of plan.tasks.filter((t) => t.kind === 'demo'))
      expect(list.filter((s) => s.atSec >= d.startSec && s.atSec < d.endSec)).toEqual([]);
    expect(breaths(['A', 'B', 'C', 'D'])).toEqual(['A, B, C', 'D']);
  });
});

describe('what fills a gap', () => {
  it('lasts until the next step of a participant, and is no tasting before there is something to taste', () => {
    const { workshop } = cls.record;
    const people = new Set(workshop.roster.map((p) => p.id));
    const first = Math.min(
      ...plan.tasks.filter((t) => t.kind === 'step' && t.people.some((p) => people.has(p))).map((t) => t.startSec),
    );
    expect(gapSec(workshop, plan, first - 100)).toBe(100);
    const state = cls.after();
    const ready = Math.min(
      ...[...piecesDone(plan.tasks)].flatMap(([piece, sec]) => (ownerOf({ piece }) === undefined ? [] : [sec])),
    );
    const kinds = (sec: number) => fillersNow(state, plan, sec, 600).map((f) => f.kind);
    expect(kinds(ready - 1)).not.toContain('tasting');
    expect(kinds(ready)).toContain('tasting');
    expect(kinds(0)).not.toContain('washing-up');
    // what was lost is nothing to taste
    const ripe = [...piecesDone(plan.tasks)].filter(([, sec]) => sec <= ready).map(([piece]) => piece);
    const lost = plan.tasks
      .filter((t) => ripe.includes(t.piece ?? '?') && t.endSec <= ready)
      .filter((t) => t.endSec === piecesDone(plan.tasks).get(t.piece ?? ''))
      .map((t) => cls.at(t.endSec - 1, 'lost', { task: t.id }));
    expect(fillersNow(cls.after(...lost), plan, ready, 600).map((f) => f.kind)).not.toContain('tasting');
    // and a skill is called by its words
    for (const f of fillersNow(state, plan, ready, 600)) expect(f.words).not.toMatch(/[a-z]-(coil|up|out)\b|@|\//);
  });
});

describe('lists of a class', () => {
  it('clears up each station that baked and each griddle that was used, and knows the doughs that are mixed', () => {
    const items = clearingList(cls.record.workshop, plan);
    expect(new Set(items.map((i) => i.id)).size).toBe(items.length);
    const used = new Set(plan.tasks.flatMap((t) => (t.at?.kind === 'griddle' ? [t.at.id] : [])));
    expect(items.filter((i) => i.id.startsWith('clear fire '))).toHaveLength(used.size);
    const mix = plan.tasks.find((t) => t.kind === 'step' && t.batch !== undefined && t.startSec > 0) ?? expect.fail();
    const at = (sec: number) => mixedNow(cls.record.workshop, plan, sec).map((m) => m.batch);
    expect([at(mix.startSec).includes(mix.batch ?? ''), at(mix.startSec - 1).includes(mix.batch ?? '')]).toEqual([
      true,
      false,
    ]);
  });
});

describe('simulated hands', () => {
  it('tap the same for the same seed, everyone comes, and something goes wrong', () => {
    const { workshop } = cls.record;
    const taps = simulatedHands(workshop, plan, 7);
    expect(simulatedHands(workshop, plan, 7)).toEqual(taps);
    expect(simulatedHands(workshop, plan, 8)).not.toEqual(taps);
    expect(taps.filter((t) => t.kind === 'arrived')).toHaveLength(workshop.roster.length);
    expect(taps.map((t) => t.sec)).toEqual(taps.map((t) => t.sec).sort((a, b) => a - b));
    for (const kind of ['late', 'hot', 'longer', 'lost', 'griddle-pace', 'griddle-down'])
      expect(taps.map((t) => t.kind)).toContain(kind);
    const down = taps.flatMap((t) => (t.kind === 'griddle-down' ? [t.data.griddle] : []));
    const slow = taps.flatMap((t) => (t.kind === 'griddle-pace' ? [t.data.griddle] : []));
    expect(down).not.toEqual(slow);
  });
});

describe('a griddle that nobody has called hot', () => {
  it('is named at every call to it, until somebody does', () => {
    const state = cls.after();
    const calls = rollCall(cls.record.workshop, plan, []).filter((c) => c.isToFire);
    const there = calls.find((c) => plan.tasks.some((t) => c.tasks.includes(t.id) && t.at?.kind === 'griddle'));
    if (!there) expect.fail();
    const cold = coldGriddles(state, plan, there);
    expect(cold.length).toBeGreaterThan(0);
    const ids = new Set(
      plan.tasks.flatMap((t) => (there.tasks.includes(t.id) && t.at?.kind === 'griddle' ? (t.at.id ?? []) : [])),
    );
    const hot = [...ids].map((griddle) => cls.at(there.atSec - 60, 'hot', { griddle }));
    expect(coldGriddles(cls.after(...hot), plan, there)).toEqual([]);
    const measured = (surfaceC: number, isHot: boolean) =>
      [...ids].map((griddle, i) => cls.at(there.atSec - 50 + i, 'griddle-measured', { griddle, surfaceC, isHot }));
    expect(coldGriddles(cls.after(...measured(215, true)), plan, there)).toEqual([]);
    expect(coldGriddles(cls.after(...hot, ...measured(120, false)), plan, there)).toEqual(cold);
    const work = rollCall(cls.record.workshop, plan, []).find((c) => !c.isToFire);
    expect(work && coldGriddles(state, plan, work)).toEqual([]);
  });
});
