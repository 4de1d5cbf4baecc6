import { actionsIn } from '../actions.ts';
import type { Mapped } from '../mapped.ts';
import { normalLine } from '../normal-line.ts';
import { isColumnHead, isHeadRow, isIngredientRow } from './columns.ts';
import { isStage, isStageHead, isStageRow } from './stages.ts';

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

/** Rows of cells that tabs part: of lines that neighbour each other one has two or more; a cell at the end, or all but one, may be empty. */
function tabRows(lines: readonly Mapped[]): readonly Mapped[] {
  const tabs = lines.map((l) => (l.text.match(/\t/g) ?? []).length);
  const isTabbed = (n: number): boolean => (tabs[n] ?? 0) > 0;
  const isIn = lines.map((l, n) => isTabbed(n) || (l.text.trim() !== '' && isTabbed(n - 1) && isTabbed(n + 1)));
  const isWide = lines.map((_, n) => {
    let [from, to] = [n, n];
    while (isIn[from - 1]) from--;
    while (isIn[to + 1]) to++;
    return isIn[n] === true && tabs.slice(from, to + 1).some((t) => t > 1);
  });
  return lines.map((l, n) => (isWide[n] ? l.replace(/\t/g, ' | ').replace(/^/, '| ') : l));
}

/** Where columns are parted by room alone. */
const ROOM = /(?<=\S) {2,}(?=\S)/g;
/** "White flour 350    70": a long name leaves its figure no room. */
const CLOSE = /^(\p{L}[\p{L} ]*(?<!\b(?:type|tipo|typo|no|T))) (?=\d[\d.,]* {2,}[\d.,]+ ?%?\s*$)/u;
/** A line that only parts others. */
const RULE = /^\s*[-–—=_]{3,}[-–—=_\s]*$/;
const BARE = /^\d+(?:[.,]\d+)?$/;
const LEAST_ROWS = 3;
const LEAST_COLUMNS = 3;
/** What the cells of a line are: a name with its amount, or a stage of the work; "Round" alone is one among others. */
const kindOf = (cells: readonly string[]): 'ingredient' | 'stage' | undefined =>
  cells.length > 1 && isIngredientRow(cells)
    ? 'ingredient'
    : isStageRow(cells) || (cells.length === 1 && isStage(cells[0] ?? ''))
      ? 'stage'
      : undefined;

/** Three or more rows whose columns are parted by room, each of an ingredient or each of a stage, and the head over them. */
function aligned(lines: readonly Mapped[]): readonly Mapped[] {
  const spaced = lines.map((l) => (l.text.includes('|') ? l : l.replace(CLOSE, '$1  ')));
  const cells = spaced.map((l) => (l.text.includes('|') || l.text.trim() === '' ? [] : l.text.trim().split(ROOM)));
  const kinds = cells.map(kindOf);
  const set = new Map<number, Mapped>();
  for (let first = 0; first < lines.length; first++) {
    const kind = kinds[first];
    if (!kind) continue;
    let end = first;
    while (kinds[end] === kind) end++;
    const rows = cells.slice(first, end);
    const width = Math.max(...rows.map((row) => row.length));
    // a rule may stand between
    const top = RULE.test(lines[first - 1]?.text ?? '') ? first - 2 : first - 1;
    const above = cells[top] ?? [];
    // what names one column alone stands over it
    const isOver = kind === 'ingredient' && above.length === 1 && width === 2 && isColumnHead(above[0] ?? '');
    const isHead = kind === 'ingredient' ? isHeadRow(above) : isStageHead(above);
    const hasHead = isOver || (isHead && above.length > 1 && above.length <= width && above.length >= width - 1);
    const isTable = width >= LEAST_COLUMNS || isOver || (hasHead && above.length === width);
    const endsBare = rows.some((row) => row.length === width && BARE.test(row.at(-1) ?? ''));
    if (end - first >= LEAST_ROWS && isTable)
      for (let n = hasHead ? top : first; n < end; n++) {
        const row = spaced[n];
        if (row && RULE.test(row.text)) set.set(n, row.replace(/^/, '|'));
        else if (row) set.set(n, barredRow(row, n < first ? width - 1 : width, cells[n] ?? [], n < first, endsBare));
      }
    first = end - 1;
  }
  return lines.map((l, n) => set.get(n) ?? l);
}

/** A row between bars, with the cells that room alone leaves out: of a head its first, of others their last, or the one before a figure. */
function barredRow(row: Mapped, width: number, own: readonly string[], isHead: boolean, endsBare: boolean): Mapped {
  const line = row.trim().replace(ROOM, ' | ');
  const missing = Math.max(0, width - own.length);
  if (isHead) return line.replace(/^/, own.length === width ? '|  | ' : '| ').replace(/$/, ' |');
  if (missing > 0 && endsBare && own.length > 1 && BARE.test(own.at(-1) ?? ''))
    return line
      .replace(/^/, '| ')
      .replace(/ \| (?=[^|]*$)/, ` |${'  |'.repeat(missing)} `)
      .replace(/$/, ' |');
  return line.replace(/^/, '| ').replace(/$/, ' |'.repeat(missing + 1));
}

/** A row without the quotes of a file whose cells commas part. */
const unquoted = (line: Mapped): Mapped =>
  line.replace(/^\s*"[^"]*"(?:[,;]"[^"]*")+\s*$/, (row = '') => row.replace(/"/g, ''));

const COUNTED = /^\s*\|?\s*(\d{1,2})\s*\|\s*([^|]*\p{L}[^|]*?)\s*\|?\s*$/u;
/** "| 1 | Mix everything |", "| 2 | 30 minutes under film |": stages that are counted, and no row of a table. */
function uncounted(lines: readonly Mapped[]): readonly Mapped[] {
  let next = 1;
  const counted = new Set<Mapped>();
  for (const l of lines)
    if (Number(COUNTED.exec(l.text)?.[1]) === next) {
      counted.add(l);
      next++;
    }
  return counted.size < LEAST_ROWS ? lines : lines.map((l) => (counted.has(l) ? l.replace(COUNTED, '$1. $2') : l));
}

/** Each line as it is, or, where it is a row of a table, however a text parts its cells, as a row of cells between bars. */
export const asRows = (lines: readonly Mapped[]): readonly Mapped[] =>
  aligned(tabRows(commaRows(semicolonRows(uncounted(lines.map(unquoted))))));
/** The same of lines that may be lists between bars. */
export const barredRows = (lines: readonly Mapped[]): readonly Mapped[] => asRows(lines.flatMap(barred));
