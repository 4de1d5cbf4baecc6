import { secondsOfMinutes } from '../../units/index.ts';
import { linesOf, type Batch, type Line, type Workshop } from '../../workshop/index.ts';
import type { Problem } from '../search/index.ts';
import { addColdLimits } from './cold.ts';
import { addDemos } from './demos.ts';
import {
  batchUnit,
  doughsOf,
  motherUnit,
  pieceUnits,
  practiceUnit,
  type Doughs,
  type DoughUnit,
} from './dough-units.ts';
import { NetworkBuilder, type ActivitySource, type ChainEnd, type RestSource } from './network-builder.ts';
import { addSideJobs } from './side-jobs.ts';
import type { Strand } from './strand.ts';
import { roomOf, type Room } from './room.ts';

/** A class as a scheduling problem, and what its activities stand for. */
export interface Network {
  readonly problem: Problem;
  /** By number of the activity. */
  readonly sources: readonly ActivitySource[];
  readonly rests: readonly RestSource[];
  readonly lines: readonly Line[];
  readonly doughs: Doughs;
  readonly room: Room;
  readonly tableSec: number;
}

/** Builds the problem of a workshop that was read without faults: all steps, modes, rests, side jobs and demonstrations. */
export function buildNetwork(workshop: Workshop): Network {
  const lines = linesOf(workshop);
  const doughs = doughsOf(workshop, lines);
  const room = roomOf(workshop);
  const builder = new NetworkBuilder(workshop, room);
  const motherOf = new Map<string, { readonly unit: DoughUnit; readonly end: ChainEnd }>();
  for (const mother of doughs.mothers) {
    const unit = motherUnit(mother);
    const end = builder.addChain(unit);
    for (const share of mother.shares) motherOf.set(share.id, { unit, end });
  }
  const strands = doughs.batches.map((batch) => addStrand(builder, batch, motherOf.get(batch.id)));
  const practices = doughs.practices.map(practiceUnit);
  for (const unit of practices) builder.addChain(unit, undefined, true);
  addSideJobs(builder, strands);
  addDemos(builder, strands, practices);
  addColdLimits(builder, strands);
  return {
    problem: builder.build(),
    sources: builder.sources,
    rests: builder.rests,
    lines,
    doughs,
    room,
    tableSec: room.tableSec,
  };
}

function addStrand(
  builder: NetworkBuilder,
  batch: Batch,
  mother: { readonly unit: DoughUnit; readonly end: ChainEnd } | undefined,
): Strand {
  const own = batchUnit(batch);
  const end = builder.addChain(own, mother?.end);
  const pieces = pieceUnits(batch);
  const { line } = batch;
  const holdSec = line.isServedTogether ? secondsOfMinutes(line.bread.holdMaxMin) : null;
  for (const piece of pieces) {
    const { activity } = builder.addChain(piece, end, true);
    if (activity !== null && activity !== end.activity) {
      const owner = builder.room.resourceOf('participant', piece.piece?.owner ?? '');
      builder.finals.push({ activity, holdSec, owner });
    }
  }
  return { batch, mother: mother?.unit ?? null, own, pieces };
}
