import type { Happened, Moment } from '../planner/index.ts';
import { isOnFire, ownerOf, type Plan, type PlanTask } from '../plan/index.ts';
import { asItGoes, piecesWithoutBread } from './as-it-goes.ts';
import { NEW_PERSON, type LiveState } from './fold.ts';

/** Whoever is to begin within this was called, or is about to be. */
const CALLED_SEC = 60;
/** Somebody who should be there and is not is waited for at least so long. */
const LEAST_WAIT_SEC = 120;

/** What happened in a class that neither its file nor its plan knows, at a moment of it. */
function happenedIn(state: LiveState, nowSec: number): Happened {
  const { griddles, people, plan, workshop } = state;
  const away = workshop.roster.flatMap(({ id }): readonly (readonly [string, number])[] => {
    const { isGone, isHere, lateMin, expectedSec } = people[id] ?? NEW_PERSON;
    if (isGone) return [[id, Infinity]];
    return lateMin > 0 && !isHere ? [[id, Math.max(expectedSec, nowSec + LEAST_WAIT_SEC)]] : [];
  });
  return {
    down: new Set(Object.keys(griddles).filter((id) => griddles[id]?.isDown)),
    paces: new Map(Object.entries(griddles).flatMap(([id, { pace }]) => (pace === 1 ? [] : [[id, pace] as const]))),
    away: new Map(away),
    givenUp: piecesWithoutBread(state),
    byStaff: new Set(state.byStaff.filter((p) => plan.batches.some((b) => b.pieces.includes(p)))),
  };
}

/**
 * Where a class stands at a moment, in seconds since doors open: what has begun, with its true times, who has been called, and what
 * happened. From there the rest is planned anew. What is made again has not begun.
 */
export function momentOf(state: LiveState, sec: number): Moment {
  const nowSec = Math.ceil(sec);
  const happened = happenedIn(state, nowSec);
  const { tasks } = asItGoes(state);
  const isMadeAgain = (t: PlanTask): boolean => t.startSec < (state.again[t.piece ?? t.batch ?? ''] ?? -Infinity);
  const begun = tasks.filter((t) => t.startSec < nowSec && !isMadeAgain(t));
  return { nowSec, begun, called: calledAt(state, tasks, happened, nowSec), happened };
}

/** Whoever has been called is not called back: turns that begin within the next minute, where nothing that happened touches them. */
function calledAt(
  { plan, griddles, again }: LiveState,
  tasks: Plan['tasks'],
  happened: Happened,
  nowSec: number,
): readonly PlanTask[] {
  const planned = new Map(plan.tasks.map((t) => [t.id, t]));
  const goesAsPlanned = ({ id, startSec, endSec }: PlanTask): boolean => {
    const p = planned.get(id);
    return p?.startSec === startSec && p.endSec === endSec;
  };
  const isTouched = (t: PlanTask): boolean => {
    const [piece, griddle] = [t.piece ?? '', t.at?.kind === 'griddle' ? (t.at.id ?? '') : ''];
    return (
      happened.givenUp.has(piece) ||
      happened.byStaff.has(piece) ||
      again[piece] !== undefined ||
      griddles[griddle]?.isDown === true ||
      happened.paces.has(griddle) ||
      t.people.some((p) => happened.away.has(p))
    );
  };
  const soon = tasks.filter(
    (t) =>
      t.kind === 'step' &&
      ownerOf(t) !== undefined &&
      t.startSec >= nowSec &&
      t.startSec < nowSec + CALLED_SEC &&
      !isTouched(t),
  );
  /** Whether a task is of the dough that a piece is made of. */
  const isOfDough = (u: PlanTask, piece: string): boolean =>
    u.piece === undefined && plan.batches.some((b) => b.id === u.batch && b.pieces.includes(piece));
  /** What has to be over, or out of the way, for a turn to begin when it should. */
  const before = (t: PlanTask): readonly PlanTask[] =>
    tasks.filter(
      (u) =>
        u.id !== t.id &&
        u.startSec <= t.startSec &&
        (u.piece === t.piece ||
          isOfDough(u, t.piece ?? '') ||
          u.people.some((p) => t.people.includes(p)) ||
          (isOnFire(u) && isOnFire(t) && u.at?.id === t.at?.id && u.at?.spot === t.at?.spot)),
    );
  const isReady = (t: PlanTask, list: readonly PlanTask[]): boolean =>
    before(t).every((u) => goesAsPlanned(u) && (u.startSec < nowSec || list.includes(u)));
  // a turn whose own forerunner is not sure is not sure either
  let sure = soon;
  for (;;) {
    const kept = sure.filter((t) => isReady(t, sure));
    if (kept.length === sure.length) return kept;
    sure = kept;
  }
}
