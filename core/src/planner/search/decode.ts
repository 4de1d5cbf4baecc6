import type { Indexed } from './indexed.ts';
import type { Given, Placement, Schedule } from './problem.ts';
import { Placing, type Clash } from './placing.ts';
import { roomBeside, type LagRoom } from './window.ts';

/** How often a unit may be moved on because a later one asks for it, before what is broken is left broken. */
const MOST_MOVES = 12;

/** What a decoding is asked for. */
export interface DecodeOptions {
  /** Permutation of units; each is placed after the units that lags lead from. */
  readonly order: readonly number[];
  /** 0 takes the least rests, 1 waits for the ideal ones. */
  readonly ease: number;
  /** Nothing starts before this moment. */
  readonly fromSec: number;
  readonly pauseSecs: readonly number[];
  /** Activities that are done in no other mode than this; all others end as early as they can. */
  readonly modes: ReadonlyMap<number, number>;
  /** Activities that stand as they are, by number. */
  readonly fixed: ReadonlyMap<number, Placement>;
  /** What has to move on is placed again before what asked for it, and not after all else. */
  readonly movesFirst: boolean;
  /** Where each activity would rather start (no earlier, if lags allow), and in which mode of those that end together. */
  readonly near: Given['near'];
}

/** A whole schedule. */
export interface Decoded {
  readonly schedule: Schedule;
  /** How many activities found no room and stand where something is broken. */
  readonly forced: number;
  /** How many placements it took, those that were taken back counted too: the work done. */
  readonly placed: number;
}

/**
 * Serial schedule generation with unscheduling (Franck, Neumann and Schwindt 2001 for maximum time lags): places the units one after
 * another, each activity as early as lags and everything taken so far allow. Where a maximum lag, a fan or a full store would be
 * broken, what was placed too early for it is taken out and placed again later. Always returns a whole schedule.
 */
export function decode(indexed: Indexed, options: DecodeOptions): Decoded {
  return new Placer(indexed, options).run();
}

class Placer extends Placing {
  private readonly notBefore: number[];
  private readonly moves: number[];
  private readonly isDone: boolean[];
  /** Fixed or pinned: it stays where it is. */
  private readonly isHeld: boolean[];
  private forced = 0;

  constructor(
    indexed: Indexed,
    private readonly options: DecodeOptions,
  ) {
    super(indexed);
    const { problem } = indexed;
    this.notBefore = problem.activities.map((a) => Math.max(options.fromSec, a.releaseSec));
    this.moves = problem.units.map(() => 0);
    this.isDone = problem.units.map(() => false);
    this.isHeld = problem.activities.map(() => false);
  }

  run(): Decoded {
    const { problem } = this.indexed;
    problem.pauses.forEach((p, i) => {
      const start = this.options.pauseSecs[i] ?? p.fromSec;
      this.floor.pause(p.resources, start, start + p.durationSec);
    });
    for (const [a, placement] of this.options.fixed) {
      this.put(a, placement);
      this.isHeld[a] = true;
    }
    problem.activities.forEach((activity, a) => {
      if (!activity.pin || this.isHeld[a]) return;
      this.putAtPin(a, activity.pin);
      this.isHeld[a] = true;
    });
    for (const u of this.options.order) this.placeAfterOthers(u);
    problem.units.forEach((_, u) => {
      this.placeAfterOthers(u);
    });
    const placements = this.placements.map((p) => p ?? { startSec: 0, endSec: 0, mode: 0, spot: 0, picks: [] });
    return { schedule: { placements, pauseSecs: this.options.pauseSecs }, forced: this.forced, placed: this.placed };
  }

  private placeAfterOthers(u: number): void {
    if (this.isDone[u]) return;
    this.isDone[u] = true; // at once, so that a circle of lags cannot go round
    for (const p of this.indexed.predecessors[u] ?? []) this.placeAfterOthers(p);
    this.placeUnit(u);
  }

  /** Places a unit, and again whatever has to move on for it: before it or after it, as the options say. */
  private placeUnit(u: number): void {
    const waiting = [u];
    for (let next = waiting.shift(); next !== undefined; next = waiting.shift()) {
      const clash = this.placeChain(next);
      if (!clash) continue;
      this.notBefore[clash.activity] = clash.notBefore;
      const other: number = this.indexed.unitOf[clash.activity] ?? -1;
      this.moves[other] = (this.moves[other] ?? 0) + 1;
      this.takeOut(next);
      waiting.unshift(next);
      if (other === next || other < 0) continue;
      this.takeOut(other);
      const at = waiting.indexOf(other);
      if (!this.options.movesFirst) {
        if (at < 0) waiting.push(other);
        continue;
      }
      if (at >= 0) waiting.splice(at, 1);
      waiting.unshift(other);
    }
  }

