import { activitiesOf, type Strand } from './strand.ts';
import type { DoughUnit } from './dough-units.ts';
import type { Draft } from './draft.ts';

/** Side jobs: over before the step that they are for starts, in every unit that has that step (rule R2). */
export function addSideJobs(draft: Draft, strands: readonly Strand[]): void {
  const add = (unit: DoughUnit, served: readonly DoughUnit[]): void => {
    for (const step of unit.prepares) {
      const job = draft.addStep(unit, step);
      if (job === undefined) continue;
      for (const a of activitiesOf(draft, served, step.before)) draft.addOrder(job, a);
      draft.addUnit([job], 'event', unit, unit.batch?.id ?? unit.id);
    }
  };
  const mothers = new Map<DoughUnit, Strand[]>();
  for (const strand of strands) {
    if (strand.mother) mothers.set(strand.mother, [...(mothers.get(strand.mother) ?? []), strand]);
    add(strand.own, [strand.own, ...strand.pieces]);
    for (const piece of strand.pieces) add(piece, [piece, strand.own, ...(strand.mother ? [strand.mother] : [])]);
  }
  for (const mother of mothers.keys()) add(mother, [mother]);
}
