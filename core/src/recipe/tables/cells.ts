import type { Mapped } from '../mapped.ts';

/** What was read of rows: lines in words, and cells that nobody has read, to be shown as not understood. */
export interface ReadRows {
  readonly lines: readonly Mapped[];
  readonly left: readonly Mapped[];
  /** What says the same once more for another number of people: known, and not needed. */
  readonly again: readonly Mapped[];
}

/** What stands over the numbers of rows. */
export const OF_NUMBER = /^(?:#|no|nr|n)?\.?$/i;
/** A row that only parts others. */
export const isRule = (row: string): boolean => /^[|\s:+=-]+$/.test(row);

/** The cells of a row that bars part, the empty ones among them; " | What | g" leaves its first one empty. */
export function cellsIn(row: Mapped): readonly Mapped[] {
  const isOpen = /^\s+\|/.test(row.text) && !/\|\s*$/.test(row.text);
  return row
    .replace(isOpen ? /\|\s*$/ : /^\s*\||\|\s*$/g, '')
    .split(/\|/g)
    .map((c) => c.trim());
}

/** Of so many columns the first of those that hold most of something. */
export const fullestOf = (width: number, count: (column: number) => number): number =>
  Array.from({ length: width }, (_, c) => c).reduce((best, c) => (count(c) > count(best) ? c : best), 0);
