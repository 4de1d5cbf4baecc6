import fc from 'fast-check';
import type { Workshop } from '../workshop/index.ts';
import { buildWorkshop, BUTTER, type RawFile } from './build-workshop.ts';

/** What a random class has; every switch may be off, so that a failing class shrinks to the features that make it fail. */
const shape = {
  people: fc.integer({ min: 1, max: 10 }),
  perStation: fc.integer({ min: 1, max: 3 }),
  each: fc.integer({ min: 1, max: 3 }),
  griddles: fc.integer({ min: 1, max: 4 }),
  griddleCm: fc.constantFrom(26, 30, 38, 45),
  tableTime: fc.constantFrom<string>('10:50', '11:15', '12:00', '13:00', '14:30'),
  restMin: fc.integer({ min: 1, max: 20 }),
  restMax: fc.integer({ min: 20, max: 90 }),
  rollMin: fc.constantFrom(1.5, 2, 3.25),
  cookSec: fc.integer({ min: 30, max: 240 }),
  waitMaxMin: fc.option(fc.integer({ min: 1, max: 20 }), { nil: undefined }),
  attend: fc.constantFrom('whole', 'turns'),
  service: fc.constantFrom('together', 'as-cooked'),
  slowest: fc.constantFrom(1, 1.1, 1.25),
  spares: fc.integer({ min: 0, max: 1 }),
  perStationBreads: fc.boolean(),
  dough: fc.constantFrom('station', 'station', 'ahead', 'class', 'swap'),
  throughRest: fc.boolean(),
  hasMixer: fc.boolean(),
  handMaxDoughG: fc.constantFrom(600, 1500, 3000),
  hasSecond: fc.boolean(),
  hasProof: fc.boolean(),
  hasChill: fc.boolean(),
  hasPieceRest: fc.boolean(),
  hasFinish: fc.boolean(),
  hasSideJob: fc.constantFrom('none', 'none', 'bench', 'flame'),
  topHeat: fc.constantFrom('none', 'none', 'flame', 'flame by staff', 'grill'),
  heats: fc.constantFrom('equal', 'unequal'),
  hasZones: fc.boolean(),
  ownGriddles: fc.boolean(),
  griddlesPerStaff: fc.constantFrom(1, 2, 4),
  helpers: fc.integer({ min: 0, max: 2 }),
  demo: fc.constantFrom('none', 'none', 'class', 'station', 'griddle'),
  hasBreak: fc.boolean(),
  placeBatches: fc.option(fc.integer({ min: 1, max: 6 }), { nil: undefined }),
  avoider: fc.constantFrom('none', 'none', 'strict', 'diet'),
  cleanSec: fc.option(fc.constantFrom(120, 300), { nil: undefined }),
  isPerishable: fc.boolean(),
  pieceShape: fc.constantFrom('round', 'round', 'oval', 'square', 'half', 'wedge'),
  standing: fc.option(fc.integer({ min: 1, max: 3 }), { nil: undefined }),
  layOnGapSec: fc.constantFrom(0, 0, 15),
  look: fc.constantFrom('none', 'none', 'roll', 'cook'),
  demoPieces: fc.integer({ min: 0, max: 1 }),
  isToasted: fc.boolean(),
  sideTakesButter: fc.boolean(),
};

const record = fc.record(shape);
/** The features of random classes. */
export const randomShape = (): typeof record => record;
/** The features of one random class. */
export type RandomShape = typeof record extends fc.Arbitrary<infer T> ? T : never;

/** Random classes of one or two breads in which everything that the workshop file knows comes up somewhere. */
export function randomWorkshop(): fc.Arbitrary<Workshop> {
  return record.map(workshopOf);
}

/** The features cut down to what the exact model knows: few people, no breaks, no limits of places, one heat, no choice of fires. */
export function smallShape(shape: RandomShape): RandomShape {
  const isAhead = shape.dough === 'ahead' || shape.dough === 'swap';
  return {
    ...shape,
    people: 1 + (shape.people % 3),
    perStation: 2,
    each: 1 + (shape.each % 2),
    griddles: 1 + (shape.griddles % 2),
    dough: isAhead ? 'class' : shape.dough,
    demo: shape.demo === 'griddle' ? 'class' : shape.demo,
    hasBreak: false,
    placeBatches: undefined,
    griddlesPerStaff: 4,
    helpers: 0,
    standing: shape.standing === undefined ? undefined : 1,
    topHeat: 'none',
    avoider: 'none',
    heats: 'equal',
    perStationBreads: false,
    hasMixer: false,
  };
}

