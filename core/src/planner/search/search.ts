import type { Decoded } from './decode.ts';
import { Decoder, type Budget, type Candidate, type Choice, type Found, type Search } from './decoder.ts';
import { criticalPairs, exchanged } from './critical.ts';
import type { Indexed } from './indexed.ts';
import { activitiesInBreach, breachSec, finishOf, movedSec, stalenessSec, tableBreachSec } from './judge.ts';
import { movedUnit, neighbourOf, orderBefore, orderByEnd, orderByStart, startingOrders } from './orders.ts';
import { NOTHING_GIVEN, type Given, type Problem, type Schedule } from './problem.ts';
import { seededRandom, type Random } from './random.ts';
import { tabuWalk } from './tabu.ts';

/** A second of a broken rule outweighs any freshness or length. */
const BREACH_WEIGHT = 1000;
const SEED = 20_270_306;
/** A second by which the activities move on average counts so much of what a second of staleness does: it decides between equals. */
const NEAR_WEIGHT = 0.05;
/** How near to the ideal the rests are asked to be, tried in turn. */
const EASES = [1, 0.5, 0] as const;
/** Where in its time a pause lies, tried in turn. */
const PAUSE_SHARES = [0, 0.5, 1] as const;
/** Share of the work that may go into the starting orders. */
const START_SHARE = 0.5;
/** Up to which share of the work a search for the shortest class mends what is broken before it shortens. */
const MEND_SHARE = 0.6;
/** How much worse, as a share of the cost, a step of the walk may be at its beginning. */
const WARMTH = 0.006;

const pausesAt = (problem: Problem, share: number): readonly number[] =>
  problem.pauses.map((p) => Math.round(p.fromSec + share * Math.max(0, p.toSec - p.durationSec - p.fromSec)));

const better = <T extends Found>(a: T, b: T): T => (b.cost < a.cost ? b : a);

/**
 * The earliest finish found (goal `short`): orders are decoded forwards, then backwards from the finish that gives and forwards again
 * (forward-backward improvement, Li and Willis 1992), and a seeded walk over neighbours goes on from the best.
 */
export function* searchShort(problem: Problem, budget: Budget, given: Given = NOTHING_GIVEN): Search {
  const decoder = new Decoder(problem, budget, given);
  const judged = (choice: Choice, { schedule, forced }: Pick<Decoded, 'schedule' | 'forced'>): Candidate => {
    const finishSec = finishOf(problem, schedule);
    const breach = breachSec(problem, schedule, forced);
    return { ...choice, schedule, forced, finishSec, breachSec: breach, cost: finishSec + BREACH_WEIGHT * breach };
  };
  const justified = (found: Candidate): Candidate => {
    let best = found;
    for (;;) {
      const late = { ...best, order: orderByEnd(problem, best.schedule) };
      const back = judged(late, decoder.backwards(late, best.finishSec));
      const early = { ...best, order: orderByStart(problem, back.schedule) };
      const next = better(back, judged(early, decoder.forwards(early)));
      if (next.cost >= best.cost) return best;
      best = next;
    }
  };
  const start = (choice: Choice): Candidate => {
    const early: Choice = { ...choice, ease: 0, direction: 'forwards' };
    return judged(early, decoder.forwards(early));
  };
  const starts = yield* best3(decoder, start);
  // without work to spend, what is right is good enough
  const isEnough = decoder.isOver(1) && starts[0].breachSec === 0;
  let best = isEnough ? starts[0] : starts.map(justified).reduce(better);
  // what breaks something is mended first, by moving that; only then is there a critical chain to shorten
  if (best.breachSec > 0) best = yield* walk(decoder, best, orderByStart, start, MEND_SHARE);
  best = yield* tabuWalk(decoder, best, start);
  return yield* walk(decoder, best, orderByStart, (choice) => {
    const found = start(choice);
    return found.cost < best.cost * (1 + WARMTH) ? justified(found) : found;
  });
}

/**
 * The freshest schedule found that ends at the deadline (goal `fresh`): orders are decoded backwards from it. Starts from the order of
 * a given schedule too, which shows what is possible at all. `idleWeight`: what a second of idle time counts against one of staleness.
 */
