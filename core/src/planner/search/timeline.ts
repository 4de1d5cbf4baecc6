/** Busy stretches of one resource, kept in the order of their starts. */
export class Timeline {
  private readonly starts: number[] = [];
  private readonly ends: number[] = [];
  private readonly amounts: number[] = [];

  constructor(
    private readonly capacity: number,
    closed: readonly (readonly [number, number])[],
  ) {
    for (const [from, to] of closed) this.take(from, to, capacity);
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
  }

  free(from: number, to: number, amount: number): void {
    if (to <= from) return;
    for (let i = this.firstFrom(from); i < this.starts.length && this.starts[i] === from; i++) {
      if (this.ends[i] !== to || this.amounts[i] !== amount) continue;
      this.starts.splice(i, 1);
      this.ends.splice(i, 1);
      this.amounts.splice(i, 1);
      return;
    }
  }

  /**
   * The earliest moment from `from` on at which `amount` is free for `lengthSec`. The candidate moves to the end of a stretch that
   * stands in the way, until none does; invariant: nothing before the candidate fits.
   */
  earliest(from: number, lengthSec: number, amount: number): number {
    if (lengthSec <= 0) return from;
    let at = from;
    for (;;) {
      const blocked = this.blockedUntil(at, at + lengthSec, amount);
      if (blocked === undefined) return at;
      at = blocked;
    }
  }

  /** Where [from, to) does not fit: the first end of a stretch in the way after which it might. */
  private blockedUntil(from: number, to: number, amount: number): number | undefined {
    const last = this.firstFrom(to);
    if (this.capacity <= amount) {
      // unary: stretches never overlap, so the last one that starts before `to` is the only one that can reach past `from` last
      for (let i = last - 1; i >= 0; i--) {
        const end = this.ends[i] ?? 0;
        if (end <= from) return undefined;
        if (i === 0 || (this.ends[i - 1] ?? 0) <= from) return end;
      }
      return undefined;
    }
    return this.crowdedUntil(from, to, amount, last);
  }

  /** Cumulative: the load is checked at `from` and at every start in between, where alone it can rise. */
  private crowdedUntil(from: number, to: number, amount: number, last: number): number | undefined {
    const loadAt = (sec: number): { load: number; nextEnd: number } => {
      let load = 0;
      let nextEnd = Infinity;
      for (let i = 0; i < last; i++) {
        const end = this.ends[i] ?? 0;
        if ((this.starts[i] ?? 0) <= sec && end > sec) {
          load += this.amounts[i] ?? 0;
          nextEnd = Math.min(nextEnd, end);
        }
      }
      return { load, nextEnd };
    };
    const moments = [from, ...this.starts.slice(0, last).filter((s) => s > from && s < to)];
    for (const sec of moments) {
      const { load, nextEnd } = loadAt(sec);
      if (load + amount > this.capacity) return nextEnd;
    }
    return undefined;
  }
}
