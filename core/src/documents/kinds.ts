import type { Bread } from '../bread/index.ts';
import type { Result } from '../faults/index.ts';
import type { Kitchen } from '../kitchen/index.ts';
import type { Pantry } from '../provision/index.ts';
import type { ClassRecord } from '../workshop/index.ts';
import type { BreadSummary } from './bread.ts';
import type { ClassSummary } from './class.ts';
import type { KitchenSummary } from './kitchen.ts';

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
  readonly pantry: Readonly<Record<string, never>>;
}

/** Carries a stored value from one form to the next; it must bear any value, since what it gets was not validated. */
export type Migration = (value: unknown) => unknown;

/** A kind of stored document: its migrations, what makes it valid, and what is listed of it. */
export interface StoredKind<Body, Summary> {
  /** Entry n carries form n + 1 to form n + 2; so the current form is their number and one. */
  readonly migrations: readonly Migration[];
  readonly validate: (value: unknown) => Result<Body>;
  readonly title: (body: Body) => string;
  readonly summary: (body: Body) => Summary;
}
