import type { Facts } from './facts.ts';
import type { ActiveJob } from './jobs.ts';
import { handSpans, phaseHands } from './hands.ts';
import type { GriddleUse } from './griddle-use.ts';
import type { Say } from './report.ts';
import { groupBy, overlapSec, overloads, union, type TimeSpan } from './spans.ts';

/** R6: no more people at a griddle than there is room for, and no two of them laying on at nearly the same moment. */
export function checkCrowd(facts: Facts, use: readonly GriddleUse[], say: Say): void {
  const { layOnGapSec } = facts.workshop.kitchen;
  for (const { griddle, jobs } of use) {
    if (griddle.people !== undefined) checkPeopleAt(griddle.id, griddle.people, jobs, say);
    jobs.forEach((a, i) => {
      for (const b of jobs.slice(i + 1)) {
        const apart = Math.abs(a.task.startSec - b.task.startSec);
        if (a.unit.owner !== b.unit.owner && apart < layOnGapSec)
          say('R6', 'laid-on-together', [a.id, b.id], layOnGapSec - apart, {
            griddle: griddle.id,
            gapSec: layOnGapSec,
          });
      }
    });
  }
}

/** Who stands at the griddle for a task, and when: the hands that it takes, and the staff of its phases. */
function standing(job: ActiveJob): readonly (TimeSpan & { readonly who: string })[] {
  const own = job.task.people.flatMap((who) =>
    handSpans(job).map(({ startSec, endSec }) => ({ who, startSec, endSec })),
  );
  const staff = job.phases
    .filter((p) => p.by === 'staff')
    .flatMap((p) => phaseHands(job, p).map((who) => ({ who, startSec: p.startSec, endSec: p.endSec })));
  return [...own, ...staff];
}

/** One person counts once, with however many breads. */
function checkPeopleAt(griddle: string, most: number, jobs: readonly ActiveJob[], say: Say): void {
  const stays = jobs.flatMap((job) => standing(job).map((s) => ({ ...s, job: job.id })));
  const loads = [...groupBy(stays, (s) => s.who)].flatMap(([who, list]) =>
    union(list).map((span) => ({ ...span, id: who, amount: 1 })),
  );
  for (const over of overloads(loads, most)) {
    const tasks = stays.filter((s) => overlapSec(s, over) > 0).map((s) => s.job);
    say('R6', 'too-many-people', [...new Set(tasks)], over.endSec - over.startSec, {
      griddle,
      people: over.most,
      room: most,
    });
  }
}
