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
 * longest in this schedule stands for all.
 */
export function tightestOf(network: Network, bound: Bound, schedule: Schedule): Tightest {
  const { problem, sources } = network;
  const span = (activities: readonly number[]): { readonly fromSec: number; readonly toSec: number } => ({
    fromSec: Math.min(...activities.map((a) => schedule[a]?.startSec ?? Infinity)),
    toSec: Math.max(...activities.map((a) => schedule[a]?.endSec ?? -Infinity)),
  });
  const { by } = bound;
  switch (by.kind) {
    case 'chain': {
      const batch = sources[by.activity]?.batch;
      const own = sources.flatMap((s, i) => (s.batch === batch ? [i] : []));
      return { kind: 'dough', id: batch?.id ?? '', ...span(own) };
    }
    case 'resource': {
      const taken = problem.activities.flatMap((a, i) =>
        a.modes[schedule[i]?.mode ?? 0]?.uses.some((u) => u.resource === by.resource) ? [i] : [],
      );
      return { kind: 'person', id: problem.resources[by.resource]?.id ?? '', ...span(taken) };
    }
    case 'hotplates': {
      const on = problem.hotplates.map((h, index) => ({
        id: h.id,
        list: problem.activities.flatMap((a, i) =>
          a.modes[schedule[i]?.mode ?? 0]?.griddle?.index === index ? [i] : [],
        ),
      }));
      const busy = (list: readonly number[]): number =>
        list.reduce((sum, i) => sum + (schedule[i]?.endSec ?? 0) - (schedule[i]?.startSec ?? 0), 0);
      const most = on.reduce((a, b) => (busy(b.list) > busy(a.list) ? b : a));
      return { kind: 'griddle', id: most.id, ...span(most.list) };
    }
  }
}
