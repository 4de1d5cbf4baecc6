interface Stay {
  readonly id: number;
  readonly owner: string;
  readonly amount: number;
  readonly startSec: number;
  readonly endSec: number;
}

/** What stays in one store, by owner: several stays of one owner at a time count once (rule R8). */
export class StoreState {
  private readonly stays = new Map<number, Stay>();

  constructor(private readonly capacity: number) {}

  put(id: number, owner: string, amount: number, startSec: number, endSec: number): void {
    this.stays.set(id, { id, owner, amount, startSec, endSec });
  }

  remove(id: number): void {
    this.stays.delete(id);
  }

  /** Undefined where a stay fits throughout; else the end of the last of those that make it too much. */
  fullUntil(id: number, owner: string, amount: number, startSec: number, endSec: number): number | undefined {
    if (this.capacity === Infinity || amount > this.capacity) return undefined;
    const near: Stay[] = [];
    const most = new Map<string, number>();
    for (const s of this.stays.values()) {
      if (s.startSec >= endSec || s.endSec <= startSec || s.id === id || s.owner === owner) continue;
      near.push(s);
      most.set(s.owner, Math.max(s.amount, most.get(s.owner) ?? 0));
    }
    // mostly there is room even if all of them were there at one moment
    let together = amount;
    for (const a of most.values()) together += a;
    if (together <= this.capacity) return undefined;
    let until: number | undefined;
    for (const at of [startSec, ...near.map((s) => s.startSec).filter((sec) => sec > startSec)]) {
      const there = near.filter((s) => s.startSec <= at && s.endSec > at);
      const owners = new Map<string, { amount: number; endSec: number }>();
      for (const s of there)
        owners.set(s.owner, { amount: s.amount, endSec: Math.max(s.endSec, owners.get(s.owner)?.endSec ?? s.endSec) });
      const all = [...owners.values()];
      const load = all.reduce((sum, o) => sum + o.amount, 0);
      if (load + amount <= this.capacity) continue;
      const firstGone = Math.min(...all.map((o) => o.endSec));
      until = Math.max(until ?? firstGone, firstGone);
    }
    return until;
  }
}
