import type { Decoded } from './decode.ts';
import {
  TwoWayDecoder,
  NO_MODES,
  type Budget,
  type Candidate,
  type Choice,
  type Found,
  type Search,
} from './two-way-decoder.ts';
import { criticalPairs, exchanged } from './critical.ts';
import type { Indexed } from './indexed.ts';
import { activitiesInBreach, BREAK_SEC, breachSec, finishOf, missingTable, movedSec, tableBreachSec } from './judge.ts';
import type { EndLimits } from './mover.ts';
import { movedUnit, neighbourOf, orderBefore, orderByEnd, orderByStart, startingOrders } from './orders.ts';
import { polish, type PolishAim } from './polish.ts';
import { NOTHING_GIVEN, type Given, type Problem, type Schedule } from './problem.ts';
import { seededRandom, type Random } from './random.ts';
import { tabuWalk } from './tabu.ts';

/** A second of a broken rule outweighs any freshness or length. */
const BREACH_WEIGHT = 1000;
const SEED = 20_270_306;
/** How near to the ideal the rests are asked to be, tried in turn. */
const EASES = [1, 0.5, 0] as const;
/** Where in its time a pause lies, tried in turn. */
const PAUSE_SHARES = [0, 0.5, 1] as const;
/** Share of the work that may go into the starting orders. */
const START_SHARE = 0.3;
/** So many of them are gone on from. */
const BEST_STARTS = 3;
/** So many starts of a good plan are gone on from for a while, each with such a share of the work, before the best has the rest. */
const TRIES = 3;
const TRY_SHARE = 0.1;
/** Up to which share of the work a search for the shortest class decodes whole orders; after that units are moved. */
const SHORT_WALK_SHARE = 0.93;
/** Of two classes that are equally short the one whose breads are done earlier leads further. */
const MEAN_END_WEIGHT = 0.02;
/** Up to which share of the work a search for the shortest class mends what is broken before it shortens. */
const MEND_SHARE = 0.6;
/** Share of the work on a schedule that only misses the table that decodes other orders, before single units are moved. */
const TABLE_WALK_SHARE = 0.5;
/** How much worse, as a share of the cost, a step of the walk may be at its beginning. */
const WARMTH = 0.006;

const pausesAt = (problem: Problem, share: number): readonly number[] =>
  problem.pauses.map((p) => Math.round(p.fromSec + share * Math.max(0, p.toSec - p.durationSec - p.fromSec)));

/** An order taken forwards, as tightly as can be. */
const forwardsIn = (order: readonly number[], pauseSecs: readonly number[]): Choice => ({
  order,
  pauseSecs,
  ease: 0,
  direction: 'forwards',
  spareSec: 0,
  modes: NO_MODES,
});

const better = <T extends Found>(a: T, b: T): T => (b.cost < a.cost ? b : a);

/**
 * The earliest finish found (goal `short`): orders are decoded forwards, then backwards from the finish that gives and forwards again
 * (forward-backward improvement, Li and Willis 1992), and a seeded walk over neighbours goes on from the best.
 */
export function* searchShort(
  problem: Problem,
  budget: Budget,
  memory: Memory = new Memory(),
  given: Given = NOTHING_GIVEN,
): Search<Candidate> {
  const decoder = new TwoWayDecoder(problem, budget, given, memory.rounds % 2 === 1);
  const random = seededRandom(SEED + memory.rounds);
  const judged = (choice: Choice, { schedule, forced }: Pick<Decoded, 'schedule' | 'forced'>): Candidate => {
    const finishSec = finishOf(problem, schedule);
    const breach = breachSec(problem, schedule, forced);
    return { ...choice, schedule, forced, finishSec, breachSec: breach, cost: finishSec + BREACH_WEIGHT * breach };
  };
  const justified = (found: Candidate): Candidate => {
    let best = found;
    for (;;) {
      const late = { ...best, order: orderByEnd(problem, best.schedule), spareSec: 0 };
      const back = judged(late, decoder.backwards(late, best.finishSec));
      const early = { ...best, order: orderByStart(problem, back.schedule) };
      const next = better(back, judged(early, decoder.forwards(early)));
      if (next.cost >= best.cost) return best;
      best = next;
    }
  };
  const start = (choice: Choice): Candidate => {
    const early: Choice = { ...choice, ease: 0, direction: 'forwards' };
    return judged(early, decoder.forwards(early));
  };
  const known = memory.best;
  const also =
    memory.rounds > 0
      ? []
      : given.also.flatMap((near) => {
          const choice = forwardsIn(orderBefore(problem, near.startSecs), pausesAt(problem, 0));
          return [start(choice), judged(choice, decoder.forwards(choice, near))];
        });
  const starts = yield* bestOfStarts(decoder, start, memory);
  // without work to spend, what is right is good enough
  const [first] = starts;
  const isEnough = decoder.isOver(1) && first?.breachSec === 0;
  const tried = isEnough ? [first] : starts.map(justified);
  let best = [...(known ? [known] : []), ...also, ...tried].reduce(better);
  // what breaks something is mended first, by moving that; only then is there a critical chain to shorten
  if (best.breachSec > 0) best = yield* walk(decoder, best, orderByStart, start, MEND_SHARE, random, true);
  best = yield* tabuWalk(decoder, best, start, memory.rounds);
  best = yield* walk(
    decoder,
    best,
    orderByStart,
    (choice) => {
      const found = start(choice);
      return found.cost < best.cost * (1 + WARMTH) ? justified(found) : found;
    },
    SHORT_WALK_SHARE,
    random,
  );
  if (best.breachSec === 0) {
    // finishes alike differ by when everybody's breads are done
    const softSec = (schedule: Schedule): number =>
      finishOf(problem, schedule) + MEAN_END_WEIGHT * meanEndSec(problem, schedule);
    const ends = { fromSec: [], toSec: problem.activities.map((a) => a.dueSec) };
    const soft = { ...best, cost: softSec(best.schedule) };
    const polished = yield* polish(decoder, soft, { softSec, ends }, given, random, 1);
    best = better(best, { ...polished, cost: polished.finishSec });
  }
  memory.rounds++;
  memory.best = best;
  return best;
}

