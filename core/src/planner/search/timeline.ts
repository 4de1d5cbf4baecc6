/** Busy stretches of one resource, kept in the order of their starts. */
export class Timeline {
  /** Seconds taken in all, closed stretches left out. */
  busySec = 0;
  private readonly starts: number[] = [];
  private readonly ends: number[] = [];
  private readonly amounts: number[] = [];

  constructor(
    private readonly capacity: number,
    closed: readonly (readonly [number, number])[],
  ) {
    for (const [from, to] of closed) this.take(from, to, capacity);
    this.busySec = 0;
  }

  /** Index of the first stretch that starts at or after `sec`. */
  private firstFrom(sec: number): number {
    let low = 0;
    let high = this.starts.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.starts[middle] ?? 0) < sec) low = middle + 1;
      else high = middle;
    }
    return low;
  }

  take(from: number, to: number, amount: number): void {
    if (to <= from) return;
    const i = this.firstFrom(from);
    this.starts.splice(i, 0, from);
    this.ends.splice(i, 0, to);
    this.amounts.splice(i, 0, amount);
    this.busySec += to - from;
  }

  free(from: number, to: number, amount: number): void {
    if (to <= from) return;
    for (let i = this.firstFrom(from); i < this.starts.length && this.starts[i] === from; i++) {
      if (this.ends[i] !== to || this.amounts[i] !== amount) continue;
      this.starts.splice(i, 1);
      this.ends.splice(i, 1);
      this.amounts.splice(i, 1);
      this.busySec -= to - from;
      return;
    }
  }

  /**
   * The earliest moment from `from` on at which `amount` is free for `lengthSec`. The candidate moves to the end of a stretch that
   * stands in the way, until none does; invariant: nothing before the candidate fits. Infinity where the resource never holds so much.
   */
  earliest(from: number, lengthSec: number, amount: number): number {
    if (lengthSec <= 0) return from;
    if (amount > this.capacity) return Infinity;
    return this.capacity === amount ? this.firstGap(from, lengthSec) : this.firstRoom(from, lengthSec, amount);
  }

  /** Nothing else may be there: stretches are passed in order until the gap before the next is long enough. */
  private firstGap(from: number, lengthSec: number): number {
    let at = from;
    // longest stretches may begin early, so the walk starts at the front; lists are short
    for (let i = 0; i < this.starts.length; i++) {
      const end = this.ends[i] ?? 0;
      if (end <= at) continue;
      if ((this.starts[i] ?? 0) >= at + lengthSec) return at;
      at = end;
    }
    return at;
  }

  /** Cumulative: the load is checked at the candidate and at every start inside it, where alone it can rise. */
  private firstRoom(from: number, lengthSec: number, amount: number): number {
    let at = from;
    for (let sec: number | undefined = at; sec !== undefined;) {
      const freeAgain = this.crowdedUntil(sec, amount);
      if (freeAgain !== undefined) {
        at = freeAgain;
        sec = at;
        continue;
      }
      sec = this.nextStart(sec, at + lengthSec);
    }
    return at;
  }

  /** Where too much is taken at `sec`: the first end of what is taken then. */
  private crowdedUntil(sec: number, amount: number): number | undefined {
    let load = 0;
    let nextEnd = Infinity;
    for (let i = 0; i < this.starts.length && (this.starts[i] ?? 0) <= sec; i++) {
      const end = this.ends[i] ?? 0;
      if (end <= sec) continue;
      load += this.amounts[i] ?? 0;
      nextEnd = Math.min(nextEnd, end);
    }
    return load + amount > this.capacity ? nextEnd : undefined;
  }

  /** The next moment after `sec` and before `to` at which something begins. */
  private nextStart(sec: number, to: number): number | undefined {
    const i = this.firstFrom(sec + 1);
    const start = this.starts[i];
    return start !== undefined && start < to ? start : undefined;
  }
}
