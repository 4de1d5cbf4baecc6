import { spotsOnGriddle } from '../../kitchen/index.ts';
import {
  activeSeconds,
  cookPhases,
  turnMoments,
  type ActiveStep,
  type CookStep,
  type Phase,
} from '../../method/index.ts';
import type { PlanTask } from '../../plan/index.ts';
import { secondsOfMinutes } from '../../units/index.ts';
import { servingGriddles, type Workshop } from '../../workshop/index.ts';
import type { HeatRun, Kind, Lying, Mode, Span, Use } from '../search/index.ts';
import { crewOf, isAtMixer, isStaffs, type DoughUnit } from './dough-units.ts';
import type { Room } from './room.ts';

const DEFAULT_TURN_SEC = 20;

/** A phase at a fire beside the griddle, after the start of its task; which uses of the mode stand for the fire and for who holds it. */
export interface Carried {
  readonly kind: 'flame' | 'grill';
  readonly fromSec: number;
  readonly toSec: number;
  readonly fireUse: number;
  readonly staffUse: number | null;
}

/** What a mode stands for in the plan. */
export interface ModeInfo {
  readonly people: readonly string[];
  readonly at: PlanTask['at'];
  /** The use whose pick says where exactly, for grills, flames and mixers; null where `at` says all. */
  readonly siteUse: number | null;
  readonly carried: readonly Carried[];
  /** When a member of staff looks, after the start, and the use whose pick says who. */
  readonly look: { readonly use: number; readonly fromSec: number; readonly toSec: number } | null;
  /** What the fire makes of the times of its phases, as a multiple; absent: as they should be. */
  readonly pace?: number;
}

export interface MadeMode {
  readonly mode: Mode;
  readonly info: ModeInfo;
}

/** Where a step may be done, by station, bread and step: the same for all pieces of a batch, and worked out once for each. */
export type KnownSites = Map<string, readonly Site[]>;

/** Every way of doing a step: who does it, times where it can be done (rules R3 to R7 and R9). */
export function modesOf(
  workshop: Workshop,
  room: Room,
  unit: DoughUnit,
  step: ActiveStep,
  known: KnownSites,
): readonly MadeMode[] {
  const key = `${unit.batch?.id ?? unit.id} ${unit.kind} ${step.id}`;
  const sites = known.get(key) ?? sitesOf(workshop, room, unit, step);
  known.set(key, sites);
  const carried = carriedOf(room, step);
  const isByStaff = isStaffs(workshop, unit, step);
  return crewsOf(workshop, unit, step).flatMap((people) => {
    const durationSec = durationOf(workshop, unit, step, people);
    const hands = handsOf(room, step, people, durationSec);
    return sites.map((site): MadeMode => {
      const uses = [...carried.uses, ...hands];
      if (site.anyOf.length > 0)
        uses.push({ anyOf: site.anyOf, fromSec: 0, toSec: durationSec, amount: site.takesPeople ? people.length : 1 });
      const siteUse = site.isPicked ? uses.length - 1 : null;
      if (site.standing >= 0) {
        const there = [...hands, ...carried.uses.filter((_, i) => carried.list.some((c) => c.staffUse === i))];
        uses.push(...there.map((u): Use => ({ ...u, anyOf: [site.standing] })));
      }
      const span = isByStaff ? null : lookSpan(step, durationSec);
      const lookers = room.all('staff');
      const look = span && lookers.length > 0 ? { ...span, use: uses.length } : null;
      if (look) uses.push({ anyOf: lookers, fromSec: look.fromSec, toSec: look.toSec, amount: 1 });
      // who does a phase at the fire cannot look at it meanwhile
      const apart = carried.list.flatMap(({ staffUse, fromSec, toSec }): (readonly [number, number])[] =>
        look && staffUse !== null && fromSec < look.toSec && toSec > look.fromSec ? [[staffUse, look.use]] : [],
      );
      return {
        mode: {
          durationSec,
          uses,
          ...(apart.length > 0 ? { apart } : {}),
          ...(site.lying ? { lying: { ...site.lying, owner: unit.piece?.owner ?? '' } } : {}),
        },
        info: {
          people,
          at: site.at,
          siteUse,
          carried: carried.list,
          look,
        },
      };
    });
  });
}

