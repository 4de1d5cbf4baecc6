import type {
  AboutTask,
  Advice,
  Bread,
  Moment,
  Pin,
  Plan,
  PlannerSession,
  Shaping,
  SweepPoint,
  Workshop,
} from '@hodsman/core';
import { proxy, wrap, type Remote } from 'comlink';

type Session = Remote<PlannerSession>;
type SessionName = 'planner' | 'adviser' | 'comparer';

/** Planning off the page's own thread. */
export interface Planners {
  /** Plans the class that is open; hears a first plan and the final one. A later call makes an earlier one give up. */
  readonly plan: (
    workshop: Workshop,
    shaping: Shaping,
    onPlan: (plan: Plan, isFinal: boolean) => void,
  ) => Promise<void>;
  /** The class from a moment on, with what has begun as it is and the rest near to the plan before; null once something else was asked. */
  readonly replan: (workshop: Workshop, shaping: Shaping, moment: Moment, before: Plan) => Promise<Plan | null>;
  /** The rest of a class in several ways, one after another. */
  readonly replanEach: (
    entries: readonly { readonly workshop: Workshop; readonly moment: Moment }[],
    shaping: Shaping,
    before: Plan,
    onPlan: (index: number, plan: Plan) => void,
  ) => Promise<void>;
  /** How the class that was planned last would go with pins more: at once, for something that is being moved. */
  readonly tryPins: (pins: readonly Pin[]) => Promise<Plan | null>;
  /** The same with a search round them; null where something else has been asked for meanwhile. */
  readonly settlePins: (pins: readonly Pin[]) => Promise<Plan | null>;
  /** Why a task of the plan that came last is when it is. */
  readonly about: (taskId: string) => Promise<AboutTask | null>;
  /** What would help a class. */
  readonly advise: (
    workshop: Workshop,
    plan: Plan,
    library: readonly Bread[],
    onAdvice: (advice: Advice) => void,
  ) => Promise<void>;
  /** Advice that nobody waits for any more leaves the machine to the planner. */
  readonly stopAdvising: () => void;
  /** Plans several classes, one after another. */
  readonly planEach: (
    entries: readonly { readonly workshop: Workshop; readonly shaping: Shaping }[],
    onPlan: (index: number, plan: Plan) => void,
  ) => Promise<void>;
  /** Minutes to spare of the class in other sizes. */
  readonly sweep: (
    workshop: Workshop,
    shaping: Shaping,
    onPoints: (over: 'griddles' | 'participants', points: readonly SweepPoint[]) => void,
  ) => Promise<void>;
  readonly stopComparing: () => void;
}

/** A worker of the page, started under a name that its tools show. */
export const startPlanner = (name: SessionName): Session =>
  wrap<PlannerSession>(new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module', name }));

/**
 * The planning sessions of a page, each started when it is first needed. Advice plans many times over, so it has a session of its own and
 * never keeps a plan waiting; so have the plans of alternatives and of classes of another size.
 */
export function createPlanners(start: (name: SessionName) => Session): Planners {
  const started = new Map<SessionName, Session>();
  const session = (name: SessionName): Session => {
    const there = started.get(name) ?? start(name);
    started.set(name, there);
    return there;
  };
  return {
    plan: (workshop, shaping, onPlan) => session('planner').plan(workshop, shaping, proxy(onPlan)),
    replan: (workshop, shaping, moment, before) => session('planner').replan(workshop, shaping, moment, before),
    replanEach: (entries, shaping, before, onPlan) =>
      session('comparer').replanEach(entries, shaping, before, proxy(onPlan)),
    settlePins: async (pins) => (await started.get('planner')?.settlePins(pins)) ?? null,
    tryPins: async (pins) => (await started.get('planner')?.tryPins(pins)) ?? null,
    about: async (taskId) => (await started.get('planner')?.about(taskId)) ?? null,
    advise: (workshop, plan, library, onAdvice) => session('adviser').advise(workshop, plan, library, proxy(onAdvice)),
    stopAdvising: () => void started.get('adviser')?.stop(),
    planEach: (entries, onPlan) => session('comparer').planEach(entries, proxy(onPlan)),
    sweep: (workshop, shaping, onPoints) => session('comparer').sweep(workshop, shaping, proxy(onPoints)),
    stopComparing: () => void started.get('comparer')?.stop(),
  };
}
