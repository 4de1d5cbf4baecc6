import type { Result } from '../../faults/index.ts';
import { setGriddleCount, setParticipantCount, seatsIn, type Shaping, type Workshop } from '../../workshop/index.ts';
import { verdictOf } from '../explain/index.ts';
import { planShaped } from '../shaped.ts';

/** How a class of another size does. */
export interface SweepPoint {
  readonly count: number;
  readonly fits: boolean;
  readonly spareSec: number;
}

export type Sweep = Generator<readonly SweepPoint[], readonly SweepPoint[], 'stop' | undefined>;

/** So many more and fewer are looked at. */
const REACH = { griddles: 4, participants: 5 } as const;
const EFFORT = 1;

/** Minutes to spare against the number of griddles or of participants, each planned with little effort; pins are let go. */
export function* sweepOf(workshop: Workshop, shaping: Shaping, over: keyof typeof REACH): Sweep {
  const now = over === 'griddles' ? workshop.kitchen.griddles.length : workshop.roster.length;
  const most =
    over === 'griddles' ? now + REACH.griddles : Math.min(seatsIn(workshop.kitchen), now + REACH.participants);
  const points: SweepPoint[] = [];
  for (let count = Math.max(1, now - REACH[over]); count <= most; count++) {
    const sized: Result<Workshop> =
      over === 'griddles' ? setGriddleCount(workshop, count) : setParticipantCount(workshop, count);
    if (!sized.ok) continue;
    const { fits, spareSec } = verdictOf(planShaped(sized.value, { ...shaping, pins: [] }, { effort: EFFORT }));
    points.push({ count, fits, spareSec });
    if ((yield [...points]) === 'stop') break;
  }
  return points;
}
