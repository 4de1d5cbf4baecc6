import type { Candidate, TwoWayDecoder, Search } from './two-way-decoder.ts';
import { finishOf } from './judge.ts';
import { Mover, type EndLimits, type Move } from './mover.ts';
import type { Indexed } from './indexed.ts';
import type { Given, Problem, Schedule } from './problem.ts';
import type { Random } from './random.ts';

/** How much worse, as a share of the cost, a move may be at the beginning. */
const WARMTH = 0.03;
/** The cost of judging a schedule of so many activities is that of placing one. */
const JUDGED_PER_PLACEMENT = 25;
/** Units are moved by so much at most at a time. */
const REACH_SEC = 1200;
/** Share of the moves that carry turns of one hotplate, and how many at most beside the first change places. */
const TURN_SHARE = 0.1;
const MOST_TURNS = 4;
/** Share of the units chosen that are worth moving, where the aim names some. */
const FOCUS_SHARE = 0.5;
/** A report after so many moves. */
const MOVES_PER_STEP = 32;

/** What the moves aim at: the least of something, within limits of ends; and which activities are worth moving before others. */
export interface PolishAim {
  readonly softSec: (schedule: Schedule) => number;
  readonly ends: EndLimits;
  readonly worthMoving?: (schedule: Schedule) => readonly number[];
  /** A cost below which it goes no further. */
  readonly enough?: number;
}

/**
 * Goes on from a schedule that breaks nothing by moving single units, whole batches or whole breads, exchanging units, and putting a few
 * back anew, while all else stays (large neighbourhood search, Shaw 1998, with threshold accepting, Dueck and Scheuer 1990). A move costs
 * as many placements as it moves activities, where decoding costs all of them. Ends at `untilShare` of the decoder's work.
 */
export function* polish(
  decoder: TwoWayDecoder,
  start: Candidate,
  aim: PolishAim,
  given: Given,
  random: Random,
  untilShare: number,
): Search<Candidate> {
  const { problem } = decoder;
  const held = new Set([...given.fixed.keys(), ...problem.activities.flatMap((a, i) => (a.pin ? [i] : []))]);
  const mover = new Mover(decoder.forward, start.schedule, aim.ends, held);
  const neighbourhood = new Neighbourhood(decoder.forward, mover, random);
  neighbourhood.focus(aim.worthMoving?.(start.schedule) ?? []);
  const judgeWork = problem.activities.length / JUDGED_PER_PLACEMENT;
  const fromShare = decoder.doneShare;
  let best = start;
  let hereCost = start.cost;
  const enough = aim.enough ?? -Infinity;
  for (let n = 1; !decoder.isOver(untilShare) && best.cost >= enough; n++) {
    const before = mover.spent;
    const isMade = mover.attempt(neighbourhood.next());
    decoder.spent += mover.spent - before + 1;
    if (isMade) {
      const schedule = mover.schedule();
      const cost = aim.softSec(schedule);
      decoder.spent += judgeWork;
      const coolness = (decoder.doneShare - fromShare) / Math.max(1e-9, untilShare - fromShare);
      if (cost <= hereCost + WARMTH * Math.max(0, 1 - coolness) ** 2 * best.cost) {
        hereCost = cost;
        if (aim.worthMoving) neighbourhood.focus(aim.worthMoving(schedule));
      } else mover.back();
      if (cost < best.cost) best = { ...start, schedule, cost, finishSec: finishOf(problem, schedule) };
    }
    if (n % MOVES_PER_STEP === 0) yield* decoder.step(best);
  }
  return best;
}

/** Chooses what to move, and where to. */
class Neighbourhood {
  private readonly jobs: readonly number[];
  /** Units that belong together, such as the steps of one bread; most stand alone. */
  private readonly chains: readonly (readonly number[])[];
  private readonly chainOf: readonly number[];
  private focused: readonly number[] = [];
  private readonly problem: Problem;
  private readonly groups: readonly (readonly number[])[];
  private readonly families: readonly (readonly number[])[];

  constructor(
    private readonly indexed: Indexed,
    private readonly mover: Mover,
    private readonly random: Random,
  ) {
    const { problem } = indexed;
    this.problem = problem;
    const all = problem.units.map((_, u) => u);
    const by = (key: (u: number) => string): readonly (readonly number[])[] => {
      const lists = new Map<string, number[]>();
      for (const u of all) lists.set(key(u), [...(lists.get(key(u)) ?? []), u]);
      return [...lists.values()];
    };
    this.jobs = all.filter((u) => problem.units[u]?.role === 'job');
    this.chains = by((u) => String(problem.units[u]?.part ?? u));
    const chainOf = new Array<number>(problem.units.length).fill(0);
    this.chains.forEach((list, c) => {
      for (const u of list) chainOf[u] = c;
    });
    this.chainOf = chainOf;
    this.groups = by((u) => problem.units[u]?.group ?? '');
    this.families = by((u) => problem.units[u]?.family ?? '');
  }

  next(): readonly Move[] {
    const choice = this.random();
    if (choice < 0.15) return [this.shifted(this.anyUnit())];
    if (choice < 0.4) return this.shiftedChain(this.chains[this.chainOf[this.anyUnit()] ?? 0] ?? []);
    if (choice < 0.6) return this.together(this.anyOf(this.groups));
    if (choice < 0.66) return this.together(this.anyOf(this.families));
    if (choice < 0.8 - TURN_SHARE / 2) return this.exchanged();
    if (choice < 0.8 + TURN_SHARE / 2) return this.turns();
    return this.anew();
  }

