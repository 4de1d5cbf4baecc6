import { drawing } from '../../drawn.ts';

/** A column of a table: what may stand over it, and its cell of a row. */
interface Column {
  readonly heads: readonly string[];
  readonly cell: (row: readonly string[], n: number) => string;
}
/** A table that was put together: its columns and its form in words, and the whole text. */
export interface MadeTable {
  readonly name: string;
  readonly text: string;
}

/** Names, grams, percentages of the flour. */
const FORMULA: readonly (readonly [string, string, string])[] = [
  ['Strong flour', '500', '100'],
  ['Water', '325', '65'],
  ['Salt', '10', '2'],
  ['Instant yeast', '5', '1'],
  ['Olive oil', '20', '4'],
];
const grams = (row: readonly string[]): number => Number(row[1]);
const inHundredths = (n: number): string => String(Math.round(n * 100) / 100);
const SIZES = ['16 pieces', 'For 16', 'Double', 'x2', '2 batches', 'Class of 16'];
const EACH = ['Per piece', 'Each', 'Per bread', '1 bread'];
const NUMBER: Column = { heads: ['#', 'No.', 'Nr', ''], cell: (_, n) => String(n + 1) };
const INGREDIENTS: Readonly<Record<string, Column>> = {
  name: {
    heads: ['Ingredient', 'Ingredients', 'Item', 'What', 'Material', '', 'Name'],
    cell: ([name = '']) => name,
  },
  'bare grams': {
    heads: ['g', 'Grams', 'Weight (g)', 'Amount (g)', 'gram', 'Quantity', 'Weight', '8 pieces', 'Batch'],
    cell: ([, g = '']) => g,
  },
  grams: {
    heads: ['Amount', 'Weight', 'Quantity', 'How much', '8 pieces', 'For 8', ''],
    cell: ([, g = '']) => `${g} g`,
  },
  'bare percent': {
    heads: ['%', "Baker's %", 'Percent', 'Baker’s percentage', '% on flour'],
    cell: ([, , pct = '']) => pct,
  },
  percent: { heads: ['%', "Baker's %", 'Share', ''], cell: ([, , pct = '']) => `${pct} %` },
  unit: { heads: ['Unit', 'unit', 'Measure', ''], cell: () => 'g' },
  number: NUMBER,
  note: {
    heads: ['Notes', 'Remarks', 'Note', 'Comment'],
    cell: ([name]) => (name === 'Water' ? 'lukewarm' : name === 'Salt' ? 'fine' : ''),
  },
  'bare grams of more': { heads: SIZES, cell: (row) => String(2 * grams(row)) },
  'grams of more': { heads: SIZES, cell: (row) => `${2 * grams(row)} g` },
  'bare grams of each': { heads: EACH, cell: (row) => inHundredths(grams(row) / 8) },
  'grams of each': { heads: EACH, cell: (row) => `${inHundredths(grams(row) / 8)} g` },
  price: { heads: ['Price', 'Cost', '€'], cell: () => '0.40' },
};
const OF_INGREDIENTS = [
  'name, bare grams',
  'name, grams',
  'name, bare percent',
  'name, percent',
  'name, bare percent, bare grams',
  'name, bare grams, bare percent',
  'name, grams, percent',
  'name, percent, grams',
  'grams, name',
  'bare grams, unit, name',
  'name, bare grams, unit',
  'number, name, bare grams',
  'number, name, grams',
  'number, name, bare percent, bare grams',
  'name, bare grams, note',
  'name, grams, note',
  'name, bare grams, bare grams of more',
  'name, grams, grams of more',
  'name, bare percent, bare grams, bare grams of more',
  'name, percent, grams, grams of more',
  'name, grams, grams of each',
  'name, bare grams, bare grams of each',
  'name, bare grams, price',
  'name, bare percent, bare grams, note',
  'name, bare grams, unit, bare percent',
  'name, bare percent, bare grams, bare grams of each',
];
/** Columns whose figures nobody understands without what stands over them. */
const NEEDS_HEAD =
  /of more|of each|price|unit, bare percent|bare percent, bare grams|bare grams, bare percent|^name, bare percent$/;

/** Stages, minutes, and what is said of each. */
const STAGES: readonly (readonly [string, string, string, string])[] = [
  ['Mix', '3', 'by hand', 'Mixing'],
  ['Knead', '7', 'on the table', 'Kneading'],
  ['Proof', '60', 'covered, 26 °C', 'Bulk proof'],
  ['Divide', '4', 'into 8', 'Dividing'],
  ['Ball', '5', '', 'Rounding'],
  ['Rest', '15', 'under a cloth', 'Bench rest'],
  ['Roll', '10', '18 cm', 'Rolling'],
  ['Cook', '2', '60 s each side', 'Griddle'],
];
const IDLE = ['Mix', 'Knead', 'Proof', 'Rest'];
const WORK: Readonly<Record<string, Column>> = {
  stage: {
    heads: ['Stage', 'Step', 'What', 'Process', 'Work', 'Operation', ''],
    cell: ([stage = '']) => stage,
  },
  'stage as a noun': { heads: ['Stage', 'Step', 'Task'], cell: ([, , , noun = '']) => noun },
  'bare minutes': { heads: ['Minutes', 'min', 'Time (min)', 'Duration (min)'], cell: ([, min = '']) => min },
  minutes: { heads: ['Time', 'Duration', 'How long', ''], cell: ([, min = '']) => `${min} min` },
  'bare minutes of some': {
    heads: ['Minutes', 'min', 'Time (min)'],
    cell: ([stage = '', min = '']) => (IDLE.includes(stage) ? min : ''),
  },
  'minutes of some': {
    heads: ['Time', 'Duration'],
    cell: ([stage = '', min = '']) => (IDLE.includes(stage) ? `${min} min` : ''),
  },
  detail: {
    heads: ['Detail', 'Details', 'Notes', 'How', 'Remarks', 'Comment'],
    cell: ([, , detail = '']) => detail,
  },
  number: NUMBER,
  who: { heads: ['Who', 'By'], cell: () => 'all' },
};
const OF_WORK = [
  'stage, detail',
  'stage, bare minutes, detail',
  'stage, detail, bare minutes',
  'stage, minutes, detail',
  'stage, detail, minutes',
  'stage, bare minutes of some, detail',
  'stage, minutes of some, detail',
  'stage, detail, minutes of some',
  'stage, detail, bare minutes of some',
  'number, stage, bare minutes, detail',
  'number, stage, detail, bare minutes',
  'number, stage, minutes, detail',
  'stage as a noun, minutes, detail',
  'stage as a noun, bare minutes, detail',
  'stage as a noun, detail, bare minutes of some',
  'stage, who, minutes, detail',
];

