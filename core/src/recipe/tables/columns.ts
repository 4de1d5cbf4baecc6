import { findFood } from '../../foods/index.ts';
import { actionsIn } from '../actions.ts';
import { Mapped } from '../mapped.ts';
import { BREADS, SPOONS, VESSELS, VOLUMES, WEIGHTS } from '../measures.ts';
import { normalLine } from '../normal-line.ts';
import { cellsIn, fullestOf, OF_NUMBER, type ReadRows } from './cells.ts';
import { isMultiple, sizeOf } from './sizes.ts';

/** What a column of a table of ingredients holds: `each` is for one bread, beside what is for all of them. */
type Role = 'name' | 'percent' | 'amount' | 'each' | 'unit' | 'number' | 'price' | 'note';
interface Column {
  readonly role: Role;
  /** Of bare figures, as the head says it; empty where nothing does. */
  readonly unit: string;
  /** What stands over it; empty where nothing does. */
  readonly title: string;
}

const FIGURE = String.raw`[~≈]?(?:\d[\d.,]*(?: ?[½¼¾⅓⅔]| \d\/\d)?|\d\/\d|[½¼¾⅓⅔])`;
const UNIT = `${WEIGHTS}|${VOLUMES}|${VESSELS}|${SPOONS}|pinch(?:es)?|sachets?`;
const BARE = new RegExp(`^${FIGURE}$`, 'u');
const PERCENT = new RegExp(`^${FIGURE} ?%$`, 'u');
const UNIT_ALONE = new RegExp(`^(?:${UNIT})\\.?$`, 'iu');
const WITH_UNIT = new RegExp(
  `^(?:about |ca\\.? )?${FIGURE} ?(${UNIT})(?![\\p{L}])\\.?(?:\\s*(?:[(,/+].*|(?:and )?\\d+ ?(?:oz|g|ml)|heaped|level|approx\\.?))?$`,
  'iu',
);

const OF_PERCENT =
  /^\(?(?:%|(?:baker['’]?s['’]?|b\.?) ?(?:%|percent(?:age)?s?)|percent(?:age)?s?|% (?:on|of) flour)\)?$/i;
const OF_PRICE = /^(?:price|cost|[€£$]|eur|p\.p\.)/i;
const OF_EACH = /^(?:per|each|(?:1|one)) ?(?:piece|bread|flatbread|ball|pc|portion|flat)?\.?$/i;
const OF_UNIT: readonly (readonly [RegExp, string])[] = [
  [/^(?:kg|kilos?)$|\(kg\)|\bin kg\b/i, 'kg'],
  [/^ml$|\(ml\)/i, 'ml'],
  [/^oz$|\(oz\)|^ounces$/i, 'oz'],
  [/^cups?$/i, 'cups'],
  [/^parts?$/i, 'parts'],
];
const OF_BREADS = new RegExp(String.raw`^(?:makes |for |[x×] ?)?(\d{1,3})(?:(?<=[x×] ?\d+)| ?(?:${BREADS}))$`, 'i');
const FOR_SO_MANY = /^for \d{1,3}$/i;
/** What stands over a column for another number of people; "Dough B" is another dough, though it be twice the first. */
const OF_SO_MANY = /^$|\d|\b(?:double|triple|twice|half|large|small|big|class|batch(?:es)?|group|table|more)\b/i;
const ROW_LEAST = 2;
/** Less flour than this is measured in vessels, and no figure of grams. */
const LEAST_FLOUR_G = 20;

const isName = (cell: string): boolean =>
  findFood(cell) !== undefined &&
  !OF_PERCENT.test(cell) &&
  !WITH_UNIT.test(cell) &&
  !/^[\d½¼¾]/.test(cell) &&
  // a list of several, each with its figure
  !/\d,.*\p{L} \d/u.test(cell) &&
  cell.split(' ').length <= 7;
const isAmount = (cell: string): boolean => BARE.test(cell) || PERCENT.test(cell) || WITH_UNIT.test(cell);

/** Whether the cells of a row are a name and an amount of it; several names, each with its own, are columns of a list. */
export const isIngredientRow = (cells: readonly string[]): boolean =>
  cells.some(isName) && cells.some(isAmount) && !(cells.filter(isName).length > 1 && cells.filter(isAmount).length > 1);
/** What stands over a column of figures by itself. */
export const isColumnHead = (text: string): boolean => OF_PERCENT.test(text) || /^(?:g|grams?|weight)$/i.test(text);
/** Whether cells may stand over such rows: they tell no amount of anything. */
export const isHeadRow = (cells: readonly string[]): boolean =>
  !cells.some((c) => WITH_UNIT.test(c) && !OF_BREADS.test(c)) &&
  !(cells.some(isName) && cells.some((c) => /\d/.test(c)));
/** The head of a table whose rows hold ingredients and, in the last cell, what is done with them. */
export const WORK_COLUMN =
  /\|[^|]*(?:ingredient|what|material)[^|]*\|.*\|\s*(?:work|method|what to do|procedure|process|instructions?|do)\s*\|?\s*$/i;