/** What a search for a good plan aims at. */
export interface TableAim {
  readonly tableSec: number;
  /** Where orders are decoded backwards from: table time, or the earliest finish known where that is later. */
  readonly deadlineSec: number;
  /** Backwards from so much before the deadline is tried as well. */
  readonly bufferSec: number;
  /** What is to be as little as can be in a schedule that breaks nothing; seconds. */
  readonly softSec: (schedule: Schedule) => number;
}

/**
 * The best schedule found for an aim (goals `steady` and `fresh`): orders are decoded backwards from the deadline, a walk goes on from the
 * best, and where nothing is broken single units are moved about. Starts from the orders of given schedules too, which show what is
 * possible at all, and never ends with anything worse than one of them.
 */
export function* searchTable(
  problem: Problem,
  aim: TableAim,
  budget: Budget,
  known: readonly Found[],
  memory: Memory,
  given: Given = NOTHING_GIVEN,
): Search<Candidate> {
  const decoder = new TwoWayDecoder(problem, budget, given, memory.rounds % 2 === 1);
  const random = seededRandom(SEED + memory.rounds);
  const softSec = (schedule: Schedule): number => aim.softSec(schedule) + given.nearWeight * movedSec(schedule, given);
  const judged = (choice: Choice, { schedule, forced }: Pick<Decoded, 'schedule' | 'forced'>): Candidate => {
    const breach = breachSec(problem, schedule, forced) + tableBreachSec(problem, schedule, aim.tableSec);
    const finishSec = finishOf(problem, schedule);
    return {
      ...choice,
      schedule,
      forced,
      finishSec,
      breachSec: breach,
      cost: softSec(schedule) + BREACH_WEIGHT * breach,
    };
  };
  const judge = (choice: Choice): Candidate => judged(choice, decoder.decode(choice, aim.deadlineSec));
  const buffers = aim.bufferSec > 0 ? [aim.bufferSec, 0] : [0];
  const eased = (choice: Choice): Candidate => {
    let best: Candidate | undefined;
    for (const spareSec of buffers)
      for (const ease of EASES) {
        if (best?.breachSec === 0) return best;
        const next = judge({ ...choice, ease, spareSec });
        best = best ? better(best, next) : next;
      }
    return best ?? judge(choice);
  };
  const pauseSecs = known[0]?.schedule.pauseSecs ?? pausesAt(problem, 0);
  const asBefore =
    given.near && memory.rounds === 0
      ? judge(forwardsIn(orderBefore(problem, given.near.startSecs), pauseSecs))
      : undefined;
  // without work to spend, near and right is good enough
  if (asBefore?.breachSec === 0 && budget.placements === 0) {
    memory.best = asBefore;
    return asBefore;
  }
  const starts: Candidate[] = [];
  for (const { schedule, forced } of known) {
    const asItIs = forwardsIn(orderByEnd(problem, schedule), schedule.pauseSecs);
    starts.push(judged(asItIs, { schedule, forced }));
    if (memory.rounds === 0) for (const ease of EASES) starts.push(judge({ ...asItIs, direction: 'backwards', ease }));
  }
  if (memory.rounds === 0)
    for (const near of given.also) {
      const choice = forwardsIn(orderBefore(problem, near.startSecs), pauseSecs);
      starts.push(judged(choice, decoder.forwards(choice, near)));
    }
  if (asBefore) starts.push(asBefore);
  // without work to spend, what is right is good enough
  const isEnough = budget.placements === 0 && starts.some((c) => c.breachSec === 0);
  if (!isEnough) starts.push(...(yield* bestOfStarts(decoder, eased, memory)));
  /** Goes on from a schedule: what breaks lags or misses the table is decoded anew, what still misses it moved, and what is right made better. */
  function* improved(from: Candidate, untilShare: number): Search<Candidate> {
    let best = from;
    if (best.breachSec > 0 && breachSec(problem, best.schedule, best.forced) > 0)
      best = yield* walk(decoder, best, orderByEnd, judge, untilShare, random, true);
    if (best.breachSec > 0 && breachSec(problem, best.schedule, best.forced) === 0) {
      const walkShare = decoder.doneShare + (untilShare - decoder.doneShare) * TABLE_WALK_SHARE;
      best = yield* walk(decoder, best, orderByEnd, judge, walkShare, random, true);
    }
    if (best.breachSec > 0 && breachSec(problem, best.schedule, best.forced) === 0) {
      const mending: PolishAim = {
        softSec: (x) => softSec(x) + BREACH_WEIGHT * tableBreachSec(problem, x, aim.tableSec),
        ends: { fromSec: [], toSec: problem.activities.map((x) => x.dueSec) },
        worthMoving: (x) => missingTable(problem, x, aim.tableSec),
        // no break costs less
        enough: BREACH_WEIGHT * BREAK_SEC,
      };
      best = yield* polish(decoder, best, mending, given, random, untilShare);
      best = { ...best, breachSec: tableBreachSec(problem, best.schedule, aim.tableSec) };
    }
    if (best.breachSec > 0) return best;
    return yield* polish(decoder, best, { softSec, ends: endsOf(problem, aim.tableSec) }, given, random, untilShare);
  }
  const chosen = [...starts].sort((x, y) => x.cost - y.cost).slice(0, TRIES);
  const tried: Candidate[] = [];
  for (const [i, start] of chosen.entries()) tried.push(yield* improved(start, START_SHARE + (i + 1) * TRY_SHARE));
  let best = [...(memory.best ? [judged(memory.best, memory.best)] : []), ...starts, ...tried].reduce(better);
  best = yield* improved(best, 1);
  memory.rounds++;
  memory.best = best;
  return best;
}

