import type { Network } from '../network/index.ts';
import type { Bound, Schedule } from '../search/index.ts';

/** The thing that leaves the least room: a griddle, a person, or one dough's chain from first mixing to last bread; when it is busy. */
export interface Tightest {
  readonly kind: 'griddle' | 'person' | 'dough';
  readonly id: string;
  readonly fromSec: number;
  readonly toSec: number;
}

/**
 * What the lower bound rests on is what no plan can get round. Where it is the griddles together, the one of them that is busy for the
 * longest in this schedule stands for all; where it is a bench or a machine, the dough that is longest at it does.
 */
export function tightestOf(network: Network, bound: Bound, schedule: Schedule): Tightest {
  const { problem, sources } = network;
  const { placements } = schedule;
  const span = (some: readonly number[]): { readonly fromSec: number; readonly toSec: number } => {
    // a bound that rests on nothing of this schedule leaves the whole of it
    const activities = some.length > 0 ? some : placements.map((_, a) => a);
    return {
      fromSec: Math.min(...activities.map((a) => placements[a]?.startSec ?? Infinity)),
      toSec: Math.max(...activities.map((a) => placements[a]?.endSec ?? -Infinity)),
    };
  };
  const { by } = bound;
  if (by.kind === 'plates') {
    const on = by.plates.map((plate) => ({
      plate,
      list: by.activities.filter((a) => problem.activities[a]?.modes[placements[a]?.mode ?? 0]?.lying?.plate === plate),
    }));
    const busy = (list: readonly number[]): number =>
      list.reduce((sum, a) => sum + (placements[a]?.endSec ?? 0) - (placements[a]?.startSec ?? 0), 0);
    const most = on.reduce((a, b) => (busy(b.list) > busy(a.list) ? b : a));
    return { kind: 'griddle', id: problem.hotplates[most.plate]?.id ?? '', ...span(most.list) };
  }
  const resource = by.kind === 'resource' ? problem.resources[by.resource] : undefined;
  const isHands =
    resource !== undefined && network.room.all('staff').includes(by.kind === 'resource' ? by.resource : -1);
  if (resource && (resource.kind === 'person' || isHands))
    return { kind: 'person', id: resource.id, ...span(by.activities) };
  const unit = by.activities.map((a) => sources[a]?.unit).findLast((u) => u !== null && u !== undefined);
  const batch = unit?.batch?.id ?? unit?.id ?? '';
  const own = sources.flatMap((s, a) => (s.unit && (s.unit.batch?.id ?? s.unit.id) === batch ? [a] : []));
  return { kind: 'dough', id: batch, ...span(own) };
}
