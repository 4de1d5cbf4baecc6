import { describe, expect, it } from 'vitest';
import { readClassRecord } from '../formats/index.ts';
import { planClass } from '../planner/index.ts';
import { buildWorkshop } from '../testing/index.ts';
import { linesOf } from './lines.ts';
import { addDemo, changeLine, doughOfMode, moveLine, removeLine } from './menu-edit.ts';
import { copyClass, newClass, rehearsalOf, renewKitchen } from './make.ts';
import { lacksOf, needsOf } from './needs.ts';
import { NO_NOTES, type ClassRecord } from './record.ts';
import { changedSince, remembering, renewBread, takeBread, takenBreads } from './taken.ts';

const old = buildWorkshop({ people: 4 });
const [flat] = old.breads;
const begin = (participants: number) =>
  newClass({
    title: 'Fresh',
    date: '2027-05-11',
    timeZone: 'Europe/Dublin',
    kitchenId: 'k1',
    kitchen: old.kitchen,
    breads: flat ? [{ id: 'b1', bread: { ...flat, id: 'v', variantOf: 'elsewhere' } }] : [],
    participants,
  });

describe('a new class', () => {
  it('is right as it is, remembers its kitchen, and has no variant of a bread that it lacks', () => {
    const made = begin(3);
    const read = made.ok ? readClassRecord(JSON.parse(JSON.stringify(made.value))) : made;
    expect(read.ok && read.value.notes.kitchen).toEqual({ id: 'k1', asTaken: old.kitchen });
    expect(read.ok && read.value.workshop.breads[0]?.variantOf).toBeUndefined();
    expect(read.ok && planClass(read.value.workshop, { effort: 0 }).broken).toEqual([]);
  });
  it('does not take for a change of its kitchen what it was given besides', () => {
    const [bench] = old.kitchen.benches;
    const given = { ...old.kitchen, benches: bench ? [...old.kitchen.benches, { ...bench, id: 'more' }] : [] };
    const made = newClass({
      title: 'Given',
      date: '2027-05-11',
      timeZone: 'UTC',
      kitchenId: 'k1',
      kitchen: given,
      keptKitchen: old.kitchen,
      breads: flat ? [{ id: 'b1', bread: flat }] : [],
      participants: 2,
    });
    const record = made.ok ? made.value : expect.fail();
    expect([record.workshop.kitchen, record.notes.kitchen?.asTaken]).toEqual([given, old.kitchen]);
    // the kitchen of the list has not changed, and renewing takes nothing away
    expect(renewKitchen(record, old.kitchen).workshop.kitchen).toEqual(given);
  });
  it('is refused where the kitchen seats fewer', () => {
    const made = begin(5);
    expect(made.ok ? [] : made.faults.map((f) => f.code)).toEqual(['no-seat']);
  });
});

it('a copy lies on another day with its prep times moved, across a change of the clocks at the same time of day', () => {
  const record: ClassRecord = {
    workshop: { ...old, prepTimes: [{ from: '2027-03-05T16:00', to: '2027-03-05T19:00' }] },
    notes: { ...NO_NOTES, friends: [['p1', 'p2']], bought: ['flour'], declined: [{ ref: 'R', stamp: '1' }] },
  };
  const copy = copyClass(record, '2027-04-03');
  expect([copy.workshop.date, copy.workshop.prepTimes]).toEqual([
    '2027-04-03',
    [{ from: '2027-04-02T16:00', to: '2027-04-02T19:00' }],
  ]);
  expect(copy.notes).toEqual({ ...NO_NOTES, friends: [['p1', 'p2']] });
});

it('what changed in the kitchen is taken, and what the class changed in its copy stays', () => {
  const taken = old.kitchen;
  const record: ClassRecord = {
    workshop: { ...old, kitchen: { ...taken, roomC: 25 } },
    notes: { ...NO_NOTES, kitchen: { id: 'k1', asTaken: taken } },
  };
  const now = { ...taken, tapC: 9, benches: [...taken.benches, { id: 'B9', seats: 3 }] };
  const next = renewKitchen(record, now);
  expect(next.workshop.kitchen).toEqual({ ...now, roomC: 25 });
  expect(next.notes.kitchen?.asTaken).toEqual(now);
});