  private takeOut(u: number): void {
    for (const a of this.indexed.problem.units[u]?.activities ?? []) if (!this.isHeld[a]) this.remove(a);
  }

  /** Places the activities of a unit in turn; stops at the first clash that something movable can mend. */
  private placeChain(u: number): Clash | undefined {
    for (const a of this.indexed.problem.units[u]?.activities ?? []) {
      if (this.isHeld[a]) continue;
      const clash = this.placeActivity(a);
      if (clash && this.mayMove(clash.activity)) return clash;
      if (clash) this.putWhereRoomIs(a);
    }
    return undefined;
  }

  private mayMove(a: number): boolean {
    const unit = this.indexed.unitOf[a] ?? -1;
    return this.isHeld[a] !== true && (this.moves[unit] ?? MOST_MOVES) < MOST_MOVES;
  }

  /** The last best opening of `placeActivity`, for when a clash cannot be mended. */
  private found: Placement | undefined;

  private putWhereRoomIs(a: number): void {
    if (this.found) this.put(a, this.found);
    else this.force(a);
  }

  private placeActivity(a: number): Clash | undefined {
    const room = roomBeside(this.indexed, this.placements, a);
    const from = (durationSec: number): number => this.earliestStart(a, room, durationSec);
    const only = this.options.modes.get(a);
    let best = this.bestOf(a, from, only);
    if (!best) {
      this.floor.isStrict = false;
      best = this.bestOf(a, from, only);
      this.floor.isStrict = true;
      this.forced++;
    }
    this.found = best;
    if (!best) {
      this.force(a);
      return undefined;
    }
    const clash = this.clashOf(room, best) ?? this.storeClash(a, best);
    if (clash) return clash;
    this.put(a, best);
    return undefined;
  }

  protected override prefers = (a: number): boolean => (this.options.near?.modes[a] ?? -1) >= 0;

  /** Of two modes that end together the one that it had before. */
  protected override isPreferred(a: number, mode: number, best: Placement): boolean {
    const before = this.options.near?.modes[a] ?? -1;
    return before === mode || before === best.mode ? before === mode : super.isPreferred(a, mode, best);
  }

  /** From when on an activity may start: lags, what it was asked, how long rests would like to be, and where it would rather be. */
  private earliestStart(a: number, room: LagRoom, durationSec: number): number {
    const least = Math.max(this.notBefore[a] ?? 0, room.startFrom, room.endFrom - durationSec);
    const most = Math.max(least, Math.min(room.startTo, room.endTo - durationSec));
    const wish = this.options.near?.startSecs[a] ?? NaN;
    if (wish > least) return Math.min(most, wish);
    if (this.options.ease === 0 || !(room.idealStart > least)) return least;
    return Math.min(most, least + Math.round(this.options.ease * (room.idealStart - least)));
  }

  /** At exactly its pin: in the first mode that has room there, else in the first of all, whatever that breaks. */
  private putAtPin(a: number, pin: { readonly at: 'start' | 'end'; readonly sec: number }): void {
    const modes = this.indexed.problem.activities[a]?.modes ?? [];
    const startOf = (durationSec: number): number => (pin.at === 'start' ? pin.sec : pin.sec - durationSec);
    for (const [mode, m] of modes.entries()) {
      const startSec = startOf(m.durationSec);
      const opening = this.floor.earliest(a, m, startSec, startSec);
      if (!opening) continue;
      this.put(a, { startSec, endSec: startSec + m.durationSec, mode, spot: opening.spot, picks: opening.picks });
      return;
    }
    const [first] = modes;
    if (first) this.forceAt(a, startOf(first.durationSec));
  }

  /** No room anywhere: the first mode, where lags put it, whatever that breaks. */
  private force(a: number): void {
    const mode = this.indexed.problem.activities[a]?.modes[0];
    if (!mode) return;
    const room = roomBeside(this.indexed, this.placements, a);
    this.forceAt(a, this.earliestStart(a, room, mode.durationSec));
  }

  private forceAt(a: number, startSec: number): void {
    const mode = this.indexed.problem.activities[a]?.modes[0];
    if (!mode) return;
    this.forced++;
    const picks = mode.uses.map((u) => u.anyOf[0] ?? -1);
    this.put(a, { startSec, endSec: startSec + mode.durationSec, mode: 0, spot: mode.lying ? 1 : 0, picks });
  }
}
