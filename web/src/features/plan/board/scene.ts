import { brokenWords, pieceRuns, type PieceRun, type Plan, type Workshop } from '@hodsman/core';
import { blocksOf, type Block } from './blocks.ts';
import { lanesOf, type Lanes, type PlaceChoice } from './lanes.ts';

/** A broken rule in its place: the words stand at one task, the others are marked. */
export interface Mark {
  readonly task: string;
  readonly words: string | undefined;
}

/** A bread's thread from where it was shaped to its first fire. */
export interface Thread {
  readonly id: string;
  readonly from: Block;
  readonly to: Block;
}

/** All that the board draws, laid across; how it lies down the board is the time scale's. */
export interface Scene {
  readonly plan: Plan;
  readonly workshop: Workshop;
  readonly lanes: Lanes;
  readonly blocks: readonly Block[];
  readonly mainOf: ReadonlyMap<string, Block>;
  readonly threads: readonly Thread[];
  readonly runs: readonly PieceRun[];
  readonly marks: readonly Mark[];
}

export function sceneOf(plan: Plan, workshop: Workshop, width: number, choice: PlaceChoice): Scene {
  const lanes = lanesOf(plan, workshop, width, choice);
  const blocks = blocksOf(plan, workshop, lanes);
  const mainOf = new Map(blocks.flatMap((b) => (b.isMain ? [[b.task.id, b] as const] : [])));
  return {
    plan,
    workshop,
    lanes,
    blocks,
    mainOf,
    threads: threadsOf(blocks),
    runs: pieceRuns(workshop, plan),
    marks: marksOf(plan, mainOf),
  };
}

function threadsOf(blocks: readonly Block[]): readonly Thread[] {
  const shaped = new Map<string, Block>();
  const threads: Thread[] = [];
  for (const b of blocks) {
    const { piece } = b.task;
    if (piece === undefined || !b.isMain) continue;
    const from = shaped.get(piece);
    if (b.kind === 'cook' && from) {
      threads.push({ id: b.task.id, from, to: b });
      shaped.delete(piece);
    }
    if (b.kind === 'hands' || b.kind === 'rest') shaped.set(piece, b);
  }
  return threads;
}

/** Of breaks of one kind the worst is told in words, at the first task of it that is on the board. */
function marksOf(plan: Plan, mainOf: ReadonlyMap<string, Block>): readonly Mark[] {
  const worst = new Map<string, Plan['broken'][number]>();
  for (const b of plan.broken) {
    const key = `${b.rule} ${b.code}`;
    if ((b.bySec ?? 0) > (worst.get(key)?.bySec ?? -1)) worst.set(key, b);
  }
  const told = new Set(worst.values());
  return plan.broken.flatMap((b) => {
    const there = b.tasks.filter((t) => mainOf.has(t));
    const [words] = told.has(b) ? brokenWords({ broken: [b] }) : [];
    return there.map((task, i) => ({ task, words: i === 0 ? words?.words : undefined }));
  });
}
