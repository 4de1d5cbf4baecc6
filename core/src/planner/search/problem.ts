/**
 * The scheduling problem as plain data, with no bread in it: a resource-constrained project scheduling problem with minimum and
 * maximum time lags, calendars and alternative modes (notation of Neumann, Schwindt and Zimmermann, "Project Scheduling with Time
 * Windows"). All times are whole seconds.
 */

/** A stretch of time from the first to the second moment. */
export type Span = readonly [number, number];

/** Takes `amount` of one of the resources `anyOf`, the same throughout, from `fromSec` to `toSec` after the activity's start. */
export interface Use {
  readonly anyOf: readonly number[];
  readonly fromSec: number;
  readonly toSec: number;
  readonly amount: number;
}

/** A stretch of one heat within a lying on a griddle, in seconds after its start. */
export interface HeatRun {
  readonly heat: string;
  readonly fromSec: number;
  readonly toSec: number;
}

/** Two pieces on one griddle may want unequal heats for so long (rule R6); seconds. */
export const HEAT_OVERLAP_SEC = 30;

/** Two things are of one kind if they have either in common: what they are of, or what they are like. */
export interface Kind {
  readonly of: string;
  readonly like: string;
}

export const isOneKind = (a: Kind, b: Kind): boolean => a.of === b.of || a.like === b.like;

/** What a mode lays on a hotplate. */
export interface Lying {
  readonly plate: number;
  /** Things of one kind may lie together; null stands alone and asks for no setup before or after. */
  readonly kind: Kind | null;
  /** Whose it is: those of different people are not laid on within `layOnGapSec`. */
  readonly owner: string;
  /** How many of its size the plate holds. */
  readonly spots: number;
  readonly heats: readonly HeatRun[];
  /** Stretches after the start in which nothing else may lie there. */
  readonly alone: readonly Span[];
}

/** One way of doing an activity: how long it takes, what it takes, and on which hotplate it lies, if on one. */
export interface Mode {
  readonly durationSec: number;
  readonly uses: readonly Use[];
  /** Uses, by number, that take different resources since they lie over one another; the second is picked after the first. */
  readonly apart?: readonly (readonly [number, number])[];
  readonly lying?: Lying;
}

export interface Activity {
  readonly id: string;
  readonly modes: readonly Mode[];
  /** No earlier start and no later end than these; ±Infinity where it does not matter. A search that cannot keep one breaks it. */
  readonly releaseSec: number;
  readonly dueSec: number;
  /** Stretches inside which it may not lie, not even a moment of it; their edges are open. */
  readonly closed: readonly Span[];
  /** Bits of what it brings to a fire and of what must not have been there before it; 0 for nothing. */
  readonly holds: number;
  readonly avoids: number;
  /** The person whom it keeps busy beside those whom its modes take (whose bread lies on a fire); −1: nobody. */
  readonly engages: number;
  /** Takes away one who watches hotplates, while it lasts. */
  readonly takesWatcher: boolean;
  /** The one moment at which it may start (or end), whatever that breaks. */
  readonly pin?: { readonly at: 'start' | 'end'; readonly sec: number };
}

/** A lag between a moment of one activity and a moment of another: at least `minSec`, best `idealSec`, at most `maxSec`. */
export interface Lag {
  readonly from: number;
  readonly to: number;
  readonly fromAt: 'start' | 'end';
  readonly toAt: 'start' | 'end';
  readonly minSec: number;
  readonly idealSec: number;
  readonly maxSec: number;
  /** Number of the rest of which it is the window; several lags may be of one rest, which ends with the last of them. */
  readonly rest?: number;
}

/** Activities whose starts (or ends) lie no further apart than `spreadSec`: as a window before (or after) all of them asks. */
export interface Fan {
  readonly activities: readonly number[];
  readonly at: 'start' | 'end';
  readonly spreadSec: number;
}

/** A stay in a store, from the first end of `before` to the last start of `after`. Stays of one owner count once. */
export interface Stay {
  readonly store: number;
  readonly owner: string;
  readonly amount: number;
  readonly before: readonly number[];
  readonly after: readonly number[];
  readonly minSec: number;
}

