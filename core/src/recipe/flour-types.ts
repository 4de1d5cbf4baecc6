import type { Mapped } from './mapped.ts';

/** Ash contents by which Germany, Austria, France and Italy sell flours (from memory of their standards: DIN 10355, the French decree on flours, Italian law 580). */
const FIGURE = String.raw`0{1,2}|45|55|65|80|110|130|150|405|480|550|630|700|812|997|1050|1150|1370|1600|1740`;
const CALLED = String.raw`(?:type|typ|tipo|no\.?) ?(?:0{1,2}|\d{2,4})(?!\d)|T ?\d{2,4}(?!\d)`;

/** "type 550 flour", "T55 flour", "00 flour" */
const BEFORE = new RegExp(String.raw`(?<=^|[ (])(${CALLED}|0{1,2}),? (?=(?:\p{L}+ )?\p{L}*flour)`, 'iu');
/** "flour type 550", "flour (T65)", "rye flour 1150: 200 g": a bare figure only where the amount follows. */
const BEHIND = new RegExp(
  String.raw`(?<=flour|mehl|farine|farina|harina|bloem),? \(?(?:(${CALLED}|00(?![\d.,]| ?/)|0(?=$|[,;)]))|(${FIGURE})(?![\d.])(?=\)|(?: ?[:,–-])? ?(?:about )?(?:[\d½¼¾][\d.,/]*) ?(?:k?g|%|cups?|oz|lb)\b))\)?(?! ?(?:k?g|m?l|%)\b)`,
  'iu',
);

/** A line without the type of its flour, whose figure is no amount, and how what the line names is called with it. */
export function withoutFlourType(line: Mapped): { readonly line: Mapped; readonly called: (name: string) => string } {
  const before = BEFORE.exec(line.text);
  const found = before ?? BEHIND.exec(line.text);
  if (!found) return { line, called: (name) => name };
  const type = (found[1] ?? found[2] ?? '').toLowerCase().replace(/^t(?= ?\d)/, 'T');
  return {
    line: line.replace(before ? BEFORE : BEHIND, ''),
    called: (name) => (before ? `${type} ${name}` : `${name} ${type}`),
  };
}
