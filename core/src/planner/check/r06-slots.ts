import { isFire, type Facts } from './facts.ts';
import { siteOf, type ActiveJob } from './jobs.ts';
import type { Say } from './report.ts';
import { overloads, type Load } from './spans.ts';

/** R6 of grills and flames: every hot step is at its fire, every carried phase is named, and no fire holds more than its slots. */
export function checkSlots(facts: Facts, active: readonly ActiveJob[], say: Say): void {
  const { griddles, grills, flames } = facts.workshop.kitchen;
  const known = { griddle: griddles, grill: grills, flame: flames };
  for (const job of active) {
    const site = siteOf(job);
    const { at } = job.task;
    if (isFire(site) && (at?.kind !== site || !known[site].some((x) => x.id === at.id)))
      say('R6', 'no-such-place', job.id, 0, { site });
    checkCarried(job, known, say);
  }
  for (const kind of ['grill', 'flame'] as const)
    for (const fire of known[kind]) {
      const loads: Load[] = active.flatMap((job) => [
        ...(siteOf(job) === kind && job.task.at?.id === fire.id
          ? [{ id: job.id, startSec: job.task.startSec, endSec: job.task.endSec, amount: 1 }]
          : []),
        ...(job.task.with ?? [])
          .filter((x) => x.kind === kind && x.id === fire.id)
          .map((x) => ({ id: job.id, startSec: x.startSec, endSec: x.endSec, amount: 1 })),
      ]);
      for (const over of overloads(loads, fire.slots))
        say('R6', 'slots-full', over.ids, over.endSec - over.startSec, {
          place: fire.id,
          slots: fire.slots,
          wanted: over.most,
        });
    }
}

/** Each phase with a fire beside the griddle has its stay there, for exactly as long, and nothing else is listed. */
function checkCarried(
  job: ActiveJob,
  known: { readonly grill: readonly { id: string }[]; readonly flame: readonly { id: string }[] },
  say: Say,
): void {
  const wanted = job.phases.flatMap((p) => (p.with === undefined ? [] : [{ ...p, kind: p.with }]));
  const listed = job.task.with ?? [];
  for (const p of wanted) {
    const stays = listed.filter(
      (x) =>
        x.kind === p.kind && x.startSec < p.endSec && x.endSec > p.startSec && known[p.kind].some((f) => f.id === x.id),
    );
    const covered = stays.reduce((sum, x) => sum + Math.min(x.endSec, p.endSec) - Math.max(x.startSec, p.startSec), 0);
    if (covered < p.endSec - p.startSec)
      say('R6', 'not-at-the-fire', job.id, p.endSec - p.startSec - covered, {
        site: p.kind,
        fromSec: p.startSec,
        toSec: p.endSec,
      });
  }
  const isMeant = (x: (typeof listed)[number]): boolean =>
    wanted.some((p) => p.kind === x.kind && x.startSec >= p.startSec && x.endSec <= p.endSec);
  if (!listed.every(isMeant)) say('R6', 'fire-for-nothing', job.id, 0, {});
}
