import { given } from '../faults/index.ts';
import { preheatId } from '../ids.ts';
import { turnMoments } from '../method/index.ts';
import type { ScaledBatch } from '../formula/index.ts';
import type { BreadTask, Goal, Plan, PlanBatch, PlanTask } from '../plan/index.ts';
import { roundedTo, secondsOfMinutes } from '../units/index.ts';
import type { Workshop } from '../workshop/index.ts';
import type { ActivitySource, ModeInfo, Moment, Network, RestSource } from './network/index.ts';
import type { Placement, Schedule } from './search/index.ts';

type Written = Omit<Plan, 'broken' | 'warnings' | 'measures'>;

/** A schedule as the tasks and batches of a plan file: active steps as placed, rests between them, welcome, demos, breaks, preheats. */
export function writePlan(
  workshop: Workshop,
  network: Network,
  schedule: Schedule,
  goal: Goal,
  moment?: Moment,
): Written {
  const steps = network.sources.flatMap((source, a) => stepTask(network, source, schedule.placements[a]));
  // a rest that nothing follows any more is not waited for
  const rests = network.rests.filter((r) => r.followers.length > 0).map((rest) => restTask(rest, schedule));
  const tasks = [...welcome(workshop, network), ...breaks(workshop, network, schedule), ...steps, ...rests];
  tasks.push(...preheats(workshop, tasks));
  // what has begun is written as it was; a rest goes on until what follows it
  const begun = new Map((moment?.begun ?? []).map((t) => [t.id, t]));
  return {
    format: 'hodsman-plan',
    version: 2,
    title: workshop.title,
    doorsOpen: `${workshop.date}T${workshop.doorsOpen}`,
    timeZone: workshop.timeZone,
    tableSec: network.tableSec,
    goal,
    batches: batchesIn(network),
    tasks: tasks
      .map((t) => (t.kind === 'rest' ? t : (begun.get(t.id) ?? t)))
      .sort((a, b) => a.startSec - b.startSec || (a.id < b.id ? -1 : 1)),
  };
}

const MILLIGRAM_DIGITS = 3;
/** Milligrams: finer than any scale, and without a tail of binary digits in the file. */
const tidy = (g: number): number => roundedTo(g, MILLIGRAM_DIGITS);

function batchesIn({ doughs }: Network): PlanBatch[] {
  const { mothers, batches, practices } = doughs;
  const motherOf = new Map(mothers.flatMap((m) => m.shares.map((s) => [s.id, m.id] as const)));
  const made = (
    id: string,
    bread: string,
    station: string | null,
    pieces: readonly string[],
    scaled: ScaledBatch,
    more: Partial<PlanBatch> = {},
  ): PlanBatch => ({
    id,
    bread,
    station,
    mother: null,
    practice: false,
    pieces: [...pieces],
    ...gramsOf(scaled),
    ...more,
  });
  return [
    ...mothers.map((m) =>
      made(
        m.id,
        m.line.bread.id,
        null,
        m.shares.flatMap((s) => s.pieces.map((p) => p.id)),
        m.scaled,
      ),
    ),
    ...batches.map((b) =>
      made(
        b.id,
        b.line.bread.id,
        b.station.id,
        b.pieces.map((p) => p.id),
        b.scaled,
        { mother: motherOf.get(b.id) ?? null },
      ),
    ),
    ...practices.map(({ id, share }) => {
      // dough ingredients alone: nothing is shaped or cooked of it
      const scaled = { ...share.scaled, ingredients: share.scaled.ingredients.filter((i) => i.use === 'dough') };
      return made(id, share.line.bread.id, share.station.id, [], scaled, { practice: true });
    }),
  ];
}

function gramsOf(scaled: ScaledBatch): Pick<PlanBatch, 'doughG' | 'flourG' | 'ingredients'> {
  return {
    doughG: tidy(scaled.doughG),
    flourG: tidy(scaled.flourG),
    ingredients: scaled.ingredients.map((i) => ({
      name: i.name,
      ...(i.use === 'dough' ? {} : { use: i.use }),
      g: tidy(i.g),
    })),
  };
}

