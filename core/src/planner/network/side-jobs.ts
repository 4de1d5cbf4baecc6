import { activitiesOf, type Strand } from './strand.ts';
import type { DoughUnit } from './dough-units.ts';
import type { NetworkBuilder } from './network-builder.ts';

/** Side jobs: over before the step that they are for starts, in every unit that has that step (rule R2). */
export function addSideJobs(builder: NetworkBuilder, strands: readonly Strand[]): void {
  const add = (unit: DoughUnit, served: readonly DoughUnit[]): void => {
    for (const step of unit.prepares) {
      const job = builder.addStep(unit, step);
      if (job === undefined) continue;
      for (const a of activitiesOf(builder, served, step.before)) builder.addOrder(job, a);
      builder.addUnit([job], 'event', unit, unit.batch?.id ?? unit.id);
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
