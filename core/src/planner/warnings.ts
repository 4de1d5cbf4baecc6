import { stepWords, type Plan, type PlanTask, type PlanWarning } from '../plan/index.ts';
import { clockText, durationText } from '../units/index.ts';
import { namesOf } from '../words/index.ts';
import type { Workshop } from '../workshop/index.ts';
import { isAtMixer, unitsIn, type DoughUnit, type Network } from './network/index.ts';

/** Under so many grams a batch is hard to mix by hand (rule R7). */
const LEAST_BY_HAND_G = 150;
/** A person with nothing to do for longer than this should have something offered. */
const IDLE_SEC = 20 * 60;

/**
 * What is no broken rule but should be seen: participants without bread and breads without makers, batches too small to mix well, practice dough with something
 * perishable in it, and long stretches in which somebody has nothing to do.
 */
export function warningsOf(workshop: Workshop, network: Network, plan: Pick<Plan, 'tasks'>): readonly PlanWarning[] {
  return [
    ...withoutBread(workshop, network),
    ...unitsIn(network.doughs).flatMap((unit) => smallBatch(workshop, unit)),
    ...perishablePractice(workshop, network),
    ...idleStretches(workshop, network, plan.tasks),
  ];
}

function withoutBread(workshop: Workshop, { lines }: Network): readonly PlanWarning[] {
  const people = workshop.roster.filter((p) => !lines.some((l) => l.makers.has(p.id)));
  const breads = lines.filter((l) => l.makers.size === 0);
  return [
    ...people.map((p) => ({ code: 'no-bread', path: `roster/${p.id}`, message: `${p.name} makes no bread` })),
    ...breads.map(({ bread }) => ({
      code: 'no-maker',
      path: `menu/${bread.id}`,
      message: `nobody makes ${bread.name}`,
    })),
  ];
}

/** Under the least load of every mixer that could take it, or too little to mix by hand. */
function smallBatch(workshop: Workshop, unit: DoughUnit): readonly PlanWarning[] {
  const { kitchen } = workshop;
  const { id, doughG } = unit;
  const grams = `${doughG.toFixed(0)} g`;
  const path = `batches/${id}`;
  if (unit.chain.some((s) => isAtMixer(unit, s))) {
    const leastG = Math.min(...kitchen.mixers.map((m) => m.minDoughG ?? 0));
    if (doughG >= leastG) return [];
    return [
      {
        code: 'under-mixer-load',
        path,
        message: `${namesOf(workshop).batch(id)} is only ${grams}, the mixer wants ${leastG} g at least`,
      },
    ];
  }
  const isMixed = unit.chain.some((s) => s.kind === 'mix' || s.kind === 'knead');
  if (!isMixed || doughG >= LEAST_BY_HAND_G) return [];
  return [
    {
      code: 'small-batch',
      path,
      message: `${namesOf(workshop).batch(id)} is only ${grams}, under ${LEAST_BY_HAND_G} g hard to mix by hand`,
    },
  ];
}

function perishablePractice(workshop: Workshop, { doughs }: Network): readonly PlanWarning[] {
  return doughs.practices.flatMap(({ id, share }) => {
    const what = share.line.bread.ingredients.find((i) => i.perishable === true && i.use === 'dough')?.name;
    if (what === undefined) return [];
    const message = `${namesOf(workshop).batch(id)} holds ${what}: into the fridge with it after class, or away`;
    return [{ code: 'perishable-practice', path: `batches/${id}`, message }];
  });
}

/** Between a participant's first and last task; with a side job of theirs that could be moved there, where there is one. */
function idleStretches(workshop: Workshop, network: Network, tasks: readonly PlanTask[]): readonly PlanWarning[] {
  const sideJobs = new Set(network.sources.filter((s) => s.step?.kind === 'prepare').map((s) => s.taskId));
  return workshop.roster.flatMap((p) => {
    const own = tasks.filter((t) => t.people.includes(p.id)).sort((a, b) => a.startSec - b.startSec);
    let until = own[0]?.endSec ?? 0;
    return own.flatMap((next): readonly PlanWarning[] => {
      const [fromSec, toSec] = [until, next.startSec];
      until = Math.max(until, next.endSec);
      if (toSec - fromSec <= IDLE_SEC) return [];
      const job = own.find(
        (t) => sideJobs.has(t.id) && t.startSec >= toSec && t.endSec - t.startSec <= toSec - fromSec,
      );
      const span = `${clockText(workshop, fromSec)}–${clockText(workshop, toSec)}`;
      const filler = job ? `${stepWords(job.step)} could be done then` : 'room for tasting, talk or washing up';
      const message = `${p.name} has nothing to do ${span} (${durationText(toSec - fromSec)}); ${filler}`;
      return [{ code: 'idle', path: `roster/${p.id}`, message }];
    });
  });
}
