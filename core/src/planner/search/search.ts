import { decode, indexProblem, type Indexed } from './decode.ts';
import { breachOf, finishOf, firstStart, stalenessSec, tableBreachSec } from './judge.ts';
import { mirrorProblem, mirrorSchedule } from './mirror.ts';
import { neighbourOf, startingOrders } from './orders.ts';
import type { Problem, Schedule } from './problem.ts';
import { seededRandom } from './random.ts';

/** A schedule with the order that gave it and its cost; of two, the lower cost is better. */
export interface Found {
  readonly schedule: Schedule;
  readonly order: readonly number[];
  readonly finishSec: number;
  readonly cost: number;
}

/** A second of a broken lag or of an early start outweighs any freshness or length. */
const BREACH_WEIGHT = 10_000;
/** Decodings that one step of effort buys. */
const DECODINGS_PER_EFFORT = 24;
const SEED = 20_270_306;
/** Nobody can begin before the class does, so an early start counts for more than anything that is late or stale. */
const EARLY_WEIGHT = 20;
/** How near to the ideal the rests are asked to be, tried from the best on. */
const EASES = [1, 0.75, 0.5, 0.25, 0] as const;

const hasCalendar = (problem: Problem): boolean =>
  [...problem.resources, ...problem.hotplates].some((r) => r.closed.some(([, to]) => to > problem.releaseSec));

/** Turns orders into schedules: backwards from a deadline, or forwards from the release. */
class Decoder {
  private readonly mirrored = new Map<number, Indexed>();
  private readonly plain: Indexed;

  constructor(private readonly problem: Problem) {
    this.plain = indexProblem(problem);
  }

  backwards(order: readonly number[], deadlineSec: number, ease: number): Schedule {
    let indexed = this.mirrored.get(deadlineSec);
    if (!indexed) {
      indexed = indexProblem(mirrorProblem(this.problem, deadlineSec));
      this.mirrored.set(deadlineSec, indexed);
    }
    return mirrorSchedule(decode(indexed, order, ease));
  }

  forwards(order: readonly number[]): Schedule {
    return decode(this.plain, [...order].reverse(), 0);
  }
}

/** What the broken lags and early starts of a schedule cost. */
function breachCost(problem: Problem, schedule: Schedule): number {
  const { earlySec, lagSec } = breachOf(problem, schedule);
  return BREACH_WEIGHT * (lagSec + EARLY_WEIGHT * earlySec);
}

const cheapest = (list: readonly Found[]): Found => list.reduce((a, b) => (b.cost < a.cost ? b : a));

const shifted = (schedule: Schedule, bySec: number): Schedule =>
  schedule.map((p) => ({ ...p, startSec: p.startSec + bySec, endSec: p.endSec + bySec }));

/**
 * The earliest finish found (goal `short`): every order is decoded backwards from a deadline that is moved until the first start meets
 * the release. Closed stretches (breaks) do not move with it; then the order is decoded forwards too, and backwards again from the
 * finish that this gives (forward–backward improvement, Li and Willis 1992). `effort` 1 to 10 bounds the decodings.
 */
export function searchShort(problem: Problem, deadlineSec: number, effort: number): Found {
  const decoder = new Decoder(problem);
  const isShiftable = !hasCalendar(problem);
  const asFound = (schedule: Schedule, order: readonly number[]): Found => {
    const finishSec = finishOf(problem, schedule);
    return { schedule, order, finishSec, cost: finishSec + breachCost(problem, schedule) };
  };
  const judge = (order: readonly number[]): Found => {
    const latest = decoder.backwards(order, deadlineSec, 0);
    const slackSec = firstStart(latest) - problem.releaseSec;
    if (isShiftable) return asFound(shifted(latest, -slackSec), order);
    const earliest = decoder.forwards(order);
    const deadlines = [finishOf(problem, earliest), deadlineSec - slackSec];
    const again = deadlines.map((sec) => decoder.backwards(order, sec, 0));
    return cheapest([earliest, ...again].map((schedule) => asFound(schedule, order)));
  };
  return improve(startingOrders(problem).map(judge), judge, effort);
}

/**
 * The freshest schedule found that ends at the deadline (goal `fresh`). Starts from the given schedule's order too, decoded with the
 * least rests: where time shifts freely that one keeps every lag if the given one does.
 */
export function searchFresh(problem: Problem, deadlineSec: number, effort: number, shortest: Found): Found {
  const decoder = new Decoder(problem);
  const asFound = (schedule: Schedule, order: readonly number[]): Found => {
    const tableCost = BREACH_WEIGHT * tableBreachSec(problem, schedule, deadlineSec);
    const cost = stalenessSec(problem, schedule, deadlineSec) + tableCost + breachCost(problem, schedule);
    return { schedule, order, finishSec: finishOf(problem, schedule), cost };
  };
  const judge = (order: readonly number[]): Found => {
    let best: Found | undefined;
    for (const ease of EASES) {
      const found = asFound(decoder.backwards(order, deadlineSec, ease), order);
      if (!best || found.cost < best.cost) best = found;
      if (found.cost < BREACH_WEIGHT) break; // nothing is broken at the easiest rest that works
    }
    return best ?? asFound(shortest.schedule, order);
  };
  const starts = [...startingOrders(problem), shortest.order].map(judge);
  return improve([...starts, asFound(shortest.schedule, shortest.order)], judge, effort);
}

/** Local search from the best start: a neighbour that is as good or better takes its place. Deterministic by seed. */
function improve(starts: readonly Found[], judge: (order: readonly number[]) => Found, effort: number): Found {
  const random = seededRandom(SEED);
  let best = cheapest(starts);
  if (best.order.length < 2) return best;
  for (let i = 0; i < effort * DECODINGS_PER_EFFORT; i++) {
    const found = judge(neighbourOf(best.order, random));
    if (found.cost <= best.cost) best = found;
  }
  return best;
}
