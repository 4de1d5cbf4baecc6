import type { HeatRun, Hotplate, Mode } from './problem.ts';

/** Two pieces on one griddle may want unequal heats for so long (rule R6). */
const HEAT_OVERLAP_SEC = 30;

interface Lying {
  readonly startSec: number;
  readonly endSec: number;
  readonly spot: number;
  readonly kind: string;
  readonly heats: readonly HeatRun[];
}

/** What lies on one griddle and when. Finds the earliest moment and spot for one more piece. */
export class HotplateState {
  private readonly lying: Lying[] = [];

  constructor(private readonly plate: Hotplate) {}

  put(startSec: number, spot: number, mode: Mode): void {
    if (!mode.griddle) return;
    const { kind, heats } = mode.griddle;
    this.lying.push({ startSec, endSec: startSec + mode.durationSec, spot, kind, heats });
  }

  remove(startSec: number, spot: number): void {
    const i = this.lying.findIndex((l) => l.startSec === startSec && l.spot === spot);
    if (i >= 0) this.lying.splice(i, 1);
  }

  /**
   * The earliest start from `from` on, and the spot. A candidate that does not fit moves to the first moment at which something in
   * its way is over; invariant: nothing before the candidate fits.
   */
  earliest(from: number, mode: Mode): { readonly startSec: number; readonly spot: number } {
    let at = from;
    for (;;) {
      const found = this.tryAt(at, mode);
      if ('spot' in found) return { startSec: at, spot: found.spot };
      at = found.until;
    }
  }

  private tryAt(startSec: number, mode: Mode): { readonly spot: number } | { readonly until: number } {
    const endSec = startSec + mode.durationSec;
    const { griddle } = mode;
    if (!griddle) return { spot: 0 };
    for (const [from, to] of this.plate.closed) if (startSec < to && endSec > from) return { until: to };
    const { resetSec } = this.plate;
    const changeSec = Math.max(this.plate.changeSec, resetSec);
    const spotFreeAt = new Array<number>(griddle.spots).fill(startSec);
    for (const l of this.lying) {
      const gap = l.kind === griddle.kind ? resetSec : changeSec;
      if (startSec >= l.endSec + gap || endSec + gap <= l.startSec) continue;
      if (l.kind !== griddle.kind) return { until: l.endSec + changeSec };
      if (l.spot <= griddle.spots) {
        spotFreeAt[l.spot - 1] = Math.max(spotFreeAt[l.spot - 1] ?? 0, l.endSec + resetSec);
      }
      if (!this.plate.hasZones && this.heatsClash(startSec, griddle.heats, l)) return { until: l.endSec };
    }
    const spot = spotFreeAt.findIndex((free) => free <= startSec);
    return spot >= 0 ? { spot: spot + 1 } : { until: Math.min(...spotFreeAt) };
  }

  /** Whether two unequal heats lie over one another for longer than is allowed, in one stretch. */
  private heatsClash(startSec: number, heats: readonly HeatRun[], other: Lying): boolean {
    return heats.some((a) =>
      other.heats.some((b) => {
        const overlap =
          Math.min(startSec + a.toSec, other.startSec + b.toSec) -
          Math.max(startSec + a.fromSec, other.startSec + b.fromSec);
        return a.heat !== b.heat && overlap > HEAT_OVERLAP_SEC;
      }),
    );
  }
}
