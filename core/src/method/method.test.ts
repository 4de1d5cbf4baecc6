import { describe, expect, it } from 'vitest';
import { buildWorkshop, type RawFile } from '../testing/index.ts';
import {
  activeSeconds,
  chainOf,
  isProofPlace,
  isRest,
  turnMoments,
  windowAt,
  type ActiveStep,
  type RestStep,
} from './index.ts';

/** The steps of a bread whose raw steps are changed. */
const steps = (change: (steps: RawFile[]) => void = () => undefined) =>
  buildWorkshop({ change: (f) => change(f['breads'][0].steps as RawFile[]) }).breads[0]?.steps ?? expect.fail();
const named = (id: string, change?: (steps: RawFile[]) => void) =>
  steps(change).find((s) => s.id === id) ?? expect.fail(`no ${id}`);
const active = (id: string, change?: (steps: RawFile[]) => void): ActiveStep => {
  const step = named(id, change);
  return isRest(step) ? expect.fail(`${id} rests`) : step;
};
const proof = (q10: number, refC: number): RestStep => {
  const step = named('rest', ([, rest]) => {
    Object.assign(rest ?? {}, { kind: 'proof', at: 'room', refC, q10, window: { min: 60, ideal: 90, max: 120 } });
  });
  return isRest(step) ? step : expect.fail('the proof is a rest');
};

describe('the window of a rest', () => {
  it('is as written where the rest does not depend on warmth, at any temperature', () => {
    const step = named('rest');
    const rest = isRest(step) ? step : expect.fail('a rest');
    for (const tempC of [4, 21, 40])
      expect(windowAt(rest, tempC)).toEqual({ minSec: 600, idealSec: 1200, maxSec: 3600 });
  });
  it('is as written at the temperature that it was written for', () => {
    expect(windowAt(proof(2.5, 24), 24)).toEqual({ minSec: 3600, idealSec: 5400, maxSec: 7200 });
  });
  it('goes by q10 every ten degrees, longer where it is colder', () => {
    expect(windowAt(proof(2.5, 25), 35)).toEqual({ minSec: 1440, idealSec: 2160, maxSec: 2880 });
    expect(windowAt(proof(2.5, 25), 15)).toEqual({ minSec: 9000, idealSec: 13_500, maxSec: 18_000 });
    // half of ten degrees is the square root of the factor
    expect(windowAt(proof(4, 25), 20).minSec).toBe(2 * 3600);
  });
  it('of 8 h at 20 °C is 3 to 4 h in a place of 28 to 30 °C (common practice)', () => {
    const dough: RestStep = { ...proof(2.5, 20), window: { min: 480, ideal: 480, max: 480 } };
    expect(windowAt(dough, 28).idealSec / 3600).toBeCloseTo(3.84, 2);
    expect(windowAt(dough, 30).idealSec / 3600).toBeCloseTo(3.2, 2);
  });
  it('is reckoned between 10 and 40 °C alone', () => {
    expect([9.9, 10, 40, 40.1].map(isProofPlace)).toEqual([false, true, true, false]);
  });
});

describe('how long a step takes', () => {
  it('grows with the pieces and with the slowest pace', () => {
    const divide = active('roll', (list) => Object.assign(list[2] ?? {}, { minutes: 1, minutesPerPiece: 0.5 }));
    expect(activeSeconds(divide, 6, 1)).toBe(4 * 60);
    expect(activeSeconds(divide, 6, 1.25)).toBe(5 * 60);
  });
  it('is rounded half up to whole seconds', () => {
    const roll = active('roll', (list) => Object.assign(list[2] ?? {}, { minutes: 0.125 }));
    expect(activeSeconds(roll, 1, 1)).toBe(8);
  });
  it('at the fire is the sum of its phases, at any pace', () => {
    expect(activeSeconds(active('cook'), 1, 2)).toBe(100);
  });
});

describe('the turns of a bread', () => {
  const cook = (phases: readonly object[]) =>
    active('cook', (list) => Object.assign(list[3] ?? {}, { phases: phases.map((p) => ({ heat: 'medium', ...p })) }));
  it('come before every phase but the first, and those that need none', () => {
    expect(turnMoments(cook([{ sec: 40 }, { sec: 30 }, { sec: 20 }]))).toEqual([40, 70]);
    expect(turnMoments(cook([{ sec: 40 }, { sec: 30, turn: false }, { sec: 20 }]))).toEqual([70]);
    expect(turnMoments(cook([{ sec: 40 }]))).toEqual([]);
  });
  it('are none of a step at no fire', () => {
    expect(turnMoments(active('roll'))).toEqual([]);
  });
});

it('the chain of a bread leaves its side jobs out', () => {
  const withJob = steps((list) =>
    list.push({ id: 'chop', kind: 'prepare', per: 'batch', by: 'one', at: 'bench', minutes: 5, before: 'roll' }),
  );
  expect(chainOf(withJob).map((s) => s.id)).toEqual(['mix', 'rest', 'roll', 'cook']);
});
