import { brokenWords, pieceRuns, type BrokenRule, type PieceRun, type Plan, type Workshop } from '@hodsman/core';
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

/** What breaks one rule in one way is put in words once, at the first task of the worst of it; the others are marked. */
function marksOf(plan: Plan, mainOf: ReadonlyMap<string, Block>): readonly Mark[] {
  const kinds = new Map<string, BrokenRule[]>();
  for (const b of plan.broken) kinds.set(`${b.rule} ${b.code}`, [...(kinds.get(`${b.rule} ${b.code}`) ?? []), b]);
  return [...kinds.values()].flatMap((broken) => {
    const bySize = [...broken].sort((a, b) => (b.bySec ?? 0) - (a.bySec ?? 0));
    const there = [...new Set(bySize.flatMap((b) => b.tasks.filter((t) => mainOf.has(t))))];
    const words = brokenWords({ broken })[0]?.words;
    return there.map((task, i) => ({ task, words: i === 0 ? words : undefined }));
  });
}