type Rows = readonly (readonly string[])[];
const widthsOf = (rows: Rows): readonly number[] =>
  (rows[0] ?? []).map((_, c) => Math.max(...rows.map((row) => row[c]?.length ?? 0)));
/** How cells stand beside each other. */
const FORMS: Readonly<Record<string, (rows: Rows, hasHead: boolean) => string>> = {
  'bars and a rule': (rows, hasHead) =>
    rows
      .flatMap((row, n) => [
        `| ${row.join(' | ')} |`,
        ...(hasHead && n === 0 ? [`|${row.map(() => '---').join('|')}|`] : []),
      ])
      .join('\n'),
  bars: (rows) => rows.map((row) => `| ${row.join(' | ')} |`).join('\n'),
  'bars between cells': (rows) => rows.map((row) => row.join(' | ')).join('\n'),
  tabs: (rows) => rows.map((row) => row.join('\t')).join('\n'),
  semicolons: (rows) => rows.map((row) => row.join(';')).join('\n'),
  commas: (rows) => rows.map((row) => row.join(',')).join('\n'),
  'room, figures to the right': (rows) => {
    const widths = widthsOf(rows);
    return rows
      .map((row) =>
        row
          .map((cell, c) => (c === 0 ? cell.padEnd(widths[c] ?? 0) : cell.padStart((widths[c] ?? 0) + 3)))
          .join('')
          .trimEnd(),
      )
      .join('\n');
  },
  room: (rows) => {
    const widths = widthsOf(rows);
    return rows
      .map((row) =>
        row
          .map((cell, c) => cell.padEnd((widths[c] ?? 0) + 3))
          .join('')
          .trimEnd(),
      )
      .join('\n');
  },
  'a page': (rows, hasHead) => {
    const cell = (text: string, tag: string): string => `<${tag}>${text}</${tag}>`;
    return `<table>${rows.map((row, n) => cell(row.map((c) => cell(c, hasHead && n === 0 ? 'th' : 'td')).join(''), 'tr')).join('')}</table>`;
  },
};
/** So many heads of each kind are drawn. */
const HEADS = 3;

function made(
  sets: readonly string[],
  columns: Readonly<Record<string, Column>>,
  body: Rows,
  isMade: (set: string, form: string, head: readonly string[] | undefined) => boolean,
  whole: (table: string, form: string) => string,
): readonly MadeTable[] {
  const one = drawing(5);
  return sets.flatMap((set) => {
    const own = set.split(', ').flatMap((name) => columns[name] ?? []);
    const rows = body.map((row, n) => own.map((c) => c.cell(row, n)));
    return Object.entries(FORMS).flatMap(([form, tableOf]) =>
      Array.from({ length: HEADS + 1 }, (_, k) => (k < HEADS ? own.map((c) => one(c.heads)) : undefined))
        .filter((head) => isMade(set, form, head))
        .map((head) => ({
          name: `${set}; ${form}; ${head ? `"${head.join(' | ')}"` : 'no head'}`,
          text: whole(tableOf(head ? [head, ...rows] : rows, head !== undefined), form),
        })),
    );
  });
}

const PROSE =
  'Mix 3 min, knead 7 min. Proof 1 hour. Divide into 8, ball, rest 15 minutes. Roll to 18 cm. Cook 60 s each side.';
/** One formula in tables of many columns, heads and forms, with its method in words. */
export const TABLES_OF_INGREDIENTS: readonly MadeTable[] = made(
  OF_INGREDIENTS,
  INGREDIENTS,
  FORMULA,
  (set, form, head) => (head ? !(form === 'room' && head[0] === '') : !NEEDS_HEAD.test(set)),
  (table, form) =>
    form === 'a page' ? `<h1>Plate bread</h1>${table}<p>${PROSE}</p>` : `Plate bread\n\n${table}\n\n${PROSE}`,
);

const LIST = ['500 g strong flour', '325 g water', '10 g salt', '5 g instant yeast'];
/** One method in tables of many columns, heads and forms, with its list in lines. */
export const TABLES_OF_WORK: readonly MadeTable[] = made(
  OF_WORK,
  WORK,
  STAGES,
  (set, form, head) =>
    // commas part no cells that hold commas; room shows no cell that is empty
    !/^commas$|to the right/.test(form) &&
    (head !== undefined || !set.includes('bare minutes')) &&
    !(form === 'room' && ((head?.includes('') ?? false) || /of some|detail$/.test(set))),
  (table, form) =>
    form === 'a page'
      ? `<h1>Plate bread</h1><ul>${LIST.map((l) => `<li>${l}</li>`).join('')}</ul>${table}`
      : `Plate bread\n\n${LIST.join('\n')}\n\n${table}`,
);
