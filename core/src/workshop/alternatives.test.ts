import { describe, expect, it } from 'vitest';
import { readClassRecord } from '../formats/index.ts';
import { buildWorkshop } from '../testing/index.ts';
import {
  dropAlternative,
  keepAlternative,
  MOST_ALTERNATIVES,
  renameAlternative,
  takeAlternative,
} from './alternatives.ts';
import { copyClass } from './make.ts';
import { NO_NOTES, type ClassRecord } from './record.ts';
import { UNSHAPED } from './shaping.ts';

const workshop = buildWorkshop({ people: 4 });
const larger = buildWorkshop({ people: 6 });
const record: ClassRecord = { workshop, notes: NO_NOTES };
const made = { name: 'six people', workshop: larger, shaping: { ...UNSHAPED, aim: 'short' as const } };

describe('alternatives of a class', () => {
  it('are lettered from B on, the first free letter next', () => {
    const two = keepAlternative(keepAlternative(record, made), made);
    expect(two.notes.alternatives.map((a) => a.id)).toEqual(['B', 'C']);
    const again = keepAlternative(dropAlternative(two, 'B'), made);
    expect(again.notes.alternatives.map((a) => a.id)).toEqual(['C', 'B']);
  });
  it('are no more than can be told apart', () => {
    let full = record;
    for (let i = 0; i < MOST_ALTERNATIVES + 2; i++) full = keepAlternative(full, made);
    expect(full.notes.alternatives).toHaveLength(MOST_ALTERNATIVES);
  });
  it('change places with the class, so that nothing is lost', () => {
    const taken = takeAlternative(keepAlternative(record, made), 'B');
    expect([taken.workshop, taken.notes.shaping.aim]).toEqual([larger, 'short']);
    expect(taken.notes.alternatives[0]?.workshop).toBe(workshop);
    const back = takeAlternative(taken, 'B');
    expect([back.workshop, back.notes.shaping]).toEqual([workshop, record.notes.shaping]);
    expect(takeAlternative(record, 'X')).toBe(record);
  });
  it('are dropped by name, and dropping none of them is no change', () => {
    const two = keepAlternative(keepAlternative(record, made), made);
    const [b, c] = two.notes.alternatives.map((a) => a.id);
    expect(dropAlternative(two, b ?? '').notes.alternatives.map((a) => a.id)).toEqual([c]);
    expect(dropAlternative(two, 'Z')).toBe(two);
    expect(dropAlternative(record, 'B')).toBe(record);
    // what is dropped leaves the class and all else of its notes as they are
    const dropped = dropAlternative(two, c ?? '');
    expect(dropped.workshop).toBe(record.workshop);
    expect({ ...dropped.notes, alternatives: [] }).toEqual({ ...record.notes, alternatives: [] });
  });
  it('can be called something else', () => {
    expect(renameAlternative(keepAlternative(record, made), 'B', 'two more').notes.alternatives[0]?.name).toBe(
      'two more',
    );
  });
  it('move to another day with the class', () => {
    const copy = copyClass(keepAlternative(record, made), '2030-05-04');
    expect([copy.workshop.date, copy.notes.alternatives[0]?.workshop.date]).toEqual(['2030-05-04', '2030-05-04']);
  });
  it('are read with the class, and one that is no class is refused with its place', () => {
    const kept = keepAlternative(record, made);
    expect(readClassRecord(JSON.parse(JSON.stringify(kept)))).toEqual({ ok: true, value: kept });
    const raw = JSON.parse(JSON.stringify(kept));
    raw.notes.alternatives[0].workshop.menu[0].bread = 'gone';
    const read = readClassRecord(raw);
    expect(read.ok ? [] : read.faults.map((f) => f.path)[0]).toMatch(/^notes\.alternatives\[0\]\.workshop\.menu/);
  });
});