/**
 * The lines of a table whose rows are ingredients, each a name with its share and its amount, by what its columns hold: of several sizes of
 * a class the first; what is for one bread, and what it costs, is left. Undefined where rows that neighbour each other are no such table.
 */
export function ingredientRows(all: readonly Mapped[]): ReadRows | undefined {
  // what comes behind the last of them is another table
  const rows = all.slice(0, all.findLastIndex((row) => isIngredientRow(cellsIn(row).map((c) => c.text))) + 1);
  const cells = rows.map(cellsIn);
  const texts = cells.map((row) => row.map((c) => c.text));
  const isBody = texts.map(isIngredientRow);
  if (isBody.filter((is) => is).length < ROW_LEAST) return undefined;
  const body = texts.filter((_, n) => isBody[n]);
  const width = Math.max(...body.map((row) => row.length));
  const nameAt = fullestOf(width, (c) => body.filter((row) => isName(row[c] ?? '')).length);
  const first = isBody.indexOf(true);
  if (rows.some((row) => WORK_COLUMN.test(row.text) && !/\d/.test(row.text))) return undefined;
  const headRow = first === 1 && isHeadRow(texts[0] ?? []) && !isWork(texts[0] ?? []) ? texts[0] : undefined;
  // a head that room alone sets over its columns leaves out that of the names, or of their numbers
  const isNumbered = body.every((row, n) => row[0] === String(n + 1));
  const isShort = headRow?.length === width - 1 && (nameAt === 0 || isNumbered);
  const head = headRow && isShort ? ['', ...headRow] : headRow;
  const columns = columnsOf(body, head, nameAt, width);
  const amounts = columns.flatMap((c, n) => (c.role === 'amount' ? [n] : []));
  const [amountAt = columns.findIndex((c) => c.role === 'each')] = amounts;
  // a column for another number of people says nothing new
  const again = amounts.filter((c) => {
    const pairs = body.map((row) => [sizeOf(row[amountAt] ?? ''), sizeOf(row[c] ?? '')] as const);
    return (
      c !== amountAt &&
      OF_SO_MANY.test(head?.[c] ?? '') &&
      isMultiple(pairs.filter((p): p is [number, number] => p.every((s) => s !== undefined)))
    );
  });
  const read = rows.map((row, n): ReadRows => {
    const own = cells[n] ?? [];
    if (n === 0 && headRow)
      return headOf(
        isShort ? [row.slice(0, 0), ...own] : own,
        amountAt,
        columns.some((c) => c.role === 'each'),
        again,
      );
    return isBody[n] ? rowOf(own, columns, amountAt, again) : { lines: [plainRow(own)], left: [], again: [] };
  });
  return {
    lines: [...read.flatMap((r) => r.lines), ...all.slice(rows.length)],
    left: read.flatMap((r) => r.left),
    again: read.flatMap((r) => r.again),
  };
}

/** Rows in which hands do something are no ingredients, and no head of them. */
const isWork = (row: readonly string[]): boolean =>
  row.some((c) => /\d ?(?:min|h|s)\b/.test(c)) || actionsIn(normalLine(row.join(', '))).length > 1;
/** "Ingredient | % | g" in words that a heading has, whatever it is called; for how many breads the amounts are is said of the whole. */
function headOf(cells: readonly Mapped[], amountAt: number, isBesideEach: boolean, again: readonly number[]): ReadRows {
  const isTold = (c: Mapped, n: number): boolean =>
    // beside what is for one bread "for 12" are breads
    n === amountAt && (OF_BREADS.test(c.text) || (isBesideEach && FOR_SO_MANY.test(c.text)));
  const plain = cells.filter((c) => c.text !== '' && !/\d/.test(c.text));
  const figures = cells.map((c, n) => ({ cell: c, isTold: isTold(c, n) })).filter(({ cell }) => /\d/.test(cell.text));
  // where columns for more people are known, so is what each of them is for; their own cells are shown where they are no multiple
  const isKnown = again.length > 0;
  return {
    lines: [
      ...(plain.length > 0 ? [Mapped.join(plain).replace(/^.*$/su, 'Ingredients Weight')] : []),
      ...figures.filter((f) => f.isTold).map((f) => f.cell.replace(/^\D*(\d{1,3}).*$/, 'makes $1 pieces')),
    ],
    left: isKnown ? [] : figures.filter((f) => !f.isTold).map((f) => f.cell),
    again: isKnown ? figures.filter((f) => !f.isTold).map((f) => f.cell) : [],
  };
}

