import { readdirSync, readFileSync } from 'node:fs';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { findBrokenRules } from '../planner/index.ts';
import { importRecipe } from '../recipe/index.ts';
import { readPlanText, readWorkshopText } from './index.ts';

const FOLDER = new URL('../../../docs/formats/examples/', import.meta.url);
const text = (name: string): string => readFileSync(new URL(name, FOLDER), 'utf8');
const must = <T>(r: { readonly ok: true; readonly value: T } | { readonly ok: false }): T =>
  r.ok ? r.value : expect.fail();
const workshop = must(readWorkshopText(text('class.workshop.json')));

describe('the examples of the formats', () => {
  it('are a workshop file, and a right plan of it', () => {
    const plan = must(readPlanText(text('class.plan.json')));
    expect(plan.broken).toEqual([]);
    expect(findBrokenRules(workshop, plan)).toEqual([]);
    expect(plan.batches.flatMap((b) => b.pieces).length).toBeGreaterThan(workshop.roster.length - 1);
  });
  it('are a calendar of the class', () => {
    const calendar = new ICAL.Component(ICAL.parse(text('class.ics')) as [string, [], []]);
    const [first] = calendar.getAllSubcomponents('vevent');
    expect(first?.getFirstPropertyValue('summary')).toBe(workshop.title);
  });
  it('are a recipe that is read as the same bread', () => {
    const [bread] = workshop.breads;
    const read = must(importRecipe(text('bread.jsonld'))).bread;
    expect(read?.name).toBe(bread?.name);
    const dough = (list: NonNullable<typeof bread>['ingredients'] | undefined) =>
      list?.filter((i) => i.use === 'dough').map((i) => [i.name, Math.round(i.pct ?? 0)]);
    expect(dough(read?.ingredients)).toEqual(dough(bread?.ingredients));
  });
  it('are tables, each with a head and rows', () => {
    const names = readdirSync(FOLDER).filter((f) => f.endsWith('.csv'));
    expect(names.length).toBeGreaterThan(7);
    for (const name of names) {
      const { data, errors } = Papa.parse<string[]>(text(name).replace(/^\ufeff/, ''), {
        delimiter: ',',
        skipEmptyLines: true,
      });
      expect([name, errors]).toEqual([name, []]);
      const [head, ...rows] = data;
      expect(
        rows.every((r) => r.length === head?.length),
        name,
      ).toBe(true);
    }
  });
  it('are all named by the page of the formats', () => {
    const page = readFileSync(new URL('../README.md', FOLDER), 'utf8');
    for (const name of readdirSync(FOLDER)) expect(page).toContain(`examples/${name}`);
  });
});
