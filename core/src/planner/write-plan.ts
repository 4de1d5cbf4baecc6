import { isRest, turnMoments, windowAt, chainOf, type RestStep } from '../method/index.ts';
import type { Goal, Plan, PlanBatch, PlanTask } from '../plan/index.ts';
import { secondsOfMinutes } from '../units/index.ts';
import type { Batch, Piece, Workshop } from '../workshop/index.ts';
import type { Network } from './network/index.ts';
import type { Placement, Schedule } from './search/index.ts';

type Written = Omit<Plan, 'broken' | 'warnings' | 'measures'>;

/** A schedule as the tasks and batches of a plan file: active steps as placed, rests between them, welcome, breaks, preheats. */
export function writePlan(workshop: Workshop, network: Network, schedule: Schedule, goal: Goal): Written {
  const writer = new TaskWriter(workshop, network, schedule);
  return {
    format: 'hodsman-plan',
    version: 1,
    title: workshop.title,
    doorsOpen: `${workshop.date}T${workshop.doorsOpen}`,
    timeZone: workshop.timeZone,
    tableSec: network.tableSec,
    goal,
    batches: network.batches.map(writeBatch),
    tasks: writer.all(),
  };
}

const MILLIGRAM_DIGITS = 3;
/** Milligrams: finer than any scale, and without a tail of binary digits in the file. */
const tidy = (g: number): number => Number(g.toFixed(MILLIGRAM_DIGITS));

function writeBatch(batch: Batch): PlanBatch {
  const { scaled } = batch;
  return {
    id: batch.id,
    bread: batch.line.bread.id,
    station: batch.station.id,
    mother: null,
    practice: false,
    pieces: batch.pieces.map((p) => p.id),
    doughG: tidy(scaled.doughG),
    flourG: tidy(scaled.flourG),
    ingredients: scaled.ingredients.map((i) => ({
      name: i.name,
      ...(i.use === 'dough' ? {} : { use: i.use }),
      g: tidy(i.g),
    })),
  };
}

class TaskWriter {
  private readonly indexOf: ReadonlyMap<string, number>;

  constructor(
    private readonly workshop: Workshop,
    private readonly network: Network,
    private readonly schedule: Schedule,
  ) {
    this.indexOf = new Map(network.problem.activities.map((a, i) => [a.id, i]));
  }

  all(): PlanTask[] {
    const tasks = [...this.welcome(), ...this.breaks(), ...this.network.batches.flatMap((b) => this.batch(b))];
    tasks.push(...this.preheats(tasks));
    return tasks.sort((a, b) => a.startSec - b.startSec || (a.id < b.id ? -1 : 1));
  }

  private welcome(): PlanTask[] {
    const endSec = secondsOfMinutes(this.workshop.welcomeMin);
    if (endSec === 0) return [];
    const { greeter } = this.network.room;
    const people = [...(greeter === undefined ? [] : [greeter]), ...this.workshop.roster.map((p) => p.id)];
    return [{ id: 'welcome', kind: 'welcome', people, startSec: 0, endSec }];
  }

  private breaks(): PlanTask[] {
    const people = this.workshop.roster.map((p) => p.id);
    return this.network.room.breaks.map((b) => ({
      id: b.id,
      kind: 'break',
      people,
      startSec: b.startSec,
      endSec: b.endSec,
    }));
  }

  private preheats(tasks: readonly PlanTask[]): PlanTask[] {
    return this.workshop.kitchen.griddles.flatMap((g): PlanTask[] => {
      const uses = tasks.filter((t) => t.at?.kind === 'griddle' && t.at.id === g.id);
      if (uses.length === 0 || g.preheatMin === 0) return [];
      const endSec = Math.min(...uses.map((t) => t.startSec));
      const startSec = endSec - secondsOfMinutes(g.preheatMin);
      return [
        { id: `preheat:${g.id}`, kind: 'preheat', people: [], at: { kind: 'griddle', id: g.id }, startSec, endSec },
      ];
    });
  }

  private batch(batch: Batch): PlanTask[] {
    const owned = batch.pieces.filter((p) => p.owner !== null);
    return [...this.chain(batch, null, owned), ...owned.flatMap((piece) => this.chain(batch, piece, []))];
  }

  private placementOf(unitId: string, stepId: string): Placement | undefined {
    const index = this.indexOf.get(`${unitId}:${stepId}`);
    return index === undefined ? undefined : this.schedule[index];
  }

  /** The tasks of a batch's own steps, or of one piece's. A batch's last rest ends with the last start of its pieces (R2). */
  private chain(batch: Batch, piece: Piece | null, followers: readonly Piece[]): PlanTask[] {
    const steps = chainOf(batch.line.bread.steps);
    const unitId = piece?.id ?? batch.id;
    return steps.flatMap((step, i): PlanTask[] => {
      if (step.per !== (piece ? 'piece' : 'batch')) return [];
      const of = piece ? { piece: piece.id } : { batch: batch.id };
      const base = { id: `${unitId}:${step.id}`, bread: batch.line.bread.id, step: step.id, ...of };
      if (isRest(step)) return [{ ...base, ...this.rest(batch, piece, step, i, followers) }];
      const index = this.indexOf.get(base.id);
      const placement = index === undefined ? undefined : this.schedule[index];
      const mode =
        index === undefined ? undefined : this.network.problem.activities[index]?.modes[placement?.mode ?? 0];
      if (!placement || !mode) return [];
      const turns = turnMoments(step).map((s) => placement.startSec + s);
      const kind = step.mixerMinutes !== undefined && batch.line.menu.mixer ? ('mixer' as const) : step.at;
      return [
        {
          ...base,
          people: [...mode.people],
          at: {
            kind,
            ...(mode.place === undefined ? {} : { id: mode.place }),
            ...(placement.spot > 0 ? { spot: placement.spot } : {}),
          },
          startSec: placement.startSec,
          endSec: placement.endSec,
          ...(turns.length > 0 ? { turnsSec: turns } : {}),
        },
      ];
    });
  }

  private rest(
    batch: Batch,
    piece: Piece | null,
    step: RestStep,
    at: number,
    followers: readonly Piece[],
  ): Omit<PlanTask, 'id'> {
    const steps = chainOf(batch.line.bread.steps);
    const placeId = this.network.places.placeId(batch.id, step.id);
    const window = windowAt(step, this.network.places.tempC(batch.id, step.id));
    const ownOrBatch = (stepId: string): Placement | undefined =>
      (piece && this.placementOf(piece.id, stepId)) ?? this.placementOf(batch.id, stepId);
    const before = steps[at - 1];
    const after = steps[at + 1];
    const starts =
      after === undefined
        ? []
        : after.per === step.per
          ? [ownOrBatch(after.id)?.startSec]
          : followers.map((p) => this.placementOf(p.id, after.id)?.startSec);
    const known = starts.filter((s) => s !== undefined);
    const begin = (before && ownOrBatch(before.id)?.endSec) ?? Math.min(...known) - window.idealSec;
    const endSec = known.length > 0 ? Math.max(...known) : begin + window.minSec;
    return { people: [], at: { kind: step.at, id: placeId }, startSec: begin, endSec, window };
  }
}
