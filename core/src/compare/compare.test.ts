import fc from 'fast-check';
import { afterEach, describe, expect, it } from 'vitest';
import { FAULTS, fault, type FaultCode } from '../faults/index.ts';
import { METRIC, US_CUSTOMARY, writeIn } from '../units/index.ts';
import { changesBetween } from './changes.ts';
import { changeWords } from './change-words.ts';
import { faultInWords } from './fault-in-words.ts';
import { mergeChanges } from './merge.ts';
import { same } from './same.ts';
import { whereWords } from './where-words.ts';

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
      'members: Teo, taken out',
      'members: Noor, added',
    ]);
    expect(changesBetween(base, structuredClone(base))).toEqual([]);
  });
  it('call everything by its name, and no id or bracket reaches anybody', () => {
    const record = {
      workshop: {
        roster: [
          { id: 'p1', name: 'Sanna' },
          { id: 'p2', name: 'Teo' },
        ],
        stations: [{ id: 'S1', bench: 'B1', members: ['p1'] }],
        kitchen: {
          benches: [{ id: 'B1' }, { id: 'B2', name: 'long bench' }],
          griddles: [{ id: 'G1', shape: 'round' }],
        },
        breads: [{ id: 'round', name: 'Griddle rounds', steps: [{ id: 'short-rest', minutes: 5 }] }],
        menu: [{ bread: 'round', each: 2 }],
      },
      notes: { waiting: [], remarks: [], friends: [['p1', 'p2']], shaping: { pins: [] } },
    };
    const other = structuredClone(record) as typeof record & { notes: Record<string, unknown> };
    other.workshop.stations = [{ id: 'S1', bench: 'B2', members: ['p1', 'p2'] }];
    other.workshop.kitchen.griddles = [{ id: 'G1', shape: 'square' }];
    other.workshop.breads = [{ id: 'round', name: 'Griddle rounds', steps: [{ id: 'short-rest', minutes: 8 }] }];
    other.workshop.menu = [{ bread: 'round', each: 3 }];
    Object.assign(other.notes, {
      waiting: [{ guest: { name: 'Oona Fell', avoid: [] }, why: 'no seat was free' }],
      remarks: [{ person: 'p2', words: 'left-handed', isDealtWith: false }],
      friends: [['p2', 'p1']],
      shaping: { pins: [{ task: 'round/p1/1:cook', startSec: 600, griddle: 'G1' }] },
    });
    expect(changeWords(record, other)).toEqual([
      'stations, Station 1, bench: bench 1 → long bench',
      'stations, Station 1, members: Teo, added',
      'kitchen, griddles, Griddle 1, shape: round → square',
      'breads, Griddle rounds, steps, short rest, minutes: 5 → 8',
      'menu, Griddle rounds, each: 2 → 3',
      'waiting: Oona Fell, added',
      'remarks: Teo, left-handed, added',
      'friends: Sanna, Teo, taken out',
      'friends: Teo, Sanna, added',
      'shaping, pins: Griddle rounds Sanna 1 cook, Griddle 1, added',
    ]);
    expect(changeWords({ a: ['x', 'y'] }, { a: ['y', 'x'] })).toEqual(['a: in another order']);
  });
  it('name the place of a fault as people know it', () => {
    const record = {
      workshop: {
        kitchen: { benches: [{ id: 'B1', seats: 0 }], places: [{ id: 'x', name: 'Warm box', tempC: 90 }] },
        breads: [{ id: 'round', name: 'Griddle rounds', steps: [{ id: 'mix' }, { id: 'short-rest', window: {} }] }],
      },
      notes: { friends: [['p1']] },
    };
    for (const [path, words] of [
      ['workshop.kitchen.benches[0].seats', 'kitchen, benches, bench 1, seats'],
      ['workshop.kitchen.places[0].tempC', 'kitchen, places, Warm box, temp (°C)'],
      ['workshop.breads[0].steps[1].window.min', 'breads, Griddle rounds, steps, short rest, window, at least'],
      ['workshop.breads[7].name', 'breads, number 8, name'],
      ['notes.friends[0][0]', 'friends, number 1, number 1'],
      ['version', 'version'],
    ] as const)
      expect(whereWords(path, record)).toBe(words);
    // of what cannot be read nothing is known but the path
    expect(whereWords('breads[2].steps[0].minutes', undefined)).toBe('breads, number 3, steps, number 1, minutes');
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

describe('a reader with own measures', () => {
  afterEach(() => writeIn(METRIC));

  it('reads changes and faults in them, computed from what is stored', () => {
    writeIn(US_CUSTOMARY);
    const kitchen = (roomC: number, frictionC: number) => ({ roomC, mixers: [{ id: 'm', name: 'Mixer', frictionC }] });
    expect(changeWords(kitchen(20, 5), kitchen(21.5, 10))).toEqual([
      'room (°F): 68 → 71',
      'mixers, Mixer, friction (°F): 9 → 18',
    ]);
    expect(changeWords({ tableTime: '12:30', haveG: 500 }, { tableTime: '13:05', haveG: 0 })).toEqual([
      'table time: 12:30 pm → 1:05 pm',
      'have (oz): 17.64 → 0',
    ]);
    const wide = fault('too-big', 'kitchen.griddles[0].diameterCm', { received: '400', limit: '200' });
    expect(faultInWords(wide, undefined)).toBe(
      'kitchen, griddles, number 1, diameter (in): is 157.48, expected at most 78.74',
    );
  });
});

describe('entries that have a name alone', () => {
  const salt = (pct: number) => ({ name: 'fine salt', use: 'dough', pct });
  const flour = { name: 'flour', use: 'dough', pct: 100 };
  const dusting = { name: 'flour', use: 'dusting', gPerPiece: 5 };
  it('are told apart by it, the second of a name too', () => {
    expect(
      changeWords({ ingredients: [flour, salt(2), dusting] }, { ingredients: [flour, salt(1.8), dusting] }),
    ).toEqual(['ingredients, fine salt, per cent: 2 → 1.8']);
    const rest = (max: number) => ({ steps: [{ id: 'short-rest', window: { min: 5, ideal: 10, max } }] });
    expect(changeWords(rest(20), rest(27))).toEqual(['steps, short rest, window, at most: 20 → 27']);
    const more = { ...dusting, gPerPiece: 8 };
    const both = mergeChanges([flour, salt(2), dusting], [flour, salt(1.8), dusting], [flour, salt(2), more]);
    expect(both).toEqual({ value: [flour, salt(1.8), more], clashes: [] });
  });
});

describe('a fault for people who see no file', () => {
  it('is at a place that they know, with names for ids and words for keys', () => {
    expect(faultInWords(fault('table-before-doors', 'tableTime'), base)).toBe(
      'table time: lies at or before doors open, expected a later time of the same day',
    );
    expect(faultInWords(fault('two-stations', 'roster[1]', { id: 'p1' }), base)).toBe(
      'roster, Teo: stands at two stations (Sanna), expected one',
    );
    expect(faultInWords(fault('unknown-id', '', { id: 'p2', what: 'somebody' }), base)).toBe(
      'names Teo, expected somebody',
    );
  });
  it.each(Object.keys(FAULTS) as FaultCode[])('%s holds no key of a file', (code) => {
    const params = { id: 'p1', what: 'tableTime', kind: 'warm', hint: 'doorsOpen', expected: 'gPerPiece', name: 'x' };
    expect(faultInWords(fault(code, 'roster[0].pace', params), base)).not.toMatch(/\b[a-z]+[A-Z]|\bp1\b/);
  });
});
