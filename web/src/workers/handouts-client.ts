import { ownMeasures, type CalendarOf, type Handout, type Sheet, type TablesOf } from '@hodsman/core';
import { wrap, type Remote } from 'comlink';
import type { CsvFile, HandoutsFace } from './handouts.worker.ts';

export type { CsvFile } from './handouts.worker.ts';

let maker: Remote<HandoutsFace> | undefined;

/** What leaves the screen is made in a worker, which is started with the first: 36 people take their recipes home. */
const makerNow = (): Remote<HandoutsFace> =>
  (maker ??= wrap<HandoutsFace>(
    new Worker(new URL('./handouts.worker.ts', import.meta.url), { type: 'module', name: 'handouts' }),
  ));

/** The sheets of a class. */
export const sheetsInWorker = (handout: Handout): Promise<readonly Sheet[]> =>
  makerNow().sheets(handout, ownMeasures());

/** A class as a calendar file. */
export const calendarInWorker = (of: CalendarOf): Promise<string> => makerNow().calendar(of, ownMeasures());

/** The tables of a class as CSV. */
export const tablesInWorker = (of: TablesOf): Promise<readonly CsvFile[]> => makerNow().tables(of, ownMeasures());
