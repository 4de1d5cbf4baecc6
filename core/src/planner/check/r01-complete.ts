import { preheatId, taskId } from '../../ids.ts';
import { isOfBread, type Plan } from '../../plan/index.ts';
import type { DemoJob } from './demo-jobs.ts';
import { isResting, type Facts } from './facts.ts';
import { crewFor, stepsOf, timedPhases, type Job, type CheckedUnit } from './jobs.ts';
import type { Say } from './report.ts';

/** R1 of the task list: all that is asked for is there once, and nothing else. Gives the jobs whose task the plan has. */
export function matchTasks(
  facts: Facts,
  units: readonly CheckedUnit[],
  demos: readonly DemoJob[],
  plan: Plan,
  say: Say,
): readonly Job[] {
  const wanted: ReadonlyMap<string, { readonly unit: CheckedUnit; readonly step: Job['step'] }> = new Map(
    units.flatMap((unit) => stepsOf(unit).map((step) => [taskId(unit.id, step.id), { unit, step }] as const)),
  );
  const others: ReadonlySet<string> = new Set<string>([
    ...(facts.welcomeSec > 0 ? ['welcome:welcome'] : []),
    ...facts.breaks.map((b) => `break:${b.id}`),
    ...demos.map((d) => `demo:${d.id}`),
  ]);
  const griddles = new Set(facts.workshop.kitchen.griddles.map((g) => g.id));
  const seen = new Set<string>();
  const jobs: Job[] = [];
  for (const task of plan.tasks) {
    if (seen.has(task.id)) {
      say('R1', 'task-twice', task.id, 0, {});
      continue;
    }
    seen.add(task.id);
    if (task.kind === 'preheat') {
      const id = task.at?.kind === 'griddle' ? (task.at.id ?? '') : '';
      if (!griddles.has(id) || task.id !== preheatId(id)) say('R1', 'task-unasked', task.id, 0, { why: 'no-griddle' });
      continue;
    }
    if (!isOfBread(task)) {
      if (!others.has(`${task.kind}:${task.id}`)) say('R1', 'task-unasked', task.id, 0, { why: 'class' });
      continue;
    }
    const found = wanted.get(task.id);
    if (!found) {
      say('R1', 'task-unasked', task.id, 0, { why: 'menu' });
      continue;
    }
    const of = found.unit.kind === 'piece' ? task.piece : task.batch;
    if (task.bread !== found.unit.line.bread.id || task.step !== found.step.id || of !== found.unit.id)
      say('R1', 'task-mislabelled', task.id, 0, {});
    // hands that are called a rest are no step; a rest without a window is one that R2 speaks of
    if (task.kind === 'rest' && !isResting(found.step)) {
      say('R1', 'task-mislabelled', task.id, 0, {});
      continue;
    }
    jobs.push({
      id: task.id,
      ...found,
      task,
      phases: timedPhases(facts, found.step, task),
      crew: crewFor(facts, found.unit, found.step),
    });
  }
  for (const id of wanted.keys()) if (!seen.has(id)) say('R1', 'task-missing', id, 0, {});
  for (const other of others) {
    const id = other.slice(other.indexOf(':') + 1);
    // R10 says that a demonstration is missing
    if (!other.startsWith('demo:') && !seen.has(id)) say('R1', 'task-missing', id, 0, {});
  }
  return jobs;
}
