import { spotsOnGriddle } from '../../kitchen/index.ts';
import { cookPhases, turnMoments, type ActiveStep, type CookStep } from '../../method/index.ts';
import { secondsOfMinutes } from '../../units/index.ts';
import { isMixedHere, servingGriddles, type Batch, type Piece, type Workshop } from '../../workshop/index.ts';
import type { HeatRun, Mode, Use } from '../search/index.ts';
import type { RoomIndex } from './room.ts';

const DEFAULT_TURN_SEC = 20;

interface Source {
  readonly step: ActiveStep;
  readonly batch: Batch;
  readonly piece: Piece | null;
}

/** Every way of doing a step: who does it, times where it can be done (rules R3 to R6). */
export function modesOf(
  workshop: Workshop,
  room: RoomIndex,
  source: Source,
  secondsFor: (step: ActiveStep, n: number, pace: number) => number,
): readonly Mode[] {
  const { step, batch, piece } = source;
  const isMixed = isMixedHere(batch.line, step);
  return crewsOf(workshop, source).flatMap((people) => {
    const count = piece ? 1 : batch.pieces.length;
    const n = step.by === 'team' ? Math.ceil(count / people.length) : count;
    const durationSec = isMixed
      ? secondsOfMinutes(step.mixerMinutes ?? 0)
      : secondsFor(step, n, Math.max(...people.map((p) => paceOf(workshop, p))));
    const spells =
      step.kind === 'cook' && step.attend === 'turns' ? spellsOf(step, durationSec) : [[0, durationSec] as const];
    const hands = people.flatMap((p) =>
      spells.map(([fromSec, toSec]): Use => ({ resource: room.resourceOf('person', p), fromSec, toSec, amount: 1 })),
    );
    return sitesOf(workshop, room, source, isMixed).map((site): Mode => {
      const whole =
        site.resource < 0
          ? []
          : [{ resource: site.resource, fromSec: 0, toSec: durationSec, amount: site.amount(people.length) }];
      return {
        durationSec,
        uses: [...hands, ...whole],
        people,
        ...(site.place === undefined ? {} : { place: site.place }),
        ...(site.griddle ? { griddle: site.griddle } : {}),
      };
    });
  });
}

function paceOf(workshop: Workshop, id: string): number {
  return [...workshop.roster, ...workshop.kitchen.staff].find((p) => p.id === id)?.pace ?? 1;
}

/** Who may do a step: the whole team, any one of it, the owner, or any member of staff. */
function crewsOf(workshop: Workshop, { step, batch, piece }: Source): readonly (readonly string[])[] {
  switch (step.by) {
    case 'team':
      return [batch.team];
    case 'one':
      return batch.team.map((p) => [p]);
    case 'owner':
      return piece?.owner ? [[piece.owner]] : [];
    case 'staff':
      return workshop.kitchen.staff.map((s) => [s.id]);
  }
}

interface Site {
  readonly resource: number;
  readonly amount: (people: number) => number;
  readonly place?: string;
  readonly griddle?: NonNullable<Mode['griddle']>;
}

/** Where a step may be done: the station's bench, a griddle that serves it, any grill, flame or mixer. */
function sitesOf(workshop: Workshop, room: RoomIndex, { step, batch }: Source, isMixed: boolean): readonly Site[] {
  const { kitchen } = workshop;
  const one = (): number => 1;
  const anyOf = (kind: 'grill' | 'flame' | 'mixer', list: readonly { readonly id: string }[]): readonly Site[] =>
    list.map(({ id }) => ({ resource: room.resourceOf(kind, id), amount: one, place: id }));
  if (isMixed)
    return anyOf(
      'mixer',
      kitchen.mixers.filter((m) => m.maxDoughG >= batch.scaled.doughG),
    );
  switch (step.at) {
    case 'bench': {
      const bench = batch.station.bench;
      return [{ resource: room.resourceOf('bench', bench), amount: (people) => people, place: bench }];
    }
    case 'grill':
      return anyOf('grill', kitchen.grills);
    case 'flame':
      return anyOf('flame', kitchen.flames);
    case 'griddle': {
      if (step.kind !== 'cook') return [{ resource: -1, amount: one }];
      return servingGriddles(kitchen, batch.line.bread, step, batch.station).flatMap((g): readonly Site[] => {
        const index = room.griddleIndex.get(g.id);
        if (index === undefined) return [];
        const spots = spotsOnGriddle(g, batch.line.bread, kitchen.griddleGapCm);
        const griddle = { index, kind: kindOf(batch, step), spots, heats: heatRuns(step) };
        return [{ resource: -1, amount: one, place: g.id, griddle }];
      });
    }
  }
}

/** Breads of one family whose phases are equal, side aside, are one kind on a griddle (rule R6). */
function kindOf(batch: Batch, step: CookStep): string {
  const phases = cookPhases(step).map((p, i) => [p.heat, p.sec, i > 0 && p.turn !== false, p.with, p.by]);
  return phases.length === 0 ? `${batch.line.bread.id}:${step.id}` : `${batch.line.family}:${JSON.stringify(phases)}`;
}

/** The stretches of one heat in a cook step. */
function heatRuns(step: CookStep): readonly HeatRun[] {
  const runs: { heat: string; fromSec: number; toSec: number }[] = [];
  let at = 0;
  for (const { heat, sec } of cookPhases(step)) {
    const last = runs.at(-1);
    if (heat !== undefined && last?.heat === heat && last.toSec === at) last.toSec = at + sec;
    else if (heat !== undefined) runs.push({ heat, fromSec: at, toSec: at + sec });
    at += sec;
  }
  return runs;
}

/** When `attend: turns` takes its cook: laying on, each turn, taking off; stretches that overlap are one (rule R4). */
function spellsOf(step: CookStep, durationSec: number): readonly (readonly [number, number])[] {
  const turn = step.turnSec ?? DEFAULT_TURN_SEC;
  const moments = [0, ...turnMoments(step)].map((s) => [s, Math.min(durationSec, s + turn)] as const);
  const all = [...moments, [Math.max(0, durationSec - turn), durationSec] as const].sort((a, b) => a[0] - b[0]);
  const merged: [number, number][] = [];
  for (const [from, to] of all) {
    const last = merged.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else merged.push([from, to]);
  }
  return merged;
}
