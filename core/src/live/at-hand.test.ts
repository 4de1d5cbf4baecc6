import { beforeAll, describe, expect, it } from 'vitest';
import { isOnFire, ownerOf, piecesDone, type Plan } from '../plan/index.ts';
import { planClass } from '../planner/index.ts';
import { runningClass, type RunningClass } from '../testing/index.ts';
import { clockText } from '../units/index.ts';
import {
  asItGoes,
  foldEvents,
  FIRE_SOON_SEC,
  foundFor,
  heatAsked,
  HOT_FROM_C,
  momentOf,
  notReckoned,
  otherwise,
  paperLines,
  rememberedPaces,
  sharedDoughs,
  tightestNow,
  toBeTried,
  type LiveEvent,
  type LiveState,
} from './index.ts';

let cls: RunningClass;
let plan: Plan;
beforeAll(() => {
  cls = runningClass('sunday');
  plan = cls.plan;
});

/** The same plan with its fire an hour later. */
const moved = (by: number): Plan => ({
  ...plan,
  title: `moved by ${by}`,
  tasks: plan.tasks.map((t) => (isOnFire(t) ? { ...t, startSec: t.startSec + by, endSec: t.endSec + by } : t)),
});
const on = (device: string, event: LiveEvent): LiveEvent => ({ ...event, device });

describe('two plans that were made apart', () => {
  it('keeps the one that does not stand until somebody plans who knows of both', () => {
    const first = on('one', cls.at(100, 'replanned', { plan: moved(60), known: 5, over: '' }));
    const apart = on('two', cls.at(110, 'replanned', { plan: moved(120), known: 7, over: '' }));
    const weak = on('two', cls.at(110, 'replanned', { plan: moved(120), known: 3, over: '' }));
    const after = (...events: LiveEvent[]) => {
      const { plan: stands, planAside } = cls.after(...events);
      return [stands.title, planAside?.plan.title ?? null, planAside?.device ?? null];
    };
    expect(after(first)).toEqual(['moved by 60', null, null]);
    expect(after(first, apart)).toEqual(['moved by 120', 'moved by 60', 'one']);
    expect(notReckoned(cls.after(first, apart))).toEqual(['what the other device planned for']);
    expect(notReckoned(cls.after(first))).toEqual([]);
    expect(after(first, weak)).toEqual(['moved by 60', 'moved by 120', 'two']);
    const both = on('one', cls.at(120, 'replanned', { plan: moved(0), known: 9, over: apart.id }));
    expect(after(first, apart, both)).toEqual(['moved by 0', null, null]);
    // a device knows its own plans, and a plan whose forerunner was taken back was made by somebody who knew it
    const own = on('one', cls.at(110, 'replanned', { plan: moved(120), known: 7, over: '' }));
    expect(after(first, own)).toEqual(['moved by 120', null, null]);
    const known = on('two', cls.at(110, 'replanned', { plan: moved(120), known: 7, over: first.id }));
    expect(after(first, known, cls.at(115, 'taken-back', { event: first.id }))).toEqual(['moved by 120', null, null]);
  });

  it('says bread by bread what the other plan said, of what is still to come', () => {
    const state = cls.after();
    const done = [...piecesDone(plan.tasks)].sort((a, b) => a[1] - b[1]);
    const [, firstSec] = done[0] ?? expect.fail();
    const lines = otherwise(state, moved(600), 0);
    expect(lines[0]).toContain(
      `${clockText(state.workshop, firstSec + 600)} there, ${clockText(state.workshop, firstSec)} here`,
    );
    expect(lines).toHaveLength(Math.min(7, done.length));
    expect(lines.at(-1)).toBe(`and ${done.length - 6} more breads otherwise`);
    expect(otherwise(state, moved(0), 0)).toEqual([]);
    expect(otherwise(state, moved(20), 0)).toEqual([]);
    expect(otherwise(state, moved(600), plan.tableSec + 7200)).toEqual([]);
    const [lost] = done[0] ?? expect.fail();
    const without = { ...plan, tasks: plan.tasks.filter((t) => t.piece !== lost) };
    expect(otherwise(state, without, 0).join()).toContain('not there, done here at');
    expect(otherwise({ ...state, plan: without }, plan, 0).join()).toContain('done there, not here');
  });
});

