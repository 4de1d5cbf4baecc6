import { findFood } from '../../foods/index.ts';
import { Mapped } from '../mapped.ts';
import type { ReadRows } from './cells.ts';

const SIZE =
  /^(?:(?:for|makes|serves|x|×) ?)?\d{1,3}(?: (?:people|persons|students|pupils|breads|flatbreads|pieces|pcs))?$/i;
const SAYS_SIZE = /[a-z×]/i;
const FIGURE = /^(?:about )?[\d½¼¾][\d.,/½¼¾ ]*(?: ?(?:k?g|m?l|tsp|tbsp|cups?))?$/i;
const LEAST_ROWS = 3;

const columnsOf = (row: Mapped): readonly Mapped[] =>
  row
    .split(/\t+|\s{2,}|\s*\|\s*/g)
    .map((c) => c.trim())
    .filter((c) => c.text !== '');

/**
 * "for 12 | for 24" over "flour | 600 | 1200": the same list for several sizes of a class. The first size is read, what stands under the
 * others is handed back.
 */
export function forSizes(lines: readonly Mapped[]): ReadRows {
  const isHead = (cells: readonly Mapped[]): boolean =>
    cells.length > 1 && cells.every((c) => SIZE.test(c.text)) && cells.some((c) => SAYS_SIZE.test(c.text));
  const headOf = (row: Mapped): readonly Mapped[] => {
    const cells = columnsOf(row);
    // a name over the column of names
    return cells[0] && !/\d/.test(cells[0].text) ? cells.slice(1) : cells;
  };
  const head = lines.findIndex((l) => isHead(headOf(l)));
  const [line] = lines.slice(head, head + 1);
  if (head < 0 || !line) return { lines, left: [] };
  const sizes = headOf(line);
  const isRow = (row: Mapped): boolean => {
    const [name, ...figures] = columnsOf(row);
    const isNamed = name !== undefined && /\p{L}{3}/u.test(name.text);
    return isNamed && figures.length === sizes.length && figures.every((c) => FIGURE.test(c.text));
  };
  const rows = lines.slice(head + 1).filter(isRow);
  if (rows.filter((r) => findFood(r.text) !== undefined).length < LEAST_ROWS) return { lines, left: [] };
  const [size] = sizes;
  const left: Mapped[] = [...sizes.slice(1)];
  const read = lines.slice(head + 1).map((row) => {
    if (!rows.includes(row)) return row;
    const [name, first, ...others] = columnsOf(row);
    left.push(...others);
    return name && first ? Mapped.joinApart([name, first]) : row;
  });
  const told = size && /^(?:\d|x|×)/i.test(size.text) ? size.replace(/^[x×]? ?/i, 'for ') : size;
  return { lines: [...lines.slice(0, head), ...(told ? [told] : []), ...read], left };
}
