import type { Plan } from '../../plan/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import { classBase } from '../class-base.ts';
import { placedIn, type Network } from '../network/index.ts';
import { laidOut, type Laid } from '../search/index.ts';

/** A plan laid beside its network, with everything looked up that explaining asks for. */
export interface Situation extends Laid {
  readonly network: Network;
  readonly plan: Plan;
  readonly activityOf: ReadonlyMap<string, number>;
  /** By activity the use that is a look of a member of staff. */
  readonly lookUses: ReadonlyMap<number, number>;
}

export function situationOf(workshop: Workshop, plan: Plan): Situation {
  const { network } = classBase(workshop);
  const { problem } = network;
  const placed = placedIn(network, plan.tasks);
  const breaks = new Map(plan.tasks.filter((t) => t.kind === 'break').map((t) => [t.id, t]));
  const pauses = problem.pauses.flatMap((p) => {
    const task = breaks.get(p.id);
    return task ? [{ fromSec: task.startSec, toSec: task.endSec, resources: new Set(p.resources) }] : [];
  });
  const done = placed.map(({ activity, mode, placement }) => ({
    activity,
    mode,
    placement: { ...placement, mode: 0 },
  }));
  return {
    ...laidOut(problem, done, pauses),
    network,
    plan,
    activityOf: new Map(network.sources.map((s, i) => [s.taskId, i])),
    lookUses: new Map(placed.flatMap(({ activity, info }) => (info.look ? [[activity, info.look.use] as const] : []))),
  };
}