describe('the menu', () => {
  const two = buildWorkshop({
    people: 2,
    change: (f) => {
      f['breads'].push({ ...f['breads'][0], id: 'child', variantOf: 'flat' });
      f['menu'].push({ bread: 'child', each: 2 });
    },
  });
  it('changes a line, takes a part of it out, and moves it no further than the ends', () => {
    const served = changeLine(two, 'flat', { service: 'take-home' });
    expect(served.menu[0]?.service).toBe('take-home');
    expect(changeLine(served, 'flat', { service: undefined }).menu).toEqual(two.menu);
    expect(moveLine(two, 'child', -1).menu.map((m) => m.bread)).toEqual(['child', 'flat']);
    expect(moveLine(two, 'child', 1)).toBe(two);
  });
  it('a line goes with its demonstrations and its bread, but for a bread of which another is a variant', () => {
    const shown = addDemo(two, 'child');
    expect(shown.demos).toEqual([{ bread: 'child', before: 'roll', minutes: 5, to: 'class', at: 'bench', pieces: 0 }]);
    const less = removeLine(shown, 'child');
    expect([less.menu.length, less.demos, less.breads.map((b) => b.id)]).toEqual([1, [], ['flat']]);
    expect(removeLine(two, 'flat').breads.map((b) => b.id)).toEqual(['flat', 'child']);
  });
  it('a dough mode comes with the steps that it asks for', () => {
    const [line] = linesOf(two);
    expect(line && doughOfMode(line, 'station')).toEqual({ mode: 'station' });
    expect(line && doughOfMode(line, 'ahead')).toEqual({ mode: 'ahead', through: 'rest' });
    expect(line && doughOfMode(line, 'swap')).toEqual({ mode: 'swap', through: 'rest', practice: 'mix' });
  });
});

describe('a bread that changed in the library', () => {
  const made = begin(3);
  const record: ClassRecord = made.ok ? made.value : expect.fail();
  const taken = flat ? { ...flat, id: 'v', variantOf: 'elsewhere' } : expect.fail();
  const withSalt = (pct: number, name = taken.name): typeof taken => ({
    ...taken,
    name,
    ingredients: taken.ingredients.map((i) => (i.role === 'salt' ? { ...i, pct } : i)),
  });
  const saltOf = (r: ClassRecord) => r.workshop.breads[0]?.ingredients.find((i) => i.role === 'salt')?.pct;
  it('is told with what differs, and not where nothing does', () => {
    expect(takenBreads(record).map((t) => t.id)).toEqual(['b1']);
    expect(changedSince(record, { id: 'b1', bread: taken })).toEqual([]);
    expect(changedSince(record, { id: 'b1', bread: withSalt(1.1) })).toEqual([
      expect.stringMatching(/salt, per cent: .* → 1.1/),
    ]);
    expect(changedSince(record, { id: 'other', bread: withSalt(1.1) })).toEqual([]);
  });
  it('is taken over, with what the class changed besides, or left alone until it changes again', () => {
    const [copy] = record.workshop.breads;
    const own = { ...record, workshop: { ...record.workshop, breads: copy ? [{ ...copy, name: 'Own name' }] : [] } };
    const next = renewBread(own, { id: 'b1', bread: withSalt(1.1) });
    expect([
      saltOf(next),
      next.workshop.breads[0]?.name,
      changedSince(next, { id: 'b1', bread: withSalt(1.1) }),
    ]).toEqual([1.1, 'Own name', []]);
    const left = remembering(record, { id: 'b1', bread: withSalt(1.1) });
    expect([saltOf(left), changedSince(left, { id: 'b1', bread: withSalt(1.1) })]).toEqual([saltOf(record), []]);
    // what was left alone once is taken when that is asked for
    expect(saltOf(renewBread(left, { id: 'b1', bread: withSalt(1.3) }))).toBe(1.3);
  });
  it('is remembered when it goes onto the menu, and put there with what the kitchen lacks', () => {
    const without = { ...record, workshop: { ...record.workshop, menu: [], breads: [] }, notes: NO_NOTES };
    const put = takeBread(without, { id: 'b1', bread: taken }, true);
    expect(put.ok && put.value.notes.breads).toEqual([{ id: 'b1', asTaken: taken }]);
    const bare = { ...without.workshop.kitchen, griddles: [], grills: [], flames: [], places: [], staff: [] };
    const inBare = takeBread(
      { ...without, workshop: { ...without.workshop, kitchen: bare } },
      { id: 'b1', bread: taken },
      true,
    );
    expect(inBare.ok && lacksOf(inBare.value.workshop.kitchen, needsOf(taken))).toEqual([]);
  });
});

describe('a rehearsal of a class', () => {
  it('is a copy on the same day that is called so, once and never too long', () => {
    const notes = { ...NO_NOTES, bought: ['flour'], remarks: [{ person: 'p1', words: 'nuts', isDealtWith: false }] };
    const record: ClassRecord = { workshop: old, notes };
    const copy = rehearsalOf(record);
    expect(copy.workshop).toEqual({ ...old, title: `Rehearsal: ${old.title}` });
    // what was said of people comes along, what belongs to the day does not
    expect([copy.notes.remarks, copy.notes.bought]).toEqual([notes.remarks, []]);
    expect(rehearsalOf(copy).workshop.title).toBe(copy.workshop.title);
    const long = rehearsalOf({ workshop: { ...old, title: 'x'.repeat(120) }, notes });
    expect(readClassRecord(long).ok).toBe(true);
  });
});
