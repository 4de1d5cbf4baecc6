import { given } from '../../faults/index.ts';
import type { Network } from '../network/index.ts';
import type { Bound } from '../search/index.ts';

/** Why no plan can end before a lower bound, in the things of the class: what is needed, and what there is. All times in seconds. */
export type BoundProof = {
  readonly neededSec: number;
  /** When the first of it can begin. */
  readonly fromSec: number;
  /** What comes after it at the least. */
  readonly tailSec: number;
  /** What lies between the first beginning and table time, less what comes after. */
  readonly thereSec: number;
} & (
  | {
      readonly kind: 'plates';
      readonly count: number;
      readonly leastSec: number;
      readonly mostSec: number;
      readonly atOnce: number;
    }
  | { readonly kind: 'resource'; readonly id: string; readonly isStanding: boolean; readonly count: number }
  | { readonly kind: 'pool'; readonly ids: readonly string[]; readonly count: number }
  /** Steps one after another by their ids; null is a demonstration. */
  | { readonly kind: 'chain'; readonly steps: readonly (string | null)[] }
);

/** The proof that a lower bound is. */
export function boundProof({ problem, sources, tableSec, room }: Network, { boundSec, by }: Bound): BoundProof {
  const { headSec, tailSec } = by;
  const times = {
    neededSec: boundSec - headSec - tailSec,
    fromSec: headSec,
    tailSec,
    thereSec: Math.max(0, tableSec - headSec - tailSec),
  };
  const count = by.activities.length;
  const idOf = (resource: number): string => given(problem.resources[resource], 'a bound is of a resource').id;
  switch (by.kind) {
    case 'plates': {
      const least = by.activities.map((a) =>
        Math.min(...(problem.activities[a]?.modes ?? []).map((m) => m.durationSec)),
      );
      const [leastSec, mostSec] = [Math.min(...least), Math.max(...least)];
      return { ...times, kind: 'plates', count, leastSec, mostSec, atOnce: by.atOnce };
    }
    case 'resource': {
      const isStanding = room.all('standing').includes(by.resource);
      return { ...times, kind: 'resource', id: idOf(by.resource), isStanding, count };
    }
    case 'pool':
      return { ...times, kind: 'pool', ids: by.resources.map(idOf), count };
    case 'chain': {
      const steps = by.activities.flatMap((a): readonly (string | null)[] => {
        const source = sources[a];
        return source?.demo ? [null] : source?.step ? [source.step.id] : [];
      });
      return { ...times, kind: 'chain', steps };
    }
  }
}
