import { preheatId } from '../../ids.ts';
import type { Griddle } from '../../kitchen/index.ts';
import type { Plan } from '../../plan/index.ts';
import { phasesIn, unfitReason, type Facts } from './facts.ts';
import type { ActiveJob } from './jobs.ts';
import type { GriddleUse } from './griddle-use.ts';
import type { Say } from './report.ts';
import { spotsFor } from './room-for.ts';
import { overlapSec, type TimeSpan } from './spans.ts';

const HEAT_OVERLAP_SEC = 30;

/** R6: spots, resets, changes, heats, carrying, surfaces and preheating. */
export function checkGriddles(facts: Facts, use: readonly GriddleUse[], plan: Plan, say: Say): void {
  for (const { griddle, jobs } of use) {
    for (const job of jobs) checkPlaced(facts, griddle, job, say);
    jobs.forEach((a, i) => {
      for (const b of jobs.slice(i + 1)) checkPair(griddle, a, b, say);
    });
    checkMixedSizes(facts, griddle, jobs, say);
  }
  checkPreheats(facts, use, plan, say);
}

function checkPlaced(facts: Facts, griddle: Griddle, job: ActiveJob, say: Say): void {
  const { bread } = job.unit.line;
  const spots = spotsFor(griddle, bread, facts.workshop.kitchen.griddleGapCm);
  const spot = job.task.at?.spot;
  if (spot === undefined || spot > spots)
    say('R6', 'no-such-spot', job.id, 0, { griddle: griddle.id, spots, bread: bread.id });
  const why = unfitReason(facts, griddle, bread, job.step, job.unit.station);
  if (why !== undefined && spots > 0) say('R6', 'wrong-griddle', job.id, 0, { griddle: griddle.id, why });
}

/** One bread, or one family with equal phases, side and cue aside, is one kind. */
function isOneKind(a: ActiveJob, b: ActiveJob): boolean {
  if (a.unit.line === b.unit.line) return true;
  const [x, y] = [phasesIn(a.step), phasesIn(b.step)];
  return (
    a.unit.line.family === b.unit.line.family &&
    x.length === y.length &&
    x.every((p, i) => {
      const q = y[i];
      const isTurned = (turn: boolean | undefined): boolean => i > 0 && turn !== false;
      return (
        q !== undefined &&
        p.heat === q.heat &&
        p.sec === q.sec &&
        p.with === q.with &&
        p.by === q.by &&
        isTurned(p.turn) === isTurned(q.turn)
      );
    })
  );
}

/** Two pieces on one griddle. */
function checkPair(griddle: Griddle, a: ActiveJob, b: ActiveJob, say: Say): void {
  const [first, second] = a.task.startSec <= b.task.startSec ? [a, b] : [b, a];
  const gap = second.task.startSec - first.task.endSec;
  if (gap >= Math.max(griddle.changeSec, griddle.resetSec)) return; // apart enough for anything
  const ids = [first.id, second.id];
  const isSameSpot = a.task.at?.spot === b.task.at?.spot;
  if (!isOneKind(a, b)) {
    const change = Math.max(griddle.changeSec, griddle.resetSec);
    if (gap < change) say('R6', 'changed-too-soon', ids, change - gap, { griddle: griddle.id, changeSec: change });
    return;
  }
  if (isSameSpot && gap < griddle.resetSec) {
    say('R6', gap < 0 ? 'spot-taken' : 'reset-too-short', ids, griddle.resetSec - gap, {
      griddle: griddle.id,
      spot: a.task.at?.spot ?? 0,
    });
  }
  if (griddle.zones !== true) checkHeats(griddle, first, second, say);
  for (const [x, y] of [
    [a, b],
    [b, a],
  ] as const)
    for (const phase of x.phases.filter((p) => p.with !== undefined)) {
      const shared = overlapSec(phase, y.task);
      if (shared > 0) say('R6', 'carried-with-bread', [x.id, y.id], shared, { griddle: griddle.id });
    }
}

/** Unequal heats may overlap for up to 30 s in a stretch; phases of one heat that follow one another are one stretch. */
function checkHeats(griddle: Griddle, a: ActiveJob, b: ActiveJob, say: Say): void {
  for (const x of heatRuns(a))
    for (const y of heatRuns(b)) {
      const shared = overlapSec(x, y);
      if (x.heat !== y.heat && shared > HEAT_OVERLAP_SEC)
        say('R6', 'unequal-heat', [a.id, b.id], shared - HEAT_OVERLAP_SEC, {
          griddle: griddle.id,
          heats: [x.heat, y.heat],
        });
    }
}

function heatRuns(job: ActiveJob): readonly (TimeSpan & { readonly heat: string })[] {
  const runs: { heat: string; startSec: number; endSec: number }[] = [];
  for (const { heat, startSec, endSec } of job.phases) {
    if (heat === undefined) continue;
    const last = runs.at(-1);
    if (last?.heat === heat && last.endSec === startSec) last.endSec = endSec;
    else runs.push({ heat, startSec, endSec });
  }
  return runs;
}

/** Breads of one kind in several sizes: no more at once than the griddle holds of the largest among them. */
function checkMixedSizes(facts: Facts, griddle: Griddle, jobs: readonly ActiveJob[], say: Say): void {
  if (new Set(jobs.map((j) => j.unit.line)).size < 2) return;
  for (const job of jobs) {
    const moment = { startSec: job.task.startSec, endSec: job.task.startSec + 1 };
    const there = jobs.filter((j) => overlapSec(j.task, moment) > 0);
    const room = Math.min(
      ...there.map((j) => spotsFor(griddle, j.unit.line.bread, facts.workshop.kitchen.griddleGapCm)),
    );
    if (new Set(there.map((j) => j.unit.line)).size > 1 && there.length > room)
      say(
        'R6',
        'too-many-at-once',
        there.map((j) => j.id),
        0,
        { griddle: griddle.id, room },
      );
  }
}

/** A griddle in use that takes heating is heated once, for its time, before its first use; no other is (R1, R6). */
function checkPreheats(facts: Facts, use: readonly GriddleUse[], plan: Plan, say: Say): void {
  const heats = plan.tasks.filter((t) => t.kind === 'preheat');
  for (const { griddle, jobs, demos } of use) {
    const own = heats.filter((t) => t.at?.id === griddle.id);
    const sec = griddle.preheatMin * 60;
    if (own.length === 0 && sec > 0) say('R1', 'task-missing', preheatId(griddle.id), 0, {});
    const first = Math.min(...jobs.map((j) => j.task.startSec), ...demos.map((d) => d.startSec));
    for (const { id, startSec, endSec } of own) {
      const off = Math.abs(endSec - startSec - sec);
      if (off > 0.5 + 1e-6) say('R6', 'preheat-length', id, off, { griddle: griddle.id, rightSec: sec });
      if (endSec > first) say('R6', 'preheat-late', id, endSec - first, { griddle: griddle.id });
    }
  }
  for (const t of heats) {
    const used = use.find((u) => u.griddle.id === t.at?.id);
    if (!used || used.griddle.preheatMin === 0) say('R1', 'task-unasked', t.id, 0, { why: 'not-used' });
    if (!facts.workshop.kitchen.griddles.some((g) => g.id === t.at?.id) && t.endSec > t.startSec)
      say('R6', 'preheat-length', t.id, t.endSec - t.startSec, { griddle: null, rightSec: 0 });
  }
}
