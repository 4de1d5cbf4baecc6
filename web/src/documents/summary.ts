/** What a list shows of a document: it is wanted when something is saved, and comes then. */
export { documentSummary } from '@hodsman/core';
