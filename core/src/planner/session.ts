import type { Bread } from '../bread/index.ts';
import type { Plan } from '../plan/index.ts';
import type { Aim, Pin, Shaping, Workshop } from '../workshop/index.ts';
import { withPins } from '../workshop/index.ts';
import {
  clashOf,
  fixSetOf,
  LEAST_LEFT_SEC,
  rankFixes,
  rankIdeas,
  sweepOf,
  timeLeftSec,
  type Clash,
  type Fix,
  type FixSet,
  type Idea,
  type SweepPoint,
} from './advice/index.ts';
import { situationOf, verdictOf, type Situation } from './explain/index.ts';
import type { Moment } from './network/index.ts';
import { planShaped, planShapedInSteps } from './shaped.ts';
import { aboutTask, type AboutTask } from './words/index.ts';

/** So long at a stretch before messages are heard again. */
const TURN_MS = 24;
const EFFORT = 3;

/** With single changes tried, but not yet several together. */
const MOST_SHARE = 0.9;

/** What would help a class, as far as it is known. */
export interface Advice {
  readonly clash: Clash | null;
  readonly fixes: readonly Fix[];
  /** The mildest changes that make it fit together; null where none are known, or none are needed. */
  readonly set: FixSet | null;
  /** What could be done with time that is left. */
  readonly ideas: readonly Idea[];
  readonly doneShare: number;
}

/** What a session asks of whoever runs it. */
export interface SessionHost {
  /** A clock in milliseconds. */
  readonly now: () => number;
  /** A pause in which messages are heard. */
  readonly pause: () => Promise<void>;
  /** Whether a changed class would be read without faults: what its reader would refuse is no advice. */
  readonly isTakeable: (workshop: Workshop) => boolean;
}

/**
 * What one planning worker holds and does: the class, its shaping, the plan without pins, the plan that is shown. Every call has a number;
 * a later one makes an earlier one give up, and only what came last is answered about.
 */
