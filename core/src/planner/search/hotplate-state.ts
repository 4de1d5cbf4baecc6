import { HEAT_OVERLAP_SEC, type Hotplate, isOneKind, type Lying } from './problem.ts';

/** The most spots that a file may give a griddle. */
const MOST_SPOTS = 100;

interface Piece {
  readonly activity: number;
  readonly startSec: number;
  readonly endSec: number;
  readonly spot: number;
  readonly lying: Lying;
}

/** What lies on one hotplate and when, in the order of starts. Finds the earliest moment and spot for one more. */
export class HotplateState {
  private readonly pieces: Piece[] = [];
  private readonly paused: (readonly [number, number])[] = [];

  constructor(private readonly plate: Hotplate) {}

  pause(fromSec: number, toSec: number): void {
    this.paused.push([fromSec, toSec]);
  }

  put(activity: number, startSec: number, endSec: number, spot: number, lying: Lying): void {
    let i = this.pieces.length;
    while (i > 0 && (this.pieces[i - 1]?.startSec ?? 0) > startSec) i--;
    this.pieces.splice(i, 0, { activity, startSec, endSec, spot, lying });
  }

  remove(activity: number): void {
    const i = this.pieces.findIndex((p) => p.activity === activity);
    if (i >= 0) this.pieces.splice(i, 1);
  }

  /** What lies there at some moment of the stretch, in the order of starts. */
  lyingIn(fromSec: number, toSec: number): readonly { readonly startSec: number; readonly endSec: number }[] {
    const found: Piece[] = [];
    for (const p of this.pieces) {
      if (p.startSec >= toSec) break;
      if (p.endSec > fromSec) found.push(p);
    }
    return found;
  }

  /** Whether anything lies there at some moment of the stretch. */
  isTouched(fromSec: number, toSec: number): boolean {
    for (const p of this.pieces) {
      if (p.startSec >= toSec) return false;
      if (p.endSec > fromSec) return true;
    }
    return false;
  }

  /**
   * The earliest start from `from` on and the spot, or undefined where that would be after `limit`. A candidate that does not fit
   * moves to the first moment at which something in its way is over; invariant: nothing before the candidate fits.
   */
  earliest(
    from: number,
    durationSec: number,
    lying: Lying,
    limit: number,
  ): { readonly startSec: number; readonly spot: number } | undefined {
    let at = from;
    while (at <= limit) {
      const found = this.tryAt(at, at + durationSec, lying);
      if (found > 0) return { startSec: at, spot: found };
      at = this.until;
    }
    return undefined;
  }

  /** Where the last candidate that did not fit should move to. */
  private until = 0;
  /** By spot: 1 where the candidate finds it taken. */
  private readonly taken = new Uint8Array(MOST_SPOTS + 1);

  /** The lowest free spot; 0 where the stretch does not fit, and then `until` is set. */
  private tryAt(startSec: number, endSec: number, lying: Lying): number {
    for (const [from, to] of this.paused)
      if (lying.kind !== null && startSec < to && endSec > from) {
        this.until = to;
        return 0;
      }
    const { resetSec, layOnGapSec } = this.plate;
    const changeSec = Math.max(this.plate.changeSec, resetSec);
    this.taken.fill(0);
    let nextFree = Infinity;
    let together = 1;
    let room = lying.spots;
    for (const p of this.pieces) {
      if (p.startSec >= endSec + Math.max(changeSec, layOnGapSec)) break;
      if (this.isLaidOnTogether(startSec, endSec, lying, p)) {
        this.until =
          this.plate.laidOnAt === 'start' ? p.startSec + layOnGapSec : p.endSec + layOnGapSec - (endSec - startSec);
        return 0;
      }
      const isKin = lying.kind !== null && p.lying.kind !== null && isOneKind(lying.kind, p.lying.kind);
      const gap = isKin ? resetSec : p.lying.kind === null || lying.kind === null ? 0 : changeSec;
      if (startSec >= p.endSec + gap || endSec + gap <= p.startSec) continue;
      if (!isKin || this.clashes(startSec, endSec, lying, p)) {
        this.until = p.endSec + (isKin ? 0 : gap);
        return 0;
      }
      if (startSec < p.endSec && endSec > p.startSec) {
        together++;
        room = Math.min(room, p.lying.spots);
        nextFree = Math.min(nextFree, p.endSec);
      }
      if (p.spot <= lying.spots) {
        this.taken[p.spot] = 1;
        nextFree = Math.min(nextFree, p.endSec + resetSec);
      }
    }
    if (together <= room) for (let spot = 1; spot <= lying.spots; spot++) if (this.taken[spot] === 0) return spot;
    this.until = nextFree;
    return 0;
  }

  private isLaidOnTogether(startSec: number, endSec: number, lying: Lying, p: Piece): boolean {
    const { layOnGapSec, laidOnAt } = this.plate;
    if (layOnGapSec === 0 || lying.kind === null || p.lying.kind === null || lying.owner === p.lying.owner)
      return false;
    return Math.abs(laidOnAt === 'start' ? startSec - p.startSec : endSec - p.endSec) < layOnGapSec;
  }

  /** Unequal heats over one another for longer than is allowed, or one that must lie alone meets the other. */
  private clashes(startSec: number, endSec: number, lying: Lying, other: Piece): boolean {
    const o = other.lying;
    for (const [from, to] of lying.alone)
      if (startSec + from < other.endSec && startSec + to > other.startSec) return true;
    for (const [from, to] of o.alone) if (other.startSec + from < endSec && other.startSec + to > startSec) return true;
    if (this.plate.hasZones) return false;
    for (const a of lying.heats)
      for (const b of o.heats) {
        if (a.heat === b.heat) continue;
        const overlap =
          Math.min(startSec + a.toSec, other.startSec + b.toSec) -
          Math.max(startSec + a.fromSec, other.startSec + b.fromSec);
        if (overlap > HEAT_OVERLAP_SEC) return true;
      }
    return false;
  }
}
