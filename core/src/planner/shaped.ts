import type { Plan } from '../plan/index.ts';
import type { Aim, Shaping, Workshop } from '../workshop/index.ts';
import { planMeasuresSchema } from './measures.ts';
import type { Moment } from './network/index.ts';
import { planInSteps, type Planning, type PlanOptions } from './plan-class.ts';

/** What each aim asks of the planner. The weights of idle time are this program's own choice. */
const OPTIONS_OF: Readonly<Record<Aim, Pick<PlanOptions, 'goal' | 'idleWeight'>>> = {
  steady: { goal: 'steady' },
  fresh: { goal: 'fresh' },
  even: { goal: 'fresh', idleWeight: 1 },
  hands: { goal: 'fresh', idleWeight: 20 },
  short: { goal: 'short' },
};

export interface ShapedOptions {
  readonly effort?: number;
  /** The plan of the same class and aim without pins, where it is known already. */
  readonly base?: Plan | undefined;
  /** What has begun by now; `base` is then the plan that the class had so far. */
  readonly moment?: Moment | undefined;
  /** Plans of a like class: what they do is tried in this one. */
  readonly tried?: readonly Plan[];
}

/**
 * The plan of a class as somebody wants it. With pins the class is first planned without them, and what is not pinned stays as near to
 * that as it can: the same class and shaping give the same plan everywhere, whatever was tried on the way. Tells the share done.
 */
export function* planShapedInSteps(
  workshop: Workshop,
  shaping: Shaping,
  { effort = 3, base, moment, tried = [] }: ShapedOptions = {},
): Planning {
  const options = { ...OPTIONS_OF[shaping.aim], effort, tried };
  if (moment && base) return yield* planInSteps(workshop, { ...options, moment, before: base, pins: shaping.pins });
  if (shaping.pins.length === 0) return base ?? (yield* planInSteps(workshop, options));
  const before = base ?? (yield* planInSteps(workshop, options));
  const plan = yield* planInSteps(workshop, { ...options, pins: shaping.pins, before });
  // how short the class can be does not hang on where somebody would rather have a task
  const shortestSec = Math.min(planMeasuresSchema.parse(before.measures).shortestSec, plan.measures.finishSec);
  return { ...plan, measures: { ...plan.measures, shortestSec } };
}

/** The same in one go. */
export function planShaped(workshop: Workshop, shaping: Shaping, options: ShapedOptions = {}): Plan {
  const planning = planShapedInSteps(workshop, shaping, options);
  let step = planning.next();
  while (step.done !== true) step = planning.next();
  return step.value;
}
