import { assert } from '../faults/index.ts';
import type { Goal, Plan } from '../plan/index.ts';
import { secondsOfMinutes } from '../units/index.ts';
import type { Workshop } from '../workshop/index.ts';
import { findBrokenRules } from './check/index.ts';
import { classBase } from './class-base.ts';
import { tightestOf } from './explain/index.ts';
import { bufferSecOf, type PlanMeasures } from './measures.ts';
import { atMoment, isExcused, type Moment, type Network, type Wishes } from './network/index.ts';
import { numberPieces } from './number-pieces.ts';
import {
  costSec,
  Feeling,
  fineProblem,
  finished,
  keptSchedule,
  lowerBound,
  Memory,
  searchShort,
  searchTable,
  type Found,
  type Measure,
  type Schedule,
  type Search,
  type TableAim,
} from './search/index.ts';
import { warningsOf } from './warnings.ts';
import { writePlan } from './write-plan.ts';

/** Idle time counts so much of what staleness does where nobody asks for more: it decides between plans that are equally fresh. */
const IDLE_WEIGHT = 0.02;
/** Of plans that one can teach equally well the one whose first breads are evener is taken. */
const FIRSTS_WEIGHT = 0.0001;

export interface PlanOptions extends Wishes {
  readonly goal?: Goal;
  /**
   * 1 to 10, or 0 for the first plan alone; bounds the search in steps, never by the clock. From 3 on a class that breaks something, and
   * is not proven impossible, is searched up to three times as long.
   */
  readonly effort?: number;
  /** For goal `fresh`: what a second of idle time counts against one of staleness; by default so little that it decides between equals. */
  readonly idleWeight?: number | undefined;
}

/** A planning that goes on step by step, telling the share done. Sent 'stop' it ends with the best plan so far. */
export type Planning = Generator<number, Plan, 'stop' | undefined>;

const DEFAULT_EFFORT = 3;
/** From this effort on a class that breaks something is searched so many times as long before it is said. */
const PATIENT_FROM = 3;
const PATIENCE = 3;
/** Activities placed for one step of effort: so many decodings of the whole class, at least so many placements, and in a large class fewer. */
const PLACEMENTS_PER_EFFORT = 6000;
const DECODINGS_PER_EFFORT = 60;
const MORE_DECODINGS_PER_EFFORT = 30;
/** Share of the work that looks for the shortest class; it says how many minutes are to spare, and where the good plan begins. */
const SHORT_SHARE = 0.35;
/** While the class is longer than its time, a round does all that goal `short` would do, and so much more as a share of that for the table. */
const TOO_LONG_TABLE_SHARE = 0.26;

/**
 * Plans a workshop that was read without faults. Goal `steady` (default): the plan that one can teach; `fresh`: rests near their ideal and
 * breads done near table time; `short`: the earliest finish. The plan lists under `broken` all that the checker finds; `measures` are
 * seconds since doors open. The same workshop and options give the same plan everywhere.
 */
export function planClass(workshop: Workshop, options: PlanOptions = {}): Plan {
  const planning = planInSteps(workshop, options);
  let step = planning.next();
  while (step.done !== true) step = planning.next();
  return step.value;
}

/**
 * The same, step by step, for whoever wants to show how far it is, or to stop it. Every step of effort is a round of its own that goes on
 * from the best of those before it, so more effort begins with all that less effort does and is never worse.
 */
