import {
  activeSeconds,
  chainOf,
  isRest,
  windowAt,
  type ActiveStep,
  type RestStep,
  type Step,
} from '../../method/index.ts';
import { elapsedSec, secondsOfMinutes } from '../../units/index.ts';
import { batchesOf, linesOf, type Batch, type Line, type Piece, type Workshop } from '../../workshop/index.ts';
import type { Activity, Lag, Problem, Unit } from '../search/index.ts';
import { modesOf } from './modes.ts';
import { choosePlaces, type ChosenPlaces } from './places.ts';
import { roomOf, type RoomIndex } from './room.ts';

/** What an activity of the problem is in the class. */
export interface ActivitySource {
  readonly step: ActiveStep;
  readonly batch: Batch;
  /** Null for a step of the whole batch. */
  readonly piece: Piece | null;
}

export interface Network {
  readonly problem: Problem;
  readonly sources: readonly ActivitySource[];
  readonly lines: readonly Line[];
  readonly batches: readonly Batch[];
  readonly places: ChosenPlaces;
  readonly tableSec: number;
  /** The instructor who greets, and the breaks as they were set. */
  readonly room: RoomIndex;
}

/** A lag without limits, for a step that may wait as long as it likes. */
const ANY_WAIT = Infinity;

/**
 * Builds the problem of a workshop that was read without faults. Covers breads whose dough every station makes itself; side jobs,
 * demonstrations, doughs made by staff and griddles carried to a flame are not in it, and the checker lists what is missing.
 */
export function buildNetwork(workshop: Workshop): Network {
  const lines = linesOf(workshop);
  const batches = batchesOf(workshop, lines);
  const room = roomOf(workshop);
  const places = choosePlaces(workshop, batches);
  const draft = new Draft(workshop, room, places);
  for (const batch of batches) draft.addBatch(batch);
  const { activities, lags, units, sources, finals } = draft;
  const welcomeSec = secondsOfMinutes(workshop.welcomeMin);
  const problem: Problem = {
    activities,
    lags,
    units,
    finals,
    resources: room.resources,
    hotplates: room.hotplates,
    releaseSec: welcomeSec,
  };
  return { problem, sources, lines, batches, places, tableSec: elapsedSec(workshop, workshop.tableTime), room };
}

/** The problem while it is put together. */
class Draft {
  readonly activities: Activity[] = [];
  readonly lags: Lag[] = [];
  readonly units: Unit[] = [];
  readonly sources: ActivitySource[] = [];
  readonly finals: { activity: number; holdSec: number | null }[] = [];

  constructor(
    private readonly workshop: Workshop,
    private readonly room: RoomIndex,
    private readonly places: ChosenPlaces,
  ) {}

  addBatch(batch: Batch): void {
    const chain = chainOf(batch.line.bread.steps);
    const trunk = chain.filter((s) => s.per === 'batch');
    const branch = chain.filter((s) => s.per === 'piece');
    const last = this.addChain(batch, null, trunk);
    for (const piece of batch.pieces) {
      if (piece.owner === null) continue;
      const end = this.addChain(batch, piece, branch, last);
      if (end.activity === undefined) continue;
      const holdSec = batch.line.isServedTogether ? secondsOfMinutes(batch.line.bread.holdMaxMin) : null;
      this.finals.push({ activity: end.activity, holdSec });
    }
  }

  /** Adds the active steps of a chain with the lags between them; goes on from `after`. Gives its last activity and a rest left open. */
  private addChain(batch: Batch, piece: Piece | null, chain: readonly Step[], after: ChainEnd = {}): ChainEnd {
    const list: number[] = [];
    let { activity: previous, rest } = after;
    for (const step of chain) {
      if (isRest(step)) {
        rest = step;
        continue;
      }
      if (step.kind === 'prepare') continue;
      const index = this.addActivity(step, batch, piece);
      if (previous !== undefined) this.lags.push(this.lagBetween(previous, index, rest, step, batch));
      list.push(index);
      previous = index;
      rest = undefined;
    }
    if (list.length > 0)
      this.units.push({ activities: list, isOrdered: piece !== null, group: batch.id, number: piece?.number ?? 0 });
    return { ...(previous === undefined ? {} : { activity: previous }), ...(rest ? { rest } : {}) };
  }

  private addActivity(step: ActiveStep, batch: Batch, piece: Piece | null): number {
    const source = { step, batch, piece };
    const id = `${piece?.id ?? batch.id}:${step.id}`;
    this.activities.push({ id, modes: modesOf(this.workshop, this.room, source, activeSeconds) });
    this.sources.push(source);
    return this.activities.length - 1;
  }

  /** The window of the rest between two steps, or the longest wait of the second (rule R2). */
  private lagBetween(from: number, to: number, rest: RestStep | undefined, step: ActiveStep, batch: Batch): Lag {
    if (rest) {
      const { minSec, idealSec, maxSec } = windowAt(rest, this.places.tempC(batch.id, rest.id));
      return { from, to, minSec, idealSec, maxSec };
    }
    const maxSec = step.waitMaxMin === undefined ? ANY_WAIT : secondsOfMinutes(step.waitMaxMin);
    return { from, to, minSec: 0, idealSec: 0, maxSec };
  }
}

/** Where a chain stands: its last activity, and a rest that has begun after it. */
interface ChainEnd {
  readonly activity?: number;
  readonly rest?: RestStep;
}