/**
 * The schedule before as it can still be done: in its order, every activity as near as can be to where it was; undefined where that breaks
 * something, or misses the table.
 */
export function keptSchedule(problem: Problem, tableSec: number, given: Given): Found | undefined {
  if (!given.near) return undefined;
  const decoder = new TwoWayDecoder(problem, { placements: 0 }, given);
  const choice = forwardsIn(orderBefore(problem, given.near.startSecs), pausesAt(problem, 0));
  const { schedule, forced } = decoder.forwards(choice, given.near);
  const breach = breachSec(problem, schedule, forced) + tableBreachSec(problem, schedule, tableSec);
  if (breach > 0) return undefined;
  const finishSec = finishOf(problem, schedule);
  return { schedule, order: choice.order, forced, finishSec, breachSec: 0, cost: finishSec };
}

function meanEndSec({ finals }: Problem, { placements }: Schedule): number {
  return finals.reduce((sum, f) => sum + (placements[f.activity]?.endSec ?? 0), 0) / Math.max(1, finals.length);
}

/** When each activity may end at the earliest and at the latest: due times, and for finals what table time asks for. */
function endsOf(problem: Problem, tableSec: number): EndLimits {
  const fromSec = problem.activities.map(() => -Infinity);
  const toSec = problem.activities.map((a) => a.dueSec);
  for (const { activity, holdSec } of problem.finals) {
    fromSec[activity] = holdSec === null ? -Infinity : tableSec - holdSec;
    toSec[activity] = Math.min(tableSec, toSec[activity] ?? Infinity);
  }
  return { fromSec, toSec };
}

/** What a search remembers from one round to the next: a later round goes on where the one before it ended. */
export class Memory {
  rounds = 0;
  best: Candidate | undefined;
  private readonly orders = new Map<Problem, Iterator<Pick<Choice, 'order' | 'pauseSecs'>>>();

  /** The next of the starting orders that no round has tried on this problem; undefined when there are none left. */
  nextOrder(indexed: Indexed): Pick<Choice, 'order' | 'pauseSecs'> | undefined {
    const orders = this.orders.get(indexed.problem) ?? startingChoices(indexed);
    this.orders.set(indexed.problem, orders);
    const next = orders.next();
    return next.done === true ? undefined : next.value;
  }
}

