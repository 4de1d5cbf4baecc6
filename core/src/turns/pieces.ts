import { assert } from '../faults/index.ts';
import { isRest } from '../method/index.ts';
import { pieceParts } from '../ids.ts';
import { isOnFire, type Plan, type PlanTask } from '../plan/index.ts';
import { secondsOfMinutes } from '../units/index.ts';
import { linesOf, type Line, type Workshop } from '../workshop/index.ts';

/** One bread on its way from the dough to the table. Times in seconds since doors open. */
export interface PieceRun {
  readonly piece: string;
  readonly bread: string;
  readonly owner: string;
  readonly number: number;
  /** Its own tasks, in order of time. */
  readonly tasks: readonly PlanTask[];
  /** Those on a fire, in order. */
  readonly turns: readonly PlanTask[];
  /** How long it lies between being shaped and its first fire, with no rest asked for in between; null where one is, or no fire. */
  readonly waitSec: number | null;
  /** How long it may lie so at the most; null for as long as it likes. */
  readonly waitMaxSec: number | null;
  readonly doneSec: number;
  /** How long it has been done at table time; negative: it comes late. */
  readonly ageSec: number;
  /** How long it stays good, where it is served with all the others; else null. */
  readonly holdSec: number | null;
}

/** Every bread of a plan with its way, in the order in which they are done. Spares, which nobody shapes, have none. */
export function pieceRuns(workshop: Workshop, plan: Plan): readonly PieceRun[] {
  const lines = new Map(linesOf(workshop).map((l) => [l.bread.id, l]));
  const byPiece = new Map<string, PlanTask[]>();
  for (const t of plan.tasks) {
    if (t.piece === undefined) continue;
    const list = byPiece.get(t.piece);
    if (list) list.push(t);
    else byPiece.set(t.piece, [t]);
  }
  const runs = [...byPiece].map(([piece, tasks]): PieceRun => {
    const { bread, owner, number } = pieceParts(piece);
    assert(owner !== null, 'a spare has no tasks');
    const line = lines.get(bread);
    const doneSec = Math.max(...tasks.map((t) => t.endSec));
    return {
      piece,
      bread,
      owner,
      number,
      tasks,
      turns: tasks.filter(isOnFire),
      waitSec: waitOf(tasks),
      waitMaxSec: waitMaxOf(line, tasks.find(isOnFire)),
      doneSec,
      ageSec: plan.tableSec - doneSec,
      holdSec: line?.isServedTogether === true ? secondsOfMinutes(line.bread.holdMaxMin) : null,
    };
  });
  return runs.sort((a, b) => a.doneSec - b.doneSec || (a.piece < b.piece ? -1 : 1));
}

function waitOf(tasks: readonly PlanTask[]): number | null {
  const on = tasks.findIndex(isOnFire);
  const [first, before] = [tasks[on], tasks[on - 1]];
  return first && before && before.kind !== 'rest' ? first.startSec - before.endSec : null;
}

function waitMaxOf(line: Line | undefined, first: PlanTask | undefined): number | null {
  const step = line?.chain.find((s) => s.id === first?.step);
  return step && !isRest(step) && step.waitMaxMin !== undefined ? secondsOfMinutes(step.waitMaxMin) : null;
}
