import type { Facts } from './facts.ts';
import { isStaffs, siteOf, type ActiveJob } from './jobs.ts';
import type { Say } from './report.ts';
import { groupBy, overloads } from './spans.ts';

/** R5: a station works at its own bench, and no bench seats more than it can. Staff's steps ahead of class need none. */
export function checkBenches(facts: Facts, active: readonly ActiveJob[], say: Say): void {
  const benches = new Map(facts.workshop.kitchen.benches.map((b) => [b.id, b]));
  const seated = active.flatMap((job) => {
    const { task, unit } = job;
    if (siteOf(job) !== 'bench') return [];
    if (isStaffs(job) && task.endSec <= 0) return [];
    const id = task.at?.kind === 'bench' ? task.at.id : undefined;
    if (unit.kind === 'mother' && id === undefined) return []; // staff find room of their own unless the plan names a bench
    if (id === undefined || !benches.has(id)) {
      say('R5', 'no-bench', job.id, 0, {});
      return [];
    }
    if (unit.station && unit.station.bench !== id) say('R5', 'wrong-bench', job.id, 0, { bench: unit.station.bench });
    const startSec = isStaffs(job) ? Math.max(0, task.startSec) : task.startSec;
    return [{ bench: id, id: job.id, startSec, endSec: task.endSec, amount: task.people.length }];
  });
  for (const [id, loads] of groupBy(seated, (s) => s.bench)) {
    const seats = benches.get(id)?.seats ?? 0;
    for (const over of overloads(loads, seats))
      say('R5', 'bench-full', over.ids, over.endSec - over.startSec, { bench: id, people: over.most, seats });
  }
}
