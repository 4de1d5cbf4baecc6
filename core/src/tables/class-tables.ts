import { avoidedName } from '../foods/index.ts';
import type { Pantry } from '../kitchen/index.ts';
import { ownerOf, turnsOf, type Plan } from '../plan/index.ts';
import {
  aheadList,
  allergenPage,
  doughCards,
  kitNeeds,
  shoppingList,
  type DoughCard,
  type ShoppingList,
} from '../provision/index.ts';
import { fireTurns, fillingsNow, rollCall } from '../turns/index.ts';
import { localDateTime, unitOf } from '../units/index.ts';
import { pieceName, placeWords, taskName, whoseWords } from '../words/index.ts';
import { careLines, careWords, personName, stationName, type ClassRecord, type Workshop } from '../workshop/index.ts';
import { cents, minutes, own } from './cells.ts';
import type { Table } from './csv.ts';

const joined = (words: readonly string[]): string => words.join('; ');
const at = (workshop: Workshop, sec: number): string => localDateTime(workshop, sec).replace('T', ' ');

/** The shopping list; weights in one's own measure, money to the cent. */
export function shoppingTable(list: ShoppingList): Table {
  const g = unitOf('weight');
  return {
    title: 'Shopping',
    name: 'shopping',
    fields: [
      'what',
      'also called',
      `need ${g}`,
      `have ${g}`,
      `pack ${g}`,
      'packs',
      `left over ${g}`,
      `price a pack ${list.currency}`,
      `cost ${list.currency}`,
      'price',
    ],
    rows: list.items.map((i) => [
      i.what,
      joined(i.as),
      own('weight', i.needG),
      own('weight', i.haveG),
      own('weight', i.packG),
      i.packs,
      own('weight', i.leftG),
      cents(i.packPrice),
      cents(i.cost),
      i.isEstimate ? 'estimate' : 'pantry',
    ]),
  };
}

/** What every dough takes: one row an ingredient, weights in one's own measure, else as in the plan file's batches. */
export const doughTable = (cards: readonly DoughCard[]): Table => ({
  title: 'Doughs to weigh',
  name: 'doughs',
  fields: ['bread', 'for', 'ingredient', 'use', unitOf('weight'), 'to be minded'],
  rows: cards.flatMap((c) =>
    [...c.rows, ...c.outside].map((r) => [c.bread.name, c.title, r.name, r.use, own('weight', r.g), joined(c.care)]),
  ),
});

function peopleTable({ workshop, notes }: ClassRecord): Table {
  const stationOf = (id: string): string => {
    const station = workshop.stations.find((s) => s.members.includes(id));
    return station ? stationName(station) : '';
  };
  return {
    title: 'People',
    name: 'people',
    fields: ['name', 'station', 'avoids', 'to be minded', 'pace'],
    rows: workshop.roster.map((p) => [
      p.name,
      stationOf(p.id),
      joined(p.avoid.map((a) => `${avoidedName(a.what)} (${a.level})`)),
      careWords(workshop, notes.remarks, p.id),
      p.pace,
    ]),
  };
}

function menuTable({ breads, menu, service }: Workshop): Table {
  return {
    title: 'Menu',
    name: 'menu',
    fields: ['bread', 'how many', 'each', 'spare', 'dough', 'by mixer', 'served'],
    rows: menu.map((m) => [
      breads.find((b) => b.id === m.bread)?.name ?? '',
      m.each,
      m.per,
      m.spares,
      m.dough.mode,
      m.mixer ? 'yes' : 'no',
      m.service ?? service,
    ]),
  };
}

function tasksTable({ workshop, notes }: ClassRecord, plan: Plan): Table {
  const breads = new Map(workshop.breads.map((b) => [b.id, b.name]));
  return {
    title: 'Plan, task by task',
    name: 'plan',
    fields: ['start', 'end', 'minutes', 'what', 'bread', 'whose', 'who', 'where', 'to be minded'],
    rows: plan.tasks.map((t) => [
      at(workshop, t.startSec),
      at(workshop, t.endSec),
      minutes(t.endSec - t.startSec),
      taskName(t),
      breads.get(t.bread ?? '') ?? '',
      whoseWords(plan, workshop, t),
      joined(t.people.map((p) => personName(workshop, p))),
      placeWords(workshop, t),
      joined(careLines(workshop, notes.remarks, [ownerOf(t) ?? [], ...t.people].flat(), t.bread)),
    ]),
  };
}