describe('what is tightest', () => {
  const task = (sec: number, kind: 'step' | 'rest' = 'step') =>
    plan.tasks.find((t) => t.kind === kind && t.startSec > sec) ?? expect.fail();

  it('is the griddle or person that is busy for the most of what is left', () => {
    const { workshop } = cls.record;
    const cook = plan.tasks.find((t) => isOnFire(t) && ownerOf(t) !== undefined) ?? expect.fail();
    // one bread alone, on its fire for ten minutes, of whom nobody is asked for anything before
    const lone = { ...cook, startSec: 600, endSec: 1200, people: [] };
    const words = tightestNow(workshop, { ...plan, tasks: [lone] }, 0);
    expect(words).toMatch(/, busy 10 min of 20 min$/);
    const two = { ...lone, id: `${lone.id}x`, startSec: 900, endSec: 1500 };
    // where breads lie side by side the griddle is busy once
    expect(tightestNow(workshop, { ...plan, tasks: [lone, two] }, 0)).toMatch(/, busy 15 min of 25 min$/);
    expect(tightestNow(workshop, { ...plan, tasks: [lone, two] }, 1200)).toMatch(/, busy 5 min of 5 min$/);
    const helper = workshop.kitchen.staff[0] ?? expect.fail();
    const busy = { ...task(0), startSec: 0, endSec: 1400, people: [helper.id] };
    expect(tightestNow(workshop, { ...plan, tasks: [lone, two, busy] }, 0)).toMatch(
      new RegExp(`^${helper.name}, busy 23 min.* of 25 min$`),
    );
    expect(tightestNow(workshop, plan, plan.tableSec + 7200)).toBe('');
  });

  it('is a dough that may hardly wait before anything else', () => {
    const { workshop } = cls.record;
    const rest = task(0, 'rest');
    if (rest.kind !== 'rest') expect.fail();
    const over = { ...rest, endSec: rest.startSec + rest.window.maxSec + 600 };
    const tasks = [over, ...plan.tasks.filter((t) => t.id !== rest.id)];
    const last = rest.startSec + rest.window.maxSec;
    expect(tightestNow(workshop, { ...plan, tasks }, last - 120)).toMatch(/may wait 2 min$/);
    expect(tightestNow(workshop, { ...plan, tasks }, last + 120)).toMatch(/2 min too long$/);
  });
});

describe('the heat of a griddle', () => {
  const fires = () =>
    plan.tasks.filter((t) => isOnFire(t) && t.at?.kind === 'griddle').sort((a, b) => a.startSec - b.startSec);

  it('is asked by the first phase of its next bread, and by nothing once all breads have come off', () => {
    const { workshop } = cls.record;
    const [first] = fires();
    const bread = workshop.breads.find((b) => b.id === first?.bread);
    const [phase] = (bread?.steps ?? []).flatMap((s) => (s.kind === 'cook' ? (s.phases ?? []) : []));
    if (!first?.at || !bread || !phase?.heat) expect.fail();
    const id = first.at.id ?? '';
    const there = { breadName: bread.name, heat: phase.heat, fromC: HOT_FROM_C[phase.heat], isAssumed: false };
    expect(heatAsked(workshop, plan, id, first.startSec - 60)).toEqual(there);
    const last = Math.max(...fires().flatMap((t) => (t.at?.id === id ? [t.endSec] : [])));
    expect(heatAsked(workshop, plan, id, last - 1)).toBeDefined();
    expect(heatAsked(workshop, plan, id, last)).toBeUndefined();
  });

  it('is taken for medium where the method names none, and said to be', () => {
    const [first] = fires();
    const breads = cls.record.workshop.breads.map((b) => ({
      ...b,
      steps: b.steps.map((s) =>
        s.kind === 'cook' && s.phases ? { ...s, phases: s.phases.map(({ heat: _, ...p }) => p) } : s,
      ),
    }));
    const asked = heatAsked({ breads }, plan, first?.at?.id ?? '', 0);
    expect(asked).toMatchObject({ heat: 'medium', fromC: HOT_FROM_C.medium, isAssumed: true });
  });
});

