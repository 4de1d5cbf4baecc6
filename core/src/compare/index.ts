/**
 * Two states of a document side by side: what differs, in words, and how two people's changes of one state go together. Begin with
 * `changes.ts`. It knows no bread and no class, only plain JSON whose lists name their entries.
 */
export { changesBetween, type Change } from './changes.ts';
export { changeWords } from './change-words.ts';
export { faultInWords } from './fault-in-words.ts';
export { mergeChanges, type Merged } from './merge.ts';
export { same } from './same.ts';
export { whereWords } from './where-words.ts';
