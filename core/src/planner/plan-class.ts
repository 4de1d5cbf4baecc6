import type { Goal, Plan } from '../plan/index.ts';
import type { Workshop } from '../workshop/index.ts';
import { findBrokenRules } from './check/index.ts';
import { tightestOf } from './explain/index.ts';
import type { PlanMeasures } from './measures.ts';
import { buildNetwork } from './network/index.ts';
import { numberPieces } from './number-pieces.ts';
import { lowerBound, searchFresh, searchShort } from './search/index.ts';
import { warningsOf } from './warnings.ts';
import { writePlan } from './write-plan.ts';

export interface PlanOptions {
  readonly goal?: Goal;
  /** 1 to 10; bounds the search in steps, never by the clock. */
  readonly effort?: number;
}

const DEFAULT_EFFORT = 3;

/**
 * Plans a workshop that was read without faults. Goal `fresh` (default): rests near their ideal and breads done near table time;
 * `short`: the earliest finish. The plan lists under `broken` all that the checker finds; `measures` are seconds since doors open.
 * The same workshop and options give the same plan everywhere.
 */
export function planClass(workshop: Workshop, options: PlanOptions = {}): Plan {
  const { goal = 'fresh', effort = DEFAULT_EFFORT } = options;
  const network = buildNetwork(workshop);
  const { problem, tableSec } = network;
  if (problem.finals.length === 0) return planOfNothing(workshop, goal);
  const shortest = searchShort(problem, tableSec, effort);
  // a class that cannot meet the table aims at the earliest finish instead: late by the least
  const deadlineSec = Math.max(tableSec, shortest.finishSec);
  const best = goal === 'short' ? shortest : searchFresh(problem, deadlineSec, effort, shortest);
  const found = { ...best, schedule: numberPieces(network, best.schedule) };
  const bound = lowerBound(problem);
  const written = writePlan(workshop, network, found.schedule, goal);
  const measures: PlanMeasures = {
    finishSec: found.finishSec,
    boundSec: Math.min(bound.boundSec, found.finishSec),
    marginSec: tableSec - found.finishSec,
    shortestSec: Math.min(shortest.finishSec, found.finishSec),
    tightest: tightestOf(network, bound, found.schedule),
  };
  return complete(workshop, { ...written, measures }, warningsOf(workshop, network.lines, network.batches));
}

/** A class whose menu gives nobody a bread: welcome and breaks alone. */
function planOfNothing(workshop: Workshop, goal: Goal): Plan {
  const network = buildNetwork(workshop);
  const written = writePlan(workshop, network, [], goal);
  const measures: PlanMeasures = {
    finishSec: 0,
    boundSec: 0,
    marginSec: network.tableSec,
    shortestSec: 0,
    tightest: { kind: 'dough', id: '', fromSec: 0, toSec: 0 },
  };
  return complete(workshop, { ...written, measures }, warningsOf(workshop, network.lines, network.batches));
}

function complete(
  workshop: Workshop,
  plan: Omit<Plan, 'broken' | 'warnings'>,
  warnings: Plan['warnings'] | readonly Plan['warnings'][number][],
): Plan {
  const whole: Plan = { ...plan, broken: [], warnings: [...warnings] };
  return { ...whole, broken: [...findBrokenRules(workshop, whole)] };
}
