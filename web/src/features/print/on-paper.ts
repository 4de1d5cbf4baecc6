import type { LabelSheet, Workshop } from '@hodsman/core';
import type { Paper } from '../../board/paper.ts';

/** Papers with their size in millimetres. */
export const PAPER_MM: Readonly<Record<Paper, readonly [number, number]>> = { a4: [210, 297], letter: [215.9, 279.4] };
/** Around what is printed; the foot of the page has its line in it. */
export const MARGIN_MM = 12;

/** What every sheet needs to be laid out. */
export interface OnPaper {
  readonly workshop: Workshop;
  /** Title, day and version, as they stand on every sheet. */
  readonly head: string;
  readonly paper: Paper;
  readonly labels: LabelSheet;
}

/** Margins of the pages, with the class and the number of the page at the foot; labels have the whole page, a board may lie across. */
export function pageRules(paper: Paper, head: string, isAcross: boolean): string {
  const size = paper === 'a4' ? 'A4' : 'letter';
  const words = JSON.stringify(head.replace(/[\\\n<]/g, ' '));
  const foot = `font: 9pt sans-serif; vertical-align: top;`;
  return `@page { size: ${size}; margin: ${MARGIN_MM}mm;
  @bottom-left { content: ${words}; ${foot} } @bottom-right { content: counter(page) " of " counter(pages); ${foot} } }
@page room { size: ${size} ${isAcross ? 'landscape' : 'portrait'}; }
@page labels { size: ${size}; margin: 0; @bottom-left { content: none } @bottom-right { content: none } }`;
}
