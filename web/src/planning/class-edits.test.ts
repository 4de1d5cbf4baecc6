import { setBreadsEach, success, type Plan } from '@hodsman/core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { draftActions } from '../documents/draft.ts';
import { drop, keep, keepAsItStands, rename, take } from './alternatives.ts';
import { applyEdit, applyNotes, applyRecord, changeClass, editClass } from './edit.ts';
import { planWhatIsOpen } from './planning.ts';
import { createAppStore } from '../store/store.ts';
import { demoRecord, noPlanners, standInForBrowser } from '../store/testing.ts';
import type { Planners } from '../workers/planner-client.ts';

standInForBrowser();
const asked = vi.fn<Planners['plan']>(() => Promise.resolve());
const planners: Planners = { ...noPlanners, plan: asked };
const { store, startListening } = createAppStore(planners);
planWhatIsOpen(startListening, planners);

const record = demoRecord();
const draft = () => store.getState().draft ?? expect.fail();
const aPlan = (title: string) => ({ title, tasks: [] }) as unknown as Plan;

beforeEach(() => {
  store.dispatch(draftActions.closed());
  store.dispatch(draftActions.opened({ id: 'c1', version: 1, body: record, stored: record, isUnsaved: false }));
  asked.mockClear();
});

describe('a change of the class', () => {
  it('is taken when the core accepts it, and leaves every other part the very same', () => {
    store.dispatch(editClass((w) => setBreadsEach(w, 'round', 3)));
    const { workshop } = draft().body;
    expect(workshop.menu.find((m) => m.bread === 'round')?.each).toBe(3);
    expect(workshop).not.toBe(record.workshop);
    expect(workshop.kitchen).toBe(record.workshop.kitchen);
    expect(workshop.roster).toBe(record.workshop.roster);
    expect(draft().save.kind).toBe('waiting');
  });
  it('is refused in words when the core does not, and the class stays', () => {
    store.dispatch(applyEdit({ ok: false, faults: [{ code: 'nobody-takes-part', path: 'roster', params: {} }] }));
    store.dispatch(changeClass(record.workshop, { welcomeMin: -1 }));
    expect(draft().refused.map((f) => f.path)).toEqual(['welcomeMin']);
    expect(draft().body).toBe(record);
    expect(draft().save.kind).toBe('saved');
  });
  it('looks free words up among the names of ingredients, whichever way it comes', () => {
    const [bread] = record.workshop.breads;
    const name = bread?.ingredients.at(-1)?.name ?? expect.fail();
    const roster = record.workshop.roster.map((p, i) =>
      i === 0 ? { ...p, avoid: [...p.avoid, { what: name.toLowerCase(), level: 'diet' as const }] } : p,
    );
    const holds = () =>
      draft().body.workshop.breads[0]?.ingredients.at(-1)?.contains?.includes(name.toLowerCase()) ?? false;
    store.dispatch(changeClass(record.workshop, { roster }));
    expect(holds()).toBe(true);
    store.dispatch(draftActions.undone());
    expect(holds()).toBe(false);
    store.dispatch(applyRecord(success({ ...record, workshop: { ...record.workshop, roster } })));
    expect(holds()).toBe(true);
  });
  it('of the notes alone leaves the class the very same; a field typed in is one step of undo', () => {
    store.dispatch(applyNotes({ bought: ['a'] }, 'bought'));
    store.dispatch(applyNotes({ bought: ['a', 'b'] }, 'bought'));
    expect(draft().body.workshop).toBe(record.workshop);
    expect(draft().past).toHaveLength(1);
    store.dispatch(draftActions.undone());
    expect(draft().body.notes.bought).toEqual(record.notes.bought);
  });
  it('is nothing while no class is open', () => {
    store.dispatch(draftActions.closed());
    store.dispatch(changeClass(record.workshop, { title: 'x' }));
    store.dispatch(applyNotes({ bought: [] }));
    expect(store.getState().draft).toBeNull();
  });
});

describe('planning', () => {
  it('asks for a plan of the class that opens and of every change of it, and of no other note', () => {
    store.dispatch(changeClass(record.workshop, { title: 'New title' }));
    expect(asked.mock.calls.map(([w]) => w.title)).toEqual(['New title']);
    store.dispatch(applyNotes({ bought: ['flour'] }));
    store.dispatch(draftActions.planned({ plan: aPlan('x'), isFinal: false }));
    expect(asked).toHaveBeenCalledTimes(1);
    store.dispatch(applyNotes({ shaping: { aim: 'short', pins: [] } }));
    expect(asked.mock.calls.at(-1)?.[1].aim).toBe('short');
    store.dispatch(draftActions.closed());
    expect(asked).toHaveBeenCalledTimes(2);
  });
  it('takes a plan while the class is as it was asked for, and drops one of a class that has changed', () => {
    store.dispatch(changeClass(record.workshop, { title: 'First' }));
    const first = asked.mock.calls[0]?.[2] ?? expect.fail();
    first(aPlan('first, at once'), false);
    expect([draft().plan?.title, draft().isPlanning]).toEqual(['first, at once', true]);
    store.dispatch(changeClass(draft().body.workshop, { title: 'Second' }));
    first(aPlan('first, better'), true);
    expect([draft().plan?.title, draft().isPlanning]).toEqual(['first, at once', true]);
    const second = asked.mock.calls[1]?.[2] ?? expect.fail();
    second(aPlan('second'), true);
    expect([draft().plan?.title, draft().isPlanning]).toEqual(['second', false]);
    store.dispatch(draftActions.closed());
    second(aPlan('second, late'), true);
    expect(store.getState().draft).toBeNull();
  });
});

describe('alternatives', () => {
  it('are kept, named, taken in place of the class and dropped, each one step of undo', () => {
    store.dispatch(keepAsItStands());
    const id = draft().body.notes.alternatives.at(-1)?.id ?? expect.fail();
    store.dispatch(rename(id, 'With'));
    store.dispatch(rename(id, 'With one more'));
    expect(draft().body.notes.alternatives.at(-1)?.name).toBe('With one more');
    expect(draft().past).toHaveLength(record.notes.alternatives.length === 0 ? 2 : draft().past.length);
    store.dispatch(changeClass(draft().body.workshop, { title: 'Went on' }));
    store.dispatch(take(id));
    expect(draft().body.workshop.title).toBe(record.workshop.title);
    // what was taken changes places with the class as it was
    expect(draft().body.notes.alternatives.map((a) => a.workshop.title)).toContain('Went on');
    store.dispatch(drop(draft().body.notes.alternatives.at(-1)?.id ?? ''));
    store.dispatch(draftActions.undone());
    expect(draft().body.notes.alternatives.map((a) => a.workshop.title)).toContain('Went on');
  });
  it('that are made elsewhere keep their own shaping; what changes nothing is no change', () => {
    store.dispatch(keep({ name: 'short', workshop: record.workshop, shaping: { aim: 'short', pins: [] } }));
    expect(draft().body.notes.alternatives.at(-1)?.shaping.aim).toBe('short');
    const before = draft();
    store.dispatch(drop('nothing-of-the-kind'));
    expect(draft()).toBe(before);
  });
});
