import { findFood } from '../../foods/index.ts';
import { Mapped } from '../mapped.ts';
import type { ReadRows } from './cells.ts';

/** A weight or a volume in its smallest unit, so that "500 g" and "1 kg" can be compared; undefined where a cell is none. */
export function sizeOf(cell: string): number | undefined {
  const [, figure, unit = ''] = /^[~≈]?(\d+(?:[.,]\d+)?) ?(kg|g|l|ml)?\.?$/i.exec(cell.trim()) ?? [];
  if (figure === undefined) return undefined;
  return Number(figure.replace(',', '.')) * (/^(?:kg|l)$/i.test(unit) ? 1000 : 1);
}

/** Rounded to whole grams a pinch of yeast is off by more than this share. */
const OFF_SHARE = 0.06;
const OFF_G = 1;
const LEAST_PAIRS = 2;

/**
 * Whether second amounts are the first ones for another number of people: all of them the same multiple, that of the largest. Of amounts
 * that are the same, or of fewer than two, nobody can say so.
 */
export function isMultiple(pairs: readonly (readonly [number, number])[]): boolean {
  if (pairs.length < LEAST_PAIRS) return false;
  const [a, b] = pairs.reduce((most, p) => (p[0] > most[0] ? p : most));
  const by = b / a;
  if (a <= 0 || Math.abs(by - 1) < 0.15) return false;
  return pairs.every(([x, y]) => Math.abs(y - by * x) <= Math.max(OFF_G * Math.max(1, by), OFF_SHARE * by * x));
}

const AMOUNT = String.raw`\d+(?:[.,]\d+)?(?: ?(?:kg|g|ml|l)(?!\p{L}))?`;
/** "flour 500 / 1000 / 1500 g". */
const SLASHED = new RegExp(String.raw`^(\s*[•*-]?\s*\p{L}[^\d/]*?)[ :]+(${AMOUNT}(?: ?/ ?${AMOUNT})+)\.?\s*$`, 'iu');
const WEIGHED = String.raw`\d+(?:[.,]\d+)? ?(?:kg|g|ml|l)(?!\p{L})`;
/** "500 g flour (1.5 kg)", "flour 500 g (1.5 kg)". */
const BRACKETED = new RegExp(
  String.raw`^(\s*[•*-]?\s*(?:(${WEIGHED}) \p{L}[^\d(]*|\p{L}[^\d(]*?[ :]+(${WEIGHED}))) ?[(\[](${WEIGHED})[)\]]\s*$`,
  'iu',
);
const LEAST_ROWS = 3;

interface Row {
  /** The line for the first size, and what it tells of the others. */
  readonly line: Mapped;
  readonly again: Mapped;
  readonly sizes: readonly number[];
}

function slashedRow(line: Mapped): Row | undefined {
  const [, name = '', figures] = SLASHED.exec(line.text) ?? [];
  if (figures === undefined || !findFood(name)) return undefined;
  const cells = figures.split('/').map((c) => c.trim());
  // "500 / 1000 g": the last tells the measure of all
  const [unit = ''] = /\p{L}+$/u.exec(cells.at(-1) ?? '') ?? [];
  const sizes = cells.map((c) => sizeOf(/\p{L}$/u.test(c) ? c : `${c} ${unit}`));
  if (!sizes.every((s) => s !== undefined)) return undefined;
  const [first = ''] = cells;
  const end = line.text.indexOf(figures) + first.length;
  const own = line.slice(0, end);
  return {
    line: /\p{L}$/u.test(first) ? own : own.replace(/$/, ` ${unit}`),
    again: line.slice(end),
    sizes,
  };
}

function bracketedRow(line: Mapped): Row | undefined {
  const [all, own, before, behind, other = ''] = BRACKETED.exec(line.text) ?? [];
  const [a, b] = [sizeOf(before ?? behind ?? ''), sizeOf(other)];
  if (all === undefined || own === undefined || a === undefined || b === undefined || !findFood(own)) return undefined;
  return { line: line.slice(0, own.length).trim(), again: line.slice(own.length), sizes: [a, b] };
}

/** "x1 / x2 / x3", "6 / 12 people", "per table of 4 (per class of 12)" over such rows. */
const HEAD_OF_SIZES =
  /^\W*(?:for |per |[x×])?[^\d./]{0,40}\d{1,3}[^\d./]{0,16}(?:\/|\()\s*(?:for |per |[x×])?[^\d./]{0,24}\d{1,3}[^.]{0,40}$/i;

/**
 * A list whose entries tell amounts for several sizes of a class, between slashes or in brackets: it is read for the first size, and the
 * others, since they are its multiples, are known and not needed.
 */
export function forFirstSize(lines: readonly Mapped[]): ReadRows {
  for (const read of [slashedRow, bracketedRow]) {
    const rows = lines.map(read);
    const first = rows.findIndex((r) => r !== undefined);
    const width = rows[first]?.sizes.length;
    const isOne = (r: Row | undefined): r is Row => r !== undefined && r.sizes.length === width;
    const own = rows.filter(isOne);
    const columns = Array.from({ length: (width ?? 1) - 1 }, (_, c) =>
      own.map(({ sizes }) => [sizes[0] ?? 0, sizes[c + 1] ?? 0] as const),
    );
    if (own.length < LEAST_ROWS || !columns.every(isMultiple)) continue;
    const head = lines[first - 1];
    const isHead = head !== undefined && HEAD_OF_SIZES.test(head.text);
    return {
      lines: lines.flatMap((l, n) => {
        const row = rows[n];
        if (isHead && n === first - 1) return [];
        return isOne(row) ? [row.line] : [l];
      }),
      left: [],
      again: [...(isHead ? [head] : []), ...own.map((r) => r.again)],
    };
  }
  return { lines, left: [], again: [] };
}
