import { taskId } from '../../ids.ts';
import { roundHalfUp } from '../../units/index.ts';
import type { Facts } from './facts.ts';
import { isActiveJob, isRestJob, pathOf, type Job, type RestJob, type CheckedUnit } from './jobs.ts';
import { windowSec } from './rest-window.ts';
import type { Say } from './report.ts';

const PROOF_FROM_C = 10;
const PROOF_TO_C = 40;

interface Rest {
  readonly job: RestJob;
  readonly before: Job | undefined;
  readonly followers: Map<string, Job>;
  /** A follower is not on the list, so that the end cannot be known. */
  isOpen: boolean;
}

/** R2: order along every chain, waits, windows, and side jobs over in time. */
export function checkOrder(facts: Facts, units: readonly CheckedUnit[], jobs: readonly Job[], say: Say): void {
  const byId = new Map(jobs.map((j) => [j.id, j]));
  const unitById = new Map(units.map((u) => [u.id, u]));
  const rests = new Map<string, Rest>();
  const waits = new Set<string>();
  for (const unit of units) {
    if (unit.kind !== 'piece' && unit.kind !== 'practice') continue;
    const path = pathOf(unit, byId, unitById);
    path.forEach((job, i) => {
      if (!job) return;
      const before = path[i - 1];
      if (isRestJob(job)) {
        const rest = rests.get(job.id) ?? { job, before, followers: new Map<string, Job>(), isOpen: false };
        rests.set(job.id, rest);
        const next = path[i + 1];
        if (next) rest.followers.set(next.id, next);
        else if (i + 1 < path.length) rest.isOpen = true;
      } else if (before && isActiveJob(before) && isActiveJob(job)) {
        if (!waits.has(`${before.id} ${job.id}`)) checkWait(before, job, job.step.waitMaxMin, say);
        waits.add(`${before.id} ${job.id}`);
      }
    });
  }
  for (const rest of rests.values()) checkRest(facts, rest, say);
  checkSideJobs(units, jobs, byId, unitById, say);
}

function checkWait(before: Job, job: Job, waitMaxMin: number | undefined, say: Say): void {
  const waitSec = job.task.startSec - before.task.endSec;
  const mostSec = waitMaxMin === undefined ? Infinity : roundHalfUp(waitMaxMin * 60);
  if (waitSec < 0) say('R2', 'out-of-order', [before.id, job.id], -waitSec, {});
  else if (waitSec > mostSec)
    say('R2', 'waited-too-long', [before.id, job.id], waitSec - mostSec, { mostMin: waitMaxMin ?? 0 });
}

/** Rounded seconds; at an exact half either neighbour will do, since a product of decimals is seldom exact. */
const isRoundOf = (sec: number, exact: number): boolean => Math.abs(sec - exact) <= 0.5 + 1e-6;

function checkRest(facts: Facts, { job, before, followers, isOpen }: Rest, say: Say): void {
  const { task, step } = job;
  const place = facts.workshop.kitchen.places.find((p) => p.id === task.at?.id);
  // shares begin one after another while the rest of their mother goes on; their own rest then starts within it
  const isHandedOver = before !== undefined && isRestJob(before) && before.unit !== job.unit;
  if (before && !isHandedOver && task.startSec !== before.task.endSec)
    say('R2', 'rest-misplaced', [before.id, job.id], Math.abs(task.startSec - before.task.endSec), { at: 'start' });
  const starts = [...followers.values()].map((f) => f.task.startSec);
  const last = Math.max(...starts);
  if (starts.length > 0 && task.endSec !== last && !(isOpen && task.endSec > last))
    say('R2', 'rest-misplaced', job.id, Math.abs(task.endSec - last), { at: 'end' });
  if (place && step.q10 !== undefined && (place.tempC < PROOF_FROM_C || place.tempC > PROOF_TO_C))
    say('R2', 'place-too-far', job.id, 0, {
      place: place.id,
      tempC: place.tempC,
      fromC: PROOF_FROM_C,
      toC: PROOF_TO_C,
    });
  const window = windowSec(facts, step, task.at?.id);
  const listed = task.kind === 'rest' ? task.window : undefined;
  if (
    !listed ||
    !isRoundOf(listed.minSec, window.min) ||
    !isRoundOf(listed.idealSec, window.ideal) ||
    !isRoundOf(listed.maxSec, window.max)
  )
    say('R2', 'window-wrong', job.id, 0, {});
  const ends =
    followers.size > 0
      ? [...followers.values()].map((f) => [f.task.startSec, f.id] as const)
      : [[task.endSec, ''] as const];
  for (const [endSec, id] of ends) {
    const restSec = endSec - task.startSec;
    const ids = id === '' ? [job.id] : [job.id, id];
    if (restSec < window.min && !isRoundOf(restSec, window.min))
      say('R2', 'under-rested', ids, roundHalfUp(window.min) - restSec, {
        lastsSec: restSec,
        leastSec: roundHalfUp(window.min),
      });
    if (restSec > window.max && !isRoundOf(restSec, window.max))
      say('R2', 'over-rested', ids, restSec - roundHalfUp(window.max), {
        lastsSec: restSec,
        mostSec: roundHalfUp(window.max),
      });
  }
}

/** A side job ends before the step that it is for starts, for every piece of its batch. */
function checkSideJobs(
  units: readonly CheckedUnit[],
  jobs: readonly Job[],
  byId: ReadonlyMap<string, Job>,
  unitById: ReadonlyMap<string, CheckedUnit>,
  say: Say,
): void {
  for (const job of jobs) {
    const { step, unit } = job;
    if (step.kind !== 'prepare') continue;
    const mother = unit.batch?.mother ? unitById.get(unit.batch.mother) : undefined;
    const related =
      unit.kind === 'piece'
        ? [unit, unit.batch, mother]
        : [unit, ...units.filter((u) => u.kind === 'piece' && u.batch === unit)];
    for (const u of related) {
      const served = u && byId.get(taskId(u.id, step.before));
      if (served && job.task.endSec > served.task.startSec)
        say('R2', 'prepared-late', [job.id, served.id], job.task.endSec - served.task.startSec, {});
    }
  }
}
