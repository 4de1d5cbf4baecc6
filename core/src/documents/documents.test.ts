import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import pantry from '../../../demo/pantry.json';
import yogurtOval from '../../../demo/breads/yogurt-oval.json';
import { faultWords } from '../faults/index.ts';
import { ownPantry } from '../kitchen/index.ts';
import { rawWorkshop } from '../testing/index.ts';
import {
  currentForm,
  documentSummary,
  documentTitle,
  DOCUMENT_KINDS,
  openDocument,
  storeOf,
  versionsToDrop,
} from './index.ts';

/** A class as it was stored in form 1: the reason was all that was kept of what was not understood. */
const CLASS_OF_FORM_1 = {
  workshop: rawWorkshop({ people: 2 }),
  notes: {
    waiting: [
      { guest: { name: 'Ilse', avoid: [] }, why: 'it is not clear what "the usual" means' },
      { guest: { name: 'Cy', avoid: [{ what: 'milk', level: 'strict' }] }, why: 'no seat was free' },
    ],
    bought: ['flour'],
  },
};

describe('a stored document', () => {
  it('of an earlier form opens with what it says, nothing lost', () => {
    const read = openDocument('class', CLASS_OF_FORM_1, 1);
    expect(read.ok ? read.value.notes.waiting : read.faults).toEqual([
      {
        guest: { name: 'Ilse', avoid: [] },
        why: 'it is not clear what "the usual" means',
        words: ['it is not clear what "the usual" means'],
      },
      { guest: { name: 'Cy', avoid: [{ what: 'milk', level: 'strict' }] }, why: 'no seat was free', words: [] },
    ]);
    expect(read.ok && read.value.notes.bought).toEqual(['flour']);
  });
  it('that was a workshop file alone is a class with empty notes', () => {
    const read = openDocument('class', rawWorkshop(), 1);
    expect(read.ok && [read.value.workshop.title, read.value.notes.waiting]).toEqual(['Test class', []]);
  });
  it('of a newer form is refused in words', () => {
    const read = openDocument('bread', yogurtOval, currentForm('bread') + 1);
    expect(read.ok ? '' : read.faults.map(faultWords).join()).toContain('a newer Hodsman wrote it');
  });
  it('is carried over whatever it holds, and answered with faults where it makes no sense', () => {
    fc.assert(
      fc.property(fc.constantFrom(...DOCUMENT_KINDS), fc.jsonValue(), (kind, value) => {
        expect(openDocument(kind, value, 1).ok).toBe(false);
      }),
      { seed: 3, numRuns: 300 },
    );
  });
  it('has a title, and a summary that says what a list shows', () => {
    const bread = openDocument('bread', yogurtOval);
    const read = bread.ok ? bread.value : expect.fail();
    expect(documentTitle('bread', read)).toBe('Yogurt ovals');
    const summary = documentSummary('bread', read);
    expect(summary.holds).toEqual(expect.arrayContaining(['gluten', 'milk']));
    expect(summary.strand.map((s) => s.id)).toEqual(read.steps.filter((s) => s.kind !== 'prepare').map((s) => s.id));
    expect(JSON.parse(JSON.stringify(summary))).toEqual(summary);
    expect(openDocument('pantry', pantry).ok).toBe(true);
  });
});

describe('earlier states', () => {
  const hour = 3_600_000;
  it('are all kept for an hour, then one in ten minutes, a day, a week, a month', () => {
    const now = 400 * 24 * hour;
    const stamp = (version: number, agoMs: number) => ({ version, savedMs: now - agoMs });
    const minute = 60_000;
    const fresh = [stamp(5, 3 * minute), stamp(6, 2 * minute), stamp(7, minute)];
    // 2 h 1 min to 2 h 5 min ago, all in one stretch of ten minutes
    const older = [stamp(2, 125 * minute), stamp(3, 123 * minute), stamp(4, 121 * minute)];
    expect(versionsToDrop([stamp(1, 130 * minute), ...older, ...fresh], now)).toEqual([2, 3]);
  });
  it('always hold the first and the newest, and thinning twice drops nothing more', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 500 * 24 * 60 }), { minLength: 1, maxLength: 80 }), (ages) => {
        const now = 1e12;
        const stamps = [...ages]
          .sort((a, b) => b - a)
          .map((age, i) => ({ version: i + 1, savedMs: now - age * 60_000 }));
        const gone = new Set(versionsToDrop(stamps, now));
        const left = stamps.filter((s) => !gone.has(s.version));
        expect([left[0]?.version, left.at(-1)?.version]).toEqual([1, stamps.length]);
        expect(versionsToDrop(left, now)).toEqual([]);
        expect(left.filter((s) => now - s.savedMs <= hour)).toHaveLength(ages.filter((a) => a <= 60).length);
      }),
      { seed: 9, numRuns: 200 },
    );
  });
});

describe('the store of a kitchen', () => {
  const common = { id: 'common', summary: { kitchen: null } };
  const own = { id: 'own', summary: { kitchen: 'k1' } };
  it('is its own where it has one, else the one that serves all', () => {
    expect(storeOf([own, common], 'k1')?.id).toBe('own');
    expect(storeOf([own, common], 'k2')?.id).toBe('common');
    expect(storeOf([own, common], undefined)?.id).toBe('common');
    // one that was saved before kitchens had stores
    expect(storeOf([own, { id: 'old', summary: {} }], 'k2')?.id).toBe('old');
    expect(storeOf([own], 'k2')).toBeUndefined();
  });
  it('begins with the packs and prices of another and nothing in it, and is read as it is kept', () => {
    const of = { name: 'All', currency: 'EUR', items: [{ what: 'salt', haveG: 400, packG: 1000, packPrice: 1 }] };
    const made = ownPantry(of, { id: 'k1', name: 'The loft' });
    expect(made).toEqual({
      ...pantry,
      name: 'The store of The loft',
      kitchen: 'k1',
      items: [{ ...of.items[0], haveG: 0 }],
    });
    const kept = openDocument('pantry', JSON.parse(JSON.stringify(made)), currentForm('pantry'));
    expect(kept.ok && documentSummary('pantry', kept.value)).toEqual({ kitchen: 'k1' });
  });
});
