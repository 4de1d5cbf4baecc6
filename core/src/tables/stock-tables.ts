import { contentsOf, type Bread } from '../bread/index.ts';
import { avoidedName } from '../foods/index.ts';
import { thingName, type Kitchen, type Pantry } from '../kitchen/index.ts';
import { cookPhases, isRest, type Step } from '../method/index.ts';
import type { Shelved } from '../documents/index.ts';
import { stepWords } from '../plan/index.ts';
import { unitOf } from '../units/index.ts';
import { cents, minutes, orNothing, own } from './cells.ts';
import type { Table } from './csv.ts';

const yes = (is: boolean | undefined): string => (is === true ? 'yes' : '');

/** The formula of a bread, and its method. */
export const breadTables = (bread: Bread): readonly Table[] => [formulaTable(bread), methodTable(bread)];

function formulaTable(bread: Bread): Table {
  const g = unitOf('weight');
  return {
    title: 'Formula',
    name: 'formula',
    fields: [
      'ingredient',
      'role',
      'use',
      '% of the flour',
      `${g} a piece`,
      `${g} a batch`,
      'optional',
      'in place of',
      'holds',
    ],
    rows: bread.ingredients.map((i) => [
      i.name,
      i.role,
      i.use,
      orNothing(i.pct),
      own('weight', i.gPerPiece),
      own('weight', i.gPerBatch),
      yes(i.optional),
      orNothing(i.insteadOf),
      contentsOf({ ingredients: [i] })
        .map((c) => avoidedName(c.word))
        .join('; '),
    ]),
  };
}

function methodTable(bread: Bread): Table {
  const timesOf = (s: Step): readonly (string | number)[] =>
    isRest(s)
      ? [s.window.min, s.window.ideal, s.window.max, '', '']
      : [
          '',
          orNothing(s.minutes),
          '',
          orNothing(s.minutesPerPiece),
          cookPhases(s)
            .map((p) => p.sec)
            .join('; '),
        ];
  return {
    title: 'Method',
    name: 'method',
    fields: [
      'step',
      'stage',
      'of each',
      'where',
      'min at least',
      'min',
      'min at most',
      'min a piece',
      's a side',
      'look for',
    ],
    rows: bread.steps.map((s) => [stepWords(s.id), s.kind, s.per, s.at, ...timesOf(s), orNothing(s.cue)]),
  };
}

/** What stands in a kitchen: fires, benches, mixers, places, people, kit. */
export function kitchenTables(kitchen: Kitchen): readonly Table[] {
  const [c, cm, g] = [unitOf('temperature'), unitOf('length'), unitOf('weight')];
  const named = <T extends { readonly id: string; readonly name?: string | undefined }>(list: readonly T[]) =>
    list.map((t) => [t.name ?? thingName(kitchen, t.id), t] as const);
  return [
    {
      title: 'Griddles',
      name: 'griddles',
      fields: [
        'griddle',
        'surface',
        'shape',
        `width ${cm}`,
        `depth ${cm}`,
        'heats up, min',
        'between two, s',
        'between two breads, s',
        'cleaning, s',
        'room for people',
        'portable',
        'heat zones',
      ],
      rows: named(kitchen.griddles).map(([name, x]) => [
        name,
        x.surface,
        x.shape,
        own('length', x.shape === 'round' ? x.diameterCm : x.widthCm),
        own('length', x.shape === 'round' ? x.diameterCm : x.depthCm),
        x.preheatMin,
        x.resetSec,
        x.changeSec,
        orNothing(x.cleanSec),
        orNothing(x.people),
        yes(x.portable),
        yes(x.zones),
      ]),
    },
    {
      title: 'Grills and flames',
      name: 'fires',
      fields: ['fire', 'kind', 'breads at once'],
      rows: [
        ...named(kitchen.grills).map(([name, x]) => [name, 'grill', x.slots]),
        ...named(kitchen.flames).map(([name, x]) => [name, 'flame', x.slots]),
      ],
    },
    {
      title: 'Benches',
      name: 'benches',
      fields: ['bench', 'seats'],
      rows: named(kitchen.benches).map(([name, x]) => [name, x.seats]),
    },
    {
      title: 'Mixers',
      name: 'mixers',
      fields: ['mixer', `least dough ${g}`, `most dough ${g}`],
      rows: named(kitchen.mixers).map(([name, x]) => [name, own('weight', x.minDoughG), own('weight', x.maxDoughG)]),
    },
    {
      title: 'Places to rest',
      name: 'places',
      fields: ['place', 'kind', c, 'batches'],
      rows: named(kitchen.places).map(([name, x]) => [name, x.kind, own('temperature', x.tempC), orNothing(x.batches)]),
    },
    {
      title: 'Staff',
      name: 'staff',
      fields: ['name', 'role', 'pace'],
      rows: kitchen.staff.map((s) => [s.name, s.role, s.pace]),
    },
    {
      title: 'Kit',
      name: 'kit',
      fields: ['what', 'how many'],
      rows: (kitchen.kit ?? []).map((k) => [k.what, k.count]),
    },
  ].filter((t) => t.rows.length > 0);
}

/** What stands in a store. */
export function pantryTable(pantry: Pantry): Table {
  const g = unitOf('weight');
  return {
    title: 'Store',
    name: 'store',
    fields: ['what', `have ${g}`, `pack ${g}`, `price a pack ${pantry.currency}`],
    rows: pantry.items.map((i) => [
      i.what,
      own('weight', i.haveG),
      own('weight', i.packG),
      i.packPrice === undefined ? '' : cents(i.packPrice),
    ]),
  };
}

/** The library: each bread with its time at a usual bench, its piece and what it holds. */
export const libraryTable = (shelves: readonly Shelved[]): Table => ({
  title: 'Breads',
  name: 'breads',
  fields: [
    'bread',
    'family',
    'min at least',
    'min',
    `${unitOf('weight')} a piece`,
    `${unitOf('length')} across`,
    'holds',
    'ingredients',
  ],
  rows: shelves.map(({ name, bread }) => [
    name,
    bread.family,
    minutes(bread.leastSec),
    minutes(bread.idealSec),
    own('weight', bread.piece.doughG),
    own('length', bread.piece.diameterCm),
    bread.contents.map((c) => avoidedName(c.word)).join('; '),
    bread.ingredients.join('; '),
  ]),
});
