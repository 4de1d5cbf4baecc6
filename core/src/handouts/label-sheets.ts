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

/** The largest letters, in points, in which a title and lines of words fit on a label; the least where none do. */
export function letterPt(title: string, lines: readonly string[], { widthMm, heightMm }: LabelSheet): number {
  const [wide, high] = [widthMm - PADDING_MM, heightMm - PADDING_MM];
  const rows = (words: string, pt: number): number =>
    Math.ceil((words.length * LETTER_WIDTH * pt * MM_PER_PT) / wide) * pt * MM_PER_PT * LINE_HEIGHT;
  for (let pt = MOST_PT; pt > LEAST_PT; pt -= 0.5)
    if (rows(title, pt * TITLE_SHARE) + lines.reduce((sum, l) => sum + rows(l, pt), 0) <= high) return pt;
  return LEAST_PT;
}