export function* planInSteps(workshop: Workshop, options: PlanOptions = {}): Planning {
  const { goal = 'steady', effort = DEFAULT_EFFORT } = options;
  const base = classBase(workshop);
  const { network, given } = atMoment(workshop, base.network, options);
  const { problem, tableSec } = network;
  if (problem.finals.length === 0) return planOfNothing(workshop, network, goal);
  const count = problem.activities.length;
  const placements = Math.max(
    PLACEMENTS_PER_EFFORT,
    Math.min(DECODINGS_PER_EFFORT * count, PLACEMENTS_PER_EFFORT + MORE_DECODINGS_PER_EFFORT * count),
  );
  const [shortMemory, longer, goodMemory] = [new Memory(), new Memory(), new Memory()];
  // how short a class can be does not hang on where somebody would rather have a task
  const bound = options.moment ? lowerBound(problem) : base.bound;
  const isAsItComes = !options.moment && !options.before && (options.pins ?? []).length === 0;
  const planOf = ({ schedule: made, finishSec }: Found, shortestSec: number): Plan => {
    // pieces that have begun or were moved are known by their numbers
    const schedule = isAsItComes ? numberPieces(network, made) : made;
    const measures: PlanMeasures = {
      finishSec,
      boundSec: Math.min(bound.boundSec, finishSec),
      marginSec: tableSec - finishSec,
      shortestSec: Math.min(shortestSec, finishSec),
      tightest: tightestOf(network, bound, schedule),
    };
    const written = writePlan(workshop, network, schedule, goal, options.moment);
    return complete(workshop, { ...written, measures }, options.moment);
  };
  const warned = (p: Plan): Plan => ({ ...p, warnings: [...warningsOf(workshop, network, p)] });
  // a class under way keeps its plan as long as that holds: nobody is moved about for a little gain
  const kept = options.moment && keptSchedule(problem, tableSec, given);
  const keptPlan = kept && planOf(kept, kept.finishSec);
  if (keptPlan?.broken.length === 0) return warned(keptPlan);
  const rounds = Math.max(1, effort);
  const work = effort === 0 ? 0 : placements;
  const fine = fineProblem(problem) ?? problem;
  const progress: Progress = { done: 0, isStopped: false };
  // a plan that breaks something is not shown as the last word after one look round, unless it is proven that nothing better is there
  const canBe = bound.boundSec <= tableSec;
  const isBroken = (): boolean => (goodMemory.best ?? shortMemory.best)?.breachSec !== 0;
  const mayGoOn = (round: number): boolean =>
    round < rounds || (rounds >= PATIENT_FROM && round < rounds * PATIENCE && goal !== 'short' && canBe && isBroken());
  for (let round = 0; mayGoOn(round) && !progress.isStopped; round++) {
    // every round but the first may part what is tied by a short wait
    const unit = round === 0 ? problem : fine;
    const looked = searchShort(unit, { placements: work * SHORT_SHARE }, shortMemory, given);
    yield* reported(looked, progress, SHORT_SHARE / rounds);
    const isTooLong = shortestIn([shortMemory, longer]).finishSec > tableSec;
    let left = 1 - SHORT_SHARE;
    if (goal === 'short' || isTooLong) {
      // a class is called too long only after all that goal `short` would have done
      const further = searchShort(unit, { placements: work * left }, longer, given);
      const more = goal === 'short' ? 0 : TOO_LONG_TABLE_SHARE;
      yield* reported(further, progress, (1 / rounds - SHORT_SHARE / rounds) * (left / (left + more)));
      if (goal === 'short') continue;
      left = more;
    }
    const known = [shortMemory, longer].flatMap((m) => (m.best ? [m.best] : []));
    const aim = aimOf(workshop, network, goal, options, shortestIn([shortMemory, longer]));
    const search = searchTable(unit, aim, { placements: work * left }, known, goodMemory, given);
    yield* reported(search, progress, Math.max(0, (round + 1) / rounds - progress.done));
  }
  // one archive of what was found serves every goal
  const found = [shortMemory, longer, goodMemory].flatMap((m) => (m.best ? [m.best] : []));
  const shortest = shortestIn([shortMemory, longer, goodMemory]);
  const best = goal === 'short' ? shortest : (goodMemory.best ?? shortest);
  const plan = planOf(best, shortest.finishSec);
  if (plan.broken.length === 0) return warned(plan);
  // what was found on the way may be right where the best is not: the search sees a limit of a place less sharply than the checker
  const onTheWay = [
    ...found.filter((f) => f !== best),
    finished(searchShort(problem, { placements: 0 }, new Memory(), given)),
  ];
  for (const other of onTheWay) {
    const right = planOf(other, shortest.finishSec);
    if (right.broken.length === 0) return warned(right);
  }
  return warned(plan);
}

const isShorter = (a: Found, b: Found): boolean =>
  a.forced + a.breachSec === b.forced + b.breachSec ? a.finishSec < b.finishSec : a.breachSec < b.breachSec;

/** The shortest schedule that searches found; one of them has run. */
function shortestIn(memories: readonly Memory[]): Found {
  const found = memories.flatMap((m): readonly Found[] => (m.best ? [m.best] : []));
  const [first] = found;
  assert(first !== undefined, 'a search has run');
  return found.reduce((a, b) => (isShorter(b, a) ? b : a), first);
}

/** What a goal asks of a schedule. A class that cannot meet the table is decoded from the earliest finish instead: late by the least. */
function aimOf(
  workshop: Workshop,
  { problem, room, tableSec }: Network,
  goal: Goal,
  { idleWeight = IDLE_WEIGHT }: PlanOptions,
  shortest: Found,
): TableAim {
  const measure: Measure = {
    fromSec: room.welcomeSec,
    tableSec,
    bufferSec: goal === 'steady' ? bufferSecOf(workshop) : 0,
    idleMaxSec: secondsOfMinutes(workshop.idleMaxMin),
  };
  const feeling = new Feeling(problem, measure);
  const softSec = (schedule: Schedule): number => {
    if (goal === 'steady') {
      const felt = feeling.of(schedule);
      return costSec(felt) + FIRSTS_WEIGHT * felt.firstsSec;
    }
    const felt = feeling.of(schedule, Infinity);
    return felt.ageSec + felt.straySec + idleWeight * felt.idleSec;
  };
  return {
    tableSec,
    deadlineSec: Math.max(tableSec, shortest.finishSec),
    bufferSec: measure.bufferSec,
    softSec,
  };
}

interface Progress {
  done: number;
  /** Somebody said that the best so far will do. */
  isStopped: boolean;
}

/** Passes on how far a search is as a part of the whole, and a stop to the search; once stopped, all that comes later is too. */
function* reported(search: Search, progress: Progress, part: number): Generator<number, void, 'stop' | undefined> {
  let step = search.next();
  while (step.done !== true) {
    const share = progress.done + part * step.value.doneShare;
    if (!progress.isStopped) progress.isStopped = (yield share) === 'stop';
    step = search.next(progress.isStopped ? 'stop' : undefined);
  }
  progress.done += part;
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
  const plan = complete(workshop, { ...writePlan(workshop, network, nothing, goal), measures });
  return { ...plan, warnings: [...warningsOf(workshop, network, plan)] };
}

/** With all that the checker finds; what breaks a rule only in what has happened already is no more to be mended, and is left out. */
function complete(workshop: Workshop, plan: Omit<Plan, 'broken' | 'warnings'>, moment?: Moment): Plan {
  const whole: Plan = { ...plan, broken: [], warnings: [] };
  const past = new Set(moment?.begun.map((t) => t.id));
  const isToMend = (b: Plan['broken'][number]): boolean =>
    !moment || (b.tasks.some((t) => !past.has(t)) && !(moment.happened && isExcused(moment.happened, b)));
  const broken = findBrokenRules(workshop, whole, { paces: moment?.happened?.paces }).filter(isToMend);
  return { ...whole, broken };
}
