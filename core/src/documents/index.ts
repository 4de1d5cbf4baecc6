/**
 * The kinds of documents that are stored: for each one file with its migrations, what makes it valid, and what a list shows of it.
 * Begin with `open-document.ts`: reading is parse → migrate → validate. Server and page read every document through here.
 */
export { DOCUMENT_KINDS, type DocumentBodies, type DocumentKind, type DocumentSummaries } from './kinds.ts';
export { currentForm, documentSummary, documentTitle, openDocument } from './open-document.ts';
export { THINNING, versionsToDrop, type VersionStamp } from './keep-versions.ts';
export { strandOf, type BreadSummary, type StrandStep } from './bread.ts';
export { answers, shelve, type Shelved, type Wish } from './library.ts';
export type { ClassSummary } from './class.ts';
export type { KitchenSummary } from './kitchen.ts';
