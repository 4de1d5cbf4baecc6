import type { Plan } from '../../plan/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import { buildNetwork, placedIn, type Network } from '../network/index.ts';
import type { Lag, Mode, Placement } from '../search/index.ts';

/** An activity of a plan with the mode in which it is done. */
export interface Done {
  readonly activity: number;
  readonly mode: Mode;
  readonly placement: Placement;
  /** The use that is a look of a member of staff; −1: none. */
  readonly lookUse: number;
}

/** What takes a resource, from when to when. */
export interface Taking {
  readonly activity: number;
  readonly fromSec: number;
  readonly toSec: number;
  readonly amount: number;
  /** A member of staff looks at what others do. */
  readonly isLook: boolean;
}

/** A plan laid beside its network, with everything looked up that explaining asks for. */
export interface Situation {
  readonly network: Network;
  readonly plan: Plan;
  /** By activity; undefined where the plan lacks its task. */
  readonly done: readonly (Done | undefined)[];
  readonly lagsOf: readonly (readonly Lag[])[];
  readonly byResource: ReadonlyMap<number, readonly Taking[]>;
  readonly byPlate: ReadonlyMap<number, readonly Done[]>;
  readonly pauses: readonly {
    readonly fromSec: number;
    readonly toSec: number;
    readonly resources: ReadonlySet<number>;
  }[];
  readonly activityOf: ReadonlyMap<string, number>;
}

export function situationOf(workshop: Workshop, plan: Plan): Situation {
  const network = buildNetwork(workshop);
  const { problem } = network;
  const done: (Done | undefined)[] = problem.activities.map(() => undefined);
  for (const { activity, mode, info, placement } of placedIn(network, plan.tasks))
    done[activity] = { activity, mode, placement: { ...placement, mode: 0 }, lookUse: info.look?.use ?? -1 };
  const byResource = new Map<number, Taking[]>();
  const byPlate = new Map<number, Done[]>();
  for (const d of done) {
    if (!d) continue;
    for (const taking of takingsOf(d, d.placement.startSec))
      byResource.set(taking.resource, [...(byResource.get(taking.resource) ?? []), taking]);
    if (d.mode.lying) byPlate.set(d.mode.lying.plate, [...(byPlate.get(d.mode.lying.plate) ?? []), d]);
  }
  const lagsOf: Lag[][] = problem.activities.map(() => []);
  for (const lag of problem.lags) {
    lagsOf[lag.from]?.push(lag);
    lagsOf[lag.to]?.push(lag);
  }
  const breaks = new Map(plan.tasks.filter((t) => t.kind === 'break').map((t) => [t.id, t]));
  const pauses = problem.pauses.flatMap((p) => {
    const task = breaks.get(p.id);
    return task ? [{ fromSec: task.startSec, toSec: task.endSec, resources: new Set(p.resources) }] : [];
  });
  const activityOf = new Map(network.sources.map((s, i) => [s.taskId, i]));
  return { network, plan, done, lagsOf, byResource, byPlate, pauses, activityOf };
}

/** What an activity would take if it started at a moment. */
export function takingsOf(d: Done, startSec: number): readonly (Taking & { readonly resource: number })[] {
  return d.mode.uses.map((use, i) => ({
    activity: d.activity,
    resource: d.placement.picks[i] ?? -1,
    fromSec: startSec + use.fromSec,
    toSec: startSec + use.toSec,
    amount: use.amount,
    isLook: i === d.lookUse,
  }));
}