describe('the first bread', () => {
  it('is asked for where a griddle is hot, nobody tried it, and its first bread is to come', () => {
    const [cook] = plan.tasks
      .filter((t) => isOnFire(t) && t.at?.kind === 'griddle')
      .sort((a, b) => a.startSec - b.startSec);
    if (!cook) expect.fail();
    const griddle = cook.at?.id ?? '';
    const open = (sec: number, ...events: LiveEvent[]) => toBeTried(cls.after(...events), plan, sec).map((g) => g.id);
    const hot = cls.at(cook.startSec - 60, 'hot', { griddle });
    expect(open(cook.startSec - 30)).toEqual([]);
    expect(open(cook.startSec - 30, hot)).toEqual([griddle]);
    expect(open(cook.startSec - FIRE_SOON_SEC - 1, cls.at(0, 'hot', { griddle }))).toEqual([]);
    expect(open(cook.startSec - 30, hot, cls.at(cook.startSec - 40, 'griddle-pace', { griddle, factor: 1 }))).toEqual(
      [],
    );
    // once breads lie on it they tell how hot it is
    expect(open(cook.startSec, hot)).toEqual([]);
    expect(open(cook.startSec - 30, hot, cls.at(cook.startSec - 40, 'griddle-down', { griddle }))).toEqual([]);
  });

  it('is remembered as it was last said of each griddle, and not where that was taken back', () => {
    const pale = cls.at(10, 'griddle-pace', { griddle: 'g1', factor: 1.15 });
    const dark = cls.at(20, 'griddle-pace', { griddle: 'g1', factor: 0.85 });
    const other = cls.at(15, 'griddle-pace', { griddle: 'g2', factor: 1.25 });
    const undo = cls.at(30, 'taken-back', { event: dark.id });
    const paces = (...events: LiveEvent[]) => rememberedPaces(events).map((r) => [r.griddle, r.pace]);
    expect(paces(dark, pale, other)).toEqual([
      ['g1', 0.85],
      ['g2', 1.25],
    ]);
    expect(paces(pale, dark, undo)).toEqual([['g1', 1.15]]);
    expect(rememberedPaces([pale])[0]?.atMs).toBe(pale.atMs);
  });
});

