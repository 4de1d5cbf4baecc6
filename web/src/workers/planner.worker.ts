import {
  clashOf,
  planClass,
  planInSteps,
  rankFixes,
  type Clash,
  type Fix,
  type Plan,
  type Workshop,
} from '@hodsman/core';
import { expose } from 'comlink';

/** So long at a stretch before messages are heard again. */
const TURN_MS = 24;
const EFFORT = 3;

/** What would help a class, as far as it is known. */
export interface Advice {
  readonly clash: Clash | null;
  readonly fixes: readonly Fix[];
  readonly doneShare: number;
}

/** The number of the last call; an earlier one that still runs gives up. */
let latest = 0;

/** Runs steps to their end, giving way to messages every so often; a later call stops them. */
async function inTurns<T, R>(
  call: number,
  steps: Generator<T, R, 'stop' | undefined>,
  onStep: (value: T) => void = () => undefined,
): Promise<R> {
  let step = steps.next();
  let since = performance.now();
  while (step.done !== true) {
    if (performance.now() - since > TURN_MS) {
      onStep(step.value);
      await new Promise((resolve) => setTimeout(resolve));
      since = performance.now();
    }
    step = steps.next(call === latest ? undefined : 'stop');
  }
  return step.value;
}

const face = {
  /** The first plan at once, then the better one; nothing more once a later call has come. */
  plan: async (workshop: Workshop, onPlan: (plan: Plan, isFinal: boolean) => void): Promise<void> => {
    const call = ++latest;
    onPlan(planClass(workshop, { effort: 0 }), false);
    const plan = await inTurns(call, planInSteps(workshop, { effort: EFFORT }));
    if (call === latest) onPlan(plan, true);
  },
  /** Which rules clash and which changes help, told as they are found. */
  advise: async (workshop: Workshop, plan: Plan, onAdvice: (advice: Advice) => void): Promise<void> => {
    const call = ++latest;
    const clash = (await inTurns(call, clashOf(workshop, plan))) ?? null;
    if (call !== latest) return;
    onAdvice({ clash, fixes: [], doneShare: 0 });
    const fixes = await inTurns(call, rankFixes(workshop), (found) => {
      if (call === latest) onAdvice({ clash, ...found });
    });
    if (call === latest) onAdvice({ clash, fixes, doneShare: 1 });
  },
  /** Gives up whatever is under way. */
  stop: (): void => {
    latest++;
  },
};
export type PlannerFace = typeof face;

expose(face);