export function* searchFresh(
  problem: Problem,
  deadlineSec: number,
  budget: Budget,
  shortest: Found,
  given: Given = NOTHING_GIVEN,
  idleWeight?: number,
): Search {
  const decoder = new Decoder(problem, budget, given);
  const judged = (choice: Choice, { schedule, forced }: Pick<Decoded, 'schedule' | 'forced'>): Candidate => {
    const breach = breachSec(problem, schedule, forced) + tableBreachSec(problem, schedule, deadlineSec);
    const soft = stalenessSec(problem, schedule, deadlineSec, idleWeight) + NEAR_WEIGHT * movedSec(schedule, given);
    const finishSec = finishOf(problem, schedule);
    return { ...choice, schedule, forced, finishSec, breachSec: breach, cost: soft + BREACH_WEIGHT * breach };
  };
  const judge = (choice: Choice): Candidate => judged(choice, decoder.decode(choice, deadlineSec));
  const eased = (choice: Choice): Candidate => {
    let best = judge(choice);
    for (const ease of EASES.slice(1)) if (best.breachSec > 0) best = better(best, judge({ ...choice, ease }));
    return best;
  };
  const known: Choice = {
    order: orderByEnd(problem, shortest.schedule),
    pauseSecs: shortest.schedule.pauseSecs,
    ease: 0,
    direction: 'backwards',
  };
  const asItIs = judged({ ...known, direction: 'forwards' }, shortest);
  const asBefore = given.near
    ? [judge({ ...known, order: orderBefore(problem, given.near.startSecs), direction: 'forwards' })]
    : [];
  const starts = [
    ...asBefore,
    ...EASES.map((ease) => judge({ ...known, ease })),
    ...(yield* best3(decoder, eased)),
    asItIs,
  ];
  return yield* walk(decoder, starts.reduce(better), orderByEnd, judge);
}

/** The three best of the starting orders, as far as their share of the work goes, the first tried among them. */
function* best3(decoder: Decoder, judge: (choice: Choice) => Candidate): Search<readonly [Candidate, ...Candidate[]]> {
  const { problem } = decoder;
  const shares = problem.pauses.length === 0 ? [0] : PAUSE_SHARES;
  const plain = { ease: EASES[0], direction: 'backwards' } as const;
  let first: Candidate | undefined;
  const found: Candidate[] = [];
  for (const [n, share] of shares.entries())
    for (const order of startingOrders(decoder.forward)) {
      if (first && decoder.isOver((START_SHARE * (n + 1)) / shares.length)) break;
      const next = judge({ ...plain, order, pauseSecs: pausesAt(problem, share) });
      if (first) found.push(next);
      first ??= next;
      yield* decoder.step(first);
    }
  first ??= judge({ ...plain, order: [], pauseSecs: pausesAt(problem, 0) });
  return [first, ...found.sort((a, b) => a.cost - b.cost).slice(0, 2)];
}

/**
 * A walk over neighbours that may take small steps back at first (threshold accepting, Dueck and Scheuer 1990); keeps the best. With
 * `mendShare` it ends there, or as soon as nothing is broken.
 */
function* walk(
  decoder: Decoder,
  start: Candidate,
  orderOf: (problem: Problem, schedule: Schedule) => readonly number[],
  judge: (choice: Choice) => Candidate,
  mendShare?: number,
): Search<Candidate> {
  const random = seededRandom(SEED);
  let best = start;
  let here = start;
  if (start.order.length < 2) return best;
  for (let coolness = 0; !decoder.isOver(mendShare ?? 1); coolness = decoder.doneShare) {
    if (mendShare !== undefined && best.breachSec === 0) return best;
    const order = orderOf(decoder.problem, here.schedule);
    const found = judge(stepFrom(decoder.forward, { ...here, order }, random));
    if (found.cost <= here.cost + Math.max(0, WARMTH * (1 - coolness) * best.finishSec)) here = found;
    if (found.cost < best.cost) best = found;
    yield* decoder.step(best);
  }
  return best;
}

/** A neighbouring choice: mostly another order, at times another ease, direction or moment for a pause. */
function stepFrom(indexed: Indexed, here: Candidate, random: Random): Choice {
  const { problem } = indexed;
  const { order, ease, pauseSecs, schedule } = here;
  const same = { order, ease, pauseSecs, direction: here.direction };
  // what breaks something is moved first
  const broken = here.breachSec > 0 && random() < 0.5 ? activitiesInBreach(problem, schedule) : [];
  const unit = indexed.unitOf[broken[Math.floor(random() * broken.length)] ?? -1];
  if (unit !== undefined) return { ...same, order: movedUnit(order, unit, random) };
  const choice = random();
  if (choice < 0.06) return { ...same, ease: Math.round(random() * 20) / 20 };
  if (choice < 0.08) return { ...same, direction: here.direction === 'forwards' ? 'backwards' : 'forwards' };
  if (choice < 0.16 && problem.pauses.length > 0) {
    const which = Math.floor(random() * problem.pauses.length);
    const moved = pausesAt(problem, random());
    return { ...same, pauseSecs: pauseSecs.map((sec, i) => (i === which ? (moved[i] ?? sec) : sec)) };
  }
  if (choice < 0.55) {
    const pairs = criticalPairs(indexed, schedule, random);
    const pair = pairs[Math.floor(random() * pairs.length)];
    const next = pair && exchanged(indexed, order, pair);
    if (next) return { ...same, order: next };
  }
  return { ...same, order: neighbourOf(order, random) };
}
