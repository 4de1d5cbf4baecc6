import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changesBetween } from './changes.ts';
import { changeWords } from './change-words.ts';
import { mergeChanges } from './merge.ts';
import { same } from './same.ts';

const base = {
  title: 'Rounds',
  tableTime: '11:20',
  roster: [
    { id: 'p1', name: 'Sanna', pace: 1 },
    { id: 'p2', name: 'Teo', pace: 1 },
  ],
  members: ['p1', 'p2'],
};

describe('two states of a document', () => {
  it('differ in sentences that name what stands where', () => {
    const other = {
      ...base,
      tableTime: '11:45',
      roster: [
        { id: 'p1', name: 'Sanna', pace: 1.25 },
        { id: 'p3', name: 'Noor', pace: 1 },
      ],
      members: ['p1', 'p3'],
    };
    expect(changeWords(base, other)).toEqual([
      'table time: 11:20 → 11:45',
      'roster, Sanna, pace: 1 → 1.25',
      'roster, Teo: taken out',
      'roster, Noor: added',
      'members, p2: p2, taken out',
      'members, p3: p3, added',
    ]);
    expect(changesBetween(base, structuredClone(base))).toEqual([]);
  });
  it('go together where each changed something else, and the same place twice is told', () => {
    const ours = { ...base, title: 'Ours', roster: [{ id: 'p1', name: 'Sanne', pace: 1 }, base.roster[1]] };
    const theirs = {
      ...base,
      title: 'Theirs',
      roster: [{ id: 'p1', name: 'Sanna', pace: 2 }, base.roster[1], { id: 'p3', name: 'Noor', pace: 1 }],
      members: ['p1', 'p2', 'p3'],
    };
    const merged = mergeChanges(base, ours, theirs);
    expect(merged.clashes).toEqual([['title']]);
    expect(merged.value).toEqual({
      ...theirs,
      title: 'Ours',
      roster: [{ id: 'p1', name: 'Sanne', pace: 2 }, ...theirs.roster.slice(1)],
    });
  });
  it('an entry that one removed and the other left alone goes; one that the other changed stays and is told', () => {
    const without = { ...base, roster: [base.roster[0]] };
    expect(mergeChanges(base, without, { ...base, title: 'New' }).value).toEqual({ ...without, title: 'New' });
    const changed = { ...base, roster: [base.roster[0], { id: 'p2', name: 'Theo', pace: 1 }] };
    expect(mergeChanges(base, without, changed)).toEqual({ value: changed, clashes: [['roster', 'p2']] });
  });
  it('one side alone is that side; both the same is the same; no clash without two changes', () => {
    const value = fc.record({
      a: fc.integer({ min: 0, max: 2 }),
      list: fc.uniqueArray(fc.record({ id: fc.constantFrom('x', 'y', 'z'), n: fc.integer({ min: 0, max: 1 }) }), {
        selector: (e) => e.id,
      }),
    });
    fc.assert(
      fc.property(value, value, (was, is) => {
        expect(same(mergeChanges(was, is, was).value, is)).toBe(true);
        expect(same(mergeChanges(was, was, is).value, is)).toBe(true);
        expect(mergeChanges(was, is, is)).toEqual({ value: is, clashes: [] });
        expect(changesBetween(was, is).length > 0).toBe(!same(was, is));
      }),
      { seed: 3 },
    );
  });
});
