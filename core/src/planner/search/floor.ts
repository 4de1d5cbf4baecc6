import { FireOrder } from './fire-order.ts';
import { HotplateState } from './hotplate-state.ts';
import type { Mode, Placement, Problem, Use } from './problem.ts';
import { StoreState } from './store-state.ts';
import { Timeline } from './timeline.ts';

/** No search looks further than this (116 days); what would have to lie beyond it has no room at all. */
const HORIZON_SEC = 10_000_000;

/** Where and with what an activity can be done at the earliest. */
export interface FreeSlot {
  readonly startSec: number;
  readonly spot: number;
  readonly picks: readonly number[];
}

/** Everything that can be taken, and what has been taken of it so far: resources, hotplates, fires, stores, watchers. */
export class Floor {
  readonly stores: readonly StoreState[];
  private readonly timelines: readonly Timeline[];
  private readonly plates: readonly HotplateState[];
  /** By hotplate and by resource; undefined where nobody avoids anything or the resource is no fire. */
  private readonly plateFires: readonly (FireOrder | undefined)[];
  private readonly resourceFires: readonly (FireOrder | undefined)[];
  private readonly demos = new Map<number, { readonly startSec: number; readonly endSec: number }>();

  constructor(private readonly problem: Problem) {
    const isOrdered = problem.activities.some((a) => a.avoids !== 0);
    const order = (cleanSec: number | null): FireOrder | undefined =>
      isOrdered ? new FireOrder(cleanSec, problem.avoidersFirst) : undefined;
    this.timelines = problem.resources.map((r) => new Timeline(r.capacity, r.closed));
    this.plates = problem.hotplates.map((h) => new HotplateState(h));
    this.plateFires = problem.hotplates.map((h) => order(h.cleanSec));
    this.resourceFires = problem.resources.map((r) => (r.isFire ? order(null) : undefined));
    this.stores = problem.stores.map((s) => new StoreState(s.capacity));
  }

  /** Closes resources and all hotplates for a stretch. */
  pause(resources: readonly number[], fromSec: number, toSec: number): void {
    for (const r of resources) this.timelines[r]?.take(fromSec, toSec, this.problem.resources[r]?.capacity ?? 1);
    for (const plate of this.plates) plate.pause(fromSec, toSec);
  }

  /** False while something must be placed that no order on the fires and no number of watchers leaves room for. */
  isStrict = true;

  /** How long a resource has been taken in all. */
  busySec(resource: number): number {
    return this.timelines[resource]?.busySec ?? 0;
  }

  /**
   * The earliest moment from `fromSec` on at which all that a mode takes is free together; undefined where there is none up to `limit`.
   * Each part in turn moves the candidate on until none does; invariant: nothing before the candidate fits.
   */
  earliest(a: number, mode: Mode, fromSec: number, limit: number): FreeSlot | undefined {
    const last = Math.min(limit, HORIZON_SEC);
    const { uses, lying } = mode;
    const picks = new Array<number>(uses.length);
    let at = fromSec;
    for (;;) {
      const from = at;
      at = this.pastClosed(a, at, mode.durationSec);
      let spot = 0;
      if (lying) {
        const found = this.plates[lying.plate]?.earliest(at, mode.durationSec, lying, last);
        if (!found) return undefined;
        ({ startSec: at, spot } = found);
        at = this.pastFireOrder(a, this.plateFires[lying.plate], at, at + mode.durationSec);
      }
      for (let i = 0; i < uses.length; i++) {
        const use = uses[i];
        if (!use) continue;
        const before = mode.apart?.find(([, second]) => second === i)?.[0];
        this.barred = before === undefined ? -1 : (picks[before] ?? -1);
        at = this.earliestOfAny(a, use, at);
        picks[i] = this.picked;
      }
      if (this.problem.watch && this.isStrict) at = this.pastUnwatched(a, mode, at);
      if (at > last) return undefined;
      if (at === from) return { startSec: at, spot, picks };
    }
  }

  private pastClosed(a: number, at: number, durationSec: number): number {
    let start = at;
    for (const [from, to] of this.problem.activities[a]?.closed ?? [])
      if (start < to && start + durationSec > from && !(durationSec === 0 && start === from)) start = to;
    return start;
  }

  private pastFireOrder(a: number, fire: FireOrder | undefined, startSec: number, endSec: number): number {
    const activity = this.problem.activities[a];
    if (!fire || !activity || !this.isStrict) return startSec;
    return fire.blockedUntil(startSec, endSec, activity.holds, activity.avoids) ?? startSec;
  }

  /** A resource that the next use may not take; −1: none. */
  private barred = -1;
  /** The resource that `earliestOfAny` found. */
  private picked = -1;

  /** Of the resources that serve a use the one that is free first; of equals the one that has been taken least. */
  private earliestOfAny(a: number, use: Use, startSec: number): number {
    const lengthSec = use.toSec - use.fromSec;
    let best = Infinity;
    this.picked = use.anyOf[0] ?? -1;
    for (const resource of use.anyOf) {
      const timeline = this.timelines[resource];
      if (!timeline || resource === this.barred) continue;
      // a team larger than its bench takes all of it; the checker says that it is too large
      const amount = Math.min(use.amount, this.problem.resources[resource]?.capacity ?? 1);
      const free = timeline.earliest(startSec + use.fromSec, lengthSec, amount);
      const at = this.pastFireOrder(a, this.resourceFires[resource], free, free + lengthSec) - use.fromSec;
      if (at < best || (at === best && this.busySec(resource) < this.busySec(this.picked))) {
        best = at;
        this.picked = resource;
      }
    }
    return best;
  }

