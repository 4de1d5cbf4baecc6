import {
  classCalendar,
  classTables,
  csvOf,
  SHEET_KINDS,
  sheetOf,
  writeIn,
  type CalendarOf,
  type Handout,
  type OwnMeasures,
  type Sheet,
  type TablesOf,
} from '@hodsman/core';
import { expose } from 'comlink';

/** A table as a file: what it is called, how many rows it has, its text. */
export interface CsvFile {
  readonly title: string;
  readonly name: string;
  readonly rows: number;
  readonly csv: string;
}

const face = {
  /** Every sheet that a class has use for, in somebody's own measures; recipes for home are planned for it. */
  sheets(handout: Handout, measures: OwnMeasures): readonly Sheet[] {
    writeIn(measures);
    return SHEET_KINDS.flatMap((kind) => sheetOf(kind, handout) ?? []);
  },
  /** The class as a calendar file. */
  calendar(of: CalendarOf, measures: OwnMeasures): string {
    writeIn(measures);
    return classCalendar(of);
  },
  /** The tables of a class as CSV. */
  tables(of: TablesOf, measures: OwnMeasures): readonly CsvFile[] {
    writeIn(measures);
    return classTables(of).map((t) => ({ title: t.title, name: t.name, rows: t.rows.length, csv: csvOf(t) }));
  },
};
export type HandoutsFace = typeof face;

expose(face);
