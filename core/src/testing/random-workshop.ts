import fc from 'fast-check';
import type { Workshop } from '../workshop/index.ts';
import { buildWorkshop, type RawFile } from './build-workshop.ts';

/** Random classes of one or two plain breads: sizes, windows, paces, waits, spots, attendance, service and table time vary. */
export function randomWorkshop(): fc.Arbitrary<Workshop> {
  return fc
    .record({
      people: fc.integer({ min: 1, max: 10 }),
      perStation: fc.integer({ min: 1, max: 3 }),
      each: fc.integer({ min: 1, max: 3 }),
      griddles: fc.integer({ min: 1, max: 4 }),
      griddleCm: fc.constantFrom(26, 30, 38, 45),
      tableTime: fc.constantFrom('10:50', '11:15', '12:00', '13:00'),
      restMin: fc.integer({ min: 1, max: 20 }),
      restMax: fc.integer({ min: 20, max: 90 }),
      rollMin: fc.constantFrom(1.5, 2, 3.25),
      cookSec: fc.integer({ min: 30, max: 240 }),
      waitMaxMin: fc.option(fc.integer({ min: 1, max: 20 }), { nil: undefined }),
      attend: fc.constantFrom('whole', 'turns'),
      service: fc.constantFrom('together', 'as-cooked'),
      slowest: fc.constantFrom(1, 1.1, 1.25),
      hasSecond: fc.boolean(),
      hasBreak: fc.boolean(),
    })
    .map(({ people, perStation, each, griddles, griddleCm, tableTime, ...rest }) =>
      buildWorkshop({ people, perStation, each, griddles, griddleCm, tableTime, change: (file) => vary(file, rest) }),
    );
}

interface Variation {
  readonly restMin: number;
  readonly restMax: number;
  readonly rollMin: number;
  readonly cookSec: number;
  readonly waitMaxMin: number | undefined;
  readonly attend: string;
  readonly service: string;
  readonly slowest: number;
  readonly hasSecond: boolean;
  readonly hasBreak: boolean;
}

function vary(file: RawFile, v: Variation): void {
  file['service'] = v.service;
  file['roster'][0].pace = v.slowest;
  const first = file['breads'][0];
  const [, rest, roll, cook] = first.steps;
  rest.window = { min: v.restMin, ideal: (v.restMin + v.restMax) / 2, max: v.restMax };
  roll.minutes = v.rollMin;
  cook.phases[0].sec = v.cookSec;
  cook.attend = v.attend;
  if (v.waitMaxMin === undefined) delete cook.waitMaxMin;
  else cook.waitMaxMin = v.waitMaxMin;
  if (v.hasBreak) file['breaks'] = [{ after: '10:20', before: '10:45', minutes: 10 }];
  if (!v.hasSecond) return;
  const second = structuredClone(first) as RawFile;
  second['id'] = 'thick';
  second['name'] = 'Thick flat';
  second['piece'] = { doughG: 120, diameterCm: 15 };
  second['steps'][3].phases = [
    { heat: 'low', sec: 90 },
    { heat: 'high', sec: 60 },
  ];
  file['breads'].push(second);
  file['menu'].push({ bread: 'thick', each: 1, dough: { mode: 'station' } });
}
