import { findFood } from '../../foods/index.ts';
import { Mapped } from '../mapped.ts';
import { ONLY_AMOUNT } from '../measures.ts';
import { LIST_WORDS } from '../openings.ts';
import { cellsIn, isRule } from './cells.ts';

/** A name, and nothing more. */
const ONLY_NAME = /^[\s•*-]*\p{L}[\p{L} ,-]{2,40}$/u;
const MARK = /^[\s•*-]+/;
const LEAST_PAIRS = 2;

/** "Strong flour", and in the line below "500 g": each amount in the line of its name. */
export function amountsBelow(lines: readonly Mapped[]): readonly Mapped[] {
  const isPair = (n: number): boolean =>
    ONLY_NAME.test(lines[n]?.text ?? '') &&
    ONLY_AMOUNT.test(lines[n + 1]?.text ?? '') &&
    findFood(lines[n]?.text ?? '') !== undefined;
  if (lines.filter((_, n) => isPair(n)).length < LEAST_PAIRS) return lines;
  return lines.flatMap((line, n) => {
    const next = lines[n + 1];
    if (isPair(n) && next) return [Mapped.join([line, next.replace(MARK, '')])];
    return isPair(n - 1) ? [] : [line];
  });
}

const cellsOf = (row: Mapped | undefined): readonly Mapped[] => (row?.text.includes('|') ? cellsIn(row) : []);
const LEAST_COLUMNS = 3;

/** A row of names over a row of amounts: the table lies on its side. */
export function turnedUp(lines: readonly Mapped[]): readonly Mapped[] {
  const isNames = (n: number): boolean => {
    const cells = cellsOf(lines[n]);
    return cells.length >= LEAST_COLUMNS && cells.every((c) => findFood(c.text) !== undefined && !/\d/.test(c.text));
  };
  const head = lines.findIndex((_, n) => isNames(n));
  const at = head + (isRule(lines[head + 1]?.text ?? '') ? 2 : 1);
  const [names, amounts] = [cellsOf(lines[head]), cellsOf(lines[at])];
  if (head < 0 || names.length !== amounts.length || !amounts.every((c) => ONLY_AMOUNT.test(c.text))) return lines;
  const rows = names.flatMap((name, n) => (amounts[n] ? [Mapped.join([name, amounts[n]])] : []));
  return [...lines.slice(0, head), ...rows, ...lines.slice(at + 1)];
}

const OPENING = new RegExp(String.raw`^(?:\p{L}+: ?(?=\p{L})|${LIST_WORDS} )`, 'iu');
const AMOUNT_IN_CELL = /[\d½¼¾][\d.,/½¼¾ ]*(?:%|(?:k?g|m?l|cups?|tbsp|tsp|oz|lb|grams?)(?!\p{L}))/giu;
/** "warm water: 300 g": a cell that holds a name and its amount is an entry by itself. */
const isNamedAmount = (cell: string): boolean => {
  const name = cell.replace(AMOUNT_IN_CELL, '');
  return name !== cell && /\p{L}{3}/u.test(name);
};

/** "Formula: flour 500 g | water 325 g": a list of names with amounts in one line. */
export function namedList(line: Mapped): readonly Mapped[] {
  if (/^\s*\|/.test(line.text)) return [line];
  const cells = cellsOf(line);
  const isEntry = (c: Mapped): boolean => isNamedAmount(c.text) && findFood(c.text) !== undefined;
  return cells.length >= LEAST_COLUMNS && cells.every(isEntry)
    ? cells.map((c, n) => (n === 0 ? c.replace(OPENING, '') : c))
    : [line];
}
