import type { LabelSheet, Workshop } from '@hodsman/core';

/** Papers with their size in millimetres. */
export const PAPER_MM = { a4: [210, 297], letter: [215.9, 279.4] } as const;
export type PaperName = keyof typeof PAPER_MM;
export const PAPER_NAMES = [
  ['a4', 'A4'],
  ['letter', 'Letter'],
] as const satisfies readonly (readonly [PaperName, string])[];
/** Around what is printed; the foot of the page has its line in it. */
export const MARGIN_MM = 12;

/** What every sheet needs to be laid out. */
export interface OnPaper {
  readonly workshop: Workshop;
  /** Title, day and version, as they stand on every sheet. */
  readonly head: string;
  readonly paper: PaperName;
  readonly labels: LabelSheet;
}
