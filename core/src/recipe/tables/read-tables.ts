import { findFood } from '../../foods/index.ts';
import { actionsIn } from '../actions.ts';
import { itemsOf } from '../items.ts';
import { Mapped } from '../mapped.ts';
import { normalLine } from '../normal-line.ts';
import { ingredientRows, WORK_COLUMN } from './columns.ts';
import { cellsIn, isRule, type ReadRows } from './cells.ts';
import { asRows, barredRows } from './rows.ts';
import { forFirstSize } from './sizes.ts';
import { stageRows } from './stages.ts';
import { amountsBelow, forHowMany, namedList, turnedUp } from './upright.ts';
import { STAGE_ALONE } from '../told-words.ts';

/** A name with a figure behind it. */
const COLUMN = /^(?:\|?\s*)?(\p{L}[\p{L} ,'’()/-]*?(?: T\d{2,3})?)[\s|:.=]+(\d+(?:[.,]\d+)?)\s*\|?$/u;

/**
 * A column of bare figures behind names is baker's percentages where the flours among them come to a hundred and no weight is named:
 * each then says so. The cells of a table stand in one line.
 */
export function percentLines(all: readonly Mapped[]): ReadRows {
  const sized = forHowMany(all);
  const set = turnedUp(amountsBelow(sized.lines)).flatMap(namedList);
  const told = workApart(barredRows(set)).flatMap(listApart);
  const { lines, left, again } = tablesRead(told);
  const isRuled = lines.some((l) => /^\s*:?-{3,}:?\s*\|/.test(l.text));
  const isRow = (text: string): boolean =>
    !isRule(text) && ((isRuled && text.includes('|')) || /^\s*\|/.test(text) || (text.match(/\|/g) ?? []).length > 1);
  let units: readonly string[] = [];
  const cells = lines.map((l) => {
    if (isListInBars(l.text)) return l.replace(/\s*\|\s*/g, '; ');
    if (!isRow(l.text)) {
      if (!isRule(l.text)) units = [];
      return l
        .replace(/\t+/g, '  ')
        .replace(/^(\p{L}[^|]*?)\s*\|\s*(?=[\d½¼¾])/u, (_, name = '') => `${name}  `)
        .replace(/^(\d[\d.,]* ?(?:k?g|m?l|cups?|tbsp|tsp))\s*\|\s*(?=\p{L})/iu, (_, amount = '') => `${amount} `);
    }
    const head = unitsOf(l.text);
    if (head.some((u) => u !== '')) units = head;
    return inOneLine(units.length > 2 || units[1] ? withUnits(l, units) : l);
  });
  // "Bulk 60" stands in no column of ingredients
  const named = cells.map((l) => {
    const column = COLUMN.exec(l.text);
    return column && actionsIn(normalLine(l.text)).length === 0 ? column : null;
  });
  const flour = named.reduce(
    (sum, m) => sum + (m && findFood(m[1] ?? '')?.role === 'flour' ? Number((m[2] ?? '').replace(',', '.')) : 0),
    0,
  );
  // a flour that nobody knows is what all the rest is a share of
  const isOfUnknown =
    flour === 0 &&
    named.some((m) => m?.[2] === '100' && !findFood(m[1] ?? '')) &&
    named.some((m) => m && findFood(m[1] ?? '')?.role === 'water');
  const isPercent = isOfUnknown || Math.abs(flour - 100) <= 1;
  return {
    lines: cells.map((l, n) => (isPercent && named[n] ? l.replace(/\s*\|?$/, ' %') : l)),
    left: [...sized.left, ...left],
    again: [...sized.again, ...again],
  };
}

/** "Base: strong flour 100 | water 60 | salt 2": a list in one line, and no row of a table. */
function isListInBars(text: string): boolean {
  const cells = text.split(/\s\|\s/);
  if (cells.length < 3 || text.includes(';') || !/\d/.test(cells[0] ?? '')) return false;
  const foods = cells.filter((c) => /\d/.test(c) && findFood(normalLine(c.replace(/^[^:]*:/, ''))) !== undefined);
  const isFood = (c: string): boolean => findFood(normalLine(c.replace(/^[^:]*:/, ''))) !== undefined;
  // "besan 200 g | water 320 ml | coriander | oil for the pan"
  return foods.length >= cells.length - 1 || (2 * foods.length > cells.length && cells.every(isFood));
}

/** "T65      100     1400": a flour that is called by its type alone. */
const TYPE_ALONE = /^(\s*\|?\s*)T ?(?=(?:45|55|65|80|110|130|150)(?:\s{2,}|\t|\s*\|))/;

const COLOUR_ROW = /^(white|brown|strong|light|dark)(?=\s+\d{2,4}(?:\s|$))/i;
/** "wholemeal 600", and below it "white 200": a colour beside a flour is one. */
const coloursAsFlours = (lines: readonly Mapped[]): readonly Mapped[] => {
  const isFlour = (l: Mapped | undefined): boolean => l !== undefined && findFood(l.text)?.role === 'flour';
  return lines.map((l, n) =>
    COLOUR_ROW.test(l.text) && (isFlour(lines[n - 1]) || isFlour(lines[n + 1])) ? l.replace(COLOUR_ROW, '$1 flour') : l,
  );
};

/**
 * Lines among which tables of ingredients and of stages are read by what their columns hold; whatever else is in rows stays in rows. This
 * comes before lines are joined, as the room between columns, and an empty cell, are signs of their own.
 */
export function tablesRead(told: readonly Mapped[]): ReadRows {
  const sized = forFirstSize(told);
  const lines = coloursAsFlours(sized.lines.map((l) => l.replace(TYPE_ALONE, '$1Flour T')));
  const rows = asRows(lines);
  const result: Mapped[] = [];
  const left: Mapped[] = [];
  const again: Mapped[] = [...sized.again];
  for (let n = 0; n < lines.length; n++) {
    let end = n;
    while (rows[end]?.text.includes('|') || (end > n && isWorkBetweenRows(rows, end))) end++;
    const block = rows
      .slice(n, end)
      .filter((l) => !isRule(l.text))
      .map((l) => (l.text.includes('|') ? l : l.replace(/$/, ' |')));
    const read = ingredientRows(block) ?? stageRows(block);
    result.push(...(read?.lines ?? rows.slice(n, end)), ...lines.slice(end, end + 1));
    left.push(...(read?.left ?? []));
    again.push(...(read?.again ?? []));
    n = end;
  }
  return { lines: result, left, again };
}

/** "Divide into 10, ball" between rows of a table: work whose last cell is empty, and has lost its bar. */
function isWorkBetweenRows(rows: readonly Mapped[], n: number): boolean {
  const text = rows[n]?.text ?? '';
  const next = rows[n + 1]?.text ?? '';
  const isWork = text.length <= LONGEST_STAGE && !/[.:;|]/.test(text) && actionsIn(normalLine(text)).length > 0;
  return isWork && (next.includes('|') || isWorkBetweenRows(rows, n + 1));
}
const LONGEST_STAGE = 50;

/** What the head of a table says of each of its columns, "| Ingredient | % | g |": the unit of its figures, or nothing. */
const unitsOf = (row: string): readonly string[] =>
  /\d/.test(row) && !/\|\s*%\s*\|/.test(row)
    ? []
    : row
        .replace(/^\s*\||\|\s*$/g, '')
        .split('|')
        .map((cell) => {
          const text = cell.trim().toLowerCase();
          if (/^(?:%|(?:baker['’]?s['’]? )?(?:%|percent(?:age)?s?))$/.test(text)) return '%';
          if (/^\d+ ?k?g (?:of )?flour$/.test(text)) return 'g';
          if (/^(?:kg|kilos?)$/.test(text)) return 'kg';
          if (/^(?:min(?:ute)?s?|time \(min(?:ute)?s?\))$/.test(text)) return 'min';
          return /^(?:g|grams?|(?:weight|amount|quantity)(?: \(g\)| in g| in grams)|weight)$/.test(text) ? 'g' : '';
        });

/** A row whose bare figures have the units of their columns. */
function withUnits(row: Mapped, units: readonly string[]): Mapped {
  const cells = cellsIn(row);
  // where the work tells its own times the column says no more than how long the hands are busy
  const isTimed = cells.some((c) => /\d ?(?:min|s|sec|h)\b/.test(c.text));
  return Mapped.join(
    cells
      // the row tells its own time: how long all hands take is read nowhere
      .filter((c, n) => !(isTimed && units[n] === 'min' && /^\s*\d+\s*$/.test(c.text)))
      .map((c, n) => (/^\s*\d+(?:[.,]\d+)?\s*$/.test(c.text) && units[n] ? c.replace(/\s*$/, ` ${units[n]}`) : c)),
    ' | ',
  );
}

/** A row in which one cell is a whole list: the list is a line of its own. */
function listApart(row: Mapped): readonly Mapped[] {
  if (!row.text.includes('|')) return [row];
  const cells = row.split(/\|/g).map((c) => c.trim());
  const at = cells.findIndex((c, n) => n > 0 && itemsOf(c).length > 2);
  if (at < 1) return [row];
  const list = cells[at];
  const others = cells.filter((c, n) => n !== at && c.text !== '');
  return list ? [...others.slice(0, 1), list, ...others.slice(1)].map((c) => c.replace(/^/, '| ')) : [row];
}

/** Of a table of ingredients and of what is done with them its ingredients and its work, each in lines of its own. */
function workApart(lines: readonly Mapped[]): readonly Mapped[] {
  const head = lines.findIndex((l) => WORK_COLUMN.test(l.text) && !/\d/.test(l.text));
  if (head < 0) return lines;
  return lines.flatMap((row, n) => {
    const cells = cellsIn(row);
    const work = cells.at(-1);
    if (n <= head || !work || cells.length < 3 || !/\p{L}/u.test(row.text)) return [row];
    const isNumbered = /^\d{0,2}[.)]?$/.test(cells[0]?.text ?? '');
    const ingredient = Mapped.join(cells.slice(isNumbered ? 1 : 0, -1), '  ').trim();
    return [ingredient, work].filter((l) => /\p{L}/u.test(l.text));
  });
}

/** "| 6 | g | yeast |": the figure counts no rows. */
const UNIT_NEXT = /^\s*\|?\s*\d+\s*\|\s*(?:k?g|m?l|cl|dl|oz|lb|cups?|tsp|tbsp|pinch|sachets?)\s*\|/i;

/** "| Bread flour | 600 g | 100 |" as "Bread flour 600 g 100". */
const inOneLine = (row: Mapped): Mapped => {
  const cells = row
    .replace(/^\s*\||\|\s*$/g, '')
    .split(/\s*\|\s*/g)
    .map((c) => c.trim())
    .filter(
      (c, n) =>
        c.text !== '' &&
        !(n === 0 && /^\d{1,2}\.?$/.test(c.text) && !UNIT_NEXT.test(row.text) && /\|\s*\p{L}/u.test(row.text)),
    );
  const [stage, ...work] = cells;
  const isStage =
    stage &&
    (STAGE_ALONE.test(stage.text) ||
      (/^\p{L}+$/u.test(stage.text) && actionsIn(stage.text).length === 1 && work.every((c) => !/\d/.test(c.text))));
  if (stage && work.length > 0 && isStage) return Mapped.join([stage, Mapped.join(work, ', ')], ': ');
  const first = cells.findIndex((c) => CELL_AMOUNT.test(c.text));
  const unitOf = (c: Mapped | undefined): string | undefined => CELL_AMOUNT.exec(c?.text ?? '')?.[1]?.toLowerCase();
  // a second column in another measure says the same once more
  const told = cells.map((c, n) =>
    n > first && first > 0 && unitOf(c) !== undefined && unitOf(c) !== unitOf(cells[first])
      ? c.replace(/^(.*)$/, '($1)')
      : c,
  );
  return Mapped.join(told, '  ').trim();
};
const CELL_AMOUNT = /^(?:\d[\d.,]*(?: ?[½¼¾]| ?\d?\/\d)?|\d\/\d|[½¼¾]) ?(k?g|m?l|cups?|tbsp|tsp|oz|lb|fl oz)\b/i;
