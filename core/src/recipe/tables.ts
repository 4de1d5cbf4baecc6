import { findFood } from '../foods/index.ts';
import { actionsIn } from './actions.ts';
import { itemsOf } from './items.ts';
import { Mapped } from './mapped.ts';
import { normalLine } from './normal-line.ts';
import { amountsBelow, namedList, turnedUp } from './tables-set.ts';
import { STAGE_ALONE } from './told-words.ts';

/** A name with a figure behind it. */
const COLUMN = /^(?:\|?\s*)?(\p{L}[\p{L} ,'’()/-]*?(?: T\d{2,3})?)[\s|:.]+(\d+(?:[.,]\d+)?)\s*\|?$/u;

/**
 * A column of bare figures behind names is baker's percentages where the flours among them come to a hundred and no weight is named:
 * each then says so. The cells of a table stand in one line.
 */
export function percentLines(all: readonly Mapped[]): readonly Mapped[] {
  const set = turnedUp(amountsBelow(all)).flatMap(namedList);
  const told = workApart(aligned(commaRows(semicolonRows(set.flatMap(barred))).map(tabbed))).flatMap(listApart);
  const lines = told.some((l) => PER_PIECE.test(l.text)) ? told.flatMap(secondApart) : told;
  const isRuled = lines.some((l) => /^\s*:?-{3,}:?\s*\|/.test(l.text));
  const isRow = (text: string): boolean =>
    !/^[|\s:+-]+$/.test(text) &&
    ((isRuled && text.includes('|')) || /^\s*\|/.test(text) || (text.match(/\|/g) ?? []).length > 1);
  const sizes = lines.find((l) => isRow(l.text) && SIZES.test(l.text));
  let units: readonly string[] = [];
  const cells = lines.map((l) => {
    if (!isRow(l.text)) {
      if (!/^[|\s:+-]+$/.test(l.text)) units = [];
      return l
        .replace(/\t+/g, '  ')
        .replace(/^(\p{L}[^|]*?)\s*\|\s*(?=[\d½¼¾])/u, (_, name = '') => `${name}  `)
        .replace(/^(\d[\d.,]* ?(?:k?g|m?l|cups?|tbsp|tsp))\s*\|\s*(?=\p{L})/iu, (_, amount = '') => `${amount} `);
    }
    const head = unitsOf(l.text);
    if (head.some((u) => u !== '')) units = head;
    // how many a column is for is none of what is made
    if (l === sizes && SIZED.test(l.text)) return l.replace(new RegExp(SIZED, 'g'), '');
    return inOneLine(units.length > 2 || units[1] ? withUnits(l, units) : oneSize(l, sizes));
  });
  const hasHead = lines.some(
    (l) => l.text.includes('|') && /%\s*\|?\s*$/.test(l.text) && /[a-z]/i.test(l.text) && !/\d/.test(l.text),
  );
  // "Bulk 60" stands in no column of ingredients
  const named = cells.map((l) => (actionsIn(normalLine(l.text)).length > 0 ? null : COLUMN.exec(l.text)));
  const flour = named.reduce(
    (sum, m) => sum + (m && findFood(m[1] ?? '')?.role === 'flour' ? Number((m[2] ?? '').replace(',', '.')) : 0),
    0,
  );
  const isPercent = Math.abs(flour - 100) <= 1;
  return cells.map((l, n) => {
    if (isPercent && named[n]) return l.replace(/\s*\|?$/, ' %');
    // the last cell of a row under "%"
    return hasHead && /^\s*\|/.test(lines[n]?.text ?? '') && /\d\s*$/.test(l.text) ? l.replace(/\s*$/, ' %') : l;
  });
}

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
          if (/^(?:price|cost|[€£$]|eur|p\.p\.)\b/.test(text) || text === '€' || text === '£') return PRICE;
          if (/^(?:min(?:ute)?s?|time \(min(?:ute)?s?\))$/.test(text)) return 'min';
          return /^(?:g|grams?|(?:weight|amount|quantity)(?: \(g\)| in g| in grams)|weight)$/.test(text) ? 'g' : '';
        });

const PRICE = 'price';
const SIZED = /\d+ (?=pieces|pcs|breads|batch|recipe)/;
/** A row whose bare figures have the units of their columns. */
function withUnits(row: Mapped, units: readonly string[]): Mapped {
  const cells = row.replace(/^\s*\||\|\s*$/g, '').split(/\|/g);
  // where the work tells its own times the column says no more than how long the hands are busy
  const isTimed = cells.some((c) => /\d ?(?:min|s|sec|h)\b/.test(c.text));
  return Mapped.join(
    cells
      // the row tells its own time: how long all hands take is read nowhere
      .filter((c, n) => units[n] !== PRICE && !(isTimed && units[n] === 'min' && /^\s*\d+\s*$/.test(c.text)))
      .map((c, n) => (/^\s*\d+(?:[.,]\d+)?\s*$/.test(c.text) && units[n] ? c.replace(/\s*$/, ` ${units[n]}`) : c)),
    ' | ',
  );
}

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

