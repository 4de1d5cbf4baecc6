import type { Plan } from '../../plan/index.ts';
import type { Facts } from './facts.ts';
import { pathOf, type Job, type CheckedUnit } from './jobs.ts';
import type { Say } from './report.ts';

/** R11: every piece and practice batch is done by table time; breads eaten together are no older then than they keep. */
export function checkTable(
  facts: Facts,
  units: readonly CheckedUnit[],
  jobs: readonly Job[],
  goal: Plan['goal'],
  say: Say,
): void {
  if (goal === 'short') return;
  const byId = new Map(jobs.map((j) => [j.id, j]));
  const unitById = new Map(units.map((u) => [u.id, u]));
  for (const unit of units) {
    if (unit.kind !== 'piece' && unit.kind !== 'practice') continue;
    const last = pathOf(unit, byId, unitById).at(-1);
    if (!last) continue;
    const beforeSec = facts.tableSec - last.task.endSec;
    const holdSec = unit.line.bread.holdMaxMin * 60;
    if (beforeSec < 0) say('R11', 'late', last.id, -beforeSec, {});
    else if (unit.kind === 'piece' && unit.line.isTogether && beforeSec > holdSec)
      say('R11', 'stale', last.id, beforeSec - holdSec, { holdMin: unit.line.bread.holdMaxMin });
  }
}
