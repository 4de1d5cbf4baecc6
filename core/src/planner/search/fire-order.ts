interface Stay {
  readonly activity: number;
  readonly startSec: number;
  readonly endSec: number;
  /** Bits that must come before whatever carries them under `late`, and the other way round. */
  readonly early: number;
  readonly late: number;
}

/**
 * The order that avoided foods ask for on one fire (rule R13): what carries a bit under `early` is over before anything with that bit
 * under `late`, or else the fire lies empty for `cleanSec` between the two (null: it is never cleaned).
 */
export class FireOrder {
  private readonly stays: Stay[] = [];

  constructor(
    private readonly cleanSec: number | null,
    /** False where time runs backwards: then what avoids comes last. */
    private readonly avoidersFirst: boolean,
  ) {}

  put(activity: number, startSec: number, endSec: number, holds: number, avoids: number): void {
    const [early, late] = this.avoidersFirst ? [avoids, holds] : [holds, avoids];
    let i = this.stays.length;
    while (i > 0 && (this.stays[i - 1]?.startSec ?? 0) > startSec) i--;
    this.stays.splice(i, 0, { activity, startSec, endSec, early, late });
  }

  remove(activity: number): void {
    const i = this.stays.findIndex((s) => s.activity === activity);
    if (i >= 0) this.stays.splice(i, 1);
  }

  /** Undefined where the stretch keeps the order; else the first moment after its start that might, Infinity for never. */
  blockedUntil(startSec: number, endSec: number, holds: number, avoids: number): number | undefined {
    const [early, late] = this.avoidersFirst ? [avoids, holds] : [holds, avoids];
    for (const s of this.stays) {
      if ((early & s.late) !== 0 && endSec > s.startSec) {
        const clean = this.cleanFrom(s.endSec);
        if (clean > startSec) return clean;
      }
      if ((late & s.early) !== 0 && startSec < s.endSec && !(this.cleanFrom(endSec) <= s.startSec)) return s.endSec;
    }
    return this.cleaningBrokenUntil(startSec, endSec);
  }

  /**
   * Where the stretch would lie in the only time in which the fire is cleaned between what holds something and what avoids it, the start of
   * the latter.
   */
  private cleaningBrokenUntil(startSec: number, endSec: number): number | undefined {
    const { cleanSec } = this;
    if (cleanSec === null) return undefined;
    for (const s of this.stays) {
      if (s.late === 0 || s.endSec > endSec) continue;
      for (const e of this.stays) {
        if ((e.early & s.late) === 0 || e.startSec < s.endSec || startSec >= e.startSec || endSec <= s.endSec) continue;
        if (!this.isCleanedWith(startSec, endSec, s.endSec, e.startSec)) return e.startSec;
      }
    }
    return undefined;
  }

  /** Whether the fire lies empty for long enough between two moments though the stretch lies there too. */
  private isCleanedWith(startSec: number, endSec: number, fromSec: number, toSec: number): boolean {
    let emptyFrom = fromSec;
    for (const s of [...this.stays, { startSec, endSec }].sort((a, b) => a.startSec - b.startSec)) {
      if (s.endSec <= emptyFrom) continue;
      if (Math.min(toSec, s.startSec) - emptyFrom >= (this.cleanSec ?? Infinity)) return true;
      emptyFrom = Math.max(emptyFrom, s.endSec);
      if (emptyFrom >= toSec) return false;
    }
    return toSec - emptyFrom >= (this.cleanSec ?? Infinity);
  }

  /** The first moment from `sec` on at which the fire has been empty since `sec` or later for long enough. */
  private cleanFrom(sec: number): number {
    if (this.cleanSec === null) return Infinity;
    let emptyFrom = sec;
    for (const s of this.stays) {
      if (s.endSec <= emptyFrom) continue;
      if (s.startSec - emptyFrom >= this.cleanSec) break;
      emptyFrom = Math.max(emptyFrom, s.endSec);
    }
    return emptyFrom + this.cleanSec;
  }
}
