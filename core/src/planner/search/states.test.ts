import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { FireOrder } from './fire-order.ts';
import { HotplateState } from './hotplate-state.ts';
import type { Hotplate, Lying } from './problem.ts';
import { StoreState } from './store-state.ts';

const SEED = 4710;
const BEYOND = 2000;

const plate: Hotplate = {
  id: 'G1',
  resetSec: 3,
  changeSec: 8,
  layOnGapSec: 0,
  laidOnAt: 'start',
  cleanSec: null,
  hasZones: false,
};
const bread = (kind: string, spots: number, heats: Lying['heats'] = [], alone: Lying['alone'] = []): Lying => ({
  plate: 0,
  kind: { of: kind, like: kind },
  owner: kind,
  spots,
  heats,
  alone,
});

describe('a hotplate', () => {
  it('takes the lowest free spot, waits for a reset, and for a change between two kinds', () => {
    const state = new HotplateState(plate);
    state.put(0, 0, 10, 1, bread('a', 2));
    expect(state.earliest(0, 10, bread('a', 2), BEYOND)).toEqual({ startSec: 0, spot: 2 });
    state.put(1, 0, 12, 2, bread('a', 2));
    expect(state.earliest(0, 10, bread('a', 2), BEYOND)).toEqual({ startSec: 13, spot: 1 });
    expect(state.earliest(0, 10, bread('b', 2), BEYOND)).toEqual({ startSec: 20, spot: 1 });
    state.remove(1);
    expect(state.earliest(0, 10, bread('a', 2), BEYOND)).toEqual({ startSec: 0, spot: 2 });
  });

  it('lets unequal heats lie over one another for 30 s and no longer', () => {
    const heats = [
      { heat: 'low', fromSec: 0, toSec: 60 },
      { heat: 'high', fromSec: 60, toSec: 120 },
    ];
    const state = new HotplateState({ ...plate, resetSec: 0 });
    state.put(0, 0, 120, 1, bread('a', 2, heats));
    expect(state.earliest(30, 120, bread('a', 2, heats), BEYOND)?.startSec).toBe(30);
    expect(state.earliest(31, 120, bread('a', 2, heats), BEYOND)?.startSec).toBe(120);
    const zones = new HotplateState({ ...plate, resetSec: 0, hasZones: true });
    zones.put(0, 0, 120, 1, bread('a', 2, heats));
    expect(zones.earliest(31, 120, bread('a', 2, heats), BEYOND)?.startSec).toBe(31);
  });

  it('carries nothing else while a piece must be alone, and a demonstration is alone without any setup', () => {
    const state = new HotplateState(plate);
    const carried = bread('a', 2, [], [[6, 10]]);
    state.put(0, 0, 10, 1, carried);
    expect(state.earliest(0, 10, carried, BEYOND)?.startSec).toBe(10);
    const demo: Lying = { plate: 0, kind: null, owner: '', spots: 1, heats: [], alone: [[0, 5]] };
    expect(state.earliest(0, 5, demo, BEYOND)?.startSec).toBe(10);
  });

  it('takes two for one kind that are of one bread or alike, though a third is like only one of them', () => {
    const lying = (of: string, like: string): Lying => ({ ...bread(of, 3), kind: { of, like } });
    const state = new HotplateState(plate);
    state.put(0, 0, 10, 1, lying('a', 'quick'));
    expect(state.earliest(0, 10, lying('a', 'slow'), BEYOND)?.startSec).toBe(0);
    expect(state.earliest(0, 10, lying('b', 'quick'), BEYOND)?.startSec).toBe(0);
    expect(state.earliest(0, 10, lying('b', 'slow'), BEYOND)?.startSec).toBe(18);
  });

  it('leaves a gap between two people who lay on, whichever way time runs', () => {
    const of = (owner: string): Lying => ({ ...bread('a', 3), owner });
    const state = new HotplateState({ ...plate, layOnGapSec: 20 });
    state.put(0, 100, 110, 1, of('p1'));
    expect(state.earliest(90, 10, of('p1'), BEYOND)?.startSec).toBe(90);
    expect(state.earliest(81, 10, of('p2'), BEYOND)?.startSec).toBe(120);
    expect(state.earliest(80, 10, of('p2'), BEYOND)?.startSec).toBe(80);
    // in the mirror a lying ends where it begins in the class
    const mirror = new HotplateState({ ...plate, layOnGapSec: 20, laidOnAt: 'end' });
    mirror.put(0, 100, 110, 1, of('p1'));
    expect(mirror.earliest(80, 15, of('p2'), BEYOND)?.startSec).toBe(115);
    expect(mirror.earliest(75, 15, of('p2'), BEYOND)?.startSec).toBe(75);
  });

  it('finds the earliest start that a second by second look finds', () => {
    const one = fc.record({
      kind: fc.constantFrom('a', 'b'),
      from: fc.integer({ min: 0, max: 60 }),
      sec: fc.integer({ min: 1, max: 15 }),
      spots: fc.integer({ min: 1, max: 3 }),
    });
    fc.assert(
      fc.property(fc.array(one, { maxLength: 9 }), one, (list, last) => {
        const state = new HotplateState(plate);
        const lying: { kind: string; from: number; to: number; spot: number; spots: number }[] = [];
        const fits = (x: typeof one extends fc.Arbitrary<infer T> ? T : never, at: number): number => {
          const to = at + x.sec;
          const together = lying.filter((l) => l.from < to && l.to > at);
          if (together.length + 1 > Math.min(x.spots, ...together.map((l) => l.spots))) return 0;
          for (let spot = 1; spot <= x.spots; spot++) {
            const isFree = lying.every((l) => {
              const gap = l.kind !== x.kind ? plate.changeSec : l.spot === spot ? plate.resetSec : -Infinity;
              return at >= l.to + gap || to + gap <= l.from;
            });
            if (isFree) return spot;
          }
          return 0;
        };
        list.forEach((x, i) => {
          const found = state.earliest(x.from, x.sec, bread(x.kind, x.spots), BEYOND);
          if (!found) throw new Error('there is always room later');
          state.put(i, found.startSec, found.startSec + x.sec, found.spot, bread(x.kind, x.spots));
          lying.push({ ...x, from: found.startSec, to: found.startSec + x.sec, spot: found.spot });
        });
        let at = last.from;
        while (fits(last, at) === 0) at++;
        expect(state.earliest(last.from, last.sec, bread(last.kind, last.spots), BEYOND)?.startSec).toBe(at);
      }),
      { seed: SEED, numRuns: 300 },
    );
  });
});

