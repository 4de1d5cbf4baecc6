import type { Plan } from '../../plan/index.ts';
import type { Facts } from './facts.ts';
import { dueTurns, isStaffs, type ActiveJob } from './jobs.ts';
import type { Say } from './report.ts';
import type { TimeSpan } from './spans.ts';

/** When a member of staff should look at a step that participants do; null where nobody is asked to. */
function dueLook(job: ActiveJob): TimeSpan | null {
  const { step, task } = job;
  const sec = step.lookSec ?? 0;
  if (step.look !== true || sec <= 0 || isStaffs(job)) return null;
  const turn = step.kind === 'cook' ? dueTurns(job)[0] : undefined;
  const startSec = turn ?? Math.max(task.startSec, task.endSec - sec);
  return { startSec, endSec: Math.min(task.endSec, startSec + sec) };
}

/** R9: every look that a step asks for is there, by one member of staff and at its time, and no other. */
export function checkLooks(facts: Facts, active: readonly ActiveJob[], plan: Plan, say: Say): void {
  const due = new Map(active.map((j) => [j.id, dueLook(j)]));
  for (const t of plan.tasks)
    if (t.kind === 'step' && t.look && !due.get(t.id)) say('R9', 'look-for-nothing', t.id, 0, {});
  for (const { id, task } of active) {
    const right = due.get(id);
    if (!right) continue;
    const { look } = task;
    if (!look) {
      say('R9', 'look-missing', id, 0, {});
      continue;
    }
    if ((facts.people.get(look.by)?.role ?? 'participant') === 'participant')
      say('R9', 'look-by', id, 0, { person: look.by });
    const off = Math.max(Math.abs(look.startSec - right.startSec), Math.abs(look.endSec - right.endSec));
    if (off > 0.5 + 1e-6) say('R9', 'look-misplaced', id, off, {});
  }
}