describe('somebody who comes too', () => {
  const newcomer = { id: 'more1', name: 'Ilse Tarn', avoid: [], pace: 1 };
  const station = (): string => cls.record.workshop.stations[0]?.id ?? '';
  const mix = () =>
    plan.tasks.find(
      (t) =>
        t.kind === 'step' &&
        t.startSec > 0 &&
        plan.batches.some((b) => b.id === t.batch && b.station === station() && b.mother === null),
    ) ?? expect.fail('no dough is mixed in class');
  const joined = (sec: number): LiveState => {
    const came = cls.at(sec, 'joined', { newcomer, station: station(), words: [] });
    const state = cls.after(came);
    const next = planClass(state.workshop, { effort: 0, moment: momentOf(state, sec + 5), before: asItGoes(state) });
    return cls.after(came, cls.at(sec + 5, 'replanned', { plan: next, known: 2, over: '' }));
  };

  it('has the breads and the apron that were found', () => {
    const state = joined(mix().startSec - 60);
    const { breads, isApronShort } = foundFor(state, 'more1');
    expect(breads.length).toBeGreaterThan(0);
    expect(breads[0]).toMatch(/^Ilse.*, done \d/);
    expect(isApronShort).toBe(false);
    const { workshop } = state;
    const kit = [{ what: 'aprons', count: workshop.roster.length - 1 }];
    const few = { ...state, workshop: { ...workshop, kitchen: { ...workshop.kitchen, kit } } };
    expect(foundFor(few, 'more1').isApronShort).toBe(true);
    expect(foundFor(state, 'nobody').breads).toEqual([]);
  });

  it('shares a dough that was mixed without them; one that was not is mixed larger', () => {
    const m = mix();
    const before = joined(m.startSec - 60);
    expect(sharedDoughs(before, asItGoes(before), m.startSec)).toEqual([]);
    const state = joined(m.endSec + 30);
    const was = plan.batches.find((b) => b.id === m.batch)?.pieces.length ?? 0;
    const now = state.plan.batches.find((b) => b.id === m.batch)?.pieces.length ?? 0;
    expect(now).toBeGreaterThan(was);
    const [dough] = sharedDoughs(state, asItGoes(state), m.endSec + 40).filter((d) => d.batch === m.batch);
    const doughG = cls.record.workshop.breads.find((b) => b.id === m.bread)?.piece.doughG ?? 0;
    expect(dough?.words).toContain(`was mixed for ${was} and makes ${now}: divide it into ${now} of `);
    const each = Number(/of ([\d.]+) g/.exec(dough?.words ?? '')?.[1]);
    expect(each * now).toBeCloseTo(doughG * was, -1);
    // once their ball is in hand nothing is to be said any more
    const end = state.plan.tableSec + 7200;
    expect(sharedDoughs(state, asItGoes(state), end)).toEqual([]);
    const again = foldEvents([
      ...[cls.start, ...state.log],
      cls.at(m.endSec + 50, 'spoilt', { batch: m.batch ?? '', then: 'again' }),
    ]);
    expect(again?.mixedFor[m.batch ?? '']).toBeUndefined();
  });

  it('gets a little of each ball where the dough had been divided', () => {
    const m = mix();
    const batch = plan.batches.find((b) => b.id === m.batch) ?? expect.fail();
    const shaped = plan.tasks
      .filter((t) => batch.pieces.includes(t.piece ?? ''))
      .sort((a, b) => a.startSec - b.startSec)[0];
    const sec = (shaped?.startSec ?? 0) + 20;
    const state = joined(sec);
    const words = sharedDoughs(state, asItGoes(state), sec + 10).map((d) => d.words);
    expect(words.join()).toMatch(
      new RegExp(`take [\\d.]+ g from each of the ${batch.pieces.length} for (one|\\d) more`),
    );
  });
});

describe('what is still to come, on paper', () => {
  it('holds every task that is not over once, in order of time, with who must not have what', () => {
    const state = cls.after();
    const names = (sec: number) => paperLines(state, plan, sec);
    const lines = names(0);
    const left = plan.tasks.filter((t) => t.endSec > 0 && t.kind !== 'welcome');
    expect(lines.length).toBeLessThan(left.length);
    const cooks = left.filter((t) => isOnFire(t));
    expect(
      lines
        .filter((l) => l.all.includes('off') || l.each.join().includes('off'))
        .reduce((n, l) => n + l.each.length, 0),
    ).toBe(cooks.length);
    const clocks = lines.map((l) => l.clock);
    expect(clocks).toEqual([...clocks].sort());
    const rest = left.find((t) => t.kind === 'rest') ?? expect.fail();
    expect(lines.some((l) => l.all.includes(`until ${clockText(state.workshop, rest.endSec)}, at most`))).toBe(true);
    const careful = state.workshop.roster.find((p) => p.avoid.length > 0) ?? expect.fail();
    expect(lines.some((l) => l.care.some((c) => c.includes(careful.name.split(' ')[0] ?? '')))).toBe(true);
    expect(names(plan.tableSec + 7200)).toEqual([]);
    expect(names(plan.tableSec - 600).length).toBeLessThan(lines.length);
  });
});
