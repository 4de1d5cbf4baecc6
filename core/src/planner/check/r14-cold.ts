import { wholeMinutes } from '../../units/index.ts';
import { taskId } from '../../ids.ts';
import { isFire, type Facts } from './facts.ts';
import { isRestJob, pathOf, type Job, type CheckedUnit } from './jobs.ts';
import type { Say } from './report.ts';
import { overlapSec } from './spans.ts';

const COUNTED_USES: readonly string[] = ['dough', 'fill', 'layer'];

/** R14: dough with something perishable in it lies outside the fridge no longer than the kitchen's limit. */
export function checkOutOfCold(facts: Facts, units: readonly CheckedUnit[], jobs: readonly Job[], say: Say): void {
  const byId = new Map(jobs.map((j) => [j.id, j]));
  const unitById = new Map(units.map((u) => [u.id, u]));
  const limitSec = facts.workshop.kitchen.safeOutMin * 60;
  for (const piece of units) {
    if (piece.kind !== 'piece' || piece.line.menu.acceptOutOfCold !== undefined) continue;
    const perishable = piece.line.bread.ingredients.find((i) => i.perishable === true && COUNTED_USES.includes(i.use));
    if (!perishable) continue;
    const path = pathOf(piece, byId, unitById);
    const laid = path.findIndex((_, i) => {
      const step = piece.line.chain[i];
      return step?.per === 'piece' && isFire(step.at);
    });
    const layingOn = path[laid];
    if (laid < 0 || !layingOn || path.slice(0, laid).some((j) => j === undefined)) continue; // R1 says what is missing
    const first = perishable.step === undefined ? path[0] : jobNamed(piece, perishable.step, byId);
    if (!first) continue;
    const out = { startSec: first.task.startSec, endSec: layingOn.task.startSec };
    const coldSec = path.slice(0, laid).reduce((sum, job, i) => {
      if (!job || !isRestJob(job) || job.step.at !== 'fridge') return sum;
      return (
        sum + overlapSec(out, { startSec: job.task.startSec, endSec: path[i + 1]?.task.startSec ?? job.task.endSec })
      );
    }, 0);
    const outSec = out.endSec - out.startSec - coldSec;
    if (outSec > limitSec)
      say('R14', 'too-long-out', layingOn.id, outSec - limitSec, {
        piece: piece.id,
        outMin: wholeMinutes(outSec),
        mostMin: limitSec / 60,
      });
  }
}

/** The job of a step wherever it was done for this piece: in the mother batch, the station's, or the piece's own; a side job too. */
function jobNamed(piece: CheckedUnit, step: string, byId: ReadonlyMap<string, Job>): Job | undefined {
  const carriers = [piece.batch?.mother, piece.batch?.id, piece.id];
  return carriers.map((c) => (c ? byId.get(taskId(c, step)) : undefined)).find((j) => j !== undefined);
}
