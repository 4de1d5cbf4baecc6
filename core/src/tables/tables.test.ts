import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import demoSunday from '../../../demo/class-sunday.json';
import demoPantry from '../../../demo/pantry.json';
import { shelve } from '../documents/index.ts';
import { breadSummary } from '../documents/bread-summary.ts';
import { readClassRecord, readPantry } from '../formats/index.ts';
import { planClass } from '../planner/index.ts';
import { doughCards, shoppingList } from '../provision/index.ts';
import { localDateTime, METRIC, US_CUSTOMARY, writeIn } from '../units/index.ts';
import {
  breadTables,
  classTables,
  csvOf,
  doughTable,
  kitchenTables,
  libraryTable,
  pantryTable,
  shoppingTable,
  type Table,
} from './index.ts';

const must = <T>(r: { readonly ok: true; readonly value: T } | { readonly ok: false }): T =>
  r.ok ? r.value : expect.fail();
const record = must(readClassRecord(demoSunday));
const { workshop } = record;
const pantry = must(readPantry(demoPantry));
const plan = planClass(workshop, { effort: 0 });
const tables = classTables({ record, plan, pantry });
const named = (name: string): Table => tables.find((t) => t.name === name) ?? expect.fail();
const all = [
  ...tables,
  ...workshop.breads.flatMap(breadTables),
  ...kitchenTables(workshop.kitchen),
  pantryTable(pantry),
  libraryTable(shelve(workshop.breads.map((b) => ({ id: b.id, title: b.name, summary: breadSummary(b) })))),
];
type Row = Readonly<Record<string, string>>;
const read = (t: Pick<Table, 'fields' | 'rows'>): readonly Row[] => {
  const { data, errors } = Papa.parse<Row>(csvOf(t).replace(/^\ufeff/, ''), {
    header: true,
    skipEmptyLines: true,
    delimiter: ',',
  });
  expect(errors).toEqual([]);
  return data;
};

describe('tables as CSV', () => {
  it('have a head, as many cells in each row, and lines that end as RFC 4180 has it', () => {
    for (const t of all) {
      expect(t.rows.length, t.name).toBeGreaterThan(0);
      for (const r of t.rows) expect(r, t.name).toHaveLength(t.fields.length);
      const text = csvOf(t);
      expect(text).toMatch(/^\ufeff[^]*\r\n$/);
      // outside quotes a line ends in CR LF alone (RFC 4180, section 2, rules 1 and 6)
      expect(text.replace(/"(?:[^"]|"")*"/g, '').replaceAll('\r\n', '')).not.toMatch(/[\r\n]/);
      expect(read(t), t.name).toHaveLength(t.rows.length);
    }
  });
  it('hold what other programs need quoted', () => {
    const cells = ['a,b', 'say "dough"', 'two\r\nlines', 'ß 面包', ''];
    expect(read({ fields: ['1', '2', '3', '4', '5'], rows: [cells] }).map((r) => Object.values(r))).toEqual([cells]);
  });
  it('are never taken for formulas', () => {
    for (const name of ['=1+1', '@x', '\n=1+1', '  +1', '\t-1', '＝1+1', '\u00a0＋1', '\rx'])
      expect(read({ fields: ['for'], rows: [[name]] })[0]?.['for']).toBe(`'${name}`);
    expect(csvOf({ fields: ['=x'], rows: [['Station – 1'], [-3]] })).toBe("\ufeff'=x\r\nStation – 1\r\n-3\r\n");
  });
  it('show no id to anybody', () => {
    const ids = new Set([
      ...plan.tasks.map((t) => t.id),
      ...plan.batches.map((b) => b.id),
      ...workshop.roster.map((p) => p.id),
      ...workshop.stations.map((s) => s.id),
      ...workshop.kitchen.griddles.map((g) => g.id),
    ]);
    for (const t of all)
      for (const cell of t.rows.flat()) expect(ids.has(String(cell)), `${t.name}: ${cell}`).toBe(false);
  });
});

describe('the tables of a class', () => {
  it('give every task of the plan with its times', () => {
    const clock = (sec: number): string => localDateTime(workshop, sec).replace('T', ' ');
    expect(read(named('plan')).map((r) => [r['start'], r['end'], Number(r['minutes'])])).toEqual(
      plan.tasks.map((t) => [clock(t.startSec), clock(t.endSec), Math.round((t.endSec - t.startSec) / 0.6) / 100]),
    );
    const cooked = plan.tasks.filter((t) => t.kind === 'step' && t.at !== undefined && t.at.kind !== 'bench');
    expect(named('turns').rows).toHaveLength(cooked.length);
  });
  it('weigh what the plan file weighs', () => {
    const cards = doughCards(workshop, plan, { scaleG: 1, measures: 'none' });
    const shown = cards.flatMap((c) => [...c.rows, ...c.outside].map((r) => ({ id: c.id, ...r })));
    const rows = read(doughTable(cards));
    expect(rows).toHaveLength(shown.length);
    const inFile = new Map(plan.batches.map((b) => [b.id, b]));
    for (const [i, r] of rows.entries()) {
      const { id, name, use } = shown[i] ?? expect.fail();
      const g = inFile.get(id)?.ingredients.find((x) => x.name === name && (x.use ?? 'dough') === use)?.g ?? NaN;
      expect([r['ingredient'], Math.abs(Number(r['g']) - g) <= 0.05 + 1e-9]).toEqual([name, true]);
    }
  });
  it('say what somebody avoids wherever their bread stands', () => {
    const avoider = workshop.roster.find((p) => p.avoid.length > 0) ?? expect.fail();
    for (const name of ['plan', 'turns', 'calls', 'doughs'])
      expect(
        read(named(name)).some((r) => r['to be minded']?.includes(avoider.name) ?? false),
        name,
      ).toBe(true);
    expect(read(named('people')).find((r) => r['name'] === avoider.name)?.['to be minded']).not.toBe('');
    expect(read(named('avoids')).some((r) => r['name'] === avoider.name)).toBe(true);
  });
  it('count money to the cent, and write in one’s own measures', () => {
    const list = shoppingList(workshop, pantry);
    const cost = read(shoppingTable(list)).reduce((sum, r) => sum + Number(r[`cost ${list.currency}`]), 0);
    expect(cost).toBeCloseTo(
      list.items.reduce((sum, i) => sum + i.cost, 0),
      1,
    );
    writeIn(US_CUSTOMARY);
    const fields = [...pantryTable(pantry).fields, ...kitchenTables(workshop.kitchen).flatMap((t) => t.fields)];
    const [flour] = pantryTable(pantry).rows;
    writeIn(METRIC);
    expect(fields).toEqual(expect.arrayContaining(['have oz', 'width in', '°F']));
    expect(Number(flour?.[1])).toBeCloseTo((pantry.items[0]?.haveG ?? 0) / 28.349523125, 1);
  });
});