describe('the order on a fire', () => {
  it('lets what avoids something come before what holds it, not after', () => {
    const fire = new FireOrder(null, true);
    fire.put(0, 100, 110, 1, 0);
    expect(fire.blockedUntil(80, 100, 0, 1)).toBeUndefined();
    expect(fire.blockedUntil(120, 130, 0, 1)).toBe(Infinity);
    expect(fire.blockedUntil(120, 130, 0, 2)).toBeUndefined();
    const mirrored = new FireOrder(null, false);
    mirrored.put(0, 100, 110, 1, 0);
    expect(mirrored.blockedUntil(80, 100, 0, 1)).toBe(110);
    expect(mirrored.blockedUntil(120, 130, 0, 1)).toBeUndefined();
  });

  it('lets nothing lie in the time in which the fire is cleaned', () => {
    const fire = new FireOrder(20, true);
    fire.put(0, 100, 110, 1, 0);
    fire.put(1, 135, 145, 0, 1);
    // 25 s are left between the two: 5 of them may be taken at either end, and no more
    expect(fire.blockedUntil(108, 115, 0, 0)).toBeUndefined();
    expect(fire.blockedUntil(108, 116, 0, 0)).toBe(135);
    expect(fire.blockedUntil(130, 140, 0, 0)).toBeUndefined();
    expect(fire.blockedUntil(129, 140, 0, 0)).toBe(135);
    expect(fire.blockedUntil(90, 110, 0, 0)).toBeUndefined();
  });

  it('lets it come after once the fire has lain empty for long enough', () => {
    const fire = new FireOrder(20, true);
    fire.put(0, 100, 110, 1, 0);
    expect(fire.blockedUntil(120, 130, 0, 1)).toBe(130);
    expect(fire.blockedUntil(130, 140, 0, 1)).toBeUndefined();
    // something else lies there meanwhile: only after it is it empty
    fire.put(1, 115, 125, 0, 0);
    expect(fire.blockedUntil(130, 140, 0, 1)).toBe(145);
    fire.remove(1);
    // what holds it may not be put just before what avoids it
    fire.put(2, 200, 210, 0, 1);
    expect(fire.blockedUntil(185, 195, 1, 0)).toBe(210);
    expect(fire.blockedUntil(170, 180, 1, 0)).toBeUndefined();
  });
});

describe('a store', () => {
  it('counts the stays of one owner once and gives the moment at which there is room again', () => {
    const store = new StoreState(2);
    store.put(0, 'a', 1, 0, 50);
    store.put(1, 'a', 1, 10, 40);
    expect(store.fullUntil(2, 'b', 1, 0, 100)).toBeUndefined();
    store.put(2, 'b', 1, 20, 60);
    expect(store.fullUntil(3, 'c', 1, 0, 100)).toBe(50);
    expect(store.fullUntil(3, 'c', 1, 50, 100)).toBeUndefined();
    expect(store.fullUntil(3, 'a', 1, 0, 100)).toBeUndefined();
    store.remove(2);
    expect(store.fullUntil(3, 'c', 1, 0, 100)).toBeUndefined();
  });

  it('takes a mother batch for its shares, and anything where it has no limit', () => {
    const store = new StoreState(4);
    store.put(0, 'mother', 3, 0, 50);
    expect(store.fullUntil(1, 'other', 2, 10, 20)).toBe(50);
    expect(store.fullUntil(1, 'other', 1, 10, 20)).toBeUndefined();
    expect(new StoreState(Infinity).fullUntil(1, 'other', 99, 0, 9)).toBeUndefined();
  });
});
