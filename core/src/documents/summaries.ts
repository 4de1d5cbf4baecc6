import { breadSummary } from './bread-summary.ts';
import { classSummary } from './class-summary.ts';
import { kitchenSummary } from './kitchen-summary.ts';
import { pantrySummary } from './pantry-summary.ts';
import type { DocumentBodies, DocumentKind, DocumentSummaries } from './kinds.ts';

const SUMMARIES: { readonly [K in DocumentKind]: (body: DocumentBodies[K]) => DocumentSummaries[K] } = {
  bread: breadSummary,
  kitchen: kitchenSummary,
  class: classSummary,
  pantry: pantrySummary,
};

/** What a list shows of a document; plain JSON, kept beside it so that no list opens it. */
export function documentSummary<K extends DocumentKind>(kind: K, body: DocumentBodies[K]): DocumentSummaries[K] {
  return SUMMARIES[kind](body);
}
