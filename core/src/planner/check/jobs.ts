import { batchId, pieceId, practiceId, sparePieceId, taskId } from '../../ids.ts';
import type { BreadTask, Plan, StepTask } from '../../plan/index.ts';
import type { ActiveStep, Phase, RestStep, Step } from '../../method/index.ts';
import type { Station } from '../../workshop/index.ts';
import type { Ingredient } from '../../formula/index.ts';
import { carries, isResting, phasesIn, wordsOf, type CheckedLine, type Facts } from './facts.ts';
import { groupBy, sumOf } from './spans.ts';

/** What runs through steps: a station's batch, a share, a mother batch, a practice batch, or a piece. */
export interface CheckedUnit {
  readonly id: string;
  readonly kind: 'station' | 'share' | 'mother' | 'practice' | 'piece';
  readonly line: CheckedLine;
  readonly station: Station | null;
  readonly team: readonly string[];
  /** Pieces that count in its dough, and their owners (null: a spare). */
  readonly pieces: readonly string[];
  readonly owners: readonly (string | null)[];
  readonly doughG: number;
  /** Of a piece. */
  readonly owner: string | null;
  readonly batch: CheckedUnit | null;
  /** Of a share, as the plan says; of a mother, how many shares lie in it. */
  readonly mother: string | null;
  readonly shares: number;
}

/** A task that the workshop asks for; `task` is the plan's, if it has one. */
export interface Job<S extends Step = Step, T extends BreadTask = BreadTask> {
  readonly id: string;
  readonly unit: CheckedUnit;
  readonly step: S;
  readonly task: T;
  readonly phases: readonly TimedPhase[];
  /** Who of its team may do it (R13). */
  readonly crew: readonly string[];
}

export type TimedPhase = Phase & { readonly startSec: number; readonly endSec: number };
export type ActiveJob = Job<ActiveStep, StepTask>;
export type RestJob = Job<RestStep>;

/** All units that the workshop asks for. Which share lies in which mother batch is the plan's choice and read from it. */
export function unitsOf(facts: Facts, plan: Plan): readonly CheckedUnit[] {
  const listed = new Map(plan.batches.map((b) => [b.id, b.mother]));
  const owned = new Map<string, number>();
  return facts.lines.flatMap((line) => {
    const shares = facts.workshop.stations.flatMap((station) =>
      shareAt(line, station, owned, listed, shownAt(facts, line, station)),
    );
    const practice =
      line.practice < 0
        ? []
        : shares.flatMap((s): readonly CheckedUnit[] =>
            s.station === null
              ? []
              : [{ ...s, id: practiceId(line.bread.id, s.station.id), kind: 'practice', mother: null }],
          );
    const pieces = shares.flatMap((batch) =>
      batch.pieces.flatMap((id, i): CheckedUnit[] => {
        const owner = batch.owners[i] ?? null;
        return owner === null
          ? []
          : [{ ...batch, id, kind: 'piece', pieces: [id], owners: [owner], owner, batch, mother: null }];
      }),
    );
    return [...shares, ...practice, ...mothersOf(line, shares), ...pieces];
  });
}

/** How many pieces of demonstrations come out of a station's dough: of the one named, else of the first that has that dough. */
function shownAt({ workshop }: Facts, line: CheckedLine, station: Station): number {
  const first = workshop.stations.find((s) => s.members.some((m) => line.makers.has(m)));
  return sumOf(
    workshop.demos.filter((d) => d.bread === line.bread.id && (d.from ?? first?.id) === station.id),
    (d) => d.pieces,
  );
}

function shareAt(
  line: CheckedLine,
  station: Station,
  owned: Map<string, number>,
  listed: ReadonlyMap<string, string | null>,
  shown: number,
): readonly CheckedUnit[] {
  const team = station.members.filter((m) => line.makers.has(m));
  if (team.length === 0) return [];
  const { menu, bread } = line;
  const owners: string[] = [];
  if (menu.per === 'participant') for (const m of team) for (let i = 0; i < menu.each; i++) owners.push(m);
  else
    for (let i = 0; i < menu.each; i++) {
      const load = (m: string): number => (owned.get(m) ?? 0) + owners.filter((o) => o === m).length;
      const least = Math.min(...team.map(load));
      owners.push(team.find((m) => load(m) === least) ?? '');
    }
  for (const o of owners) owned.set(o, (owned.get(o) ?? 0) + 1);
  const count = new Map<string, number>();
  const pieces: string[] = owners.map((o) => {
    count.set(o, (count.get(o) ?? 0) + 1);
    return pieceId(bread.id, o, count.get(o) ?? 0);
  });
  for (let n = 1; n <= menu.spares + shown; n++) pieces.push(sparePieceId(bread.id, station.id, n));
  const id = batchId(bread.id, station.id);
  return [
    {
      id,
      kind: line.through < 0 ? 'station' : 'share',
      line,
      station,
      team,
      pieces,
      owners: pieces.map((_, i) => owners[i] ?? null),
      doughG: pieces.length * bread.piece.doughG * (1 + bread.lossPct / 100),
      owner: null,
      batch: null,
      mother: line.through < 0 ? null : (listed.get(id) ?? null),
      shares: 1,
    },
  ];
}

