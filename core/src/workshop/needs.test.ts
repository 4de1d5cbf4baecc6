import { describe, expect, it } from 'vitest';
import demoSunday from '../../../demo/class-sunday.json' with { type: 'json' };
import { readWorkshop } from '../formats/index.ts';
import type { Kitchen } from '../kitchen/index.ts';
import { lacksOf, needsOf, needWords, newClass, withAdded } from './index.ts';

const sunday = readWorkshop(demoSunday);
const { kitchen, breads } = sunday.ok ? sunday.value : expect.fail();
/** A kitchen with benches and nothing else. */
const bare: Kitchen = { ...kitchen, griddles: [], grills: [], flames: [], places: [], staff: [] };

const faultsIn = (of: Kitchen, bread: (typeof breads)[number]): readonly string[] => {
  const made = newClass({
    title: 'Tried',
    date: '2027-03-06',
    timeZone: 'UTC',
    kitchenId: 'k',
    kitchen: of,
    breads: [{ id: 'b1', bread }],
    participants: 2,
  });
  const read = made.ok ? readWorkshop(JSON.parse(JSON.stringify(made.value.workshop))) : made;
  return read.ok ? [] : read.faults.map((f) => f.code);
};

describe('what a bread asks of a kitchen', () => {
  it('is lacking exactly where the reader of a class would refuse it', () => {
    for (const bread of breads)
      for (const part of ['griddles', 'grills', 'flames', 'places', 'staff'] as const) {
        const poorer = { ...kitchen, [part]: [] };
        const lacks = lacksOf(poorer, needsOf(bread));
        // without staff other rules speak too
        if (part !== 'staff')
          expect([bread.id, part, lacks.length > 0]).toEqual([bread.id, part, faultsIn(poorer, bread).length > 0]);
      }
    for (const bread of breads) expect(lacksOf(kitchen, needsOf(bread))).toEqual([]);
  });
  it('minds the warmth of a proof, a griddle that is carried, and the fire that it is carried to', () => {
    const hot = { ...kitchen, places: kitchen.places.map((p) => ({ ...p, tempC: 45 })) };
    const fixed = { ...kitchen, griddles: kitchen.griddles.map(({ portable: _, ...g }) => g) };
    const dark = { ...kitchen, flames: [], grills: [] };
    // without what is prepared beside the dough, a fire is wanted for the bread alone
    const alone = breads.map((b) => ({ ...b, steps: b.steps.filter((s) => s.kind !== 'prepare') }));
    const cases = [
      [hot, 'place', 'place-too-far'],
      [fixed, 'griddle', 'fits-no-griddle'],
      [dark, 'fire', 'place-lacking'],
    ] as const;
    for (const [poorer, kind, code] of cases) {
      const found = alone.map((b) => lacksOf(poorer, needsOf(b)).some((n) => n.kind === kind));
      expect(found).toEqual(alone.map((b) => faultsIn(poorer, b).includes(code)));
      expect(found).toContain(true);
    }
  });
  it('is enough when it is added, whatever was there before', () => {
    for (const bread of breads) {
      const lacks = lacksOf(bare, needsOf(bread));
      expect(lacks.length).toBeGreaterThan(1);
      const filled = withAdded(bare, lacks);
      expect(lacksOf(filled, needsOf(bread))).toEqual([]);
      expect(faultsIn({ ...filled, staff: kitchen.staff }, bread)).toEqual([]);
    }
  });
  it('is said in words, without an id', () => {
    const said = breads.flatMap((b) => needsOf(b).map(needWords));
    expect(said).toContain('a warm place of 10 to 40 °C');
    expect(said.some((w) => /^a griddle( of .*)? that takes \d+(\.\d)? cm across/.test(w))).toBe(true);
    for (const w of said) expect(w).not.toMatch(/undefined|@|_/);
  });
});
