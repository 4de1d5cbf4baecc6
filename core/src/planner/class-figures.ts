import { pieceParts } from '../ids.ts';
import { isTaskOf, piecesDone, type Plan } from '../plan/index.ts';
import { secondsOfMinutes } from '../units/index.ts';
import { linesOf, type Workshop } from '../workshop/index.ts';
import { bufferSecOf } from './measures.ts';
import { costSec, feltStretchSec, LEAST_GAP_SEC, shared, type Felt } from './search/index.ts';

/** What a plan is like for the people in it, and what it costs for goal `steady` (formats note, section 4). All in seconds. */
export interface ClassFigures extends Felt {
  readonly costSec: number;
  /** On average over the participants: until their first task after the welcome, and all stretches without one. */
  readonly firstTaskSec: number;
  readonly idleMeanSec: number;
  readonly longestIdleSec: number;
  readonly finishSec: number;
}

interface Stretch {
  readonly fromSec: number;
  readonly toSec: number;
}

/**
 * The stretches of three minutes and more in which a participant has no task, from the end of the welcome to their own last task. Their
 * bread on a fire counts as a task, whoever cooks it, and so does a break between their tasks; who has no task has none.
 */
export function idleStretches(workshop: Workshop, plan: Pick<Plan, 'tasks'>, person: string): readonly Stretch[] {
  const welcomeSec = secondsOfMinutes(workshop.welcomeMin);
  const own = plan.tasks.filter((t) => (isTaskOf(t, person) || t.kind === 'break') && t.endSec > welcomeSec);
  const lastSec = Math.max(0, ...own.filter((t) => t.kind !== 'break').map((t) => t.endSec));
  const stretches: Stretch[] = [];
  let at = welcomeSec;
  for (const t of own.filter((x) => x.startSec < lastSec).sort((a, b) => a.startSec - b.startSec)) {
    if (t.startSec - at >= LEAST_GAP_SEC) stretches.push({ fromSec: at, toSec: t.startSec });
    at = Math.max(at, t.endSec);
  }
  return stretches;
}

/** The figures of a plan of this workshop, of whatever origin. */
export function classFigures(workshop: Workshop, plan: Pick<Plan, 'tasks' | 'tableSec'>): ClassFigures {
  const welcomeSec = secondsOfMinutes(workshop.welcomeMin);
  const idleMaxSec = secondsOfMinutes(workshop.idleMaxMin);
  const wantedSec = plan.tableSec - bufferSecOf(workshop);
  const idle = workshop.roster.map((p) => idleStretches(workshop, plan, p.id).map((s) => s.toSec - s.fromSec));
  const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);
  const mean = (list: readonly number[]): number => (list.length === 0 ? 0 : sum(list) / list.length);
  const firstTasks = workshop.roster.flatMap((p) => {
    const starts = plan.tasks.filter((t) => isTaskOf(t, p.id) && t.endSec > welcomeSec).map((t) => t.startSec);
    return starts.length === 0 ? [] : [Math.max(0, Math.min(...starts) - welcomeSec)];
  });
  const doneSec = piecesDone(plan.tasks);
  const isTogether = new Map(linesOf(workshop).map((l) => [l.bread.id, l.isServedTogether]));
  const ages = [...doneSec].flatMap(([piece, sec]) =>
    isTogether.get(pieceParts(piece).bread) === true ? [Math.max(0, wantedSec - sec)] : [],
  );
  const firsts = new Map<string, number>();
  for (const [piece, sec] of doneSec) {
    const { owner } = pieceParts(piece);
    if (owner === null) continue;
    firsts.set(owner, Math.min(sec, firsts.get(owner) ?? Infinity));
  }
  const strays = plan.tasks.flatMap((t) =>
    t.kind === 'rest' && t.window.maxSec > t.window.minSec ? [Math.abs(t.endSec - t.startSec - t.window.idealSec)] : [],
  );
  const finishSec = Math.max(0, ...doneSec.values());
  const felt = {
    idleSec: shared(idle.map((list) => sum(list.map((sec) => feltStretchSec(sec, idleMaxSec))))),
    ageSec: shared(ages),
    straySec: shared(strays),
    lateSec: Math.max(0, finishSec - wantedSec),
    firstsSec: firsts.size === 0 ? 0 : Math.max(...firsts.values()) - Math.min(...firsts.values()),
  };
  return {
    ...felt,
    costSec: costSec(felt),
    firstTaskSec: mean(firstTasks),
    idleMeanSec: mean(idle.map(sum)),
    longestIdleSec: Math.max(0, ...idle.flat()),
    finishSec,
  };
}
