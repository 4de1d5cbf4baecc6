import type { Facts } from './facts.ts';
import { siteOf, type ActiveJob } from './jobs.ts';
import type { Say } from './report.ts';
import { groupBy, overloads } from './spans.ts';

/** R7: one batch in a mixer at a time, none too large for it, none too large for hands. */
export function checkMixers(facts: Facts, active: readonly ActiveJob[], say: Say): void {
  const { mixers, handMaxDoughG } = facts.workshop.kitchen;
  const mixed = active.filter((j) => siteOf(j) === 'mixer');
  for (const job of mixed) {
    const mixer = mixers.find((m) => job.task.at?.kind === 'mixer' && m.id === job.task.at.id);
    if (!mixer) say('R7', 'no-mixer', job.id, 0, {});
    else if (job.unit.doughG > mixer.maxDoughG + 1e-6)
      say('R7', 'mixer-too-small', job.id, 0, { mixer: mixer.id, doughG: job.unit.doughG, mostG: mixer.maxDoughG });
  }
  const loads = mixed.map((j) => ({
    mixer: j.task.at?.id,
    id: j.id,
    startSec: j.task.startSec,
    endSec: j.task.endSec,
    amount: 1,
  }));
  for (const [id, list] of groupBy(loads, (l) => l.mixer))
    for (const over of overloads(list, 1))
      say('R7', 'mixer-taken', over.ids, over.endSec - over.startSec, { mixer: id ?? null });
  for (const job of active) {
    const isByHand =
      siteOf(job) !== 'mixer' && job.step.per === 'batch' && (job.step.kind === 'mix' || job.step.kind === 'knead');
    if (isByHand && job.unit.doughG > handMaxDoughG + 1e-6)
      say('R7', 'too-much-by-hand', job.id, 0, { doughG: job.unit.doughG, mostG: handMaxDoughG });
  }
}
