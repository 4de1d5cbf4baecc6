import type { BatchId, PieceId } from '../../ids.ts';
import { avoidableWords, isCarried, type Ingredient } from '../../formula/index.ts';
import { isRest, type ActiveStep, type PrepareStep, type Step } from '../../method/index.ts';
import {
  batchesOf,
  isMixedHere,
  mothersOf,
  practiceIndex,
  practicesOf,
  throughIndex,
  type Batch,
  type Line,
  type MotherBatch,
  type Piece,
  type PracticeBatch,
  type Station,
  type Workshop,
} from '../../workshop/index.ts';

/** What goes through steps as one: a station's batch, a share, a mother batch, a practice batch, or a piece. */
export interface DoughUnit {
  readonly id: BatchId | PieceId;
  readonly kind: 'station' | 'share' | 'mother' | 'practice' | 'piece';
  readonly line: Line;
  /** Null for a mother batch. */
  readonly station: Station | null;
  readonly team: readonly string[];
  /** Pieces that its dough is for: 1 for a piece. */
  readonly pieces: number;
  readonly doughG: number;
  /** As what it counts in a resting place, and how much there. */
  readonly storeOwner: string;
  readonly storeAmount: number;
  readonly piece: Piece | null;
  readonly batch: Batch | null;
  /** The steps of its chain, without side jobs. */
  readonly chain: readonly Exclude<Step, PrepareStep>[];
  readonly prepares: readonly PrepareStep[];
}

/** All dough of a class: the batches and shares of stations, the mother batches, the practice batches. */
export interface Doughs {
  readonly batches: readonly Batch[];
  readonly mothers: readonly MotherBatch[];
  readonly practices: readonly PracticeBatch[];
}

export function doughsOf(workshop: Workshop, lines: readonly Line[]): Doughs {
  const batches = batchesOf(workshop, lines);
  return { batches, mothers: mothersOf(workshop, batches), practices: practicesOf(batches) };
}

/** All batches as units: mothers, stations' own and shares, practice. */
export function unitsIn({ mothers, batches, practices }: Doughs): readonly DoughUnit[] {
  return [...mothers.map(motherUnit), ...batches.map(batchUnit), ...practices.map(practiceUnit)];
}

export function motherUnit(mother: MotherBatch): DoughUnit {
  const { line, shares, scaled } = mother;
  const through = throughIndex(line);
  return {
    id: mother.id,
    kind: 'mother',
    line,
    station: null,
    team: [],
    pieces: shares.reduce((sum, s) => sum + s.pieces.length, 0),
    doughG: scaled.doughG,
    storeOwner: mother.id,
    storeAmount: shares.length,
    piece: null,
    batch: null,
    chain: line.chain.filter((s, i) => s.per === 'batch' && i <= through),
    prepares: sideJobs(line, 'batch', (i) => i <= through),
  };
}

export function batchUnit(batch: Batch): DoughUnit {
  const { line } = batch;
  const through = throughIndex(line);
  return {
    ...ofBatch(batch),
    id: batch.id,
    kind: through < 0 ? 'station' : 'share',
    pieces: batch.pieces.length,
    storeOwner: batch.id,
    piece: null,
    chain: line.chain.filter((s, i) => s.per === 'batch' && i > through),
    prepares: sideJobs(line, 'batch', (i) => i > through),
  };
}

export function practiceUnit({ id, share }: PracticeBatch): DoughUnit {
  const last = practiceIndex(share.line);
  return {
    ...ofBatch(share),
    id,
    kind: 'practice',
    pieces: share.pieces.length,
    storeOwner: id,
    piece: null,
    chain: share.line.chain.filter((s, i) => s.per === 'batch' && i <= last),
    prepares: [],
  };
}

/** The units of a batch's pieces that somebody owns; they differ in nothing but the piece. */
export function pieceUnits(batch: Batch): readonly DoughUnit[] {
  const shared = {
    ...ofBatch(batch),
    kind: 'piece' as const,
    pieces: 1,
    storeOwner: batch.id,
    chain: batch.line.chain.filter((s) => s.per === 'piece'),
    prepares: sideJobs(batch.line, 'piece', () => true),
  };
  return batch.pieces.filter((p) => p.owner !== null).map((piece) => ({ ...shared, id: piece.id, piece }));
}

const ofBatch = (batch: Batch) =>
  ({
    line: batch.line,
    station: batch.station,
    team: batch.team,
    doughG: batch.scaled.doughG,
    storeAmount: 1,
    batch,
  }) as const;

/** The side jobs of a line that go with a unit: by `per`, and by where the step that they are for is in the chain. */
function sideJobs(line: Line, per: Step['per'], isIts: (index: number) => boolean): readonly PrepareStep[] {
  return line.prepares.filter((p) => {
    const served = line.chain.findIndex((s) => s.id === p.before);
    return p.per === per && served >= 0 && isIts(served);
  });
}

/**
 * Who of a team may do a step (rule R13): for a side job those who avoid nothing that it takes, as far as a piece of its batch (or the
 * one piece) carries that; for any other step all of them.
 */
export function crewOf(workshop: Workshop, unit: DoughUnit, step: ActiveStep): readonly string[] {
  if (step.kind !== 'prepare') return unit.team;
  const { ingredients } = unit.line.bread;
  const avoided = new Map(workshop.roster.map((p) => [p.id, new Set(p.avoid.map((a) => a.what))]));
  const owners = unit.piece ? [unit.piece.owner] : (unit.batch?.pieces ?? []).map((p) => p.owner);
  const isOnSome = (i: Ingredient): boolean =>
    owners.some((o) => isCarried(i, ingredients, o === null ? null : (avoided.get(o) ?? new Set())));
  const words = ingredients.filter((i) => i.step === step.id && isOnSome(i)).flatMap(avoidableWords);
  return unit.team.filter((p) => !words.some((w) => avoided.get(p)?.has(w) === true));
}

/** Whether staff do a step: a staff step, any step of a mother batch, or a side job for which nobody of the team is left. */
export function isStaffs(workshop: Workshop, unit: DoughUnit, step: ActiveStep): boolean {
  return unit.kind === 'mother' || step.by === 'staff' || crewOf(workshop, unit, step).length === 0;
}

/** Whether a unit's step is done at the mixer; practice is by hand. */
export function isAtMixer(unit: DoughUnit, step: Step): boolean {
  return !isRest(step) && unit.kind !== 'practice' && isMixedHere(unit.line, step);
}
