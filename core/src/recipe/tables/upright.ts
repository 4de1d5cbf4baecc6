import { findFood } from '../../foods/index.ts';
import { Mapped } from '../mapped.ts';
import { ONLY_AMOUNT } from '../measures.ts';
import { LIST_WORDS } from '../openings.ts';
import { cellsIn, isRule, type ReadRows } from './cells.ts';
import { isMultiple, sizeOf } from './sizes.ts';

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
  const rows = names.flatMap((name, n) => (amounts[n] ? [Mapped.joinApart([name, amounts[n]])] : []));
  return [...lines.slice(0, head), ...rows, ...lines.slice(at + 1)];
}

/** What stands over how many a row is for. */
const HOW_MANY =
  /^(?:people|persons|heads?|students|serves|servings|portions|pieces|breads|makes|group(?: size)?|class(?: size)?|for)$/i;
const IS_OF_BREADS = /^(?:pieces|breads|makes)$/i;
const columnsOf = (row: Mapped): readonly Mapped[] =>
  row
    .split(/\t+|\s{2,}|\s*\|\s*/g)
    .map((c) => c.trim())
    .filter((c) => c.text !== '');

/**
 * "People | Atta | Water" over "4 | 300 g | 200 g" and "8 | 600 g | 400 g": amounts for several sizes of a class. The first size is read,
 * the others are handed back.
 */
export function forHowMany(lines: readonly Mapped[]): ReadRows {
  const head = lines.findIndex((line) => {
    const [first, ...names] = columnsOf(line);
    return (
      first !== undefined &&
      HOW_MANY.test(first.text) &&
      names.length >= LEAST_COLUMNS - 1 &&
      names.every((c) => findFood(c.text) !== undefined && !/\d/.test(c.text))
    );
  });
  const [line] = lines.slice(head, head + 1);
  if (head < 0 || !line) return { lines, left: [], again: [] };
  const [many, ...names] = columnsOf(line);
  const below = lines.slice(head + 1);
  const isSize = (row: Mapped): boolean => {
    const [count, ...amounts] = columnsOf(row);
    const isCounted = count !== undefined && /^\d{1,3}$/.test(count.text);
    return isCounted && amounts.length === names.length && amounts.every((c) => ONLY_AMOUNT.test(c.text));
  };
  const others = below.findIndex((row) => !isSize(row) && !isRule(row.text) && row.text.trim() !== '');
  const table = below.slice(0, others < 0 ? undefined : others);
  const [size, ...more] = table.filter(isSize);
  if (!many || !size) return { lines, left: [], again: [] };
  const [count, ...amounts] = columnsOf(size);
  const sizesOf = (cells: readonly Mapped[]): readonly number[] => cells.map((c) => sizeOf(c.text) ?? 0);
  const own = sizesOf(amounts);
  const isOfMore = (row: Mapped): boolean =>
    isMultiple(sizesOf(columnsOf(row).slice(1)).map((other, n) => [own[n] ?? 0, other] as const));
  const told = many.replace(/^.*$/s, IS_OF_BREADS.test(many.text) ? 'Makes' : 'Serves');
  const rows = names.flatMap((name, n) => (amounts[n] ? [Mapped.joinApart([name, amounts[n]])] : []));
  return {
    lines: [
      ...lines.slice(0, head),
      ...(count ? [Mapped.joinApart([told, count])] : []),
      ...rows,
      ...below.slice(table.length),
    ],
    left: more.filter((row) => !isOfMore(row)),
    again: more.filter(isOfMore),
  };
}

const OPENING = new RegExp(String.raw`^(?:\p{L}+: ?(?=\p{L})|${LIST_WORDS} )`, 'iu');
const AMOUNT_IN_CELL = /[\d½¼¾][\d.,/½¼¾ ]*(?:%|(?:k?g|m?l|cups?|tbsp|tsp|oz|lb|grams?)(?!\p{L}))/giu;
/** "warm water: 300 g": a cell that holds a name and its amount is an entry by itself. */
const isNamedAmount = (cell: string): boolean => {
  const name = cell.replace(AMOUNT_IN_CELL, '');
  return name !== cell && /\p{L}{3}/u.test(name);
};

const LONGEST_ENTRY = 40;
/** "Formula: flour 500 g | water 325 g": a list of names with amounts in one line. */
export function namedList(line: Mapped): readonly Mapped[] {
  if (/^\s*\|/.test(line.text)) return [line];
  const cells = cellsOf(line);
  const isEntry = (c: Mapped): boolean => isNamedAmount(c.text) && findFood(c.text) !== undefined;
  // "coriander", "oil for the pan" among them
  const isList =
    cells.every((c) => findFood(c.text) !== undefined && c.text.length <= LONGEST_ENTRY) &&
    cells.filter(isEntry).length >= LEAST_COLUMNS &&
    10 * cells.filter((c) => /[\d½¼¾]/.test(c.text)).length >= 6 * cells.length;
  return cells.length >= LEAST_COLUMNS && (isList || cells.every(isEntry))
    ? cells.map((c, n) => (n === 0 ? c.replace(OPENING, '') : c))
    : [line];
}