function columnsOf(
  body: readonly (readonly string[])[],
  head: readonly string[] | undefined,
  nameAt: number,
  width: number,
): readonly Column[] {
  const valuesOf = (c: number): readonly string[] => body.map((row) => row[c] ?? '').filter((v) => v !== '');
  const flourOf = (c: number): number =>
    body.reduce((sum, row) => {
      const isFlour = findFood(row[nameAt] ?? '')?.role === 'flour';
      return sum + (isFlour ? Number((row[c] ?? '').replace(',', '.')) : 0);
    }, 0);
  const isBareColumn = (c: number): boolean => valuesOf(c).length > 0 && valuesOf(c).every((v) => BARE.test(v));
  const bare = Array.from({ length: width }, (_, c) => c).filter((c) => c !== nameAt && isBareColumn(c));
  const roleOf = (c: number): Column => {
    const title = (head?.[c] ?? '').trim();
    const values = valuesOf(c);
    const is = (role: Role, unit = ''): Column => ({ role, unit, title });
    if (c === nameAt) return is('name');
    if (OF_PRICE.test(title)) return is('price');
    if (values.length === 0) return is('note');
    if (values.every((v) => UNIT_ALONE.test(v))) return is('unit');
    if (values.every((v) => PERCENT.test(v))) return is('percent');
    const isEach = OF_EACH.test(title);
    if (values.some((v) => WITH_UNIT.test(v)) && 2 * values.filter(isAmount).length > values.length)
      return is(isEach ? 'each' : 'amount');
    if (!values.every((v) => BARE.test(v))) return is('note');
    if (OF_PERCENT.test(title)) return is('percent');
    if (isEach) return is('each', 'g');
    const isCounted = values.every((v, n) => Number(v) === n + 1);
    const isByUnit = c + 1 < width && valuesOf(c + 1).every((v) => UNIT_ALONE.test(v)) && valuesOf(c + 1).length > 0;
    if (isCounted && OF_NUMBER.test(title) && !isByUnit && (bare.length > 1 || c < nameAt)) return is('number');
    if (isByUnit) return is('amount');
    const unit = OF_UNIT.find(([pattern]) => pattern.test(title))?.[1];
    if (unit !== undefined) return is('amount', unit);
    // a column beside the weights whose flours come to a hundred
    const isBesideWeights = bare.length > 1 || body.some((row) => row.some((v) => WITH_UNIT.test(v)));
    const isShare = Math.abs(flourOf(c) - 100) <= 1 && title === '' && isBesideWeights;
    if (isShare) return is('percent');
    const hasMeaning = title !== '' || bare.length > 1;
    return is('amount', hasMeaning && flourOf(c) >= LEAST_FLOUR_G ? 'g' : '');
  };
  return Array.from({ length: width }, (_, c) => roleOf(c));
}

/** A row of another kind: its cells one behind another. */
const plainRow = (cells: readonly Mapped[]): Mapped =>
  Mapped.join(
    cells.filter((c) => c.text !== ''),
    '  ',
  );

/** One row as a line: its cells in their order, with the units of their columns. */
function rowOf(
  cells: readonly Mapped[],
  columns: readonly Column[],
  amountAt: number,
  again: readonly number[],
): ReadRows {
  const measure = WITH_UNIT.exec(cells[amountAt]?.text ?? '')?.[1]?.toLowerCase();
  const partOf = (cell: Mapped, n: number): Mapped | undefined => {
    const { role, unit } = columns[n] ?? { role: 'note', unit: '' };
    const next = columns[n + 1]?.role === 'unit' ? cells[n + 1] : undefined;
    if (role === 'percent') return cell.replace(/\s*%?\s*$/, ' %');
    if (role === 'number' || role === 'price' || role === 'unit') return undefined;
    if (role !== 'amount' && role !== 'each') return cell;
    if (n === amountAt) {
      if (next && next.text !== '' && BARE.test(cell.text)) return Mapped.join([cell, next]);
      return unit !== '' && BARE.test(cell.text) ? cell.replace(/\s*$/, ` ${unit}`) : cell;
    }
    if (again.includes(n)) return undefined;
    // the same once more in other measures
    const other = WITH_UNIT.exec(cell.text)?.[1]?.toLowerCase();
    const isOther = role === 'amount' && other !== undefined && measure !== undefined && other !== measure;
    return isOther ? cell.replace(/^(.*)$/, '($1)') : undefined;
  };
  // "–": the first of several sizes has none of it
  if (amountAt >= 0 && /^[–—-]?$/.test(cells[amountAt]?.text ?? '') && !columns.some((c) => c.role === 'percent'))
    return { lines: [], left: [plainRow(cells)], again: [] };
  const told = cells.map((cell, n) => ({ cell, part: cell.text === '' ? undefined : partOf(cell, n) }));
  const isLeft = (n: number): boolean => !again.includes(n) && !['number', 'unit'].includes(columns[n]?.role ?? 'note');
  // a figure alone says nothing: of what it is, and what stands over it
  const name = cells[columns.findIndex((c) => c.role === 'name')]?.text ?? '';
  const shown = (cell: Mapped, n: number): Mapped =>
    cell.replace(/^/, `${[name, columns[n]?.title ?? ''].filter((t) => t !== '').join(', ')}: `);
  return {
    lines: [
      Mapped.join(
        told.flatMap((t) => t.part ?? []),
        '  ',
      ).trim(),
    ],
    left: told.flatMap(({ cell, part }, n) =>
      !part && /[\p{L}\d]/u.test(cell.text) && isLeft(n) ? [shown(cell, n)] : [],
    ),
    again: cells.filter((c, n) => again.includes(n) && c.text !== ''),
  };
}
