import type { Mapped } from './mapped.ts';

/** The cells of a row that bars part, the empty ones among them; " | What | g" leaves its first one empty. */
export function cellsIn(row: Mapped): readonly Mapped[] {
  const isOpen = /^\s+\|/.test(row.text) && !/\|\s*$/.test(row.text);
  return row
    .replace(isOpen ? /\|\s*$/ : /^\s*\||\|\s*$/g, '')
    .split(/\|/g)
    .map((c) => c.trim());
}
