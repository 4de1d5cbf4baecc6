import type { Facts } from './facts.ts';
import type { RestJob } from './jobs.ts';
import type { Say } from './report.ts';
import { groupBy, overloads, union } from './spans.ts';

/** R8: a rest lies in a place of its kind, and no place holds more batches than it takes; pieces count as their batch. */
export function checkPlaces(facts: Facts, rests: readonly RestJob[], say: Say): void {
  const places = new Map(facts.workshop.kitchen.places.map((p) => [p.id, p]));
  const lying = rests.filter((job) => {
    const { at } = job.task;
    const isThere = at?.kind === job.step.at && places.get(at.id ?? '')?.kind === job.step.at;
    if (!isThere) say('R8', 'wrong-place', job.id, 0, { site: job.step.at });
    return isThere;
  });
  for (const [id, list] of groupBy(lying, (j) => j.task.at?.id ?? '')) {
    const room = places.get(id)?.batches;
    if (room === undefined) continue;
    const byBatch = groupBy(list, (j) => j.unit.batch ?? j.unit);
    const loads = [...byBatch].flatMap(([batch, jobs]) =>
      union(jobs.map((j) => j.task)).map((s) => ({ id: batch.id, ...s, amount: batch.shares })),
    );
    for (const over of overloads(loads, room))
      say('R8', 'place-full', over.ids, over.endSec - over.startSec, { place: id, room, wanted: over.most });
  }
}
