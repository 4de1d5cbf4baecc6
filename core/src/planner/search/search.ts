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
/** How often the deadline is corrected until the first start meets the release. */
const MOST_CORRECTIONS = 6;
/** How near to the ideal the rests are asked to be, tried from the best on. */
const EASES = [1, 0.75, 0.5, 0.25, 0] as const;

const hasCalendar = (problem: Problem): boolean =>
  [...problem.resources, ...problem.hotplates].some((r) => r.closed.some(([, to]) => to > problem.releaseSec));

/** Decodes backwards from a deadline. */
class Backwards {
  private readonly cache = new Map<number, Indexed>();

  constructor(private readonly problem: Problem) {}

  schedule(order: readonly number[], deadlineSec: number, ease: number): Schedule {
    let indexed = this.cache.get(deadlineSec);
    if (!indexed) {
      indexed = indexProblem(mirrorProblem(this.problem, deadlineSec));
      this.cache.set(deadlineSec, indexed);
    }
    return mirrorSchedule(decode(indexed, order, ease));
  }
}

const shifted = (schedule: Schedule, bySec: number): Schedule =>
  schedule.map((p) => ({ ...p, startSec: p.startSec + bySec, endSec: p.endSec + bySec }));

/**
 * The earliest finish found (goal `short`): every order is decoded from a deadline that is moved until its first start meets the
 * release. `effort` 1 to 10 bounds the decodings.
 */
export function searchShort(problem: Problem, deadlineSec: number, effort: number): Found {
  const backwards = new Backwards(problem);
  const isShiftable = !hasCalendar(problem);
  const judge = (order: readonly number[]): Found => {
    let deadline = deadlineSec;
    let schedule = backwards.schedule(order, deadline, 0);
    for (let i = 0; i < MOST_CORRECTIONS; i++) {
      const slack = firstStart(schedule) - problem.releaseSec;
      if (slack === 0) break;
      if (isShiftable) {
        schedule = shifted(schedule, -slack);
        break;
      }
      // a schedule that starts early must be put right; one that starts late may stay once nothing more is gained
      if (slack > 0 && i >= MOST_CORRECTIONS / 2) break;
      deadline -= slack;
      schedule = backwards.schedule(order, deadline, 0);
    }
    const { earlySec, lagSec } = breachOf(problem, schedule);
    const finishSec = finishOf(problem, schedule);
    return { schedule, order, finishSec, cost: finishSec + BREACH_WEIGHT * (earlySec + lagSec) };
  };
  return improve(startingOrders(problem).map(judge), judge, effort);
}

/**
 * The freshest schedule found that ends at the deadline (goal `fresh`). Starts from the given schedule's order too, decoded with the
 * least rests: where time shifts freely that one keeps every lag if the given one does.
 */
export function searchFresh(problem: Problem, deadlineSec: number, effort: number, shortest: Found): Found {
  const backwards = new Backwards(problem);
  const asFound = (schedule: Schedule, order: readonly number[]): Found => {
    const { earlySec, lagSec } = breachOf(problem, schedule);
    const breach = earlySec + lagSec + tableBreachSec(problem, schedule, deadlineSec);
    const cost = stalenessSec(problem, schedule, deadlineSec) + BREACH_WEIGHT * breach;
    return { schedule, order, finishSec: finishOf(problem, schedule), cost };
  };
  const judge = (order: readonly number[]): Found => {
    let best: Found | undefined;
    for (const ease of EASES) {
      const found = asFound(backwards.schedule(order, deadlineSec, ease), order);
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
  let best = starts.reduce((a, b) => (b.cost < a.cost ? b : a));
  if (best.order.length < 2) return best;
  for (let i = 0; i < effort * DECODINGS_PER_EFFORT; i++) {
    const found = judge(neighbourOf(best.order, random));
    if (found.cost <= best.cost) best = found;
  }
  return best;
}