  /** Rule R9: no more hotplates in use than those who are not called away can watch. */
  private pastUnwatched(a: number, mode: Mode, startSec: number): number {
    const { watch, activities } = this.problem;
    const takesOne = activities[a]?.takesWatcher === true;
    const lying = mode.lying?.kind === null ? undefined : mode.lying;
    if (!watch || (!lying && !takesOne)) return startSec;
    const endSec = startSec + mode.durationSec;
    // mostly there are enough even if all of it were at one moment
    let there = watch.count - (takesOne ? 1 : 0);
    for (const d of this.demos.values()) if (d.startSec < endSec && d.endSec > startSec) there--;
    let used = 0;
    for (let plate = 0; plate < this.plates.length; plate++)
      if (plate === lying?.plate || this.plates[plate]?.isTouched(startSec, endSec) === true) used++;
    if (used <= watch.each * there) return startSec;
    // this is asked for very often in a large class, so lists are used over again and nothing is made anew
    const { plateOf, from, to } = this.around;
    let n = 0;
    for (const d of this.demos.values())
      if (d.startSec < endSec && d.endSec > startSec) {
        plateOf[n] = -1;
        from[n] = d.startSec;
        to[n] = d.endSec;
        n++;
      }
    for (let plate = 0; plate < this.plates.length; plate++)
      for (const p of this.plates[plate]?.lyingIn(startSec, endSec) ?? []) {
        plateOf[n] = plate;
        from[n] = p.startSec;
        to[n] = p.endSec;
        n++;
      }
    for (let m = -1; m < n; m++) {
      const sec = m < 0 ? startSec : (from[m] ?? 0);
      if (m >= 0 && sec <= startSec) continue;
      const until = this.unwatchedUntil(sec, n, lying?.plate ?? -1, takesOne ? 1 : 0);
      if (until !== undefined) return until;
    }
    return startSec;
  }

  /** What lies or is shown around a stretch: on which plate (−1: a demonstration), from when, and to when. */
  private readonly around: { readonly plateOf: number[]; readonly from: number[]; readonly to: number[] } = {
    plateOf: [],
    from: [],
    to: [],
  };
  /** By plate: the last count in which it was in use. */
  private readonly countedIn: number[] = [];
  private count = 0;

  /** Where too many plates are in use at a moment: when the first of what goes on then is over; undefined where staff can watch them. */
  private unwatchedUntil(sec: number, n: number, ownPlate: number, ownAway: number): number | undefined {
    const { watch } = this.problem;
    const { plateOf, from, to } = this.around;
    const count = ++this.count;
    let used = ownPlate < 0 ? 0 : 1;
    if (ownPlate >= 0) this.countedIn[ownPlate] = count;
    let away = ownAway;
    let until = Infinity;
    for (let i = 0; i < n; i++) {
      const end = to[i] ?? 0;
      if ((from[i] ?? 0) > sec || end <= sec) continue;
      if (end < until) until = end;
      const plate = plateOf[i] ?? -1;
      if (plate < 0) away++;
      else if (this.countedIn[plate] !== count) {
        this.countedIn[plate] = count;
        used++;
      }
    }
    return watch && used > watch.each * (watch.count - away) ? until : undefined;
  }

  take(a: number, mode: Mode, p: Placement): void {
    const activity = this.problem.activities[a];
    if (!activity) return;
    const { holds, avoids } = activity;
    const isOrdered = (holds | avoids) !== 0 || mode.lying !== undefined;
    for (const [i, use] of mode.uses.entries()) {
      const resource = p.picks[i] ?? -1;
      const [from, to] = [p.startSec + use.fromSec, p.startSec + use.toSec];
      this.timelines[resource]?.take(from, to, use.amount);
      if (isOrdered) this.resourceFires[resource]?.put(a, from, to, holds, avoids);
    }
    if (mode.lying) {
      this.plates[mode.lying.plate]?.put(a, p.startSec, p.endSec, p.spot, mode.lying);
      if (mode.lying.kind !== null) this.plateFires[mode.lying.plate]?.put(a, p.startSec, p.endSec, holds, avoids);
    }
    if (activity.takesWatcher) this.demos.set(a, p);
  }

  free(a: number, mode: Mode, p: Placement): void {
    for (const [i, use] of mode.uses.entries()) {
      const resource = p.picks[i] ?? -1;
      this.timelines[resource]?.free(p.startSec + use.fromSec, p.startSec + use.toSec, use.amount);
      this.resourceFires[resource]?.remove(a);
    }
    if (mode.lying) {
      this.plates[mode.lying.plate]?.remove(a);
      this.plateFires[mode.lying.plate]?.remove(a);
    }
    this.demos.delete(a);
  }
}
