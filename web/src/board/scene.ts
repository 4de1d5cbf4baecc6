import { pieceRuns, type FillingNow, type PieceRun, type Plan, type Workshop } from '@hodsman/core';
import { bandsOf, type Band } from './bands.ts';
import type { Block } from './block.ts';
import type { Distance } from './distance.ts';
import { lanesOf, type Lanes, type PlaceChoice } from './lanes.ts';
import type { LaneSpan } from './lane.ts';
import { blocksOf, togetherParts } from './places/place.ts';
import { strandsOf, type StrandLine } from './places/strands.ts';
import type { Route } from './wanted-lanes.ts';

/** A bread's thread from where it was shaped to its first fire. */
export interface Thread {
  readonly id: string;
  readonly from: Block;
  readonly to: Block;
}

/** What fills idle time, across the stations of those who take part. */
export interface Filled extends LaneSpan {
  readonly filling: FillingNow;
}

/** All that the board draws, laid across; how it lies down the board is the time scale's. */
export interface Scene {
  readonly plan: Plan;
  readonly workshop: Workshop;
  readonly distance: Distance;
  readonly lanes: Lanes;
  readonly blocks: readonly Block[];
  readonly mainOf: ReadonlyMap<string, Block>;
  readonly lines: readonly StrandLine[];
  readonly bands: readonly Band[];
  readonly threads: readonly Thread[];
  readonly filled: readonly Filled[];
  readonly runs: readonly PieceRun[];
  /** Tasks that break a rule, each once. */
  readonly troubled: readonly string[];
}

/** From how far a plan is looked at, and of one route which. */
export interface Sight {
  readonly distance: Distance;
  readonly route?: Route;
}

export function sceneOf(
  plan: Plan,
  workshop: Workshop,
  width: number,
  choice: PlaceChoice,
  sight: Sight,
  fillings: readonly FillingNow[] = [],
): Scene {
  const { distance, route } = sight;
  const lanes = lanesOf(plan, workshop, width, choice, distance, route);
  const strands = strandsOf(plan, workshop, lanes);
  const all = blocksOf(plan, workshop, lanes, strands);
  const blocks = route ? all.filter((b) => route.tasks.has(b.task.id)) : all;
  const pieces = new Set(blocks.flatMap((b) => b.task.piece ?? []));
  const mainOf = new Map(blocks.flatMap((b) => (b.isMain ? [[b.task.id, b] as const] : [])));
  return {
    plan,
    workshop,
    distance,
    lanes,
    blocks,
    mainOf,
    lines: strands.lines.filter((l) => !route || pieces.has(l.piece)),
    bands: bandsOf(plan, lanes),
    threads: threadsOf(blocks),
    filled: route
      ? []
      : fillings.flatMap((f) => togetherParts(lanes, f.people).map((p) => ({ ...p.span, filling: f }))),
    runs: pieceRuns(workshop, plan).filter((r) => !route || r.tasks.some((t) => route.tasks.has(t.id))),
    troubled: [...new Set(plan.broken.flatMap((b) => b.tasks))].filter((t) => mainOf.has(t)),
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
