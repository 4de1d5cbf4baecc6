import { readFileSync } from 'node:fs';
import {
  classCalendar,
  classTables,
  csvOf,
  planFile,
  planShaped,
  readClassRecord,
  readJson,
  recipeOfBread,
} from '@hodsman/core';

/** The demonstration class as the server knows it. */
const CLASS_ID = 'demo-class';
const VERSION = 1;
const MADE = Date.UTC(2027, 0, 4, 9);

const json = (value: unknown): string => JSON.stringify(value);

/** A demonstration class with its plan. */
function planned(name: string) {
  const file = readJson(readFileSync(new URL(`../../demo/${name}`, import.meta.url), 'utf8'));
  const read = file.ok ? readClassRecord(file.value) : file;
  if (!read.ok) throw new Error(`${name} is not read`);
  const record = read.value;
  return { record, plan: planShaped(record.workshop, record.notes.shaping) };
}

/**
 * An example of every form in which a class leaves the application, by file name: made by the same code as the files of the page. The files
 * are of the smaller demonstration class; the tables of the larger one, in which somebody avoids something.
 */
export function exampleFiles(): readonly (readonly [string, string])[] {
  const { record, plan } = planned('class.json');
  const { workshop } = record;
  const [bread] = workshop.breads;
  if (!bread) throw new Error('the demonstration class has no bread');
  const tables = classTables({ ...planned('class-sunday.json'), pantry: undefined });
  return [
    ['class.workshop.json', json(workshop)],
    ['class.plan.json', json(planFile(plan))],
    ['class.ics', classCalendar({ classId: CLASS_ID, record, plan, version: VERSION, nowMs: MADE })],
    ['bread.jsonld', `${JSON.stringify(recipeOfBread(bread), null, 2)}\n`],
    ...tables.map((t) => [`${t.name}.csv`, csvOf(t)] as const),
  ];
}
