import { planMeasuresSchema, type PlanMeasures } from '../measures.ts';
import type { Plan } from '../../plan/index.ts';
import { linesOf, type Workshop } from '../../workshop/index.ts';
import { mattersOfPlan, type OpenMatter } from './open-matters.ts';

/** What a class is like by the plan on the screen. */
export interface Verdict {
  /**
   * `empty`: nobody is there to bake, or nothing to be baked; `looking`: the search goes on, and what it has breaks a rule; `broken`: the
   * best plan that was found breaks a rule or is over after table time; `unready`: the plan is right, and something else is not in order.
   */
  readonly state: 'empty' | 'looking' | 'broken' | 'unready' | 'fits';
  /** The plan breaks nothing and is over by table time. */
  readonly fits: boolean;
  readonly doneSec: number;
  /** Table time less the end of the last bread of this plan. */
  readonly inHandSec: number;
  /** The earliest end that was found for the class, and what it leaves to table time (negative: too long by so much). */
  readonly couldSec: number;
  readonly spareSec: number;
  readonly tightest: PlanMeasures['tightest'];
  /** Rules that the plan breaks, each once, in order. */
  readonly brokenRules: readonly string[];
  /** Codes of what it breaks, each once. */
  readonly brokenCodes: readonly string[];
  /** What is not in order though the plan is right. */
  readonly open: readonly OpenMatter[];
}

/** What a verdict minds beside the plan. */
export interface VerdictOptions {
  /** The search for a better plan goes on. */
  readonly isLooking?: boolean;
  /** What of the class is not in order: people kept aside, remarks that nobody has dealt with. */
  readonly open?: readonly OpenMatter[];
}

/** The verdict of a plan that this planner made of this workshop. */
export function verdictOf(
  workshop: Workshop,
  plan: Plan,
  { isLooking = false, open = [] }: VerdictOptions = {},
): Verdict {
  const measures = planMeasuresSchema.parse(plan.measures);
  const inHandSec = plan.tableSec - measures.finishSec;
  const fits = plan.broken.length === 0 && inHandSec >= 0;
  const all = [...mattersOfPlan(workshop, plan), ...open];
  const isEmpty = linesOf(workshop).every((l) => l.makers.size === 0);
  return {
    state: isEmpty ? 'empty' : !fits ? (isLooking ? 'looking' : 'broken') : all.length > 0 ? 'unready' : 'fits',
    fits,
    doneSec: measures.finishSec,
    inHandSec,
    couldSec: measures.shortestSec,
    spareSec: plan.tableSec - measures.shortestSec,
    tightest: measures.tightest,
    brokenRules: [...new Set(plan.broken.map((b) => b.rule))],
    brokenCodes: [...new Set(plan.broken.map((b) => b.code))],
    open: all,
  };
}
