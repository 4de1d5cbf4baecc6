import type { SheetCard } from './sheet.ts';

/** A sheet of labels: how many lie beside and below each other, how large each is, and the margins around; millimetres. */
export interface LabelSheet {
  readonly name: string;
  readonly columns: number;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Left and above the first label, and between two of them. */
  readonly leftMm: number;
  readonly topMm: number;
  readonly gapMm: number;
}

/** Sizes that stationers sell (common practice; widths and heights as they are printed on packs, margins so that they lie centred). */
export const LABEL_SHEETS: readonly [LabelSheet, ...LabelSheet[]] = [
  { name: '63.5 × 38.1 mm, 21 on A4', columns: 3, widthMm: 63.5, heightMm: 38.1, leftMm: 7.2, topMm: 15.1, gapMm: 2.5 },
  { name: '70 × 37 mm, 24 on A4', columns: 3, widthMm: 70, heightMm: 37, leftMm: 0, topMm: 0.5, gapMm: 0 },
  { name: '99.1 × 67.7 mm, 8 on A4', columns: 2, widthMm: 99.1, heightMm: 67.7, leftMm: 4.7, topMm: 13, gapMm: 2.5 },
  {
    name: '101.6 × 50.8 mm, 10 on Letter',
    columns: 2,
    widthMm: 101.6,
    heightMm: 50.8,
    leftMm: 4,
    topMm: 12.7,
    gapMm: 4.8,
  },
];

/** How many labels of a size lie below each other on a page of so many millimetres. */
export const rowsOn = ({ heightMm, topMm }: LabelSheet, pageMm: number): number =>
  Math.max(1, Math.floor((pageMm - topMm) / heightMm));

/** Letters on a label are no smaller than this: an x-height of 1.2 mm (Regulation (EU) No 1169/2011, article 13; half of the letter's size). */
export const LEAST_PT = 7;
const MOST_PT = 12;
const MM_PER_PT = 25.4 / 72;
/** A letter is about so wide, and a line so high, against its size. */
const LETTER_WIDTH = 0.56;
const LINE_HEIGHT = 1.25;
/** A title is set so much larger. */
export const TITLE_SHARE = 1.25;
const PADDING_MM = 4;

/** A line of a label; what is to be minded is set bold. */
export interface LabelLine {
  readonly words: string;
  readonly isCare: boolean;
}
/** What one label says, and how large its letters are. */
export interface Label {
  readonly title: string;
  readonly lines: readonly LabelLine[];
  readonly pt: number;
}

/** How many letters a line of the label holds, and how many lines lie on it. */
const roomAt = ({ widthMm, heightMm }: LabelSheet, pt: number) => ({
  perLine: Math.max(1, Math.floor((widthMm - PADDING_MM) / (LETTER_WIDTH * pt * MM_PER_PT))),
  lines: (heightMm - PADDING_MM) / (pt * MM_PER_PT * LINE_HEIGHT),
});
const linesAt = (sheet: LabelSheet, pt: number, words: string): number =>
  Math.ceil(words.length / roomAt(sheet, pt).perLine);
/** Lines of the size of the words that a title takes. */
const titleLines = (sheet: LabelSheet, pt: number, title: string): number =>
  TITLE_SHARE * linesAt(sheet, pt * TITLE_SHARE, title);

function fits(sheet: LabelSheet, pt: number, title: string, lines: readonly LabelLine[]): boolean {
  const taken = lines.reduce((sum, l) => sum + linesAt(sheet, pt, l.words), titleLines(sheet, pt, title));
  return taken <= roomAt(sheet, pt).lines;
}

/**
 * A card as the labels that hold all of it: one in the largest letters that fit, or where not even the least do, as many as it takes, each
 * saying which of them it is. Nothing is cut off: what is to be minded may stand on the second.
 */
export function labelsOf(card: SheetCard, head: string, sheet: LabelSheet): readonly Label[] {
  const plain = (words: string): LabelLine => ({ words, isCare: false });
  const lines = [
    plain(card.under),
    ...card.care.map((words) => ({ words, isCare: true })),
    ...card.rows.map((r) => plain(r.words)),
    plain(head),
  ].filter((l) => l.words !== '');
  for (let pt = MOST_PT; pt >= LEAST_PT; pt -= 0.5)
    if (fits(sheet, pt, card.title, lines)) return [{ title: card.title, lines, pt }];
  const { perLine, lines: most } = roomAt(sheet, LEAST_PT);
  const room = Math.max(1, Math.floor(most - titleLines(sheet, LEAST_PT, `${card.title} (10 of 10)`)));
  const parts: LabelLine[][] = [[]];
  let left = room;
  for (const line of lines.flatMap((l) => brokenAt(l.words, perLine).map((words) => ({ ...l, words })))) {
    if (left === 0) {
      parts.push([]);
      left = room;
    }
    parts.at(-1)?.push(line);
    left--;
  }
  return parts.map((part, i) => ({ title: `${card.title} (${i + 1} of ${parts.length})`, lines: part, pt: LEAST_PT }));
}

/** Words in lines of so many letters at the most; a word that is longer is a line of its own, in pieces. */
function brokenAt(words: string, perLine: number): readonly string[] {
  const lines: string[] = [];
  for (const word of words.split(' ').flatMap((w) => w.match(new RegExp(`.{1,${perLine}}`, 'gu')) ?? [])) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= perLine) lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}
