import type { Indexed } from './indexed.ts';
import { Placing } from './placing.ts';
import type { Placement, Schedule } from './problem.ts';
import { roomBeside } from './window.ts';

/** A unit that is taken out and put back: its first activity no earlier than `fromSec`, the others as much later or earlier as that. */
export interface Move {
  readonly unit: number;
  readonly fromSec: number;
}

/** Moments between which each activity ends. */
export interface EndLimits {
  readonly fromSec: readonly number[];
  readonly toSec: readonly number[];
}

/**
 * A whole schedule that breaks nothing, of which units are moved while all else stays. A move is made only where it breaks nothing
 * either: no lag, fan, store, release, due time or end limit, and nothing forced.
 */
export class Mover extends Placing {
  private saved: (readonly [number, Placement])[] = [];

  constructor(
    indexed: Indexed,
    private readonly start: Schedule,
    private readonly ends: EndLimits,
    /** Activities that stay where they are. */
    private readonly held: ReadonlySet<number>,
  ) {
    super(indexed);
    const { problem } = indexed;
    problem.pauses.forEach((p, i) => {
      const sec = start.pauseSecs[i] ?? p.fromSec;
      this.floor.pause(p.resources, sec, sec + p.durationSec);
    });
    start.placements.forEach((p, a) => {
      this.put(a, p);
    });
  }

  get spent(): number {
    return this.placed;
  }

  schedule(): Schedule {
    return { placements: this.placements.flatMap((p) => (p ? [p] : [])), pauseSecs: this.start.pauseSecs };
  }

  startOf(unit: number): number {
    const [first] = this.indexed.problem.units[unit]?.activities ?? [];
    return this.placements[first ?? -1]?.startSec ?? 0;
  }

  /** On which hotplate something of a unit lies, and from when; undefined where nothing does. */
  lyingOf(unit: number): { readonly plate: number; readonly startSec: number } | undefined {
    const { problem } = this.indexed;
    for (const a of problem.units[unit]?.activities ?? []) {
      const p = this.placements[a];
      const lying = p && problem.activities[a]?.modes[p.mode]?.lying;
      if (lying) return { plate: lying.plate, startSec: p.startSec };
    }
    return undefined;
  }

  /** Where a unit's first activity would have its rests at their ideal; NaN where none has one. */
  idealStartOf(unit: number): number {
    const [first = -1] = this.indexed.problem.units[unit]?.activities ?? [];
    return roomBeside(this.indexed, this.placements, first).idealStart;
  }

  /** Makes moves together, in their order; false where they cannot be made, and then nothing has changed. */
  attempt(moves: readonly Move[]): boolean {
    this.saved = [];
    const wishes = new Map<number, number>();
    for (const { unit, fromSec } of moves) {
      const shift = fromSec - this.startOf(unit);
      for (const a of this.indexed.problem.units[unit]?.activities ?? []) {
        const placement = this.placements[a];
        if (!placement || this.held.has(a)) continue;
        this.saved.push([a, placement]);
        wishes.set(a, placement.startSec + shift);
      }
    }
    for (const [a] of this.saved) this.remove(a);
    const isMade = this.saved.every(([a]) => this.putBack(a, wishes.get(a) ?? -Infinity)) && this.storesHold();
    if (!isMade) this.back();
    return isMade;
  }

  /** Takes the last moves back. */
  back(): void {
    for (const [a] of this.saved) this.remove(a);
    for (const [a, p] of this.saved) this.put(a, p);
    this.saved = [];
  }

  private putBack(a: number, wishSec: number): boolean {
    const { problem } = this.indexed;
    const room = roomBeside(this.indexed, this.placements, a);
    const earliestEnd = this.ends.fromSec[a] ?? -Infinity;
    const release = problem.activities[a]?.releaseSec ?? -Infinity;
    const from = (durationSec: number): number =>
      Math.max(release, room.startFrom, Math.max(room.endFrom, earliestEnd) - durationSec, wishSec);
    const found = this.bestOf(a, from);
    if (!found || this.clashOf(room, found) || found.endSec > (this.ends.toSec[a] ?? Infinity)) return false;
    this.put(a, found);
    return true;
  }

  /** Whether what stays has room from its true beginning to its true end, in every store that the moves touch. */
  private storesHold(): boolean {
    const { problem, staysOf } = this.indexed;
    const touched = new Set(this.saved.flatMap(([a]) => staysOf[a] ?? []));
    for (const s of touched) {
      const stay = problem.stays[s];
      if (!stay) continue;
      const from = Math.min(...stay.before.map((b) => this.placements[b]?.endSec ?? Infinity));
      const to = Math.max(...stay.after.map((b) => this.placements[b]?.startSec ?? -Infinity));
      if (this.floor.stores[stay.store]?.fullUntil(s, stay.owner, stay.amount, from, to) !== undefined) return false;
    }
    return true;
  }
}
