import { readWorkshop } from '../formats/index.ts';
import type { Workshop } from '../workshop/index.ts';
import { assert, faultLine } from '../faults/index.ts';

/** What tests vary; all else is as in `bread` and `buildWorkshop`. */
export interface WorkshopShape {
  readonly people?: number;
  readonly perStation?: number;
  readonly each?: number;
  readonly griddles?: number;
  readonly griddleCm?: number;
  readonly tableTime?: string;
  /** Merged over the raw file before it is read. */
  readonly change?: (file: RawFile) => void;
}

/** The raw file, loosely typed on purpose: tests put wrong things into it. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any
export type RawFile = Record<string, any>;

const bread = (): RawFile => ({
  id: 'flat',
  name: 'Plain flat',
  family: 'unleavened',
  ingredients: [
    { name: 'flour', role: 'flour', pct: 100, allergens: ['gluten'] },
    { name: 'water', role: 'water', pct: 60 },
    { name: 'salt', role: 'salt', pct: 2 },
  ],
  lossPct: 3,
  piece: { doughG: 80, diameterCm: 18 },
  holdMaxMin: 45,
  steps: [
    { id: 'mix', kind: 'mix', per: 'batch', by: 'team', at: 'bench', minutes: 5 },
    { id: 'rest', kind: 'rest', per: 'batch', at: 'room', window: { min: 10, ideal: 20, max: 60 } },
    { id: 'roll', kind: 'roll', per: 'piece', by: 'owner', at: 'bench', minutes: 3 },
    {
      id: 'cook',
      kind: 'cook',
      per: 'piece',
      by: 'owner',
      at: 'griddle',
      waitMaxMin: 20,
      phases: [
        { side: 'first', heat: 'medium', sec: 60 },
        { side: 'second', heat: 'medium', sec: 40 },
      ],
    },
  ],
});

/** Butter that may be left off a bread. */
export const BUTTER: RawFile = {
  name: 'butter',
  role: 'fat',
  use: 'finish',
  gPerPiece: 4,
  optional: true,
  allergens: ['milk'],
};

/** A raw workshop file of one plain bread; stations of `perStation` people at a bench each. */
export function rawWorkshop(shape: WorkshopShape = {}): RawFile {
  const { people = 4, perStation = 2, each = 1, griddles = 1, griddleCm = 30, tableTime = '12:00', change } = shape;
  const stationCount = Math.ceil(people / perStation);
  const ids = Array.from({ length: people }, (_, i) => `p${i + 1}`);
  const list = <T>(n: number, make: (i: number) => T): T[] => Array.from({ length: n }, (_, i) => make(i + 1));
  const file: RawFile = {
    format: 'hodsman-workshop',
    version: 2,
    title: 'Test class',
    date: '2027-03-06',
    timeZone: 'Europe/Dublin',
    doorsOpen: '10:00',
    tableTime,
    welcomeMin: 10,
    kitchen: {
      name: 'Test kitchen',
      roomC: 21,
      benches: list(stationCount, (n) => ({ id: `B${n}`, seats: perStation })),
      griddles: list(griddles, (n) => ({
        id: `G${n}`,
        surface: 'steel',
        shape: 'round',
        diameterCm: griddleCm,
        preheatMin: 5,
        resetSec: 20,
        changeSec: 60,
      })),
      grills: [],
      flames: [],
      mixers: [],
      places: [{ id: 'shelf', kind: 'room', tempC: 21 }],
      staff: [{ id: 'lead', name: 'Lead', role: 'instructor', pace: 0.5 }],
    },
    breads: [bread()],
    roster: ids.map((id) => ({ id, name: id.toUpperCase() })),
    stations: list(stationCount, (n) => ({
      id: `S${n}`,
      bench: `B${n}`,
      members: ids.slice((n - 1) * perStation, n * perStation),
    })),
    menu: [{ bread: 'flat', each, dough: { mode: 'station' } }],
    demos: [],
  };
  change?.(file);
  return file;
}

/** The same, read; throws with the faults when the shape makes no right file. */
export function buildWorkshop(shape: WorkshopShape = {}): Workshop {
  const read = readWorkshop(rawWorkshop(shape));
  assert(read.ok, read.ok ? '' : read.faults.map(faultLine).join('; '));
  return read.value;
}