  /** Moves these and their like more often than others. */
  focus(activities: readonly number[]): void {
    const units = new Set(activities.map((a) => this.indexed.unitOf[a] ?? -1));
    this.focused = [...units].filter((u) => u >= 0);
  }

  private anyUnit(): number {
    if (this.focused.length > 0 && this.random() < FOCUS_SHARE) return this.anyOf(this.focused);
    return Math.floor(this.random() * this.problem.units.length);
  }

  private anyJob(): number {
    const u = this.anyUnit();
    return this.problem.units[u]?.role === 'job' ? u : this.anyOf(this.jobs);
  }

  /** The units of one chain by as much, or all as early as can be. */
  private shiftedChain(units: readonly number[]): readonly Move[] {
    const [first = 0] = units;
    const { fromSec } = this.shifted(first);
    const by = fromSec - this.mover.startOf(first);
    return this.inOrder(units.map((unit) => ({ unit, fromSec: this.mover.startOf(unit) + by })));
  }

  private anyOf<T>(list: readonly T[]): T {
    return list[Math.floor(this.random() * list.length)] as T;
  }

  /** One unit: as early as can be, to where its rests are ideal, or a little way off. */
  private shifted(unit: number): Move {
    const choice = this.random();
    if (choice < 0.3) return { unit, fromSec: -Infinity };
    if (choice < 0.5) {
      const ideal = this.mover.idealStartOf(unit);
      if (!Number.isNaN(ideal)) return { unit, fromSec: Math.round(ideal) };
    }
    return { unit, fromSec: this.mover.startOf(unit) + this.shift() };
  }

  private shift(): number {
    const reach = REACH_SEC * this.random() ** 2;
    return Math.round((this.random() * 2 - 1) * reach);
  }

  /** Units by as much, all of one batch or bread. */
  private together(units: readonly number[]): readonly Move[] {
    const shift = this.shift();
    return this.inOrder(units.map((unit) => ({ unit, fromSec: this.mover.startOf(unit) + shift })));
  }

  private exchanged(): readonly Move[] {
    const chain = (u: number): readonly number[] => this.chains[this.chainOf[u] ?? -1] ?? [u];
    const [one, other] = [chain(this.anyJob()), chain(this.anyOf(this.jobs))];
    if (one === other) return this.anew();
    const startOf = (list: readonly number[]): number => Math.min(...list.map((u) => this.mover.startOf(u)));
    const by = startOf(other) - startOf(one);
    return this.inOrder([
      ...one.map((unit) => ({ unit, fromSec: this.mover.startOf(unit) + by })),
      ...other.map((unit) => ({ unit, fromSec: this.mover.startOf(unit) - by })),
    ]);
  }

  /** Turns of one hotplate: a few that follow one another in another order, or all from some moment on by as much. */
  private turns(): readonly Move[] {
    const centre = this.anyJob();
    const lying = this.mover.lyingOf(centre);
    if (!lying) return this.anew();
    const chains = new Set(this.jobs.map((u) => this.chainOf[u] ?? -1));
    const queue = [...chains]
      .flatMap((c) => {
        const units = this.chains[c] ?? [];
        const lies = units.map((u) => this.mover.lyingOf(u)).find((l) => l?.plate === lying.plate);
        return lies && lies.startSec >= lying.startSec ? [{ units, startSec: lies.startSec }] : [];
      })
      .sort((a, b) => a.startSec - b.startSec);
    if (this.random() < 0.3) {
      const shift = this.shift();
      return this.inOrder(
        queue.flatMap(({ units }) => units.map((unit) => ({ unit, fromSec: this.mover.startOf(unit) + shift }))),
      );
    }
    const few = queue.slice(0, 2 + Math.floor(this.random() * MOST_TURNS));
    // the first goes last, or the last first
    const order = this.random() < 0.5 ? [...few.slice(1), ...few.slice(0, 1)] : [...few.slice(-1), ...few.slice(0, -1)];
    return order
      .flatMap(({ units, startSec }, i) => {
        const by = (few[i]?.startSec ?? startSec) - startSec;
        return units.map((unit) => ({ unit, fromSec: this.mover.startOf(unit) + by }));
      })
      .sort((a, b) => a.fromSec - b.fromSec || a.unit - b.unit);
  }

  /** A few units that lie near one another in time, or of one batch, as early as can be from the first of them on, in another order. */
  private anew(): readonly Move[] {
    const centre = this.anyJob();
    const at = this.mover.startOf(centre);
    const count = 2 + Math.floor(this.random() * 4);
    const group = this.problem.units[centre]?.group;
    const isNear = this.random() < 0.5;
    const pool = this.jobs.filter((u) => isNear || this.problem.units[u]?.group === group);
    const chosen = pool
      .map((unit) => ({ unit, off: Math.abs(this.mover.startOf(unit) - at) + this.random() * 240 }))
      .sort((a, b) => a.off - b.off)
      .slice(0, count)
      .map(({ unit }) => ({ unit, key: this.random() }));
    const from = Math.min(...chosen.map(({ unit }) => this.mover.startOf(unit)));
    return chosen.sort((a, b) => a.key - b.key).map(({ unit }) => ({ unit, fromSec: from }));
  }

  /** In the order of time, trunks before what comes of them. */
  private inOrder(moves: readonly Move[]): readonly Move[] {
    const startOf = (m: Move): number => this.mover.startOf(m.unit);
    return [...moves].sort((a, b) => startOf(a) - startOf(b) || a.unit - b.unit);
  }
}
