import { batchId, taskId } from '../../ids.ts';
import { unfitReason, type Facts } from './facts.ts';
import { roundHalfUp } from '../../units/index.ts';
import { isRestJob, type ActiveJob, type Job, type CheckedUnit } from './jobs.ts';
import type { DemoJob } from './demo-jobs.ts';
import { windowSec } from './rest-window.ts';
import type { GriddleUse } from './griddle-use.ts';
import type { Say } from './report.ts';
import { isSameSet, overlapSec } from './spans.ts';

/** R10: a demonstration has one instructor and exactly its makers, lies after the welcome, and before their own step. */
export function checkDemos(
  facts: Facts,
  active: readonly ActiveJob[],
  demos: readonly DemoJob[],
  use: readonly GriddleUse[],
  say: Say,
): void {
  const role = (id: string): string => facts.people.get(id)?.role ?? 'unknown';
  for (const d of demos) {
    const { task } = d;
    if (!task) {
      say('R10', 'demo-missing', d.id, 0, {});
      continue;
    }
    const staff = task.people.filter((p) => role(p) !== 'participant');
    if (staff.length !== 1 || role(staff[0] ?? '') !== 'instructor') say('R10', 'demo-instructor', d.id, 0, {});
    const watching = task.people.filter((p) => role(p) === 'participant');
    if (!isSameSet(watching, d.makers)) say('R10', 'demo-people', d.id, 0, { people: d.makers });
    if (task.startSec < facts.welcomeSec) say('R10', 'demo-early', d.id, facts.welcomeSec - task.startSec, {});
    checkDemoPlace(facts, d, use, say);
    for (const job of active) {
      const isTheirs =
        job.unit.line.family === d.line.family && job.step.id === d.demo.before && job.unit.kind !== 'mother';
      const isHere = d.station === null || job.unit.station?.id === d.station.id;
      const isByMakers = job.task.people.some((p) => role(p) === 'participant');
      if (isTheirs && isHere && isByMakers && job.task.startSec < task.endSec)
        say('R10', 'before-demo', [d.id, job.id], task.endSec - job.task.startSec, {});
    }
  }
}

/** R10: what is shown must be there: the dough has been through its last hands before that step, and has rested its least since. */
export function checkDemoDough(
  facts: Facts,
  units: readonly CheckedUnit[],
  jobs: readonly Job[],
  demos: readonly DemoJob[],
  say: Say,
): void {
  const unitOf = new Map(units.map((u) => [u.id, u]));
  const jobOf = new Map(jobs.map((j) => [j.id, j]));
  for (const { id, demo, line, task } of demos) {
    if (demo.pieces === 0 || !task) continue;
    const stations = facts.workshop.stations.filter((s) => demo.from === undefined || s.id === demo.from);
    const share = stations.map((s) => unitOf.get(batchId(demo.bread, s.id))).find((u) => u !== undefined);
    const carriers = [share?.id ?? '', share?.mother ?? ''];
    let readySec = -Infinity;
    for (const step of line.chain) {
      if (step.id === demo.before || step.per === 'piece') break;
      const job = carriers.map((c) => jobOf.get(taskId(c, step.id))).find((j) => j !== undefined);
      if (!job) continue;
      readySec = isRestJob(job)
        ? readySec + roundHalfUp(windowSec(facts, job.step, job.task.at?.id).min)
        : job.task.endSec;
    }
    if (task.startSec < readySec) say('R10', 'demo-without-dough', id, readySec - task.startSec, {});
  }
}

function checkDemoPlace(facts: Facts, d: DemoJob, use: readonly GriddleUse[], say: Say): void {
  const { task, demo, line } = d;
  const at = task?.at;
  const { benches, griddles } = facts.workshop.kitchen;
  if (!task) return;
  if (demo.at === 'bench') {
    if (at?.kind !== 'bench' || !benches.some((b) => b.id === at.id))
      say('R10', 'demo-place', d.id, 0, { site: 'bench', bread: line.bread.id });
    return;
  }
  const griddle = griddles.find((g) => at?.kind === 'griddle' && g.id === at.id);
  const cooks = line.bread.steps.filter((s) => s.kind === 'cook' && s.at === 'griddle');
  if (!griddle || !cooks.some((s) => unfitReason(facts, griddle, line.bread, s, null) === undefined)) {
    say('R10', 'demo-place', d.id, 0, { site: 'griddle', bread: line.bread.id });
    return;
  }
  const here = use.find((u) => u.griddle.id === griddle.id);
  for (const other of [
    ...(here?.jobs ?? []).map((j) => ({ id: j.id, span: j.task })),
    ...(here?.demos ?? []).map((x) => ({ id: x.id, span: x })),
  ]) {
    const shared = other.id === d.id ? 0 : overlapSec(task, other.span);
    if (shared > 0) say('R10', 'demo-not-alone', [d.id, other.id], shared, { griddle: griddle.id });
  }
}
