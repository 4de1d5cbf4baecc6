import { taskId } from '../ids.ts';
import { bowlOf, USUAL_BOWL, type Bread, type BowlConditions, type BowlWater } from '../bread/index.ts';
import type { Kitchen } from '../kitchen/index.ts';
import type { Plan } from '../plan/index.ts';
import type { Workshop } from '../workshop/index.ts';

/** The temperatures around a bowl of a kitchen, for a bread mixed by hand or at a mixer. */
export function bowlConditions(kitchen: Kitchen, bread: Bread, mixer: string | boolean): BowlConditions {
  const machine = kitchen.mixers.find((m) => m.id === mixer) ?? kitchen.mixers[0];
  return {
    wantedC: bread.doughC ?? USUAL_BOWL.doughC,
    flourC: kitchen.flourC ?? kitchen.roomC,
    roomC: kitchen.roomC,
    frictionC:
      mixer === false
        ? (kitchen.handFrictionC ?? USUAL_BOWL.handFrictionC)
        : (machine?.frictionC ?? USUAL_BOWL.mixerFrictionC),
    tapC: kitchen.tapC ?? USUAL_BOWL.tapC,
    kettleC: kitchen.kettleC ?? USUAL_BOWL.kettleC,
    kettleL: kitchen.kettleL ?? USUAL_BOWL.kettleL,
  };
}

/** Hot water that is wanted at one moment: seconds since doors open, grams from the kettle, how often it is boiled, for which batches. */
export interface KettleCall {
  readonly atSec: number;
  readonly kettleG: number;
  readonly kettles: number;
  readonly batches: readonly string[];
}

/** Mixes that begin within so many seconds share a kettle. */
const TOGETHER_SEC = 300;
const LEAST_G = 20;

/** How warm the water of each batch of a plan is to be and when it is wanted. */
function waterOfPlan(
  workshop: Workshop,
  plan: Plan,
): readonly { readonly batch: string; readonly atSec: number; readonly water: BowlWater }[] {
  const breads = new Map(workshop.breads.map((b) => [b.id, b]));
  return plan.batches.flatMap((batch) => {
    const bread = breads.get(batch.bread);
    const mix = bread?.steps.find((s) => s.kind === 'mix');
    const task = mix && plan.tasks.find((t) => t.id === taskId(batch.id, mix.id));
    if (!bread || !task) return [];
    const mixer = task.at?.kind === 'mixer' && (task.at.id ?? true);
    const water = bowlOf(bread, batch.flourG, bowlConditions(workshop.kitchen, bread, mixer));
    return water ? [{ batch: batch.id, atSec: task.startSec, water }] : [];
  });
}

/** When how much hot water must be ready, in the order of time: mixes that begin within five minutes of the first share one call. */
export function kettleCalls(workshop: Workshop, plan: Plan): readonly KettleCall[] {
  const litres = workshop.kitchen.kettleL ?? USUAL_BOWL.kettleL;
  const wanted = waterOfPlan(workshop, plan)
    .filter((w) => w.water.blend.kettleG >= LEAST_G)
    .sort((a, b) => a.atSec - b.atSec);
  const calls: { atSec: number; kettleG: number; batches: string[] }[] = [];
  for (const w of wanted) {
    const last = calls.at(-1);
    if (last && w.atSec - last.atSec <= TOGETHER_SEC) {
      last.kettleG += w.water.blend.kettleG;
      last.batches.push(w.batch);
    } else calls.push({ atSec: w.atSec, kettleG: w.water.blend.kettleG, batches: [w.batch] });
  }
  return calls.map((c) => ({ ...c, kettles: Math.ceil(c.kettleG / (litres * 1000) - 1e-9) }));
}
