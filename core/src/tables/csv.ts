import Papa from 'papaparse';

/** A table as it leaves the screen: what it is called, what its columns hold, and its rows. */
export interface Table {
  /** In words: "The shopping list". */
  readonly title: string;
  /** For the name of a file: "shopping". */
  readonly name: string;
  readonly fields: readonly string[];
  readonly rows: readonly (readonly (string | number)[])[];
}

/** Texts that a spreadsheet may take for a formula: signs in both widths, also behind spaces, tabs and line ends, which it passes over. */
const LIKE_FORMULA = /^[\s\u200b\ufeff]*[=+\-@＝＋－＠]|^[\t\r\n]/;

/** A table as CSV (RFC 4180) in UTF-8 with a byte order mark, which spreadsheets ask for; texts that begin like a formula are neutralised. */
export function csvOf({ fields, rows }: Pick<Table, 'fields' | 'rows'>): string {
  const safe = <T extends string | number>(cell: T): T | string =>
    typeof cell === 'string' && LIKE_FORMULA.test(cell) ? `'${cell}` : cell;
  const table = { fields: fields.map(safe), data: rows.map((row) => row.map((cell) => safe(cell))) };
  return `\ufeff${Papa.unparse(table, { newline: '\r\n' })}\r\n`;
}
