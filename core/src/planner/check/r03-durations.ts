import type { Facts } from './facts.ts';
import { dueTurns, siteOf, type ActiveJob } from './jobs.ts';
import type { DemoJob } from './demo-jobs.ts';
import type { Say } from './report.ts';
import { sumOf } from './spans.ts';

/** R3: how long active steps last, and when bread is turned. */
export function checkDurations(facts: Facts, active: readonly ActiveJob[], demos: readonly DemoJob[], say: Say): void {
  for (const job of active) {
    const lasts = job.task.endSec - job.task.startSec;
    const exact = exactSeconds(facts, job);
    if (Math.abs(lasts - exact) > 0.5 + 1e-6)
      say('R3', 'wrong-length', job.id, Math.abs(lasts - exact), { rightSec: Math.floor(exact + 0.5) });
    const [told, due] = [job.task.turnsSec ?? [], dueTurns(job)];
    if (told.length !== due.length || told.some((t, i) => t !== due[i]))
      say('R3', 'wrong-turns', job.id, 0, { rightSecs: due });
  }
  for (const { task, sec, id } of demos) {
    if (task && Math.abs(task.endSec - task.startSec - sec) > 0.5)
      say('R3', 'wrong-length', id, Math.abs(task.endSec - task.startSec - sec), { rightSec: sec });
  }
}

/** 60 × (minutes + minutesPerPiece × n) × pace, at the mixer 60 × mixerMinutes, or the sum of the phases. */
function exactSeconds(facts: Facts, job: ActiveJob): number {
  const { step, unit, task } = job;
  if (siteOf(job) === 'mixer') return 60 * (step.mixerMinutes ?? 0);
  if (job.phases.length > 0) return sumOf(job.phases, (p) => p.endSec - p.startSec);
  const paces = task.people.map((id) => facts.people.get(id)?.pace ?? 1);
  const pace = paces.length > 0 ? Math.max(...paces) : 1;
  const count = unit.kind === 'piece' ? 1 : unit.pieces.length;
  const n = step.by === 'team' ? Math.ceil(count / Math.max(1, task.people.length)) : count;
  return 60 * ((step.minutes ?? 0) + (step.minutesPerPiece ?? 0) * n) * pace;
}