/** Rule R9: when staff look at a step that participants do: from its first turn, else before its end. */
function lookSpan(step: ActiveStep, durationSec: number): { readonly fromSec: number; readonly toSec: number } | null {
  const sec = step.lookSec ?? 0;
  if (step.look !== true || sec === 0) return null;
  const [turn] = step.kind === 'cook' ? turnMoments(step) : [];
  const fromSec = turn ?? Math.max(0, durationSec - sec);
  return { fromSec, toSec: Math.min(durationSec, fromSec + sec) };
}

/** Rule R3. */
function durationOf(workshop: Workshop, unit: DoughUnit, step: ActiveStep, people: readonly string[]): number {
  if (isAtMixer(unit, step)) return secondsOfMinutes(step.mixerMinutes ?? 0);
  const isTeam = step.by === 'team' && unit.kind !== 'mother';
  const n = step.per === 'piece' ? 1 : isTeam ? Math.ceil(unit.pieces / people.length) : unit.pieces;
  return activeSeconds(step, n, Math.max(...people.map((p) => paceOf(workshop, p))));
}

function paceOf(workshop: Workshop, id: string): number {
  return [...workshop.roster, ...workshop.kitchen.staff].find((p) => p.id === id)?.pace ?? 1;
}

/** Who may do a step: the whole team, any one of it, the owner, or any member of staff; of a side job those who do not avoid what it takes. */
function crewsOf(workshop: Workshop, unit: DoughUnit, step: ActiveStep): readonly (readonly string[])[] {
  if (isStaffs(workshop, unit, step)) return workshop.kitchen.staff.map((s) => [s.id]);
  const crew = crewOf(workshop, unit, step);
  switch (step.by) {
    case 'team':
      return [crew];
    case 'owner':
      return unit.piece?.owner ? [[unit.piece.owner]] : [];
    default:
      return crew.map((p) => [p]);
  }
}

/** When a step takes its people: throughout, or in the spells of `attend: turns`; the owner is free in phases that staff do (rule R4). */
function handsOf(room: Room, step: ActiveStep, people: readonly string[], durationSec: number): readonly Use[] {
  const isByTurns = step.kind === 'cook' && step.attend === 'turns';
  const spells = isByTurns ? spellsOf(step, durationSec) : [[0, durationSec] as const];
  const free = carriedPhases(step)
    .filter((p) => p.by === 'staff')
    .map((p): Span => [p.fromSec, p.toSec]);
  const spans = free.reduce<readonly Span[]>((list, away) => list.flatMap((s) => without(s, away)), spells);
  return people.flatMap((p) => {
    const resource = Math.max(room.resourceOf('participant', p), room.resourceOf('staff', p));
    return spans.map(([fromSec, toSec]): Use => ({ anyOf: [resource], fromSec, toSec, amount: 1 }));
  });
}

const without = ([from, to]: Span, [awayFrom, awayTo]: Span): readonly Span[] =>
  [[from, Math.min(to, awayFrom)] as const, [Math.max(from, awayTo), to] as const].filter(([f, t]) => t > f);

interface Site {
  /** The room for people in front of it as a resource; −1 where that is without limit. */
  readonly standing: number;
  /** Resources any of which will do; empty where only a hotplate is taken, or nothing. */
  readonly anyOf: readonly number[];
  readonly takesPeople: boolean;
  readonly isPicked: boolean;
  readonly at: PlanTask['at'];
  readonly lying?: Omit<Lying, 'owner'>;
}

/** Where a step may be done: the station's bench, a griddle that serves it, any grill, flame or mixer that is large enough. */
function sitesOf(workshop: Workshop, room: Room, unit: DoughUnit, step: ActiveStep): readonly Site[] {
  const { kitchen } = workshop;
  const picked = (kind: 'mixer' | 'grill' | 'flame', anyOf: readonly number[]): readonly Site[] => [
    { anyOf, takesPeople: false, isPicked: true, at: { kind }, standing: -1 },
  ];
  if (isAtMixer(unit, step)) {
    const strong = kitchen.mixers.filter((m) => m.maxDoughG >= unit.doughG - 1e-6);
    const able = strong.length > 0 ? strong : kitchen.mixers; // R7 then says what is too much
    return picked(
      'mixer',
      able.map((m) => room.resourceOf('mixer', m.id)),
    );
  }
  switch (step.at) {
    case 'bench': {
      const bench = unit.station?.bench;
      if (bench === undefined)
        return [{ anyOf: [], takesPeople: false, isPicked: false, at: { kind: 'bench' }, standing: -1 }];
      const anyOf = [room.resourceOf('bench', bench)];
      return [{ anyOf, takesPeople: true, isPicked: false, at: { kind: 'bench', id: bench }, standing: -1 }];
    }
    case 'grill':
    case 'flame':
      return picked(step.at, room.all(step.at));
    case 'griddle':
      return servingGriddles(kitchen, unit.line.bread, step, unit.station).map((g): Site => ({
        anyOf: [],
        takesPeople: false,
        isPicked: false,
        at: { kind: 'griddle', id: g.id },
        standing: room.resourceOf('standing', g.id),
        lying: {
          plate: kitchen.griddles.indexOf(g),
          kind: kindOf(unit, step),
          spots: spotsOnGriddle(g, unit.line.bread, kitchen.griddleGapCm),
          heats: heatRuns(step),
          alone: carriedPhases(step).map((p): Span => [p.fromSec, p.toSec]),
        },
      }));
  }
}

