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
    return undefined;
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
