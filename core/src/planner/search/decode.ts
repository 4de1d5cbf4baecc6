import { HotplateState } from './hotplate-state.ts';
import type { Lag, Mode, Placement, Problem, Schedule } from './problem.ts';
import { Timeline } from './timeline.ts';

/** How often a unit is taken out and placed again because a maximum lag inside it would be broken, before it is left broken. */
const MOST_RETRIES = 60;

/** A problem with what every decoding needs looked up once. */
export interface Indexed {
  readonly problem: Problem;
  /** Lags into each activity, and the unit of each activity. */
  readonly lagsTo: readonly (readonly Lag[])[];
  readonly unitOf: readonly number[];
  readonly predecessors: readonly (readonly number[])[];
}

/** Looks up lags by activity and units by unit. */
export function indexProblem(problem: Problem): Indexed {
  const lagsTo: Lag[][] = problem.activities.map(() => []);
  const unitOf = new Array<number>(problem.activities.length).fill(-1);
  problem.units.forEach((u, i) => {
    for (const a of u.activities) unitOf[a] = i;
  });
  const predecessors = problem.units.map(() => new Set<number>());
  for (const lag of problem.lags) {
    lagsTo[lag.to]?.push(lag);
    const [from = -1, to = -1] = [unitOf[lag.from], unitOf[lag.to]];
    if (from !== to) predecessors[to]?.add(from);
  }
  return { problem, lagsTo, unitOf, predecessors: predecessors.map((set) => [...set].sort((a, b) => a - b)) };
}

/** The lag that is asked for when resting is valued by `ease`: 0 the least, 1 the ideal. */
const lagAt = (lag: Lag, ease: number): number => lag.minSec + Math.round(ease * (lag.idealSec - lag.minSec));

/**
 * Serial schedule generation: places the units one after another in `order` (a permutation of the ordered units), each as early as
 * lags and resources allow; a unit that is not ordered comes once all its predecessors are placed (or with the first that needs
 * it). Inside a unit a maximum lag is kept by unscheduling: the earlier activity is moved later and the unit placed again.
 * A lag between units is kept at least; at most is for the caller to measure. Always returns a whole schedule.
 */
export function decode(indexed: Indexed, order: readonly number[], ease: number): Schedule {
  const { problem, predecessors } = indexed;
  const room = new Room(indexed, ease);
  const placed = problem.units.map(() => false);
  const waiting = problem.units.map((_, u) => predecessors[u]?.length ?? 0);
  const successors: number[][] = problem.units.map(() => []);
  predecessors.forEach((list, u) => {
    for (const p of list) successors[p]?.push(u);
  });
  const place = (u: number): void => {
    if (placed[u]) return;
    placed[u] = true; // at once, so that a predecessor's own successors do not place it before its time
    for (const p of predecessors[u] ?? []) place(p);
    room.placeUnit(u);
    for (const s of successors[u] ?? []) {
      waiting[s] = (waiting[s] ?? 0) - 1;
      if (waiting[s] === 0 && problem.units[s]?.isOrdered === false) place(s);
    }
  };
  for (const u of order) place(u);
  problem.units.forEach((_, u) => {
    place(u);
  });
  return room.schedule();
}

/** The timelines of all resources, and what has been placed on them so far. */
class Room {
  private readonly timelines: readonly Timeline[];
  private readonly plates: readonly HotplateState[];
  private readonly placements: (Placement | undefined)[];

  constructor(
    private readonly indexed: Indexed,
    private readonly ease: number,
  ) {
    const { problem } = indexed;
    this.timelines = problem.resources.map((r) => new Timeline(r.capacity, r.closed));
    this.plates = problem.hotplates.map((h) => new HotplateState(h));
    this.placements = problem.activities.map(() => undefined);
  }

  schedule(): Schedule {
    return this.placements.map((p) => p ?? { startSec: 0, endSec: 0, mode: 0, spot: 0 });
  }

