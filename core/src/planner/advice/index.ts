/**
 * What to do about a class: which of its rules clash (`clash.ts`), and which single changes (`fixes.ts`) help how much, found by planning
 * each (`rank-fixes.ts`); the mildest set of changes that makes it fit (`make-fit.ts`); what to do with time that is left (`ideas.ts`). Everything here plans several times, so it belongs in a worker; all of it says how far it is and can be stopped.
 */
export { sweepOf, type SweepPoint } from './sweep.ts';
export { clashOf, type Clash, type ClashSearch } from './clash.ts';
export { changeKey, type ChangeMade, type ClassChange } from './change.ts';
export type { Demand } from './rule-groups.ts';
export { longBreads, type LongBread } from './long-breads.ts';
export { fixSetOf, type FixSet } from './make-fit.ts';
export { breadsForTimeLeft, LEAST_LEFT_SEC, rankIdeas, timeLeftSec, type Idea } from './ideas.ts';
export { rankFixes, type Fix, type FixTrials } from './rank-fixes.ts';
