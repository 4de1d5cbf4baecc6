import { warningPath, type Plan, type PlanTask, type PlanWarning, type Warning } from '../plan/index.ts';
import { secondsOfMinutes } from '../units/index.ts';
import { warningWords } from '../words/index.ts';
import type { Workshop } from '../workshop/index.ts';
import { isAtMixer, unitsIn, type DoughUnit, type Network } from './network/index.ts';

/** Under so many grams a batch is hard to mix by hand (rule R7). */
const LEAST_BY_HAND_G = 150;
/**
 * What is no broken rule but should be seen: participants without bread and breads without makers, batches too small to mix well, practice dough with something
 * perishable in it, and long stretches in which somebody has nothing to do.
 */
export function warningsOf(workshop: Workshop, network: Network, plan: Pick<Plan, 'tasks'>): readonly PlanWarning[] {
  const found: readonly Warning[] = [
    ...withoutBread(workshop, network),
    ...unitsIn(network.doughs).flatMap((unit) => smallBatch(workshop, unit)),
    ...perishablePractice(network),
    ...idleStretches(workshop, network, plan.tasks),
  ];
  return found.map((w) => ({ code: w.code, path: warningPath(w), message: warningWords(workshop, w) }));
}

function withoutBread(workshop: Workshop, { lines }: Network): readonly Warning[] {
  const people = workshop.roster.filter((p) => !lines.some((l) => l.makers.has(p.id)));
  const breads = lines.filter((l) => l.makers.size === 0);
  return [
    ...people.map((p): Warning => ({ code: 'no-bread', person: p.id })),
    ...breads.map(({ bread }): Warning => ({ code: 'no-maker', bread: bread.id })),
  ];
}

/** Under the least load of every mixer that could take it, or too little to mix by hand. */
function smallBatch({ kitchen }: Workshop, unit: DoughUnit): readonly Warning[] {
  const { id: batch, doughG } = unit;
  if (unit.chain.some((s) => isAtMixer(unit, s))) {
    const leastG = Math.min(...kitchen.mixers.map((m) => m.minDoughG ?? 0));
    return doughG >= leastG ? [] : [{ code: 'under-mixer-load', batch, doughG, leastG }];
  }
  const isMixed = unit.chain.some((s) => s.kind === 'mix' || s.kind === 'knead');
  if (!isMixed || doughG >= LEAST_BY_HAND_G) return [];
  return [{ code: 'small-batch', batch, doughG, leastG: LEAST_BY_HAND_G }];
}

function perishablePractice({ doughs }: Network): readonly Warning[] {
  return doughs.practices.flatMap(({ id, share }): readonly Warning[] => {
    const found = share.line.bread.ingredients.find((i) => i.perishable === true && i.use === 'dough');
    return found ? [{ code: 'perishable-practice', batch: id, ingredient: found.name }] : [];
  });
}

/** Between a participant's first and last task; with a side job of theirs that could be moved there, where there is one. */
function idleStretches(workshop: Workshop, network: Network, tasks: readonly PlanTask[]): readonly Warning[] {
  const sideJobs = new Set(network.sources.filter((s) => s.step?.kind === 'prepare').map((s) => s.taskId));
  const mostSec = secondsOfMinutes(workshop.idleMaxMin);
  return workshop.roster.flatMap((p) => {
    const own = tasks.filter((t) => t.people.includes(p.id)).sort((a, b) => a.startSec - b.startSec);
    let until = own[0]?.endSec ?? 0;
    return own.flatMap((next): readonly Warning[] => {
      const [fromSec, toSec] = [until, next.startSec];
      until = Math.max(until, next.endSec);
      if (toSec - fromSec <= mostSec) return [];
      const job = own.find(
        (t) => sideJobs.has(t.id) && t.startSec >= toSec && t.endSec - t.startSec <= toSec - fromSec,
      );
      return [{ code: 'idle', person: p.id, fromSec, toSec, sideJob: job?.step ?? null }];
    });
  });
}
