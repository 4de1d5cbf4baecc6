import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { orderedWindow, usualWarmth, withStep, type RestStep, type Step } from './index.ts';

const STEPS: readonly Step[] = [
  { id: 'mix', kind: 'mix', per: 'batch', by: 'team', at: 'bench', minutes: 5 },
  { id: 'roll', kind: 'roll', per: 'piece', by: 'owner', at: 'bench', minutes: 2 },
  { id: 'cook', kind: 'cook', per: 'piece', by: 'owner', at: 'griddle', attend: 'whole', minutes: 2 },
];

describe('a step added', () => {
  it.each([
    ['knead', ['mix', 'knead', 'roll', 'cook']],
    ['proof', ['mix', 'proof', 'roll', 'cook']],
    ['coil', ['mix', 'roll', 'coil', 'cook']],
    ['finish', ['mix', 'roll', 'cook', 'finish']],
  ] as const)('%s stands where such a step belongs', (kind, order) => {
    expect(withStep(STEPS, kind).steps.map((s) => s.id)).toEqual(order);
  });
  it('has an id of its own, and a side job serves a step that there is', () => {
    const { steps, id } = withStep(withStep(STEPS, 'mix').steps, 'mix');
    expect(id).toBe('mix-3');
    expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length);
    const { steps: more } = withStep(STEPS, 'prepare');
    expect(more.find((s) => s.kind === 'prepare')).toMatchObject({ before: 'cook' });
  });
});

describe('a window', () => {
  const minutes = fc.integer({ min: 0, max: 600 });
  it('stays in order whichever end is typed, and keeps what was typed', () => {
    fc.assert(
      fc.property(
        fc.record({ min: minutes, ideal: minutes, max: minutes }),
        fc.constantFrom('min' as const, 'ideal' as const, 'max' as const),
        minutes,
        (w, key, typed) => {
          const next = orderedWindow({ ...w, [key]: typed }, { [key]: typed });
          expect(next[key]).toBe(typed);
          const from = [w.min, w.ideal, w.max];
          const isOrdered = from.every((x, i) => i === 0 || x >= (from[i - 1] ?? 0));
          if (isOrdered)
            expect([next.min, next.ideal, next.max]).toEqual(
              [next.min, next.ideal, next.max].toSorted((a, b) => a - b),
            );
        },
      ),
    );
  });
  it('is stretched from the warmth of its own kind of place', () => {
    const at = (place: 'room' | 'warm'): RestStep => ({
      id: 'rest',
      kind: 'rest',
      per: 'batch',
      at: place,
      window: { min: 1, ideal: 2, max: 3 },
    });
    expect([usualWarmth(at('room')).refC, usualWarmth(at('warm')).refC]).toEqual([21, 30]);
  });
});
