import { Floor, type FreeSlot } from './floor.ts';
import type { Indexed } from './indexed.ts';
import type { Placement } from './problem.ts';
import type { LagRoom } from './window.ts';

/** What keeps a chain from standing where it was put: an activity that should move, and to when. */
export interface Clash {
  readonly activity: number;
  readonly notBefore: number;
}

/** Activities on the floor, and what it takes to put one there or take it away: the ground of decoding and of moving. */
export class Placing {
  protected readonly floor: Floor;
  protected readonly placements: (Placement | undefined)[];
  /** How many placements it took, those that were taken back counted too: the work done. */
  protected placed = 0;

  constructor(protected readonly indexed: Indexed) {
    this.floor = new Floor(indexed.problem);
    this.placements = indexed.problem.activities.map(() => undefined);
  }

  /** The mode and place in which an activity ends first, if it may start `from` some moment on in each; `only` in one mode, if that is said. */
  protected bestOf(a: number, from: (durationSec: number) => number, only?: number): Placement | undefined {
    const activity = this.indexed.problem.activities[a];
    const isAlike = this.indexed.isAlike[a] === true && !this.prefers(a);
    let best: Placement | undefined;
    for (const [mode, m] of (activity?.modes ?? []).entries()) {
      if (only !== undefined && mode !== only) continue;
      const limit = best ? best.endSec - m.durationSec : Infinity;
      const opening = this.openingWithStore(a, mode, from(m.durationSec), limit);
      if (!opening) continue;
      const endSec = opening.startSec + m.durationSec;
      if (!best || endSec < best.endSec || (endSec === best.endSec && this.isPreferred(a, mode, best)))
        best = { startSec: opening.startSec, endSec, mode, spot: opening.spot, picks: opening.picks };
      if (isAlike && best.startSec === from(m.durationSec)) break; // nothing can be earlier
    }
    return best;
  }

  /** Whether one of its modes is wanted before others. */
  protected prefers: (a: number) => boolean = () => false;

  /** Of two modes that end together the one whose resources have been taken less so far. */
  protected isPreferred(a: number, mode: number, best: Placement): boolean {
    const modes = this.indexed.problem.activities[a]?.modes ?? [];
    const busy = (m: number): number =>
      (modes[m]?.uses ?? []).reduce(
        (sum, u) => sum + (u.anyOf.length === 1 ? this.floor.busySec(u.anyOf[0] ?? -1) : 0),
        0,
      );
    return busy(mode) < busy(best.mode);
  }

  /** As the floor finds it; where a stay begins with this activity, its store has room for the least stay too. */
  private openingWithStore(a: number, mode: number, from: number, limit: number): FreeSlot | undefined {
    const { problem, staysOf } = this.indexed;
    const m = problem.activities[a]?.modes[mode];
    if (!m) return undefined;
    for (let at = from; ;) {
      const opening = this.floor.earliest(a, m, at, limit);
      if (!opening) return undefined;
      const endSec = opening.startSec + m.durationSec;
      let until = endSec;
      for (const s of staysOf[a] ?? []) {
        const stay = problem.stays[s];
        if (!stay || !stay.before.includes(a) || stay.before.some((b) => this.placements[b])) continue;
        const full = this.floor.stores[stay.store]?.fullUntil(s, stay.owner, stay.amount, endSec, endSec + stay.minSec);
        if (full !== undefined) until = Math.max(until, full);
      }
      if (until === endSec) return opening;
      at = opening.startSec + until - endSec;
    }
  }

  /** Whether a placement comes later than something placed before it allows; that something should move on by as much. */
  protected clashOf(room: LagRoom, p: Placement): Clash | undefined {
    const lateStart = p.startSec - room.startTo;
    const lateEnd = p.endSec - room.endTo;
    const [late, by] = lateStart >= lateEnd ? [lateStart, room.startToBy] : [lateEnd, room.endToBy];
    return late > 0 && by >= 0 ? { activity: by, notBefore: (this.placements[by]?.startSec ?? 0) + late } : undefined;
  }

  /** Whether a stay that this placement ends has no room in its store; then what begins the stay should move on. */
  protected storeClash(a: number, p: Placement): Clash | undefined {
    const { problem, staysOf } = this.indexed;
    for (const s of staysOf[a] ?? []) {
      const stay = problem.stays[s];
      if (!stay?.after.includes(a)) continue;
      const begun = stay.before.filter((b) => this.placements[b]);
      const first = begun.reduce<number | undefined>(
        (x, y) => (x === undefined || (this.placements[y]?.endSec ?? 0) < (this.placements[x]?.endSec ?? 0) ? y : x),
        undefined,
      );
      if (first === undefined) continue;
      const startSec = this.placements[first]?.endSec ?? 0;
      const full = this.floor.stores[stay.store]?.fullUntil(s, stay.owner, stay.amount, startSec, p.startSec);
      if (full !== undefined)
        return { activity: first, notBefore: (this.placements[first]?.startSec ?? 0) + full - startSec };
    }
    return undefined;
  }

  protected put(a: number, placement: Placement): void {
    this.placed++;
    this.placements[a] = placement;
    const mode = this.indexed.problem.activities[a]?.modes[placement.mode];
    if (mode) this.floor.take(a, mode, placement);
    this.renewStays(a);
  }

  protected remove(a: number): void {
    const placement = this.placements[a];
    if (!placement) return;
    this.placements[a] = undefined;
    const mode = this.indexed.problem.activities[a]?.modes[placement.mode];
    if (mode) this.floor.free(a, mode, placement);
    this.renewStays(a);
  }

  /** Keeps what is known of the stays that an activity begins or ends: while their end is open they last for the least time. */
  private renewStays(a: number): void {
    const { problem, staysOf } = this.indexed;
    for (const s of staysOf[a] ?? []) {
      const stay = problem.stays[s];
      const store = stay && this.floor.stores[stay.store];
      if (!store) continue;
      let from = Infinity;
      let to = -Infinity;
      for (const b of stay.before) from = Math.min(from, this.placements[b]?.endSec ?? Infinity);
      for (const b of stay.after) to = Math.max(to, this.placements[b]?.startSec ?? -Infinity);
      store.remove(s);
      if (from === Infinity && to === -Infinity) continue;
      if (from === Infinity) from = to - stay.minSec;
      store.put(s, stay.owner, stay.amount, from, Math.max(to, from + stay.minSec));
    }
  }
}
