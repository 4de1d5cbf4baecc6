import type { Facts } from './facts.ts';
import { isStaffs, type ActiveJob } from './jobs.ts';
import type { DemoJob } from './demo-jobs.ts';
import { phaseHands } from './hands.ts';
import type { GriddleUse } from './griddle-use.ts';
import type { Say } from './report.ts';
import { overloads, union } from './spans.ts';

/** R9: one member of staff for each task of theirs, and no more griddles with bread on them than the others can watch. */
export function checkStaff(
  facts: Facts,
  active: readonly ActiveJob[],
  use: readonly GriddleUse[],
  demos: readonly DemoJob[],
  say: Say,
): void {
  const isStaff = (id: string | undefined): boolean =>
    id !== undefined && (facts.people.get(id)?.role ?? 'participant') !== 'participant';
  for (const job of active) {
    if (isStaffs(job) && !(job.task.people.length === 1 && isStaff(job.task.people[0])))
      say('R9', 'not-one-staff', job.id, 0, { site: null });
    for (const phase of job.phases.filter((p) => p.by === 'staff')) {
      const hands = phaseHands(job, phase);
      if (!(hands.length === 1 && isStaff(hands[0])))
        say('R9', 'not-one-staff', job.id, 0, { site: phase.with ?? 'fire' });
    }
  }
  const { staff, griddlesPerStaff } = facts.workshop.kitchen;
  const busy = demos.flatMap((d) =>
    d.task ? [{ startSec: d.task.startSec, endSec: d.task.endSec, n: d.task.people.filter(isStaff).length }] : [],
  );
  const watchable = (sec: number): number =>
    griddlesPerStaff *
    (staff.length - busy.filter((d) => d.startSec <= sec && d.endSec > sec).reduce((sum, d) => sum + d.n, 0));
  const loads = use.flatMap(({ griddle, jobs }) =>
    union(jobs.map((j) => j.task)).map((s) => ({ ...s, id: griddle.id, amount: 1 })),
  );
  const cuts = busy.flatMap((d) => [d.startSec, d.endSec]);
  for (const over of overloads(loads, watchable, cuts))
    say('R9', 'griddles-unwatched', over.ids, over.endSec - over.startSec, {
      griddles: over.most,
      most: watchable(over.startSec),
    });
}