  placeUnit(u: number): void {
    const list = this.indexed.problem.units[u]?.activities ?? [];
    const notBefore = list.map((a) => this.earliestByLags(a, list));
    for (let tries = 0; ; tries++) {
      const late = this.placeChain(list, notBefore);
      if (!late || tries >= MOST_RETRIES) return;
      // unscheduling step: the activity before the late one starts no earlier than the late one's greatest lag allows
      for (const a of list) this.take(a, -1);
      notBefore[late.index] = late.startSec;
    }
  }

  /** Places a chain at its earliest; gives the activity that should move later, and to when, if a maximum lag inside is broken. */
  private placeChain(
    list: readonly number[],
    notBefore: readonly number[],
  ): { readonly index: number; readonly startSec: number } | undefined {
    for (const [i, a] of list.entries()) {
      let from = notBefore[i] ?? 0;
      const inner = (this.indexed.lagsTo[a] ?? []).filter((l) => list.includes(l.from));
      for (const lag of inner) from = Math.max(from, (this.placements[lag.from]?.endSec ?? 0) + lagAt(lag, this.ease));
      const placement = this.best(a, from);
      this.placements[a] = placement;
      this.take(a, 1);
      for (const lag of inner) {
        const before = this.placements[lag.from];
        if (before && placement.startSec > before.endSec + lag.maxSec) {
          const shift = placement.startSec - lag.maxSec - before.endSec;
          return { index: list.indexOf(lag.from), startSec: before.startSec + shift };
        }
      }
    }
    return undefined;
  }

  /** The release time, and every lag from an activity of another unit that is placed. */
  private earliestByLags(a: number, list: readonly number[]): number {
    let from = this.indexed.problem.releaseSec;
    for (const lag of this.indexed.lagsTo[a] ?? []) {
      const before = this.placements[lag.from];
      if (before && !list.includes(lag.from)) from = Math.max(from, before.endSec + lagAt(lag, this.ease));
    }
    return from;
  }

  /** The mode that can begin first; of equals the one that ends first, then the first listed. */
  private best(a: number, from: number): Placement {
    let best: Placement | undefined;
    for (const [index, mode] of (this.indexed.problem.activities[a]?.modes ?? []).entries()) {
      const { startSec, spot } = this.earliest(mode, from);
      const endSec = startSec + mode.durationSec;
      const isBetter = !best || startSec < best.startSec || (startSec === best.startSec && endSec < best.endSec);
      if (isBetter) best = { startSec, endSec, mode: index, spot };
    }
    return best ?? { startSec: from, endSec: from, mode: 0, spot: 0 };
  }

  /** The earliest moment at which all that a mode takes is free together. */
  private earliest(mode: Mode, from: number): { readonly startSec: number; readonly spot: number } {
    let at = from;
    for (;;) {
      const before = at;
      let spot = 0;
      if (mode.griddle) {
        const found = this.plates[mode.griddle.index]?.earliest(at, mode);
        if (found) ({ startSec: at, spot } = found);
      }
      for (const use of mode.uses) {
        const timeline = this.timelines[use.resource];
        if (!timeline) continue;
        at = timeline.earliest(at + use.fromSec, use.toSec - use.fromSec, use.amount) - use.fromSec;
      }
      if (at === before) return { startSec: at, spot };
    }
  }

  /** Takes (1) or gives back (−1) what a placed activity uses. */
  private take(a: number, sign: 1 | -1): void {
    const placement = this.placements[a];
    const mode = placement && this.indexed.problem.activities[a]?.modes[placement.mode];
    if (!mode) return;
    for (const use of mode.uses) {
      const span = [placement.startSec + use.fromSec, placement.startSec + use.toSec, use.amount] as const;
      if (sign === 1) this.timelines[use.resource]?.take(...span);
      else this.timelines[use.resource]?.free(...span);
    }
    const plate = mode.griddle && this.plates[mode.griddle.index];
    if (sign === 1) plate?.put(placement.startSec, placement.spot, mode);
    else {
      plate?.remove(placement.startSec, placement.spot);
      this.placements[a] = undefined;
    }
  }
}