/** The class of some features. */
export function workshopOf(v: RandomShape): Workshop {
  const { people, perStation, each, griddles, griddleCm, tableTime } = v;
  return buildWorkshop({ people, perStation, each, griddles, griddleCm, tableTime, change: (file) => vary(file, v) });
}

function vary(file: RawFile, v: RandomShape): void {
  const first = file['breads'][0];
  file['service'] = v.service;
  file['roster'][0].pace = v.slowest;
  varyKitchen(file, v);
  varySteps(first, v);
  const line = file['menu'][0];
  line.spares = v.spares;
  line.per = v.perStationBreads ? 'station' : 'participant';
  if (v.hasMixer) line.mixer = true;
  if (v.dough !== 'station') {
    const through = v.throughRest ? (v.hasProof ? 'proof' : 'rest') : 'mix';
    line.dough = { mode: v.dough, through, ...(v.dough === 'swap' ? { practice: 'mix' } : {}) };
    file['prepTimes'] = [
      { from: '2027-03-05T16:00', to: '2027-03-05T18:00' },
      { from: '2027-03-06T08:30', to: '2027-03-06T10:00' },
    ];
  }
  if (v.isPerishable) first.ingredients[1].perishable = true;
  if (v.hasBreak) file['breaks'] = [{ after: '10:20', before: '10:45', minutes: 10 }];
  if (v.hasSecond) addSecond(file, first);
  if (v.avoider !== 'none') addAvoider(file, first, v);
  if (v.demo !== 'none')
    file['demos'].push({
      bread: 'flat',
      before: v.demo === 'griddle' ? 'cook' : 'roll',
      minutes: 4,
      to: v.demo === 'station' ? 'station' : 'class',
      at: v.demo === 'griddle' ? 'griddle' : 'bench',
      pieces: v.demoPieces,
    });
}

function varyKitchen(file: RawFile, v: RandomShape): void {
  const { kitchen } = file as { kitchen: RawFile };
  kitchen['handMaxDoughG'] = v.handMaxDoughG;
  kitchen['griddlesPerStaff'] = v.griddlesPerStaff;
  kitchen['layOnGapSec'] = v.layOnGapSec;
  kitchen['mixers'] = [{ id: 'M1', maxDoughG: 2500 }];
  kitchen['flames'] = [{ id: 'F1', slots: 1 }];
  kitchen['grills'] = [{ id: 'O1', slots: 2 }];
  kitchen['places'] = [
    { id: 'shelf', kind: 'room', tempC: 21, ...(v.placeBatches === undefined ? {} : { batches: v.placeBatches + 2 }) },
    { id: 'box', kind: 'warm', tempC: 31, ...(v.placeBatches === undefined ? {} : { batches: v.placeBatches }) },
    { id: 'cupboard', kind: 'warm', tempC: 28 },
    { id: 'fridge', kind: 'fridge', tempC: 4 },
  ];
  for (let n = 1; n <= v.helpers; n++)
    kitchen['staff'].push({ id: `aide${n}`, name: `Aide ${n}`, role: 'assistant', pace: 0.75 });
  kitchen['griddles'].forEach((g: RawFile) => {
    g['portable'] = true;
    if (v.hasZones) g['zones'] = true;
    if (v.standing !== undefined) g['people'] = v.standing;
    if (v.cleanSec !== undefined) g['cleanSec'] = v.cleanSec;
  });
  if (v.ownGriddles)
    file['stations'].forEach((s: RawFile, i: number) => (s['griddles'] = [`G${(i % v.griddles) + 1}`]));
}

