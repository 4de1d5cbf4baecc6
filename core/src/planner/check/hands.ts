import { dueTurns, type ActiveJob } from './jobs.ts';
import { overlapSec, union, type TimeSpan } from './spans.ts';

const DEFAULT_TURN_SEC = 20;

/** When a task takes the hands of its people: throughout, or with `attend: turns` in its spells; never in a phase that staff do. */
export function handSpans(job: ActiveJob): readonly TimeSpan[] {
  const { task, step } = job;
  const carried = job.phases.filter((p) => p.with !== undefined);
  let spans: readonly TimeSpan[] = [task];
  if (step.kind === 'cook' && step.attend === 'turns') {
    const turn = step.turnSec ?? DEFAULT_TURN_SEC;
    const spell = (startSec: number): TimeSpan => ({ startSec, endSec: Math.min(task.endSec, startSec + turn) });
    const off = { startSec: Math.max(task.startSec, task.endSec - turn), endSec: task.endSec };
    spans = union([spell(task.startSec), ...dueTurns(job).map(spell), ...carried, off]);
  }
  for (const away of carried.filter((p) => p.by === 'staff'))
    spans = spans.flatMap((s) =>
      [
        { startSec: s.startSec, endSec: Math.min(s.endSec, away.startSec) },
        { startSec: Math.max(s.startSec, away.endSec), endSec: s.endSec },
      ].filter((x) => x.endSec > x.startSec),
    );
  return spans;
}

/** Whom the plan names for a phase at the fire. */
export function phaseHands(
  job: ActiveJob,
  phase: TimeSpan & { readonly with?: string | undefined },
): readonly string[] {
  const named = (job.task.with ?? []).filter((x) => x.kind === phase.with && overlapSec(x, phase) > 0).map((x) => x.by);
  return [...new Set(named.filter((x) => x !== undefined))];
}
