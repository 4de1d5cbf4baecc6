/**
 * Whether a plan is right for its workshop: every broken rule of R1 to R14, with its tasks and by how much.
 * Begin with `find-broken-rules.ts`; each rule has a file of its own. This part is written anew from the formats note: it imports
 * types, units and the plain data, never the network or the search, so that it can prove what they made.
 */
export { findBrokenRules } from './find-broken-rules.ts';
