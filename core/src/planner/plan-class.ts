import type { Goal, Plan } from '../plan/index.ts';
import type { Workshop } from '../workshop/index.ts';
import { findBrokenRules } from './check/index.ts';
import { tightestOf } from './explain/index.ts';
import type { PlanMeasures } from './measures.ts';
import { atMoment, buildNetwork, type Moment, type Network, type Wishes } from './network/index.ts';
import { numberPieces } from './number-pieces.ts';
import {
  finished,
  lowerBound,
  NOTHING_GIVEN,
  searchFresh,
  searchShort,
  type Found,
  type Search,
} from './search/index.ts';
import { warningsOf } from './warnings.ts';
import { writePlan } from './write-plan.ts';

export interface PlanOptions extends Wishes {
  readonly goal?: Goal;
  /** 1 to 10, or 0 for the first plan alone; bounds the search in steps, never by the clock. */
  readonly effort?: number;
  /** For goal `fresh`: what a second of idle time counts against one of staleness; by default so little that it decides between equals. */
  readonly idleWeight?: number | undefined;
}

/** A planning that goes on step by step, telling the share done. Sent 'stop' it ends with the best plan so far. */
export type Planning = Generator<number, Plan, 'stop' | undefined>;

const DEFAULT_EFFORT = 3;
/** Activities placed for one step of effort: so many, and so many decodings of the whole class where that is more. */
const PLACEMENTS_PER_EFFORT = 4000;
const DECODINGS_PER_EFFORT = 10;
/** Share of the work that looks for the shortest class; it says how many minutes are to spare, and where the fresh plan begins. */
const SHORT_SHARE = 0.4;

/**
 * Plans a workshop that was read without faults. Goal `fresh` (default): rests near their ideal and breads done near table time;
 * `short`: the earliest finish. The plan lists under `broken` all that the checker finds; `measures` are seconds since doors open.
 * The same workshop and options give the same plan everywhere.
 */
export function planClass(workshop: Workshop, options: PlanOptions = {}): Plan {
  const planning = planInSteps(workshop, options);
  let step = planning.next();
  while (step.done !== true) step = planning.next();
  return step.value;
}

/** The same, step by step, for whoever wants to show how far it is, or to stop it. */
export function* planInSteps(workshop: Workshop, options: PlanOptions = {}): Planning {
  const { goal = 'fresh', effort = DEFAULT_EFFORT } = options;
  const { network, given } = atMoment(buildNetwork(workshop), options);
  const { problem, tableSec } = network;
  if (problem.finals.length === 0) return planOfNothing(workshop, network, goal);
  const placements = effort * Math.max(PLACEMENTS_PER_EFFORT, DECODINGS_PER_EFFORT * problem.activities.length);
  const shortShare = goal === 'short' ? 1 : SHORT_SHARE;
  const shortSearch = searchShort(problem, { placements: placements * shortShare }, given);
  const { found: shortest, isStopped } = yield* stretched(shortSearch, 0, shortShare, false);
  let best = shortest;
  if (goal === 'fresh') {
    // a class that cannot meet the table aims at the earliest finish instead: late by the least
    const deadlineSec = Math.max(tableSec, shortest.finishSec);
    const freshSearch = searchFresh(
      problem,
      deadlineSec,
      { placements: placements - placements * shortShare },
      shortest,
      given,
      options.idleWeight,
    );
    ({ found: best } = yield* stretched(freshSearch, shortShare, 1, isStopped));
  }
  const bound = lowerBound(problem);
  const planOf = (found: Found): Plan => {
    // pieces that have begun or were moved are known by their numbers
    const schedule = given === NOTHING_GIVEN ? numberPieces(network, found.schedule) : found.schedule;
    const measures: PlanMeasures = {
      finishSec: found.finishSec,
      boundSec: Math.min(bound.boundSec, found.finishSec),
      marginSec: tableSec - found.finishSec,
      shortestSec: Math.min(shortest.finishSec, found.finishSec),
      tightest: tightestOf(network, bound, schedule),
    };
    const written = writePlan(workshop, network, schedule, goal, options.moment);
    return complete(workshop, network, { ...written, measures }, options.moment);
  };
  const plan = planOf(best);
  if (plan.broken.length === 0) return plan;
  // what was found on the way may be right where the best is not: the search sees a limit of a place less sharply than the checker
  const onTheWay = [...(best === shortest ? [] : [shortest]), finished(searchShort(problem, { placements: 0 }, given))];
  return onTheWay.map(planOf).find((p) => p.broken.length === 0) ?? plan;
}

/** Passes on how far a search is as a part of the whole, and a stop to the search; once stopped, all that comes later is too. */
function* stretched(
  search: Search,
  from: number,
  to: number,
  isStopped: boolean,
): Generator<number, { readonly found: Found; readonly isStopped: boolean }, 'stop' | undefined> {
  let hasStopped = isStopped;
  let step = search.next();
  while (step.done !== true) {
    const share = from + (to - from) * step.value.doneShare;
    if (!hasStopped) hasStopped = (yield share) === 'stop';
    step = search.next(hasStopped ? 'stop' : undefined);
  }
  return { found: step.value, isStopped: hasStopped };
}

/** A class whose menu gives nobody a bread: welcome and breaks alone. */
function planOfNothing(workshop: Workshop, network: Network, goal: Goal): Plan {
  const measures: PlanMeasures = {
    finishSec: 0,
    boundSec: 0,
    marginSec: network.tableSec,
    shortestSec: 0,
    tightest: { kind: 'dough', id: '', fromSec: 0, toSec: 0 },
  };
  const nothing = { placements: [], pauseSecs: network.problem.pauses.map((p) => p.fromSec) };
  return complete(workshop, network, { ...writePlan(workshop, network, nothing, goal), measures });
}

/** With all that the checker finds; what breaks a rule only in what has happened already is no more to be mended, and is left out. */
function complete(
  workshop: Workshop,
  network: Network,
  plan: Omit<Plan, 'broken' | 'warnings'>,
  moment?: Moment,
): Plan {
  const whole: Plan = { ...plan, broken: [], warnings: [...warningsOf(workshop, network, plan)] };
  const past = new Set(moment?.begun.map((t) => t.id));
  const broken = findBrokenRules(workshop, whole).filter((b) => !moment || b.tasks.some((t) => !past.has(t)));
  return { ...whole, broken };
}