function varySteps(bread: RawFile, v: RandomShape): void {
  const [mix, rest, roll, cook] = bread['steps'] as [RawFile, RawFile, RawFile, RawFile];
  mix['mixerMinutes'] = 3;
  if (v.pieceShape !== 'round') bread['piece'] = { doughG: 80, ...LONG_PIECES[v.pieceShape], shape: v.pieceShape };
  if (v.look !== 'none') Object.assign(v.look === 'roll' ? roll : cook, { look: true, lookSec: 45 });
  rest['window'] = { min: v.restMin, ideal: (v.restMin + v.restMax) / 2, max: v.restMax };
  roll['minutes'] = v.rollMin;
  cook['phases'][0].sec = v.cookSec;
  cook['attend'] = v.attend;
  if (v.heats === 'unequal') cook['phases'][1].heat = 'high';
  if (v.topHeat !== 'none')
    cook['phases'].push({
      side: 'top',
      heat: 'high',
      sec: 30,
      turn: false,
      with: v.topHeat === 'grill' ? 'grill' : 'flame',
      ...(v.topHeat === 'flame by staff' ? { by: 'staff' } : {}),
    });
  if (v.waitMaxMin === undefined) delete cook['waitMaxMin'];
  else cook['waitMaxMin'] = v.waitMaxMin;
  const trunk: RawFile[] = [mix, rest];
  if (v.hasProof) {
    trunk.push({ id: 'knock', kind: 'knead', per: 'batch', by: 'one', at: 'bench', minutes: 1 });
    trunk.push({
      id: 'proof',
      kind: 'proof',
      per: 'batch',
      at: 'warm',
      window: { min: 20, ideal: 30, max: 60 },
      refC: 28,
      q10: 2.5,
    });
  }
  if (v.hasChill) {
    trunk.push({ id: 'chill', kind: 'chill', per: 'batch', at: 'fridge', window: { min: 10, ideal: 15, max: 1200 } });
    trunk.push({ id: 'temper', kind: 'temper', per: 'batch', at: 'room', window: { min: 5, ideal: 10, max: 60 } });
  }
  if (v.hasProof || v.hasChill)
    trunk.push({
      id: 'divide',
      kind: 'divide',
      per: 'batch',
      by: 'one',
      at: 'bench',
      minutes: 1,
      minutesPerPiece: 0.5,
    });
  const branch: RawFile[] = [roll];
  if (v.hasPieceRest)
    branch.push({ id: 'relax', kind: 'rest', per: 'piece', at: 'room', window: { min: 1, ideal: 3, max: 15 } });
  if (v.hasPieceRest) delete cook['waitMaxMin'];
  branch.push(cook);
  if (v.hasFinish)
    branch.push({ id: 'brush', kind: 'finish', per: 'piece', by: 'owner', at: 'bench', minutes: 0.5, waitMaxMin: 3 });
  // back to the griddle, at another heat than before
  if (v.isToasted)
    branch.push({
      id: 'toast',
      kind: 'cook',
      per: 'piece',
      by: 'owner',
      at: 'griddle',
      phases: [{ heat: 'high', sec: 40 }],
    });
  if (v.hasSideJob !== 'none')
    branch.push({
      id: 'chop',
      kind: 'prepare',
      per: 'batch',
      by: 'one',
      at: v.hasSideJob,
      minutes: 4,
      before: v.hasFinish ? 'brush' : 'roll',
    });
  bread['steps'] = [...trunk, ...branch];
}

const LONG_PIECES = {
  oval: { diameterCm: 20, widthCm: 11 },
  square: { diameterCm: 15 },
  half: { diameterCm: 20 },
  wedge: { diameterCm: 10 },
} as const;

function addSecond(file: RawFile, first: RawFile): void {
  const second = structuredClone(first);
  second['id'] = 'thick';
  second['name'] = 'Thick flat';
  second['piece'] = { doughG: 120, diameterCm: 15 };
  second['steps'].find((s: RawFile) => s['id'] === 'cook').phases = [
    { heat: 'low', sec: 90 },
    { heat: 'low', sec: 60 },
  ];
  file['breads'].push(second);
  file['menu'].push({ bread: 'thick', each: 1, dough: { mode: 'station' } });
}

/** Somebody who avoids milk, butter that may be left off, and a variant for them without the milk that the first bread holds. */
function addAvoider(file: RawFile, first: RawFile, v: RandomShape): void {
  file['roster'].at(-1).avoid = [{ what: 'milk', level: v.avoider }];
  if (v.sideTakesButter) {
    // butter that some leave off, melted for those who do not, and oil in its place
    const step = v.hasSideJob === 'none' ? {} : { step: 'chop' };
    first['ingredients'].push({ ...structuredClone(BUTTER), name: 'ghee', ...step });
    first['ingredients'].push({ name: 'oil', role: 'fat', use: 'finish', gPerPiece: 3, insteadOf: 'ghee' });
  }
  const variant = structuredClone(first);
  variant['id'] = 'free';
  variant['name'] = 'Flat without milk';
  variant['variantOf'] = 'flat';
  first['ingredients'].push({ name: 'milk powder', role: 'other', pct: 2, allergens: ['milk'] });
  first['ingredients'].push(structuredClone(BUTTER));
  file['breads'].push(variant);
  file['menu'].push({ bread: 'free', each: 1, dough: { mode: 'station' }, for: [file['roster'].at(-1).id] });
}