type TimedPhase = Phase & { readonly fromSec: number; readonly toSec: number };

/** The phases of a cook step with their times after its start. */
function timedPhases(step: ActiveStep): readonly TimedPhase[] {
  let at = 0;
  return cookPhases(step).map((p) => {
    const fromSec = at;
    at += p.sec;
    return { ...p, fromSec, toSec: at };
  });
}

/** The phases in which the griddle is carried to another fire; most steps have none. */
function carriedPhases(step: ActiveStep): readonly (TimedPhase & { readonly with: 'flame' | 'grill' })[] {
  if (cookPhases(step).every((p) => p.with === undefined)) return [];
  return timedPhases(step).flatMap((p) => (p.with === undefined ? [] : [{ ...p, with: p.with }]));
}

/** The fires that phases take beside the griddle, and the staff who hold it there where the phase is theirs. */
function carriedOf(room: Room, step: ActiveStep): { readonly uses: readonly Use[]; readonly list: readonly Carried[] } {
  const uses: Use[] = [];
  const list: Carried[] = [];
  for (const { with: fire, by, fromSec, toSec } of carriedPhases(step)) {
    const fireUse = uses.push({ anyOf: room.all(fire), fromSec, toSec, amount: 1 }) - 1;
    const staffUse = by === 'staff' ? uses.push({ anyOf: room.all('staff'), fromSec, toSec, amount: 1 }) - 1 : null;
    list.push({ kind: fire, fromSec, toSec, fireUse, staffUse });
  }
  return { uses, list };
}

/** One bread is one kind on a griddle, and so are two of one family whose two steps have equal phases, side aside (rule R6). */
function kindOf(unit: DoughUnit, step: ActiveStep): Kind {
  const phases = cookPhases(step).map((p, i) => [p.heat, p.sec, i > 0 && p.turn !== false, p.with, p.by]);
  return { of: unit.line.bread.id, like: `${unit.line.family}:${JSON.stringify(phases)}` };
}

/** The stretches of one heat in a cook step; phases of one heat that follow one another are one stretch. */
function heatRuns(step: ActiveStep): readonly HeatRun[] {
  const runs: { heat: string; fromSec: number; toSec: number }[] = [];
  for (const { heat, fromSec, toSec } of timedPhases(step)) {
    const last = runs.at(-1);
    if (heat === undefined) continue;
    if (last?.heat === heat && last.toSec === fromSec) last.toSec = toSec;
    else runs.push({ heat, fromSec, toSec });
  }
  return runs;
}

/** The spells of `attend: turns`: laying on, each turn, phases at another fire, taking off; those that overlap are one (rule R4). */
function spellsOf(step: CookStep, durationSec: number): readonly Span[] {
  const turn = step.turnSec ?? DEFAULT_TURN_SEC;
  const moments = [0, ...turnMoments(step)].map((s): Span => [s, Math.min(durationSec, s + turn)]);
  const carried = carriedPhases(step).map((p): Span => [p.fromSec, p.toSec]);
  const all = [...moments, ...carried, [Math.max(0, durationSec - turn), durationSec] as const];
  const merged: [number, number][] = [];
  for (const [from, to] of all.sort((a, b) => a[0] - b[0])) {
    const last = merged.at(-1);
    if (last && from <= last[1]) last[1] = Math.max(last[1], to);
    else merged.push([from, to]);
  }
  return merged;
}