function welcome(workshop: Workshop, { room }: Network): PlanTask[] {
  if (room.welcomeSec === 0) return [];
  const people = [...(room.greeter === undefined ? [] : [room.greeter]), ...workshop.roster.map((p) => p.id)];
  return [{ id: 'welcome', kind: 'welcome', people, startSec: 0, endSec: room.welcomeSec }];
}

function breaks(workshop: Workshop, { room }: Network, { pauseSecs }: Schedule): PlanTask[] {
  const people = workshop.roster.map((p) => p.id);
  return room.pauses.map((p, i) => {
    const startSec = pauseSecs[i] ?? p.fromSec;
    return { id: p.id, kind: 'break', people, startSec, endSec: startSec + p.durationSec };
  });
}

/** A griddle in use is heated once, up to its first use. */
function preheats(workshop: Workshop, tasks: readonly PlanTask[]): PlanTask[] {
  return workshop.kitchen.griddles.flatMap((g): PlanTask[] => {
    const uses = tasks.filter((t) => t.at?.kind === 'griddle' && t.at.id === g.id);
    if (uses.length === 0 || g.preheatMin === 0) return [];
    const endSec = Math.min(...uses.map((t) => t.startSec));
    const startSec = endSec - secondsOfMinutes(g.preheatMin);
    return [{ id: preheatId(g.id), kind: 'preheat', people: [], at: { kind: 'griddle', id: g.id }, startSec, endSec }];
  });
}

/** The task of an activity; none for a moment between two rests. */
function stepTask(network: Network, source: ActivitySource, placement: Placement | undefined): PlanTask[] {
  const info = placement && source.modes[placement.mode];
  if (!info) return [];
  const { startSec, endSec } = placement;
  const picked = (use: number): string =>
    given(network.problem.resources[placement.picks[use] ?? -1], 'every use of a placement has picked a resource').id;
  const { look } = info;
  const shared = {
    id: source.taskId,
    people: [...info.people],
    startSec,
    endSec,
    ...(look && { look: { by: picked(look.use), startSec: startSec + look.fromSec, endSec: startSec + look.toSec } }),
  };
  if (source.demo) return [{ ...shared, kind: 'demo', bread: source.demo.bread, ...placeOf(network, info, placement) }];
  const { step, unit } = source;
  if (!step || !unit) return [];
  const turns = turnMoments(step).map((s) => startSec + Math.round(s * (info.pace ?? 1)));
  const carried = info.carried.map((c) => {
    return {
      kind: c.kind,
      id: picked(c.fireUse),
      ...(c.staffUse === null ? {} : { by: picked(c.staffUse) }),
      startSec: startSec + c.fromSec,
      endSec: startSec + c.toSec,
    };
  });
  return [
    {
      ...shared,
      kind: 'step',
      ...ofUnit(unit),
      bread: unit.line.bread.id,
      step: step.id,
      ...placeOf(network, info, placement),
      ...(turns.length > 0 ? { turnsSec: turns } : {}),
      ...(carried.length > 0 ? { with: carried } : {}),
    },
  ];
}

const ofUnit = (unit: RestSource['unit']): Pick<BreadTask, 'piece' | 'batch'> =>
  unit.kind === 'piece' ? { piece: unit.id } : { batch: unit.id };

function placeOf(network: Network, info: ModeInfo, placement: Placement): Pick<PlanTask, 'at'> {
  const { at, siteUse } = info;
  if (!at) return {};
  const picked = siteUse === null ? undefined : network.problem.resources[placement.picks[siteUse] ?? -1]?.id;
  return {
    at: {
      ...at,
      ...(picked === undefined ? {} : { id: picked }),
      ...(placement.spot > 0 && at.kind === 'griddle' ? { spot: placement.spot } : {}),
    },
  };
}

/** From the end of the task before to the last start of those that follow (rule R2). */
function restTask(rest: RestSource, { placements }: Schedule): PlanTask {
  const { unit, step, place, from, followers } = rest;
  const startSec = placements[from]?.endSec ?? 0;
  const ends = followers.map((f) => placements[f]?.startSec ?? 0);
  return {
    id: rest.taskId,
    kind: 'rest',
    bread: unit.line.bread.id,
    step: step.id,
    ...ofUnit(unit),
    people: [],
    at: { kind: step.at, id: place.id },
    startSec,
    endSec: ends.length > 0 ? Math.max(...ends) : startSec + place.window.minSec,
    window: place.window,
  };
}
