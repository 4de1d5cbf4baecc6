import { demoId, preheatId, taskId } from '../../ids.ts';
import { isOfBread, type Plan, type PlanTask } from '../../plan/index.ts';
import { roundHalfUp } from '../../units/index.ts';
import type { Station, Workshop } from '../../workshop/index.ts';
import { isResting, type CheckedLine, type Facts } from './facts.ts';
import { crewFor, stepsOf, timedPhases, type Job, type CheckedUnit } from './jobs.ts';
import type { Say } from './report.ts';

/** A demonstration that the workshop asks for, and the plan's task for it. */
export interface DemoJob {
  readonly id: string;
  readonly demo: Workshop['demos'][number];
  readonly line: CheckedLine;
  readonly station: Station | null;
  /** Those who make a bread of its family. */
  readonly makers: readonly string[];
  readonly sec: number;
  readonly task: PlanTask | undefined;
}

export function expectedDemos(facts: Facts, plan: Plan): readonly DemoJob[] {
  const tasks = new Map(plan.tasks.filter((t) => t.kind === 'demo').map((t) => [t.id, t]));
  return facts.workshop.demos.flatMap((demo): DemoJob[] => {
    const line = facts.lines.find((l) => l.bread.id === demo.bread);
    if (!line) return [];
    const family = facts.lines.filter((l) => l.family === line.family);
    const makers = facts.participants.filter((p) => family.some((l) => l.makers.has(p)));
    const made = (id: string, who: readonly string[], station: Station | null): DemoJob[] =>
      who.length === 0
        ? []
        : [{ id, demo, line, station, makers: who, sec: roundHalfUp(demo.minutes * 60), task: tasks.get(id) }];
    return demo.to === 'class'
      ? made(demoId(demo.bread, demo.before, null), makers, null)
      : facts.workshop.stations.flatMap((s) =>
          made(
            demoId(demo.bread, demo.before, s.id),
            s.members.filter((m) => makers.includes(m)),
            s,
          ),
        );
  });
}

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
      phases: timedPhases(found.step, task.startSec),
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
