import { actionsIn } from './actions.ts';
import type { Mapped } from './mapped.ts';
import { normalLine } from './normal-line.ts';
import { isColumnHead, isHeadRow, isIngredientRow } from './table-columns.ts';

/** "360 g plain flour | 200 g water": a list in one line, and no row of a table. */
function barred(whole: Mapped): readonly Mapped[] {
  const line = whole.replace(/^\s*[-*•·] (?=\d)/, '');
  const cells = line.text.split('|');
  // "mix 5 | bulk 45 | divide 90 g": stages, and no row either
  if (
    cells.length > 3 &&
    cells.filter((c) => actionsIn(normalLine(c)).length > 0).length > 2 &&
    !/^\s*\|/.test(line.text)
  )
    return [line.replace(/\s*\|\s*/g, ', ')];
  const isList = cells.length > 1 && cells.every((c) => /^\s*[\d½¼¾⅓⅔⅛][^|]*\p{L}{3}/u.test(c));
  return isList ? line.split(/\s*\|\s*/g) : [whole];
}

/** Rows of a file whose cells semicolons part: three or more of one length, without a space behind any of them. */
function semicolonRows(lines: readonly Mapped[]): readonly Mapped[] {
  const cells = (l: Mapped | undefined): number =>
    l && (/^[^;:.!?]*(?:;(?! )[^;:]*)+$/.test(l.text) || /^[^;:!?]+(?: ;(?: [^;:]*)?)+$/.test(l.text))
      ? l.text.split(';').length
      : 0;
  const isRow = (n: number): boolean => {
    const own = cells(lines[n]);
    return own > 1 && [-2, -1, 1, 2].filter((by) => cells(lines[n + by]) === own).length > 1;
  };
  return lines.map((l, n) => (isRow(n) ? l.replace(/;/g, ' | ').replace(/^/, '| ') : l));
}

/** Rows of a file whose cells commas part: three or more of one length, without a space behind any comma. */
function commaRows(lines: readonly Mapped[]): readonly Mapped[] {
  const commas = lines.map((l) =>
    /^(?:[^,;:.!?]{2,}|(?:[^,;:.!?]?|N[or]\.),[^,;:.!?]+)(?:,(?! )[^,;:]*)+$/.test(l.text)
      ? (l.text.match(/,/g) ?? []).length
      : 0,
  );
  // "flour 0,5 kg" has a comma in its figure, though a scan took it for a letter
  const isDecimal = lines.map((l) => /(?:^|[^,\d.])(?:\d+,\d|O,[\dO]{2})/.test(l.text));
  const sure = (n: number): number => (isDecimal[n] === false ? (commas[n] ?? 0) : 0);
  return lines.map((l, n) => {
    const own = commas[n] ?? 0;
    const alike = [-3, -2, -1, 1, 2, 3].filter((by) => own > 0 && sure(n + by) === own).length;
    // "divide into 8,4" between two rows is one of them
    const isRow = isDecimal[n] === true ? sure(n - 1) === own && sure(n + 1) === own : alike > 1;
    return own > 0 && isRow ? l.replace(/,/g, ' | ').replace(/^/, '| ') : l;
  });
}

/** A row of cells that tabs part. */
const tabbed = (line: Mapped): Mapped =>
  (line.text.match(/\S\t+(?=\S)/g) ?? []).length > 1 || (line.text.startsWith('\t') && /\S\t+\S/.test(line.text))
    ? line.replace(/\t/g, ' | ').replace(/^/, '| ')
    : line;

/** Where columns are parted by room alone. */
const ROOM = /(?<=\S) {2,}(?=\S)/g;
/** "White flour 350    70": a long name leaves its figure no room. */
const CLOSE = /^(\p{L}[\p{L} ]*(?<!\b(?:type|tipo|typo|no|T))) (?=\d[\d.,]* {2,}[\d.,]+ ?%?\s*$)/u;
const LEAST_ROWS = 3;
const LEAST_COLUMNS = 3;
/** Three or more rows whose columns are parted by room, each a name with figures behind or before it, and the head over them. */
function aligned(lines: readonly Mapped[]): readonly Mapped[] {
  const spaced = lines.map((l) => (l.text.includes('|') ? l : l.replace(CLOSE, '$1  ')));
  const cells = spaced.map((l) => (l.text.includes('|') ? [] : l.text.trim().split(ROOM)));
  const isBody = cells.map((row) => row.length > 1 && isIngredientRow(row));
  const set = new Map<number, Mapped>();
  for (let first = 0; first < lines.length; first++) {
    if (!isBody[first]) continue;
    let end = first;
    while (isBody[end]) end++;
    const width = Math.max(...cells.slice(first, end).map((row) => row.length));
    const above = cells[first - 1] ?? [];
    // what names one column alone stands over it
    const isOver = above.length === 1 && width === 2 && isColumnHead(above[0] ?? '');
    const hasHead =
      isOver || (isHeadRow(above) && above.length > 1 && above.length <= width && above.length >= width - 1);
    if (end - first >= LEAST_ROWS && (width >= LEAST_COLUMNS || isOver || (hasHead && above.length === width)))
      for (let n = hasHead ? first - 1 : first; n < end; n++) {
        const [row, own] = [spaced[n], cells[n] ?? []];
        const isHead = n < first;
        const lacks = isHead && own.length === width - 1;
        if (row)
          set.set(
            n,
            row
              .trim()
              .replace(ROOM, ' | ')
              .replace(/^/, lacks ? '|  | ' : '| ')
              .replace(/$/, ' |'.repeat(Math.max(0, isHead ? 1 : width - own.length + 1))),
          );
      }
    first = end;
  }
  return lines.map((l, n) => set.get(n) ?? l);
}

/** Each line as it is, or, where it is a row of a table, however a text parts its cells, as a row of cells between bars. */
export const asRows = (lines: readonly Mapped[]): readonly Mapped[] =>
  aligned(commaRows(semicolonRows(lines)).map(tabbed));
/** The same of lines that may be lists between bars. */
export const barredRows = (lines: readonly Mapped[]): readonly Mapped[] => asRows(lines.flatMap(barred));