/** Activities that are placed together, in the order of time. */
export interface Unit {
  readonly activities: readonly number[];
  /** `job` units are what the search puts in order; `trunk` ones come with them, `event` ones (for many at once) between. */
  readonly role: 'job' | 'trunk' | 'event';
  /** Units of one group (the pieces of a batch) do best close together; groups of one class (of one bread) too. */
  readonly group: string;
  readonly family: string;
  readonly number: number;
  /** 0 for the first unit of a chain, 1 for the next. */
  readonly stage: number;
  /** Where one unit was parted into several: what they have in common. */
  readonly part?: number;
}

/** A renewable resource; nothing may take it during `closed`. */
export interface Resource {
  readonly id: string;
  readonly kind: 'person' | 'other';
  readonly capacity: number;
  readonly closed: readonly Span[];
  /** What lies there follows the order that `holds` and `avoids` ask for. */
  readonly isFire: boolean;
}

/** A griddle: one kind of bread at a time, so many spots for it, setup times between pieces and between kinds. */
export interface Hotplate {
  readonly id: string;
  readonly resetSec: number;
  readonly changeSec: number;
  /** So long between two people who lay something on; at which end of a lying that is (the other one in the mirror). */
  readonly layOnGapSec: number;
  readonly laidOnAt: 'start' | 'end';
  /** How long it lies empty while it is cleaned of what somebody avoids; null: never. */
  readonly cleanSec: number | null;
  readonly hasZones: boolean;
}

/** Where things stay between activities; a capacity of Infinity for any number. */
export interface Store {
  readonly id: string;
  readonly capacity: number;
}

/** A pause of all the resources and hotplates; it lies between two moments and is set before all else. */
export interface Pause {
  readonly id: string;
  readonly fromSec: number;
  readonly toSec: number;
  readonly durationSec: number;
  readonly resources: readonly number[];
}

/** The last activity of a job. */
export interface Final {
  readonly activity: number;
  /** How long before the deadline it may end at most; null for any time. */
  readonly holdSec: number | null;
  /** The person whose it is; −1: nobody's. */
  readonly owner: number;
}

export interface Problem {
  readonly activities: readonly Activity[];
  readonly lags: readonly Lag[];
  readonly fans: readonly Fan[];
  readonly stays: readonly Stay[];
  readonly units: readonly Unit[];
  readonly resources: readonly Resource[];
  readonly hotplates: readonly Hotplate[];
  readonly stores: readonly Store[];
  readonly pauses: readonly Pause[];
  /** At most `each` hotplates in use for each of `count` watchers; null where there are watchers enough for all. */
  readonly watch: { readonly each: number; readonly count: number } | null;
  readonly finals: readonly Final[];
  /** Whether avoiders must come before holders (as time runs), or after them (as it runs in the mirror). */
  readonly avoidersFirst: boolean;
}

/** When, in which mode, on which spot (from 1; 0 = none) and with which of the resources of each use an activity is done. */
export interface Placement {
  readonly startSec: number;
  readonly endSec: number;
  readonly mode: number;
  readonly spot: number;
  readonly picks: readonly number[];
}

/** The placements of all activities, and the starts of all pauses. */
export interface Schedule {
  readonly placements: readonly Placement[];
  readonly pauseSecs: readonly number[];
}

/** What a search is given beside the problem. */
export interface Given {
  /** Activities that have begun, by number: they stand as they are. */
  readonly fixed: ReadonlyMap<number, Placement>;
  /** The schedule before: of equally good ones the nearest to it is wanted. */
  readonly near: Nearness | null;
  /** A second by which activities move from it on average counts so much of a second of cost: a little gain is not worth a new plan. */
  readonly nearWeight: number;
  /** Schedules of like problems, whose order and starts are tried. */
  readonly also: readonly Nearness[];
}

/** Where activities would rather be: starts (NaN: anywhere) and modes (−1: any), by activity. */
export interface Nearness {
  readonly startSecs: readonly number[];
  readonly modes: readonly number[];
}

export const NOTHING_GIVEN: Given = { fixed: new Map(), near: null, nearWeight: 1, also: [] };
