import type { Plan } from '../plan/index.ts';
import type { Aim, Shaping, Workshop } from '../workshop/index.ts';
import { planInSteps, type Planning, type PlanOptions } from './plan-class.ts';

/** What each aim asks of the planner. The weights of idle time are this program's own choice. */
const OPTIONS_OF: Readonly<Record<Aim, Pick<PlanOptions, 'goal' | 'idleWeight'>>> = {
  fresh: { goal: 'fresh' },
  even: { goal: 'fresh', idleWeight: 1 },
  hands: { goal: 'fresh', idleWeight: 20 },
  short: { goal: 'short' },
};

export interface ShapedOptions {
  readonly effort?: number;
  /** The plan of the same class and aim without pins, where it is known already. */
  readonly base?: Plan | undefined;
}

/**
 * The plan of a class as somebody wants it. With pins the class is first planned without them, and what is not pinned stays as near to
 * that as it can: the same class and shaping give the same plan everywhere, whatever was tried on the way. Tells the share done.
 */
export function* planShapedInSteps(
  workshop: Workshop,
  shaping: Shaping,
  { effort = 3, base }: ShapedOptions = {},
): Planning {
  const options = { ...OPTIONS_OF[shaping.aim], effort };
  if (shaping.pins.length === 0) return base ?? (yield* planInSteps(workshop, options));
  const before = base ?? (yield* planInSteps(workshop, options));
  return yield* planInSteps(workshop, { ...options, pins: shaping.pins, before });
}

/** The same in one go. */
export function planShaped(workshop: Workshop, shaping: Shaping, options: ShapedOptions = {}): Plan {
  const planning = planShapedInSteps(workshop, shaping, options);
  let step = planning.next();
  while (step.done !== true) step = planning.next();
  return step.value;
}