function mothersOf(line: CheckedLine, shares: readonly CheckedUnit[]): readonly CheckedUnit[] {
  if (line.through < 0) return [];
  const fed = groupBy(
    shares.filter((s) => s.mother !== null),
    (s) => s.mother ?? '',
  );
  return [...fed].map(([id, list]): CheckedUnit => ({
    id,
    kind: 'mother',
    line,
    station: null,
    team: [],
    pieces: list.flatMap((s) => s.pieces),
    owners: list.flatMap((s) => s.owners),
    doughG: sumOf(list, (s) => s.doughG),
    owner: null,
    batch: null,
    mother: null,
    shares: list.length,
  }));
}

/** The steps that a unit runs through; a side job goes with the unit of the step that it is for, and no practice batch has any. */
export function stepsOf(unit: CheckedUnit): readonly Step[] {
  const { chain, through, practice, prepares } = unit.line;
  const isIts = (s: Step, i: number): boolean => {
    switch (unit.kind) {
      case 'station':
        return s.per === 'batch';
      case 'share':
        return s.per === 'batch' && i > through;
      case 'mother':
        return s.per === 'batch' && i <= through;
      case 'practice':
        return s.per === 'batch' && i <= practice;
      case 'piece':
        return s.per === 'piece';
    }
  };
  const side = prepares.filter((p) => {
    // a side job of the batch or of a piece, in the mother batch when the step that it is for belongs there
    const servedAt = p.kind === 'prepare' ? chain.findIndex((s) => s.id === p.before) : -1;
    return unit.kind !== 'practice' && servedAt >= 0 && isIts(p, servedAt);
  });
  return [...chain.filter(isIts), ...side];
}

export const isActiveJob = (job: Job): job is ActiveJob => !isResting(job.step);
export const isRestJob = (job: Job): job is RestJob => isResting(job.step);

/** Where an active step happens; the mixer takes over where the line has one and the step knows it, but never for practice. */
export function siteOf({
  unit,
  step,
}: {
  readonly unit: CheckedUnit;
  readonly step: ActiveStep;
}): ActiveStep['at'] | 'mixer' {
  return unit.line.menu.mixer && step.mixerMinutes !== undefined && unit.kind !== 'practice' ? 'mixer' : step.at;
}

/** R13: what a side job takes, as far as a piece of its batch (of a piece's own: that piece) carries it. */
export function takenBy(facts: Facts, unit: CheckedUnit, step: Step): readonly Ingredient[] {
  if (step.kind !== 'prepare') return [];
  const { bread } = unit.line;
  return bread.ingredients.filter((i) => i.step === step.id && unit.owners.some((o) => carries(facts, o, i, bread)));
}

/** R13: of the team those who avoid nothing that the step takes; of any but a side job all of it. */
export function crewFor(facts: Facts, unit: CheckedUnit, step: Step): readonly string[] {
  const words = new Set(takenBy(facts, unit, step).flatMap(wordsOf));
  return unit.team.filter((p) => facts.people.get(p)?.avoid.every((a) => !words.has(a.what)) !== false);
}

/** Whether staff do it: a staff step, any step of a mother batch, or a side job for which nobody of the team is left. */
export function isStaffs(job: ActiveJob): boolean {
  return job.unit.kind === 'mother' || job.step.by === 'staff' || job.crew.length === 0;
}

/**
 * The phases of a cook step with the times at which they lie in its task; none for any other step. Where the griddle is slow or fast they
 * are stretched with it, unless the bread was laid on before anybody knew.
 */
export function timedPhases(facts: Pick<Facts, 'paces'>, step: Step, task: Job['task']): readonly TimedPhase[] {
  const phases = phasesIn(step);
  const told = task.at?.kind === 'griddle' ? (facts.paces.get(task.at.id ?? '') ?? 1) : 1;
  const wholeSec = phases.reduce((sum, p) => sum + p.sec, 0);
  const pace = task.endSec - task.startSec === Math.round(wholeSec * told) ? told : 1;
  let at = 0;
  return phases.map((p) => {
    const startSec = task.startSec + Math.round(at * pace);
    at += p.sec;
    return { ...p, startSec, endSec: task.startSec + Math.round(at * pace) };
  });
}

/** The moments at which a cook task should turn its bread. */
export function dueTurns(job: ActiveJob): readonly number[] {
  return job.phases
    .slice(1)
    .filter((p) => p.turn !== false)
    .map((p) => p.startSec);
}

/** The chain of jobs that a piece or a practice batch goes through; undefined where the plan lacks one. */
export function pathOf(
  unit: CheckedUnit,
  byId: ReadonlyMap<string, Job>,
  units: ReadonlyMap<string, CheckedUnit>,
): readonly (Job | undefined)[] {
  if (unit.kind === 'practice')
    return unit.line.chain.slice(0, unit.line.practice + 1).map((s) => byId.get(taskId(unit.id, s.id)));
  const carriers = [unit.batch?.mother ? units.get(unit.batch.mother) : undefined, unit.batch ?? undefined, unit];
  return unit.line.chain.map((s) =>
    carriers.map((c) => c && byId.get(taskId(c.id, s.id))).find((j) => j !== undefined),
  );
}
