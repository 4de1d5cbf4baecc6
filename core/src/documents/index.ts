/**
 * The kinds of documents that are stored: for each one file with its migrations and what makes it valid, and one with what a list shows of it.
 * Begin with `open-document.ts`: reading is parse → migrate → validate. Server and page read every document through here.
 */
export { DOCUMENT_KINDS, type DocumentBodies, type DocumentKind, type DocumentSummaries } from './kinds.ts';
export { currentForm, documentTitle, openDocument } from './open-document.ts';
export { documentSummary } from './summaries.ts';
export { THINNING, versionsToDrop, type VersionStamp } from './keep-versions.ts';
export { strandOf, type BreadSummary, type StrandStep } from './bread-summary.ts';
export { answers, shelve, type Shelved, type Wish } from './library.ts';
export type { ClassSummary } from './class-summary.ts';
export { classesByDay, type ClassDay } from './class-list.ts';
export type { KitchenSummary } from './kitchen-summary.ts';
export { storeOf } from './pantry-summary.ts';