/** The head of a table whose rows hold ingredients and, in the last cell, what is done with them. */
const WORK_COLUMN =
  /\|[^|]*(?:ingredient|what|material)[^|]*\|.*\|\s*(?:work|method|what to do|procedure|process|instructions?|do)\s*\|?\s*$/i;
/** Of such a table its ingredients and its work, each in lines of its own. */
function workApart(lines: readonly Mapped[]): readonly Mapped[] {
  const head = lines.findIndex((l) => WORK_COLUMN.test(l.text) && !/\d/.test(l.text));
  if (head < 0) return lines;
  return lines.flatMap((row, n) => {
    const cells = row
      .replace(/^\s*\||\|\s*$/g, '')
      .split(/\|/g)
      .map((c) => c.trim());
    const work = cells.at(-1);
    if (n <= head || !work || cells.length < 3 || !/\p{L}/u.test(row.text)) return [row];
    const isNumbered = /^\d{0,2}[.)]?$/.test(cells[0]?.text ?? '');
    const ingredient = Mapped.join(cells.slice(isNumbered ? 1 : 0, -1), '  ').trim();
    return [ingredient, work].filter((l) => /\p{L}/u.test(l.text));
  });
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
    /^[^,;:.!?]{2,}(?:,(?! )[^,;:]*)+$/.test(l.text) ? (l.text.match(/,/g) ?? []).length : 0,
  );
  // "flour 0,5 kg" has a comma in its figure
  const isDecimal = lines.map((l) => /(?:^|[^,\d.])\d+,\d/.test(l.text));
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
  (line.text.match(/\S\t+(?=\S)/g) ?? []).length > 1 ? line.replace(/\t+/g, ' | ').replace(/^/, '| ') : line;

/** Where columns are parted by room alone. */
const ROOM = /(?<=\S) {2,}(?=\S)/g;
const HEAD_WORD = /^(?:ingredients?|formula|item|what|material|name|recipe|dough)\b/i;
/** Rows under a head whose columns are parted by room: three or more of one length, each a name with figures behind it. */
function aligned(lines: readonly Mapped[]): readonly Mapped[] {
  const cellsOf = (l: Mapped | undefined): readonly string[] => (l && !l.text.includes('|') ? l.text.split(ROOM) : []);
  // sizes of a class alone name no column of the ingredients
  const isSizes = (l: Mapped): boolean => cellsOf(l).length > 1 && cellsOf(l).every((c) => SIZE_ALONE.test(c.trim()));
  const head = lines.findIndex((l) => (HEAD_WORD.test(l.text) && cellsOf(l).length > 2) || isSizes(l));
  const first = lines[head];
  if (!first) return lines;
  const columns = cellsOf(first).length + (isSizes(first) ? 1 : 0);
  const isRow = (l: Mapped): boolean => {
    const cells = cellsOf(l);
    return (
      cells.length === columns && /^\p{L}/u.test(cells[0] ?? '') && cells.slice(1).every((c) => /^[\d½¼¾–-]/.test(c))
    );
  };
  const after = lines.slice(head + 1);
  const firstOther = after.findIndex((l) => !isRow(l));
  const rows = firstOther < 0 ? after.length : firstOther;
  if (rows < 3) return lines;
  const bars = (l: Mapped): Mapped => l.replace(ROOM, ' | ').replace(/^/, isSizes(l) ? '|  | ' : '| ');
  return lines.map((l, n) => (n >= head && n <= head + rows ? bars(l) : l));
}

/** Columns for several sizes of a class: "| For 6 | For 12". */
const SIZE_HEAD = String.raw`(?:(?:for|makes|serves)?\s*\d+\s*(?:people|persons|pieces|pcs|breads|batch(?:es)?|recipes?|k?g (?:of )?flour)?|(?:per|for (?:one|each)) (?:person|head|student|pupil)|(?:the |whole |for (?:the|all) )?(?:group|class|batch|total|all|everyone))`;
const SIZE_ALONE = new RegExp(`^${SIZE_HEAD}$`, 'i');
const SIZES = new RegExp(String.raw`\|\s*${SIZE_HEAD}\s*\|\s*${SIZE_HEAD}\s*\|?\s*$`, 'i');

/** The amounts of one piece before those of the class: "| Per bread | x 12 |". */
const PER_PIECE =
  /\|\s*(?:per(?! (?:person|head|pupil|student))|each)\b[^|]*\|\s*(?:[x×]|for|makes)?\s*\d+[^|]*\|?\s*$/i;
function secondApart(row: Mapped): readonly Mapped[] {
  const [, head = '', second = ''] = /^(\|?[^|]*\|)([^|]*\|)/.exec(row.text) ?? [];
  const [from, to] = [head.length, head.length + second.length];
  if (!/\d/.test(second) || (row.text.match(/\|/g) ?? []).length < 3) return [row];
  return [Mapped.join([row.slice(0, from), row.slice(to)], ''), row.slice(from, to - 1).trim()];
}

/** Of a row for several sizes the name and the first of them; the others stay unread, and are shown so. */
function oneSize(row: Mapped, head: Mapped | undefined): Mapped {
  const second = head && /^\|?[^|]*\|[^|]*(?=\|)/.exec(row.text);
  return second ? row.slice(0, second[0].length) : row;
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
