import type { Result } from '../../faults/index.ts';
import type { Plan } from '../../plan/index.ts';
import { setGriddleCount, setParticipantCount, seatsIn, type Shaping, type Workshop } from '../../workshop/index.ts';
import { verdictOf } from '../explain/index.ts';
import { planShaped } from '../shaped.ts';
import { EFFORT } from './effort.ts';

/** How a class of another size does. */
export interface SweepPoint {
  readonly count: number;
  readonly fits: boolean;
  readonly spareSec: number;
}

export type Sweep = Generator<readonly SweepPoint[], readonly SweepPoint[], 'stop' | undefined>;

/** So many more and fewer are looked at. */
const REACH = { griddles: 4, participants: 5 } as const;

/** Minutes to spare against the number of griddles or of participants, each planned with little effort; pins are let go. */
export function* sweepOf(workshop: Workshop, shaping: Shaping, over: keyof typeof REACH): Sweep {
  const now = over === 'griddles' ? workshop.kitchen.griddles.length : workshop.roster.length;
  const most =
    over === 'griddles' ? now + REACH.griddles : Math.min(seatsIn(workshop.kitchen), now + REACH.participants);
  const points: SweepPoint[] = [];
  const least = Math.max(1, now - REACH[over]);
  let before: Plan | undefined;
  for (let n = 0; n <= most - least; n++) {
    // from the harder class to the easier one, which can do all that the harder one does
    const count = over === 'griddles' ? least + n : most - n;
    const sized: Result<Workshop> =
      over === 'griddles' ? setGriddleCount(workshop, count) : setParticipantCount(workshop, count);
    if (!sized.ok) continue;
    const plan = planShaped(sized.value, { ...shaping, pins: [] }, { effort: EFFORT, tried: before ? [before] : [] });
    before = plan;
    const { fits, spareSec } = verdictOf(sized.value, plan);
    points.push({ count, fits, spareSec });
    points.sort((a, b) => a.count - b.count);
    if ((yield [...points]) === 'stop') break;
  }
  return points;
}
