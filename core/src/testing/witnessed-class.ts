import fc from 'fast-check';
import { pieceParts } from '../ids.ts';
import type { Plan } from '../plan/index.ts';
import { piecesDone } from '../plan/index.ts';
import { findBrokenRules, planClass } from '../planner/index.ts';
import { clockText } from '../units/index.ts';
import type { Workshop } from '../workshop/index.ts';
import { buildWorkshop, BUTTER, type RawFile } from './build-workshop.ts';

/** What a large class has that a right plan is known of. */
const features = fc.record({
  people: fc.integer({ min: 8, max: 36 }),
  breads: fc.integer({ min: 2, max: 3 }),
  cookSec: fc.integer({ min: 70, max: 200 }),
  restMin: fc.integer({ min: 8, max: 20 }),
  attend: fc.constantFrom('whole', 'turns'),
  dough: fc.constantFrom('station', 'station', 'ahead', 'swap'),
  hasAvoider: fc.boolean(),
  hasBreak: fc.boolean(),
  isCarried: fc.boolean(),
  elbowRoom: fc.constantFrom(undefined, 3, 4),
  layOnGapSec: fc.constantFrom(0, 15),
  lookSec: fc.constantFrom(0, 30),
});

export type WitnessedShape = typeof features extends fc.Arbitrary<infer T> ? T : never;
export const witnessedShape = (): fc.Arbitrary<WitnessedShape> => features;

const [LEAST_HOLD_MIN, MOST_HOLD_MIN] = [10, 40];

/**
 * A class with a right plan of it, by construction: it is planned with no end in sight, and then table time, and how long each bread
 * keeps, are what that plan needs. Breads that it makes too early to keep for 40 min are eaten as they come. Undefined where the first
 * plan is not right.
 */
export function witnessedClass(
  shape: WitnessedShape,
): { readonly workshop: Workshop; readonly witness: Plan } | undefined {
  const free = freeClass(shape, '20:00', () => undefined);
  const plan = planClass(free, { goal: 'short', effort: 1 });
  if (plan.broken.length > 0) return undefined;
  const tableSec = 60 * Math.ceil(plan.measures.finishSec / 60);
  const ageMin = new Map<string, number>();
  for (const [piece, last] of piecesDone(plan.tasks)) {
    const { bread } = pieceParts(piece);
    ageMin.set(bread, Math.max(ageMin.get(bread) ?? 0, Math.ceil((tableSec - last) / 60)));
  }
  const workshop = freeClass(shape, clockText(free, tableSec), (bread) => ageMin.get(bread));
  const witness: Plan = { ...plan, goal: 'steady', tableSec };
  return findBrokenRules(workshop, witness).length === 0 ? { workshop, witness } : undefined;
}

/** With the minutes that each bread keeps at least; undefined: as long as one likes. */
function freeClass(v: WitnessedShape, tableTime: string, keepsMin: (bread: string) => number | undefined): Workshop {
  return buildWorkshop({
    people: v.people,
    perStation: 2,
    each: 1,
    griddles: Math.ceil(v.people / 4),
    griddleCm: 40,
    tableTime,
    change: (file) => {
      vary(file, v);
      for (const line of file['menu'] as RawFile[]) {
        const min = keepsMin(line['bread']);
        const bread = file['breads'].find((b: RawFile) => b['id'] === line['bread']);
        bread.holdMaxMin = Math.max(LEAST_HOLD_MIN, Math.min(MOST_HOLD_MIN, min ?? MOST_HOLD_MIN));
        line['service'] = min !== undefined && min <= MOST_HOLD_MIN ? 'together' : 'as-cooked';
      }
    },
  });
}

function vary(file: RawFile, v: WitnessedShape): void {
  const { kitchen } = file as { kitchen: RawFile };
  kitchen['layOnGapSec'] = v.layOnGapSec;
  kitchen['flames'] = [1, 2, 3].map((n) => ({ id: `F${n}`, slots: 1 }));
  kitchen['staff'] = ['lead', 'second', 'third'].map((id) => ({ id, name: id, role: 'instructor', pace: 0.5 }));
  for (const g of kitchen['griddles']) {
    g.portable = true;
    g.cleanSec = 240;
    if (v.elbowRoom !== undefined) g.people = v.elbowRoom;
  }
  if (v.hasBreak) file['breaks'] = [{ after: '10:30', before: '11:30', minutes: 10 }];
  const [first] = file['breads'] as [RawFile];
  const [, rest, roll, cook] = first['steps'] as [RawFile, RawFile, RawFile, RawFile];
  rest['window'] = { min: v.restMin, ideal: v.restMin + 10, max: v.restMin + 40 };
  cook['attend'] = v.attend;
  if (v.lookSec > 0) Object.assign(roll, { look: true, lookSec: v.lookSec });
  for (let n = 1; n <= v.breads; n++) {
    const bread = n === 1 ? first : structuredClone(first);
    if (n > 1) {
      Object.assign(bread, { id: `flat${n}`, name: `Flat ${n}`, piece: { doughG: 80, diameterCm: 18 - n } });
      file['breads'].push(bread);
      file['menu'].push({ bread: `flat${n}`, each: 1, dough: { mode: 'station' } });
    }
    const phases: RawFile[] = [
      { heat: 'medium', sec: v.cookSec + 10 * n },
      { heat: 'medium', sec: 40 },
    ];
    if (v.isCarried && n === 2) phases.push({ heat: 'high', sec: 20, turn: false, with: 'flame' });
    bread['steps'].find((s: RawFile) => s['id'] === 'cook').phases = phases;
  }
  if (v.dough !== 'station') {
    file['prepTimes'] = [{ from: '2027-03-06T07:00', to: '2027-03-06T10:00' }];
    const swap = v.dough === 'swap' ? { practice: 'mix' } : {};
    file['menu'][0].dough = { mode: v.dough, through: 'mix', ...swap };
  }
  if (v.hasAvoider) {
    file['roster'][0].avoid = [{ what: 'milk', level: 'strict' }];
    first['ingredients'].push(structuredClone(BUTTER));
  }
}
