import { ownerOf, type Plan, type PlanTask } from '../plan/index.ts';
import type { LiveState, TaskLive } from './fold.ts';

/** A task that ends before it begins lasts a second: somebody tapped "off" early. */
const LEAST_SEC = 1;

function told<T extends PlanTask>(t: T, said: TaskLive | undefined): T {
  if (!said) return t;
  const startSec = said.begunSec ?? t.startSec;
  const lastsSec = t.endSec - t.startSec + (said.longerSec ?? 0);
  return { ...t, startSec, endSec: Math.max(startSec + LEAST_SEC, said.doneSec ?? startSec + lastsSec) };
}

type Going = Pick<LiveState, 'plan' | 'tasks' | 'pauses'>;

/** While everything is held nobody works: what had not begun begins so much later, hands go on after it, and rests run on. */
function held<T extends PlanTask>(t: T, { fromSec, toSec }: LiveState['pauses'][number]): T {
  const lasted = toSec - fromSec;
  if (t.startSec >= fromSec) return { ...t, startSec: t.startSec + lasted, endSec: t.endSec + lasted };
  const isAtWork = t.kind !== 'rest' && t.kind !== 'preheat' && t.endSec > fromSec;
  return isAtWork ? { ...t, endSec: t.endSec + lasted } : t;
}

/**
 * The plan with what was said of its tasks (begun, done, lost and longer where people tapped it) and with the time in which everything was
 * held. What nobody spoke of goes as planned, and nothing else is moved: that is what planning again is for.
 */
export function asItGoes({ plan, tasks, pauses }: Going): Plan {
  return { ...plan, tasks: plan.tasks.map((t) => told(pauses.reduce(held, t), tasks[t.id])) };
}

/** Breads that were lost, by task. */
export const lostBreads = ({ plan, tasks }: Pick<LiveState, 'plan' | 'tasks'>): readonly PlanTask[] =>
  plan.tasks.filter((t) => tasks[t.id]?.isLost === true);

/** Pieces of which no bread comes any more: lost and not made again, or given up. */
export const piecesWithoutBread = (state: Pick<LiveState, 'plan' | 'tasks' | 'givenUp'>): ReadonlySet<string> =>
  new Set([...state.givenUp, ...lostBreads(state).flatMap((t) => t.piece ?? [])]);

/** When the last bread is done as it goes, and how long that is before table time (below zero: after); seconds of the class. */
export function liveVerdict(state: Going): {
  readonly doneSec: number;
  readonly inHandSec: number;
} {
  const breads = asItGoes(state).tasks.filter((t) => t.kind === 'step' && ownerOf(t) !== undefined);
  const doneSec = Math.max(0, ...breads.map((t) => t.endSec));
  return { doneSec, inHandSec: state.plan.tableSec - doneSec };
}
