/**
 * The scheduling problem as plain data, with no bread in it: a resource-constrained project scheduling problem with minimum and
 * maximum time lags and alternative modes (notation of Neumann, Schwindt and Zimmermann, "Project Scheduling with Time Windows").
 * All times are whole seconds.
 */

/** Takes `amount` of a resource from `fromSec` to `toSec` after the activity's start. */
export interface Use {
  readonly resource: number;
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

/** One way of doing an activity: how long it takes, what it takes, and on which griddle it lies, if on one. */
export interface Mode {
  readonly durationSec: number;
  readonly uses: readonly Use[];
  readonly griddle?: {
    readonly index: number;
    readonly kind: string;
    readonly spots: number;
    readonly heats: readonly HeatRun[];
  };
  /** What the mode stands for, for whoever reads the schedule: who does it, and where. */
  readonly people: readonly string[];
  readonly place?: string;
}

export interface Activity {
  readonly id: string;
  readonly modes: readonly Mode[];
}

/** A lag from the end of one activity to the start of another: at least `minSec`, best `idealSec`, at most `maxSec`. */
export interface Lag {
  readonly from: number;
  readonly to: number;
  readonly minSec: number;
  readonly idealSec: number;
  readonly maxSec: number;
}

/** Activities that are placed together, in the order of time; `isOrdered` ones are what the search puts in order. */
export interface Unit {
  readonly activities: readonly number[];
  readonly isOrdered: boolean;
  /** Units of one group (the pieces of a batch) do best close together. */
  readonly group: string;
  readonly number: number;
}

/** A renewable resource; nothing may take it during `closed`. */
export interface Resource {
  readonly id: string;
  readonly capacity: number;
  readonly closed: readonly (readonly [number, number])[];
}

/** A griddle: one kind of bread at a time, so many spots for it, setup times between pieces and between kinds. */
export interface Hotplate {
  readonly id: string;
  readonly resetSec: number;
  readonly changeSec: number;
  readonly hasZones: boolean;
  readonly closed: readonly (readonly [number, number])[];
}

export interface Problem {
  readonly activities: readonly Activity[];
  readonly lags: readonly Lag[];
  readonly units: readonly Unit[];
  readonly resources: readonly Resource[];
  readonly hotplates: readonly Hotplate[];
  /** The last activities of all jobs; `holdSec`: how long before the deadline one may end at most, null for any time. */
  readonly finals: readonly { readonly activity: number; readonly holdSec: number | null }[];
  /** No activity may start before this moment. */
  readonly releaseSec: number;
}

/** When, in which mode and on which spot (from 1; 0 = none) each activity of a problem is done. */
export interface Placement {
  readonly startSec: number;
  readonly endSec: number;
  readonly mode: number;
  readonly spot: number;
}

export type Schedule = readonly Placement[];
