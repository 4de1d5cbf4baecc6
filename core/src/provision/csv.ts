import Papa from 'papaparse';

import { roundHalfUp, scaleOf, unitOf } from '../units/index.ts';
import type { DoughCard } from './cards.ts';
import type { ShoppingList } from './shopping.ts';

/** Texts that a spreadsheet may take for a formula: signs in both widths, also behind spaces, tabs and line ends, which it passes over. */
const LIKE_FORMULA = /^[\s\u200b\ufeff]*[=+\-@＝＋－＠]|^[\t\r\n]/;

/** A table as CSV (RFC 4180) in UTF-8 with a byte order mark, which spreadsheets ask for; texts that begin like a formula are neutralised. */
function csvOf(fields: readonly string[], data: readonly (readonly (string | number)[])[]): string {
  const safe = <T extends string | number>(cell: T): T | string =>
    typeof cell === 'string' && LIKE_FORMULA.test(cell) ? `'${cell}` : cell;
  const table = { fields: fields.map(safe), data: data.map((row) => row.map((cell) => safe(cell))) };
  return `\ufeff${Papa.unparse(table, { newline: '\r\n' })}\r\n`;
}

const cents = (x: number): number => roundHalfUp(x * 100) / 100;
/** Grams to a tenth; ounces to a thousandth, which is finer. */
function weight(g: number): number {
  const { shown, digits } = scaleOf('weight');
  const unit = 10 ** digits(1);
  return roundHalfUp(shown(g) * unit) / unit;
}

/** The shopping list as CSV; weights in one's own measure, money to the cent. */
export function shoppingCsv(list: ShoppingList): string {
  const g = unitOf('weight');
  return csvOf(
    [
      'what',
      'also called',
      `need ${g}`,
      `have ${g}`,
      `pack ${g}`,
      'packs',
      `left over ${g}`,
      `price a pack ${list.currency}`,
      `cost ${list.currency}`,
      'price',
    ],
    list.items.map((i) => [
      i.what,
      i.as.join('; '),
      weight(i.needG),
      weight(i.haveG),
      weight(i.packG),
      i.packs,
      weight(i.leftG),
      cents(i.packPrice),
      cents(i.cost),
      i.isEstimate ? 'estimate' : 'pantry',
    ]),
  );
}

/** What every dough takes, as CSV: one row an ingredient, weights in one's own measure, else as in the plan file's batches. */
export function doughCsv(cards: readonly DoughCard[]): string {
  return csvOf(
    ['batch', 'bread', 'for', 'ingredient', 'use', unitOf('weight')],
    cards.flatMap((c) =>
      [...c.rows, ...c.outside].map((r) => [c.id, c.bread.name, c.title, r.name, r.use, weight(r.g)]),
    ),
  );
}
