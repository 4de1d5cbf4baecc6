import { planShaped, type Pin, type Plan, type PlanTask } from '@hodsman/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { draftActions } from '../documents/draft.ts';
import { arrangePlaces, lookAtClass } from '../store/board-look.ts';
import { lookChanged } from '../store/look-slice.ts';
import { chooseAim, nudge, pinTasks, releaseAllPins, releasePin } from './shaping.ts';
import { createAppStore } from '../store/store.ts';
import { demoRecord, noPlanners, standInForBrowser } from '../store/testing.ts';
import type { Planners } from '../workers/planner-client.ts';
import { endTrial, settleTrial, tryPins } from './trial.ts';

standInForBrowser();
const tryPinsThere = vi.fn<Planners['tryPins']>();
const { store } = createAppStore({ ...noPlanners, tryPins: tryPinsThere });

const record = demoRecord();
const open = (id: string): void => {
  store.dispatch(draftActions.opened({ id, version: 1, body: record, stored: record, isUnsaved: false }));
};
const shaping = () => store.getState().draft?.body.notes.shaping ?? expect.fail('a class is open');
const past = (): number => store.getState().draft?.past.length ?? 0;
const task = (id: string, startSec: number): PlanTask => ({ id, startSec }) as PlanTask;

beforeEach(() => {
  store.dispatch(draftActions.closed());
  open('c1');
});

describe('what somebody asks of the plan', () => {
  it('is a start for each task, moved again and let go', () => {
    store.dispatch(pinTasks([{ task: 'a', startSec: 60 }]));
    store.dispatch(pinTasks([{ task: 'b', startSec: 90, griddle: 'G1' }]));
    store.dispatch(pinTasks([{ task: 'b', startSec: 120 }]));
    // the griddle that was chosen stays until another is
    expect(shaping().pins).toEqual([
      { task: 'a', startSec: 60 },
      { task: 'b', startSec: 120, griddle: 'G1' },
    ]);
    store.dispatch(releasePin('a'));
    expect(shaping().pins.map((p) => p.task)).toEqual(['b']);
    store.dispatch(releaseAllPins());
    expect(shaping().pins).toEqual([]);
  });
  it('goes on by steps from where it was pinned, and its steps are undone together', () => {
    const before = past();
    store.dispatch(nudge(task('a', 600), 60));
    store.dispatch(nudge(task('a', 600), 60));
    store.dispatch(nudge(task('a', 600), -30));
    expect(shaping().pins).toEqual([{ task: 'a', startSec: 690 }]);
    expect(past()).toBe(before + 1);
    store.dispatch(nudge(task('b', 600), 60));
    expect(past()).toBe(before + 2);
  });
  it('is an aim, which leaves the pins', () => {
    store.dispatch(pinTasks([{ task: 'a', startSec: 60 }]));
    store.dispatch(chooseAim('short'));
    expect(shaping()).toEqual({ aim: 'short', pins: [{ task: 'a', startSec: 60 }] });
  });
  it('is nothing while no class is open', () => {
    store.dispatch(draftActions.closed());
    store.dispatch(pinTasks([{ task: 'a', startSec: 60 }]));
    store.dispatch(nudge(task('a', 0), 60));
    store.dispatch(chooseAim('short'));
    expect(store.getState().draft).toBeNull();
  });
});

describe('a trial', () => {
  const plan = planShaped(record.workshop, record.notes.shaping, { effort: 0 });
  const pins = (startSec: number): readonly Pin[] => [{ task: 'a', startSec }];
  const titled = (title: string): Plan => ({ ...plan, title });
  /** The worker, whose answers the test gives one by one. */
  const asked: { readonly pins: readonly Pin[]; readonly answer: (plan: Plan | null) => void }[] = [];
  const turn = async (): Promise<void> => {
    for (let i = 0; i < 5; i++) await Promise.resolve();
  };
  beforeEach(() => {
    asked.length = 0;
    tryPinsThere.mockImplementation((now) => new Promise((answer) => asked.push({ pins: now, answer })));
    store.dispatch(draftActions.planned({ plan, isFinal: true }));
  });

  it('asks for one set of pins at a time, then for the newest alone', async () => {
    const running = store.dispatch(tryPins(pins(1)));
    void store.dispatch(tryPins(pins(2)));
    void store.dispatch(tryPins(pins(3)));
    expect(asked.map((a) => a.pins[0]?.startSec)).toEqual([1]);
    asked[0]?.answer(titled('one'));
    await turn();
    expect(asked.map((a) => a.pins[0]?.startSec)).toEqual([1, 3]);
    expect(store.getState().trial?.plan.title).toBe('one');
    asked[1]?.answer(titled('three'));
    await running;
    expect(store.getState().trial?.plan.title).toBe('three');
    store.dispatch(endTrial());
    expect(store.getState().trial).toBeNull();
  });
  it('says what became impossible by it', async () => {
    const broken = [{ rule: 'R11' as const, code: 'late', tasks: ['x'], bySec: 60, message: 'x is late' }];
    const running = store.dispatch(tryPins(pins(1)));
    asked[0]?.answer({ ...plan, broken });
    await running;
    expect(store.getState().trial?.news).toEqual(broken);
  });
  it('shows nothing of what was given up or let go meanwhile', async () => {
    const running = store.dispatch(tryPins(pins(1)));
    store.dispatch(endTrial());
    asked[0]?.answer(titled('late'));
    await running;
    expect(store.getState().trial).toBeNull();
    const let_ = store.dispatch(tryPins(pins(2)));
    asked[1]?.answer(titled('held'));
    await turn();
    store.dispatch(settleTrial());
    await let_;
    // it stays in sight until the plan of it has come
    expect(store.getState().trial?.plan.title).toBe('held');
    store.dispatch(draftActions.planned({ plan, isFinal: false }));
    expect(store.getState().trial).toBeNull();
  });
});

describe('how somebody looks at the board', () => {
  it('is kept for each class by itself, and selects nothing of another', () => {
    store.dispatch(lookAtClass('c1'));
    store.dispatch(arrangePlaces({ folded: ['S1'], order: ['S2', 'S1'] }));
    store.dispatch(lookChanged({ selected: 'flat/p1/1:cook' }));
    open('c2');
    store.dispatch(lookAtClass('c2'));
    expect(store.getState().look).toMatchObject({ selected: undefined, folded: [], order: [] });
    open('c1');
    store.dispatch(lookAtClass('c1'));
    expect(store.getState().look).toMatchObject({ folded: ['S1'], order: ['S2', 'S1'] });
  });
  it('is as at first where what was kept makes no sense', () => {
    localStorage.setItem('hodsman:places:c3', '{"folded":');
    store.dispatch(lookAtClass('c3'));
    expect(store.getState().look).toMatchObject({ folded: [], order: [] });
  });
});
