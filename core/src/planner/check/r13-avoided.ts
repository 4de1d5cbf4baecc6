import { carries, wordsOf, type Facts } from './facts.ts';
import { siteOf, takenBy, type ActiveJob, type CheckedUnit } from './jobs.ts';
import type { Say } from './report.ts';
import { groupBy, union, type TimeSpan } from './spans.ts';

interface Stay extends TimeSpan {
  readonly site: 'griddle' | 'grill' | 'flame';
  readonly place: string;
  readonly job: ActiveJob;
}

/** R13: nobody makes a bread that holds what they avoid, and strictly avoided foods come to a fire last, or after cleaning. */
export function checkAvoided(facts: Facts, active: readonly ActiveJob[], say: Say): void {
  for (const job of active)
    for (const person of job.task.people) {
      const what = facts.people.get(person)?.avoid.find((a) => job.unit.line.holds.has(a.what))?.what;
      if (what !== undefined) say('R13', 'handles-avoided', job.id, 0, { person, what, bread: job.unit.line.bread.id });
    }
  const stays: Stay[] = active.flatMap((job) => {
    const site = siteOf(job);
    const own =
      site === 'griddle' || site === 'grill' || site === 'flame'
        ? [{ site, place: job.task.at?.id ?? '', job, ...spanOf(job.task) }]
        : [];
    return [...own, ...(job.task.with ?? []).map((x) => ({ site: x.kind, place: x.id, job, ...spanOf(x) }))];
  });
  for (const list of groupBy(stays, (s) => `${s.site} ${s.place}`).values()) checkFire(facts, list, say);
}

/** R13: nobody prepares what they avoid; what no piece of the batch carries is not prepared. */
export function checkPrepared(facts: Facts, active: readonly ActiveJob[], say: Say): void {
  for (const job of active)
    for (const i of takenBy(facts, job.unit, job.step))
      for (const person of job.task.people) {
        const what = facts.people.get(person)?.avoid.find((a) => wordsOf(i).includes(a.what))?.what;
        if (what !== undefined) say('R13', 'prepares-avoided', job.id, 0, { person, what, ingredient: i.name });
      }
}

/** The rule speaks of pieces; a side job at a flame is none. */
const isPiece = (job: ActiveJob): boolean => job.unit.kind === 'piece' && job.step.kind !== 'prepare';

const spanOf = ({ startSec, endSec }: TimeSpan): TimeSpan => ({ startSec, endSec });

/** The words that a piece holds. */
function heldBy(facts: Facts, unit: CheckedUnit): ReadonlySet<string> {
  return new Set(
    unit.line.bread.ingredients
      .filter((i) => unit.owners.some((o) => carries(facts, o, i, unit.line.bread)))
      .flatMap(wordsOf),
  );
}

/** What lies on one fire. */
function checkFire(facts: Facts, stays: readonly Stay[], say: Say): void {
  const griddle = stays.find((s) => s.site === 'griddle')?.place;
  const cleanSec = facts.workshop.kitchen.griddles.find((g) => g.id === griddle)?.cleanSec;
  const busy = union(stays);
  /** Whether the griddle lay empty for long enough somewhere between two moments. */
  const isCleaned = (from: number, to: number): boolean =>
    cleanSec !== undefined &&
    [...busy, { startSec: Infinity, endSec: Infinity }].some((b, i) => {
      const emptyFrom = Math.max(from, busy[i - 1]?.endSec ?? -Infinity);
      return Math.min(to, b.startSec) - emptyFrom >= cleanSec;
    });
  for (const stay of stays) {
    const { owner } = stay.job.unit;
    if (!isPiece(stay.job) || owner === null) continue;
    const strict = (facts.people.get(owner)?.avoid ?? []).filter((a) => a.level === 'strict').map((a) => a.what);
    if (strict.length === 0) continue;
    for (const other of stays) {
      const what =
        other === stay || !isPiece(other.job) ? undefined : strict.find((a) => heldBy(facts, other.job.unit).has(a));
      if (what !== undefined && stay.endSec > other.startSec && !isCleaned(other.endSec, stay.startSec))
        say('R13', 'after-avoided', [stay.job.id, other.job.id], stay.endSec - other.startSec, {
          person: owner,
          what,
          site: stay.site,
          place: stay.place,
        });
    }
  }
}
