import type { Bread } from '../bread/index.ts';
import type { Kitchen, Pantry } from '../kitchen/index.ts';
import type { ClassRecord } from '../workshop/index.ts';
import type { BreadSummary } from './bread-summary.ts';
import type { ClassSummary } from './class-summary.ts';
import type { KitchenSummary } from './kitchen-summary.ts';
import type { PantrySummary } from './pantry-summary.ts';

/** The kinds of documents that are stored. */
export const DOCUMENT_KINDS = ['bread', 'kitchen', 'class', 'pantry'] as const;
export type DocumentKind = (typeof DOCUMENT_KINDS)[number];

/** What each kind holds once it is read. */
export interface DocumentBodies {
  readonly bread: Bread;
  readonly kitchen: Kitchen;
  readonly class: ClassRecord;
  readonly pantry: Pantry;
}

/** What a list shows of each kind. */
export interface DocumentSummaries {
  readonly bread: BreadSummary;
  readonly kitchen: KitchenSummary;
  readonly class: ClassSummary;
  readonly pantry: PantrySummary;
}
