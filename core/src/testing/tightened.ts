import type { Plan, RestTask } from '../plan/index.ts';
import { clockText } from '../units/index.ts';
import type { Workshop } from '../workshop/index.ts';

/**
 * The class cut down to what a right plan of it needs: the table at its last bread, every rest at most as long as it is there. The plan
 * stays right by construction, so that there is one to be found; gives the class, and the plan as it stands in it but for the windows
 * that it lists, which are those of the class as it was.
 */
export function tightened(workshop: Workshop, plan: Plan): { readonly workshop: Workshop; readonly plan: Plan } {
  const longest = longestRests(workshop, plan);
  const finishMin = Math.ceil(plan.measures.finishSec / 60);
  const breads = workshop.breads.map((bread) => ({
    ...bread,
    steps: bread.steps.map((step) => {
      const seen = longest.get(`${bread.id}/${step.id}`);
      if (!('window' in step) || seen === undefined) return step;
      const max = Math.min(step.window.max, Math.max(step.window.ideal, Math.ceil(seen / 60)));
      return { ...step, window: { ...step.window, max } };
    }),
  }));
  const tableSec = finishMin * 60;
  const tight = { ...workshop, tableTime: clockText(workshop, tableSec), breads };
  return { workshop: tight, plan: { ...plan, goal: 'fresh', tableSec } };
}

/** By how much the place of a rest lengthens its window. */
function warmth(workshop: Workshop, rest: RestTask): number {
  const step = workshop.breads.find((b) => b.id === rest.bread)?.steps.find((s) => s.id === rest.step);
  return step && 'window' in step ? rest.window.maxSec / (step.window.max * 60) : 1;
}

/** The longest that each step's rests last, as in the place that the step was written for; seconds. */
function longestRests(workshop: Workshop, plan: Plan): ReadonlyMap<string, number> {
  const longest = new Map<string, number>();
  for (const t of plan.tasks) {
    if (t.kind !== 'rest') continue;
    const key = `${t.bread}/${t.step}`;
    longest.set(key, Math.max(longest.get(key) ?? 0, (t.endSec - t.startSec) / warmth(workshop, t)));
  }
  return longest;
}
