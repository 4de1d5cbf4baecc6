import {
  classCalendar,
  SHEET_KINDS,
  sheetOf,
  writeIn,
  type CalendarOf,
  type Handout,
  type OwnMeasures,
  type Sheet,
} from '@hodsman/core';
import { expose } from 'comlink';

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
};
export type HandoutsFace = typeof face;

expose(face);
