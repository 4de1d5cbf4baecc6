import { readClassRecord, setBreadsEach, type ClassRecord, type Plan } from '@hodsman/core';
import { describe, expect, it } from 'vitest';
import demoClass from '../../../demo/class.json';
import { draftActions, draftReducer, type Draft } from './draft.ts';
import type { SaveState } from './open-document.ts';

const read = readClassRecord(demoClass);
const record: ClassRecord = read.ok ? read.value : expect.fail();
const withEach = (each: number): ClassRecord => {
  const next = setBreadsEach(record.workshop, 'round', each);
  return next.ok ? { ...record, workshop: next.value } : expect.fail();
};
const edited = (body: ClassRecord) => draftActions.edited({ body });
const after = (...actions: Parameters<typeof draftReducer>[1][]): Draft =>
  actions.reduce<Draft | null>((state, action) => draftReducer(state, action), null) ?? expect.fail();
const opened = draftActions.opened({ id: 'c1', version: 3, body: record, stored: record, isUnsaved: false });

describe('the draft of a class', () => {
  it('undoes and redoes, and a new change drops what was undone', () => {
    const [two, three] = [withEach(3), withEach(4)];
    const undone = after(opened, edited(two), edited(three), draftActions.undone());
    expect([undone.body, undone.future]).toEqual([two, [three]]);
    expect(draftReducer(undone, draftActions.redone())?.body).toEqual(three);
    expect(draftReducer(undone, edited(record))?.future).toEqual([]);
  });
  it('is saved only when what was saved is what stands there', () => {
    const change = withEach(3);
    const changed = after(opened, edited(change));
    expect(changed.save.kind).toBe('waiting');
    expect(draftReducer(changed, draftActions.savedAs({ id: 'c1', version: 4, body: change }))).toMatchObject({
      save: { kind: 'saved' },
      version: 4,
    });
    expect(draftReducer(changed, draftActions.savedAs({ id: 'c1', version: 4, body: record }))).toMatchObject({
      save: { kind: 'waiting' },
      version: 4,
    });
  });
  it('keeps mine over theirs, or takes theirs with mine one step back', () => {
    const [mine, theirs] = [withEach(3), withEach(5)];
    const conflict = after(opened, edited(mine), draftActions.conflicted({ id: 'c1', version: 9, body: theirs }));
    expect(conflict.save.kind).toBe('conflict');
    expect(draftReducer(conflict, draftActions.keptMine())).toMatchObject({
      body: mine,
      version: 9,
      save: { kind: 'waiting' },
    });
    const took = draftReducer(conflict, draftActions.tookTheirs());
    expect(took).toMatchObject({ body: theirs, version: 9, save: { kind: 'saved' } });
    expect(took?.past.at(-1)).toEqual(mine);
  });
  it('takes no notice of an answer that is about another document', () => {
    const change = withEach(3);
    const open = after(opened, edited(change));
    for (const answer of [
      draftActions.savedAs({ id: 'other', version: 99, body: record }),
      draftActions.conflicted({ id: 'other', version: 99, body: record }),
      draftActions.saveStands({ id: 'other', save: { kind: 'gone' } }),
      draftActions.storeFilled({ id: 'other', isFull: true }),
    ])
      expect(draftReducer(open, answer)).toBe(open);
  });
  it('stays as it is when an older state of it comes to be opened, and gives way to a newer one', () => {
    const change = withEach(3);
    const late = (version: number) =>
      draftActions.opened({ id: 'c1', version, body: record, stored: record, isUnsaved: false });
    const saved = after(opened, edited(change), draftActions.savedAs({ id: 'c1', version: 4, body: change }));
    expect(draftReducer(saved, late(3))).toBe(saved);
    expect(draftReducer(saved, late(4))).toBe(saved);
    expect(draftReducer(saved, late(5))).toMatchObject({ body: record, version: 5, plan: null });
    const unsaved = after(opened, edited(change));
    expect(draftReducer(unsaved, late(5))).toBe(unsaved);
    const gone = after(opened, draftActions.saveStands({ id: 'c1', save: { kind: 'gone' } }));
    expect(draftReducer(gone, late(3))).toMatchObject({ save: { kind: 'saved' } });
    const alone = after(draftActions.opened({ id: 'c1', version: 3, body: change, stored: null, isUnsaved: true }));
    expect(draftReducer(alone, late(3))).toMatchObject({ stored: record });
  });
  it('tries again with the next change what was refused or not reached, and waits where somebody has to decide', () => {
    const next = (kind: SaveState) => {
      const stands = after(opened, edited(withEach(3)), draftActions.saveStands({ id: 'c1', save: kind }));
      return draftReducer(stands, edited(withEach(4)))?.save.kind;
    };
    expect(next({ kind: 'refused', faults: [] })).toBe('waiting');
    expect(next({ kind: 'offline', why: 'away' })).toBe('waiting');
    expect(next({ kind: 'gone' })).toBe('gone');
    expect(next({ kind: 'unreadable', version: 7 })).toBe('unreadable');
  });
  it('saves mine over what cannot be read here', () => {
    const stands = after(
      opened,
      edited(withEach(3)),
      draftActions.saveStands({ id: 'c1', save: { kind: 'unreadable', version: 7 } }),
    );
    expect(draftReducer(stands, draftActions.keptMine())).toMatchObject({ version: 7, save: { kind: 'waiting' } });
  });
  it('keeps the class as it is when a change is refused', () => {
    const refused = after(opened, draftActions.refused([{ code: 'nobody-takes-part', path: 'roster', params: {} }]));
    expect([refused.body, refused.refused.length, refused.save.kind]).toEqual([record, 1, 'saved']);
    // what was tried names the place, until something else is done
    const faults = [{ code: 'too-small', path: 'workshop.roster[9].name', params: { received: 0, limit: 1 } }] as const;
    const tried = { ...record, workshop: { ...record.workshop, title: 'Tried' } };
    const told = after(opened, draftActions.refused(faults, tried));
    expect(told.tried).toBe(tried);
    expect(draftReducer(told, edited(withEach(3)))).toMatchObject({ refused: [], tried: undefined });
  });
  it('is planned anew when the class or its shaping changes, and not for any other note', () => {
    const planned = after(opened, draftActions.planned({ plan: {} as Plan, isFinal: true }));
    expect(planned.isPlanning).toBe(false);
    const change = (notes: Partial<ClassRecord['notes']>): boolean | undefined =>
      draftReducer(planned, edited({ ...record, notes: { ...record.notes, ...notes } }))?.isPlanning;
    expect(change({ bought: ['flour'] })).toBe(false);
    expect(change({ shaping: { aim: 'short', pins: [] } })).toBe(true);
  });
});
