/**
 * Why a plan is as it is, in data that the edge puts into words. Begin with `verdict.ts`: does the class fit, with how much to spare,
 * and what is tightest. It reads schedules and bounds, and changes nothing.
 */
export { brokenWords } from './broken-words.ts';
export { tightestOf, type Tightest } from './tightest.ts';
export { verdictOf, verdictWords, type Verdict } from './verdict.ts';