function turnsTable({ workshop, notes }: ClassRecord, plan: Plan): Table {
  return {
    title: 'Turns at the fire',
    name: 'turns',
    fields: ['fire', 'spot', 'on', 'off', 'minutes', 'turned after, s', 'whose', 'bread', 'to be minded'],
    rows: fireTurns(workshop, plan).flatMap((fire) =>
      fire.spots.flatMap((turns, spot) =>
        turns.map((t) => [
          fire.name,
          spot + 1,
          at(workshop, t.startSec),
          at(workshop, t.endSec),
          minutes(t.endSec - t.startSec),
          joined(turnsOf(t).map((sec) => String(sec - t.startSec))),
          pieceName(workshop, t),
          workshop.breads.find((b) => b.id === t.bread)?.name ?? '',
          joined(careLines(workshop, notes.remarks, [ownerOf(t) ?? t.people].flat(), t.bread)),
        ]),
      ),
    ),
  };
}

function callsTable({ workshop, notes }: ClassRecord, plan: Plan): Table {
  const calls = rollCall(workshop, plan, notes.remarks, fillingsNow(workshop, plan, notes.fillings));
  return {
    title: 'Roll call',
    name: 'calls',
    fields: ['when', 'to whom', 'what', 'to be minded'],
    rows: calls.map((c) => [at(workshop, c.atSec), joined(c.to), c.what, joined(c.care)]),
  };
}

function aheadTable({ workshop, notes }: ClassRecord, plan: Plan): Table {
  return {
    title: 'Made ahead',
    name: 'ahead',
    fields: ['best', 'at the latest', 'minutes', 'what', 'who'],
    rows: aheadList(workshop, plan, notes.trayMin).items.map((i) => [
      at(workshop, i.bestSec),
      at(workshop, i.latestSec),
      minutes(i.lastsSec),
      i.words,
      i.who,
    ]),
  };
}

function kitTable(workshop: Workshop, plan: Plan): Table {
  return {
    title: 'Kit',
    name: 'kit',
    fields: ['what', 'needed', 'the kitchen has', 'short', 'in common', 'at the stations'],
    rows: kitNeeds(workshop, plan).map((k) => [
      k.what,
      k.total,
      k.has ?? '',
      k.short,
      k.common,
      joined(k.stations.map((s) => `${s.name}: ${s.count}`)),
    ]),
  };
}

function avoidTable(workshop: Workshop, plan: Plan): Table {
  return {
    title: 'Who avoids what',
    name: 'avoids',
    fields: ['name', 'station', 'avoids', 'bread', 'makes it', 'left off', 'in its place', 'because of'],
    rows: allergenPage(workshop, plan).avoiders.flatMap((a) => {
      const head = [a.name, a.station, joined(a.avoids.map((x) => `${avoidedName(x.what)} (${x.level})`))];
      return [
        ...a.makes.map((m) => [...head, m.bread, 'yes', joined(m.leftOff), joined(m.inPlace), '']),
        ...a.misses.map((m) => [...head, m.bread, 'no', '', '', joined(m.because)]),
      ];
    }),
  };
}

function contentsTable(workshop: Workshop, plan: Plan): Table {
  return {
    title: 'What the breads hold',
    name: 'contents',
    fields: ['bread', 'holds', 'not known'],
    rows: allergenPage(workshop, plan).breads.map((b) => [
      b.bread,
      joined(b.contents.map((c) => avoidedName(c.word))),
      joined(b.unknown),
    ]),
  };
}

/** What the tables of a class are made from; without a store there is no shopping list. */
export interface TablesOf {
  readonly record: ClassRecord;
  readonly plan: Plan;
  readonly pantry: Pantry | undefined;
}

/** Every table of a class, times by the clock of the class. */
export function classTables({ record, plan, pantry }: TablesOf): readonly Table[] {
  const { workshop, notes } = record;
  const { scaleG, measures } = notes;
  return [
    peopleTable(record),
    menuTable(workshop),
    tasksTable(record, plan),
    turnsTable(record, plan),
    callsTable(record, plan),
    doughTable(doughCards(workshop, plan, { scaleG, measures }, notes.remarks)),
    ...(pantry ? [shoppingTable(shoppingList(workshop, pantry))] : []),
    aheadTable(record, plan),
    kitTable(workshop, plan),
    avoidTable(workshop, plan),
    contentsTable(workshop, plan),
  ];
}