export function plannerSession({ now, pause, isTakeable }: SessionHost) {
  /** The number of the last call; an earlier one that still runs gives up. */
  let latest = 0;

  /** The class that was planned last, with its plan without pins: what a trial starts from. */
  let held: { readonly workshop: Workshop; readonly shaping: Shaping; readonly base: Plan } | undefined;
  /** The plan without pins of the last class and aim, so that one pin more does not plan the whole class again. */
  let base: { readonly text: string; readonly aim: Aim; readonly plan: Plan } | undefined;

  /** The last final plan, laid beside its network once somebody asks why. */
  let shown: { readonly workshop: Workshop; readonly plan: Plan; situation: Situation | undefined } | undefined;

  /** Runs steps to their end, giving way to messages every so often; a later call stops them. */
  async function inTurns<T, R>(
    call: number,
    steps: Generator<T, R, 'stop' | undefined>,
    onStep: (value: T) => void = () => undefined,
  ): Promise<R> {
    let step = steps.next();
    let since = now();
    while (step.done !== true) {
      if (now() - since > TURN_MS) {
        onStep(step.value);
        await pause();
        since = now();
      }
      step = steps.next(call === latest ? undefined : 'stop');
    }
    return step.value;
  }

  return {
    /** The first plan at once, then the better one; nothing more once a later call has come. */
    plan: async (
      workshop: Workshop,
      shaping: Shaping,
      onPlan: (plan: Plan, isFinal: boolean) => void,
    ): Promise<void> => {
      const call = ++latest;
      const text = JSON.stringify(workshop);
      const { aim } = shaping;
      const known = base?.text === text && base.aim === aim ? base.plan : undefined;
      onPlan(planShaped(workshop, known ? shaping : { aim, pins: [] }, { effort: 0, base: known }), false);
      const whole = known ?? (await inTurns(call, planShapedInSteps(workshop, { aim, pins: [] }, { effort: EFFORT })));
      if (call !== latest) return;
      base = { text, aim, plan: whole };
      held = { workshop, shaping, base: whole };
      const plan = await inTurns(call, planShapedInSteps(workshop, shaping, { effort: EFFORT, base: whole }));
      if (call !== latest) return;
      shown = { workshop, plan, situation: undefined };
      onPlan(plan, true);
    },
    /** The rest of a class from a moment on, near the plan that it had: what has begun is fixed. Null once a later call has come. */
    replan: async (workshop: Workshop, shaping: Shaping, moment: Moment, before: Plan): Promise<Plan | null> => {
      const call = ++latest;
      const plan = await inTurns(call, planShapedInSteps(workshop, shaping, { effort: 1, moment, base: before }));
      if (call !== latest) return null;
      shown = { workshop, plan, situation: undefined };
      return plan;
    },
    /** Why a task of the last plan is when it is; null before there is one. Looking that up takes longer than a frame in a large class. */
    about: (taskId: string): AboutTask | null => {
      if (!shown) return null;
      shown.situation ??= situationOf(shown.workshop, shown.plan);
      return aboutTask(shown.workshop, shown.situation, taskId) ?? null;
    },
    /** The class that was planned last with pins more, at once and with no search; null before there is one. */
    tryPins: (pins: readonly Pin[]): Plan | null =>
      held ? planShaped(held.workshop, withPins(held.shaping, pins), { effort: 0, base: held.base }) : null,
    /**
     * The same with a search round the pins, for a move that does not go without one; null before there is a class, or where a later
     * call has come.
     */
    settlePins: async (pins: readonly Pin[]): Promise<Plan | null> => {
      if (!held) return null;
      const call = latest;
      const { workshop, shaping, base: without } = held;
      const plan = await inTurns(
        call,
        planShapedInSteps(workshop, withPins(shaping, pins), { effort: EFFORT, base: without }),
      );
      return call === latest ? plan : null;
    },
    /** The plans of several classes, one after another. */
    planEach: async (
      entries: readonly { readonly workshop: Workshop; readonly shaping: Shaping }[],
      onPlan: (index: number, plan: Plan) => void,
    ): Promise<void> => {
      const call = ++latest;
      for (const [i, { workshop, shaping }] of entries.entries()) {
        const plan = await inTurns(call, planShapedInSteps(workshop, shaping, { effort: EFFORT }));
        if (call !== latest) return;
        onPlan(i, plan);
      }
    },
    /** The rest of a class from a moment on in several ways, one after another. */
    replanEach: async (
      entries: readonly { readonly workshop: Workshop; readonly moment: Moment }[],
      shaping: Shaping,
      before: Plan,
      onPlan: (index: number, plan: Plan) => void,
    ): Promise<void> => {
      const call = ++latest;
      for (const [i, { workshop, moment }] of entries.entries()) {
        const plan = await inTurns(call, planShapedInSteps(workshop, shaping, { effort: 1, moment, base: before }));
        if (call !== latest) return;
        onPlan(i, plan);
      }
    },
    /** Minutes to spare against the number of griddles, then of participants, sent as they are found. */
    sweep: async (
      workshop: Workshop,
      shaping: Shaping,
      onPoints: (over: 'griddles' | 'participants', points: readonly SweepPoint[]) => void,
    ): Promise<void> => {
      const call = ++latest;
      for (const over of ['griddles', 'participants'] as const) {
        const points = await inTurns(call, sweepOf(workshop, shaping, over), (found) => onPoints(over, found));
        if (call !== latest) return;
        onPoints(over, points);
      }
    },
    /** Which rules clash and which changes help, sent as they are found. */
    advise: async (
      workshop: Workshop,
      plan: Plan,
      library: readonly Bread[],
      onAdvice: (advice: Advice) => void,
    ): Promise<void> => {
      const call = ++latest;
      const clash = (await inTurns(call, clashOf(workshop, plan))) ?? null;
      if (call !== latest) return;
      let known: Advice = { clash, fixes: [], set: null, ideas: [], doneShare: 0 };
      const tell = (part: Partial<Advice>): void => {
        if (call === latest) onAdvice((known = { ...known, ...part }));
      };
      tell({});
      const ideas = await inTurns(call, rankIdeas(workshop, plan, isTakeable, library), (found) => {
        tell({ ideas: found });
      });
      // what would give still more time is no help to a class that has too much of it
      if (timeLeftSec(workshop, plan) >= LEAST_LEFT_SEC) {
        tell({ ideas, doneShare: 1 });
        return;
      }
      const isBroken = !verdictOf(workshop, plan).fits;
      const mostShare = isBroken ? MOST_SHARE : 1;
      const fixes = await inTurns(call, rankFixes(workshop, plan, isTakeable), (found) => {
        tell({ fixes: found.fixes, ideas, doneShare: mostShare * found.doneShare });
      });
      tell({ ideas, fixes, doneShare: mostShare });
      if (call !== latest || !isBroken) return;
      const set = (await inTurns(call, fixSetOf(workshop, plan, isTakeable))) ?? null;
      tell({ set, doneShare: 1 });
    },
    /** Gives up whatever is under way. */
    stop: (): void => {
      latest++;
    },
  };
}

export type PlannerSession = ReturnType<typeof plannerSession>;
