import fc from 'fast-check';
import type { Workshop } from '../workshop/index.ts';
import { buildWorkshop, type RawFile } from './build-workshop.ts';

/** What a narrow class has: few people and breads on one griddle, and next to no time to wait. */
const narrow = fc.record({
  people: fc.integer({ min: 1, max: 4 }),
  perStation: fc.integer({ min: 1, max: 2 }),
  each: fc.integer({ min: 1, max: 3 }),
  spots: fc.integer({ min: 1, max: 2 }),
  cookBy: fc.constantFrom('owner', 'one'),
  attend: fc.constantFrom('whole', 'turns'),
  cookSec: fc.integer({ min: 40, max: 200 }),
  rollMin: fc.constantFrom(1, 1.5, 2.5),
  waitMaxMin: fc.constantFrom(1, 2, 4, undefined),
  restMin: fc.integer({ min: 5, max: 12 }),
  restMore: fc.integer({ min: 2, max: 8 }),
  hasSecond: fc.boolean(),
  changeSec: fc.constantFrom(0, 60, 120),
  resetSec: fc.constantFrom(0, 20),
  hasFinish: fc.boolean(),
  lookSec: fc.constantFrom(0, 0, 30),
  layOnGapSec: fc.constantFrom(0, 20),
});

export type NarrowShape = typeof narrow extends fc.Arbitrary<infer T> ? T : never;
export const narrowShape = (): fc.Arbitrary<NarrowShape> => narrow;

/** The class of such features: windows and waits of minutes before one griddle, so that much hangs on the order of single breads. */
export function narrowClass(v: NarrowShape): Workshop {
  return buildWorkshop({
    people: v.people,
    perStation: v.perStation,
    each: v.each,
    griddles: 1,
    tableTime: '14:00',
    change: (file) => {
      file['service'] = 'as-cooked';
      file['kitchen'].layOnGapSec = v.layOnGapSec;
      Object.assign(file['kitchen'].griddles[0], { changeSec: v.changeSec, resetSec: v.resetSec, spots: {} });
      const [bread] = file['breads'] as [RawFile];
      narrowSteps(bread, v);
      const { spots } = file['kitchen'].griddles[0] as RawFile;
      (spots as RawFile)['flat'] = v.spots;
      if (!v.hasSecond) return;
      const second = structuredClone(bread);
      Object.assign(second, { id: 'thick', name: 'Thick flat' });
      second['steps'].find((s: RawFile) => s['id'] === 'cook').phases[0].sec = v.cookSec + 30;
      file['breads'].push(second);
      file['menu'].push({ bread: 'thick', each: 1, dough: { mode: 'station' } });
      (spots as RawFile)['thick'] = v.spots;
    },
  });
}

function narrowSteps(bread: RawFile, v: NarrowShape): void {
  const [, rest, roll, cook] = bread['steps'] as [RawFile, RawFile, RawFile, RawFile];
  rest['window'] = { min: v.restMin, ideal: v.restMin + 1, max: v.restMin + v.restMore };
  roll['minutes'] = v.rollMin;
  if (v.lookSec > 0) Object.assign(roll, { look: true, lookSec: v.lookSec });
  Object.assign(cook, {
    by: v.cookBy,
    attend: v.attend,
    phases: [
      { heat: 'medium', sec: v.cookSec },
      { heat: 'medium', sec: 40 },
    ],
  });
  if (v.waitMaxMin === undefined) delete cook['waitMaxMin'];
  else cook['waitMaxMin'] = v.waitMaxMin;
  if (v.hasFinish)
    bread['steps'].push({
      id: 'brush',
      kind: 'finish',
      per: 'piece',
      by: 'owner',
      at: 'bench',
      minutes: 0.5,
      waitMaxMin: 3,
    });
}
