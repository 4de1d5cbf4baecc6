import type { Rule } from './schema.ts';

/**
 * What breaks each rule (formats note, section 3), by code, with what is needed to say it. Which tasks or batches it is about, and by
 * how many seconds, is beside it; `words` makes the sentences.
 */
export interface BreakParams {
  // R1: batches and tasks
  'batch-twice': object;
  'batch-unasked': object;
  'batch-missing': object;
  'batch-pieces': object;
  'batch-mislabelled': object;
  'batch-mother': { readonly isShare: boolean };
  'batch-grams':
    | { readonly of: 'dough' | 'flour'; readonly rightG: number; readonly listedG: number }
    | { readonly of: 'ingredient'; readonly name: string; readonly rightG: number; readonly listedG: number | null }
    | { readonly of: 'stranger'; readonly name: string };
  'mother-names': object;
  'mothers-too-many': { readonly fewest: number };
  'mothers-unequal': object;
  'task-twice': object;
  'task-unasked': { readonly why: 'menu' | 'class' | 'no-griddle' | 'not-used' };
  'task-mislabelled': object;
  'task-missing': object;
  // R2: order, waits, windows
  'out-of-order': object;
  'waited-too-long': { readonly mostMin: number };
  'rest-misplaced': { readonly at: 'start' | 'end' };
  'place-too-far': { readonly place: string; readonly tempC: number; readonly fromC: number; readonly toC: number };
  'window-wrong': object;
  'under-rested': { readonly lastsSec: number; readonly leastSec: number };
  'over-rested': { readonly lastsSec: number; readonly mostSec: number };
  'prepared-late': object;
  // R3: durations
  'wrong-length': { readonly rightSec: number };
  'wrong-turns': { readonly rightSecs: readonly number[] };
  // R4: people
  'unknown-person': object;
  'two-at-once': { readonly person: string };
  'wrong-people': { readonly people: readonly string[]; readonly isOneOf: boolean };
  // R5: benches
  'no-bench': object;
  'wrong-bench': { readonly bench: string };
  'bench-full': { readonly bench: string; readonly people: number; readonly seats: number };
  // R6: griddles, grills, flames
  'no-such-spot': { readonly griddle: string; readonly spots: number; readonly bread: string };
  'wrong-griddle': { readonly griddle: string; readonly why: GriddleReason };
  'changed-too-soon': { readonly griddle: string; readonly changeSec: number };
  'spot-taken': { readonly griddle: string; readonly spot: number };
  'reset-too-short': { readonly griddle: string; readonly spot: number };
  'carried-with-bread': { readonly griddle: string };
  'unequal-heat': { readonly griddle: string; readonly heats: readonly [string, string] };
  'too-many-at-once': { readonly griddle: string; readonly room: number };
  'laid-on-together': { readonly griddle: string; readonly gapSec: number };
  'too-many-people': { readonly griddle: string; readonly people: number; readonly room: number };
  'preheat-length': { readonly griddle: string | null; readonly rightSec: number };
  'preheat-late': { readonly griddle: string };
  'no-such-place': { readonly site: string };
  'slots-full': { readonly place: string; readonly slots: number; readonly wanted: number };
  'not-at-the-fire': { readonly site: string; readonly fromSec: number; readonly toSec: number };
  'fire-for-nothing': object;
  // R7: mixers and hands
  'no-mixer': object;
  'mixer-too-small': { readonly mixer: string; readonly doughG: number; readonly mostG: number };
  'mixer-taken': { readonly mixer: string | null };
  'too-much-by-hand': { readonly doughG: number; readonly mostG: number };
  // R8: resting places
  'wrong-place': { readonly site: string };
  'place-full': { readonly place: string; readonly room: number; readonly wanted: number };
  // R9: staff
  'not-one-staff': { readonly site: string | null };
  'griddles-unwatched': { readonly griddles: number; readonly most: number };
  'look-for-nothing': object;
  'look-missing': object;
  'look-by': { readonly person: string };
  'look-misplaced': object;
  // R10: demonstrations
  'demo-missing': object;
  'demo-instructor': object;
  'demo-people': { readonly people: readonly string[] };
  'demo-early': object;
  'before-demo': object;
  'demo-without-dough': object;
  'demo-place': { readonly site: 'bench' | 'griddle'; readonly bread: string };
  'demo-not-alone': { readonly griddle: string };
  // R11: the table
  late: object;
  stale: { readonly holdMin: number };
  // R12: hours, welcome, breaks
  'before-class': object;
  'outside-prep': { readonly isFridge: boolean };
  'class-dough-early': object;
  'ahead-in-class': object;
  'welcome-time': { readonly rightSec: number };
  'welcome-people': object;
  'break-time': { readonly rightSec: number | null };
  'break-people': object;
  'work-in-break': object;
  'bread-in-break': { readonly griddle: string };
  // R13: what people avoid
  'handles-avoided': { readonly person: string; readonly what: string; readonly bread: string };
  'prepares-avoided': { readonly person: string; readonly what: string; readonly ingredient: string };
  'after-avoided': { readonly person: string; readonly what: string; readonly site: string; readonly place: string };
  // R14: out of the cold
  'too-long-out': { readonly piece: string; readonly outMin: number; readonly mostMin: number };
}

export type BreakCode = keyof BreakParams;

/** Why a griddle cannot take a bread. */
export type GriddleReason =
  | { readonly reason: 'size' }
  | { readonly reason: 'surface'; readonly surface: string }
  | { readonly reason: 'station'; readonly station: string }
  | { readonly reason: 'not-carried' };

/** A broken rule as data: `tasks` are ids of tasks or batches; `bySec` where it is a matter of time. */
export type Break = {
  readonly [C in BreakCode]: {
    readonly rule: Rule;
    readonly code: C;
    readonly tasks: readonly string[];
    readonly bySec?: number;
    readonly params: BreakParams[C];
  };
}[BreakCode];
