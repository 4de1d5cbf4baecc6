import { criticalPairs, exchanged } from './critical.ts';
import type { Candidate, Choice, TwoWayDecoder, Search } from './two-way-decoder.ts';
import { neighbourOf, orderByStart } from './orders.ts';
import { seededRandom } from './random.ts';

const SEED = 20_270_307;
/** Up to which share of the work the tabu search goes; a walk has the rest. */
const DONE_SHARE = 0.8;
/** For at least so many steps, and up to the spread more, an exchange may not be taken back. */
const TABU_STEPS = 9;
const TABU_SPREAD = 5;
/** After so many steps without a better schedule the search goes on from the best, shaken by so many random moves. */
const MOST_IDLE_STEPS = 400;
const SHAKES = 4;

/**
 * Tabu search over exchanges on the critical chain (Nowicki and Smutnicki 1996): all exchanges of one chain are tried, and the best that
 * does not take back a recent one is made, better or not.
 */
export function* tabuWalk(
  decoder: TwoWayDecoder,
  start: Candidate,
  judge: (choice: Choice) => Candidate,
  round: number,
): Search<Candidate> {
  const random = seededRandom(SEED + round);
  const { forward: indexed, problem } = decoder;
  const tabuUntil = new Map<string, number>();
  let best = start;
  let here = start;
  let idle = 0;
  for (let step = 0; !decoder.isOver(DONE_SHARE); step++) {
    const order = orderByStart(problem, here.schedule);
    let next: Candidate | undefined;
    let backwards = '';
    for (const pair of criticalPairs(indexed, here.schedule, random)) {
      const moved = exchanged(indexed, order, pair);
      if (!moved) continue;
      const found = judge({ ...here, order: moved });
      const isTabu = (tabuUntil.get(`${pair.early} ${pair.late}`) ?? -1) > step;
      if ((isTabu && found.cost >= best.cost) || (next && found.cost >= next.cost)) continue;
      next = found;
      backwards = `${pair.late} ${pair.early}`;
    }
    here = next ?? judge({ ...here, order: neighbourOf(order, random) });
    tabuUntil.set(backwards, step + TABU_STEPS + Math.floor(random() * TABU_SPREAD));
    idle++;
    yield* decoder.step(best);
    if (here.cost < best.cost) {
      best = here;
      idle = 0;
    } else if (idle > MOST_IDLE_STEPS) {
      idle = 0;
      tabuUntil.clear();
      let shaken = orderByStart(problem, best.schedule);
      for (let i = 0; i < SHAKES; i++) shaken = neighbourOf(shaken, random);
      here = judge({ ...best, order: shaken });
    }
  }
  return best;
}
