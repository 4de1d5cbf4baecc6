import { breakId } from '../../ids.ts';
import type { Ingredient } from '../../formula/index.ts';
import type { Griddle } from '../../kitchen/index.ts';
import type { ActiveStep, Phase, RestStep, Step } from '../../method/index.ts';
import type { GriddleReason } from '../../plan/index.ts';
import { elapsedSec, roundHalfUp } from '../../units/index.ts';
import type { Bread, MenuLine, Station, Workshop } from '../../workshop/index.ts';
import { spotsFor } from './room-for.ts';

/**
 * What the checker reads off a workshop. It works everything out anew from the formats note and shares no code with the planner's
 * network or search, nor with the workshop part, so that a mistake there is seen here.
 */

export interface Person {
  readonly id: string;
  readonly pace: number;
  readonly avoid: readonly { readonly what: string; readonly level: 'strict' | 'diet' }[];
  readonly role: 'participant' | 'instructor' | 'assistant';
}

export interface CheckedLine {
  readonly menu: MenuLine;
  readonly bread: Bread;
  readonly family: string;
  readonly chain: readonly Step[];
  readonly prepares: readonly ActiveStep[];
  readonly holds: ReadonlySet<string>;
  readonly makers: ReadonlySet<string>;
  readonly isTogether: boolean;
  /** Index in the chain of the last step of the mother batch and of the practice batch; −1 = none. */
  readonly through: number;
  readonly practice: number;
}

export interface Facts {
  readonly workshop: Workshop;
  readonly people: ReadonlyMap<string, Person>;
  readonly participants: readonly string[];
  readonly stationOf: ReadonlyMap<string, Station>;
  readonly lines: readonly CheckedLine[];
  /** Griddles that cook slower (above 1) or faster than the breads say, in a class that is under way. */
  readonly paces: ReadonlyMap<string, number>;
  readonly tableSec: number;
  readonly welcomeSec: number;
  readonly prepTimes: readonly { readonly startSec: number; readonly endSec: number }[];
  readonly breaks: readonly {
    readonly id: string;
    readonly afterSec: number;
    readonly beforeSec: number;
    readonly sec: number;
  }[];
}

export const wordsOf = (i: Ingredient): readonly string[] => [...(i.allergens ?? []), ...(i.contains ?? [])];
const isOptional = (i: Ingredient): boolean => i.optional === true && i.use !== 'dough';
/** Whether every piece has it, so that who avoids it cannot make the bread. */
const isOnAll = (i: Ingredient): boolean => !isOptional(i) && i.insteadOf === undefined;

export const isResting = (step: Step): step is RestStep => 'window' in step;
export const phasesIn = (step: Step): readonly Phase[] => (step.kind === 'cook' ? (step.phases ?? []) : []);
export const isFire = (at: string): at is 'griddle' | 'grill' | 'flame' => ['griddle', 'grill', 'flame'].includes(at);

export function factsOf(w: Workshop, paces: Facts['paces'] = new Map()): Facts {
  const people = new Map<string, Person>();
  for (const p of w.roster) people.set(p.id, { id: p.id, pace: p.pace, avoid: p.avoid, role: 'participant' });
  for (const s of w.kitchen.staff) people.set(s.id, { id: s.id, pace: s.pace, avoid: [], role: s.role });
  return {
    workshop: w,
    people,
    participants: w.roster.map((p) => p.id),
    stationOf: new Map(w.stations.flatMap((s) => s.members.map((m) => [m, s] as const))),
    lines: w.menu.flatMap((m) => lineOf(w, m)),
    paces,
    tableSec: elapsedSec(w, w.tableTime),
    welcomeSec: roundHalfUp(w.welcomeMin * 60),
    prepTimes: w.prepTimes.map((p) => ({ startSec: elapsedSec(w, p.from), endSec: elapsedSec(w, p.to) })),
    breaks: w.breaks.map((b, i) => ({
      id: breakId(i + 1),
      afterSec: elapsedSec(w, b.after),
      beforeSec: elapsedSec(w, b.before),
      sec: roundHalfUp(b.minutes * 60),
    })),
  };
}

function lineOf(w: Workshop, menu: MenuLine): readonly CheckedLine[] {
  const bread = w.breads.find((b) => b.id === menu.bread);
  if (!bread) return [];
  const chain = bread.steps.filter((s) => s.kind !== 'prepare');
  const holds = new Set(bread.ingredients.filter(isOnAll).flatMap(wordsOf));
  const makers = menu.for ?? w.roster.filter((p) => p.avoid.every((a) => !holds.has(a.what))).map((p) => p.id);
  const indexOf = (id: string): number => chain.findIndex((s) => s.id === id);
  return [
    {
      menu,
      bread,
      family: bread.variantOf ?? bread.id,
      chain,
      prepares: bread.steps.filter((s) => s.kind === 'prepare'),
      holds,
      makers: new Set(makers),
      isTogether: (menu.service ?? w.service) === 'together',
      through: menu.dough.mode === 'station' ? -1 : indexOf(menu.dough.through),
      practice: menu.dough.mode === 'swap' ? indexOf(menu.dough.practice) : -1,
    },
  ];
}

/**
 * Whether a piece of this owner (null: a spare, which leaves nothing off) carries an ingredient of its bread. A stand-in goes on exactly the
 * pieces that leave the other off, but for owners who avoid it too.
 */
export function carries(facts: Facts, owner: string | null, i: Ingredient, bread: Bread): boolean {
  const avoided = (owner === null ? undefined : facts.people.get(owner)?.avoid) ?? [];
  const isAvoided = (x: Ingredient): boolean => avoided.some((a) => wordsOf(x).includes(a.what));
  if (i.insteadOf === undefined) return !isOptional(i) || !isAvoided(i);
  return !isAvoided(i) && bread.ingredients.some((x) => x.name === i.insteadOf && isOptional(x) && isAvoided(x));
}

/** Why a griddle may not take a bread's cook step for a station; undefined where it may. */
export function unfitReason(
  facts: Facts,
  griddle: Griddle,
  bread: Bread,
  step: Step,
  station: Station | null,
): GriddleReason | undefined {
  if (spotsFor(griddle, bread, facts.workshop.kitchen.griddleGapCm) === 0) return { reason: 'size' };
  if (step.kind === 'cook' && step.surfaces && !step.surfaces.includes(griddle.surface))
    return { reason: 'surface', surface: griddle.surface };
  if (station?.griddles && !station.griddles.includes(griddle.id)) return { reason: 'station', station: station.id };
  if (phasesIn(step).some((p) => p.with !== undefined) && griddle.portable !== true) return { reason: 'not-carried' };
  return undefined;
}