function* startingChoices(indexed: Indexed): Generator<Pick<Choice, 'order' | 'pauseSecs'>> {
  const { problem } = indexed;
  const shares = problem.pauses.length === 0 ? [0] : PAUSE_SHARES;
  for (const order of startingOrders(indexed))
    for (const share of shares) yield { order, pauseSecs: pausesAt(problem, share) };
}

/** The three best of the starting orders, as far as their share of the work goes; in the first round the first tried among them. */
function* bestOfStarts(
  decoder: TwoWayDecoder,
  judge: (choice: Choice) => Candidate,
  memory: Memory,
): Search<readonly Candidate[]> {
  const found: Candidate[] = [];
  while (!decoder.isOver(START_SHARE) || (found.length === 0 && memory.rounds === 0)) {
    const next = memory.nextOrder(decoder.forward);
    if (!next) break;
    const plain = forwardsIn(next.order, next.pauseSecs);
    const candidate = judge({ ...plain, ease: EASES[0], direction: 'backwards' });
    found.push(candidate);
    yield* decoder.step(candidate);
  }
  const [first, ...others] = found;
  if (memory.rounds > 0 || !first) return found.sort((a, b) => a.cost - b.cost).slice(0, BEST_STARTS);
  return [first, ...others.sort((a, b) => a.cost - b.cost).slice(0, BEST_STARTS - 1)];
}

/**
 * A walk over neighbours that may take small steps back at first (threshold accepting, Dueck and Scheuer 1990), up to a share of the
 * work; keeps the best. One that only mends ends as soon as nothing is broken.
 */
function* walk(
  decoder: TwoWayDecoder,
  start: Candidate,
  orderOf: (problem: Problem, schedule: Schedule) => readonly number[],
  judge: (choice: Choice) => Candidate,
  untilShare: number,
  random: Random,
  isMending = false,
): Search<Candidate> {
  let best = start;
  let here = start;
  if (start.order.length < 2) return best;
  for (let coolness = 0; !decoder.isOver(untilShare); coolness = decoder.doneShare / untilShare) {
    if (isMending && best.breachSec === 0) return best;
    const order = orderOf(decoder.problem, here.schedule);
    const found = judge(stepFrom(decoder.forward, { ...here, order }, random));
    if (found.cost <= here.cost + Math.max(0, WARMTH * (1 - coolness) * best.finishSec)) here = found;
    if (found.cost < best.cost) best = found;
    yield* decoder.step(best);
  }
  return best;
}

/** A neighbouring choice: mostly another order, at times another ease, direction or moment for a pause. */
function stepFrom(indexed: Indexed, here: Candidate, random: Random): Choice {
  const { problem } = indexed;
  const { order, ease, pauseSecs, schedule, modes } = here;
  const same = { order, ease, pauseSecs, direction: here.direction, spareSec: here.spareSec, modes };
  // what breaks something is moved first
  const broken = here.breachSec > 0 && random() < 0.5 ? activitiesInBreach(problem, schedule) : [];
  const unit = indexed.unitOf[broken[Math.floor(random() * broken.length)] ?? -1];
  if (unit !== undefined) return { ...same, order: movedUnit(order, unit, random) };
  const choice = random();
  if (choice < 0.06) return { ...same, ease: Math.round(random() * 20) / 20 };
  if (choice < 0.08) return { ...same, direction: here.direction === 'forwards' ? 'backwards' : 'forwards' };
  if (choice < 0.16 && problem.pauses.length > 0) {
    const which = Math.floor(random() * problem.pauses.length);
    const moved = pausesAt(problem, random());
    return { ...same, pauseSecs: pauseSecs.map((sec, i) => (i === which ? (moved[i] ?? sec) : sec)) };
  }
  if (choice < 0.22) {
    const next = otherMode(problem, modes, random);
    if (next) return { ...same, modes: next };
  }
  if (choice < 0.55) {
    const pairs = criticalPairs(indexed, schedule, random);
    const pair = pairs[Math.floor(random() * pairs.length)];
    const next = pair && exchanged(indexed, order, pair);
    if (next) return { ...same, order: next };
  }
  return { ...same, order: neighbourOf(order, random) };
}

/** One activity done in another way than the earliest, or in any again; undefined where the one that chance names has one way alone. */
function otherMode(
  problem: Problem,
  modes: ReadonlyMap<number, number>,
  random: Random,
): ReadonlyMap<number, number> | undefined {
  const next = new Map(modes);
  const forced = [...modes.keys()];
  const free = forced[Math.floor(random() * 2 * forced.length)];
  if (free !== undefined) {
    next.delete(free);
    return next;
  }
  const a = Math.floor(random() * problem.activities.length);
  const count = problem.activities[a]?.modes.length ?? 0;
  return count < 2 ? undefined : next.set(a, Math.floor(random() * count));
}
