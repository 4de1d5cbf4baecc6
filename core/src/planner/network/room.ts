import { breakId } from '../../ids.ts';
import { elapsedSec, secondsOfMinutes } from '../../units/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import type { Hotplate, Pause, Resource, Span, Store } from '../search/index.ts';

export const RESOURCE_KINDS = ['participant', 'staff', 'bench', 'grill', 'flame', 'mixer', 'standing'] as const;
/** `standing`: the room for people in front of a griddle. */
export type ResourceKind = (typeof RESOURCE_KINDS)[number];

/** The resources of a class by what they stand for, and the times of day in seconds since doors open. */
export interface Room {
  readonly resources: readonly Resource[];
  readonly hotplates: readonly Hotplate[];
  readonly stores: readonly Store[];
  readonly pauses: readonly Pause[];
  readonly watch: { readonly each: number; readonly count: number } | null;
  readonly resourceOf: (kind: ResourceKind, id: string) => number;
  readonly all: (kind: ResourceKind) => readonly number[];
  /** Who greets everyone at the door. */
  readonly greeter: string | undefined;
  readonly welcomeSec: number;
  readonly tableSec: number;
  /** When staff are there first: the start of the first prep time, or doors open. */
  readonly staffFromSec: number;
  /** Stretches before doors open, after the first prep time, in which nobody is there. */
  readonly nobodyThere: readonly Span[];
}

/** People, benches, grills, flames and mixers as resources, griddles as hotplates, resting places as stores, breaks as pauses. */
export function roomOf(workshop: Workshop): Room {
  const { kitchen } = workshop;
  const welcomeSec = secondsOfMinutes(workshop.welcomeMin);
  const prep = workshop.prepTimes
    .map((p): Span => [elapsedSec(workshop, p.from), Math.min(0, elapsedSec(workshop, p.to))])
    .filter(([from, to]) => from < 0 && to > from)
    .sort((a, b) => a[0] - b[0]);
  const nobodyThere = gapsBetween(prep);
  const greeter = kitchen.staff.find((s) => s.role === 'instructor')?.id;
  const resources: Resource[] = [];
  const index = new Map<string, number>();
  const byKind = new Map<ResourceKind, number[]>();
  const add = (kind: ResourceKind, id: string, capacity: number, closed: readonly Span[] = []): void => {
    index.set(`${kind}:${id}`, resources.length);
    byKind.set(kind, [...(byKind.get(kind) ?? []), resources.length]);
    resources.push({
      id,
      kind: kind === 'participant' ? 'person' : 'other',
      capacity,
      closed,
      isFire: kind === 'grill' || kind === 'flame',
    });
  };
  for (const p of workshop.roster) add('participant', p.id, 1);
  for (const s of kitchen.staff) {
    const atTheDoor: readonly Span[] = s.id === greeter && welcomeSec > 0 ? [[0, welcomeSec]] : [];
    add('staff', s.id, 1, [...nobodyThere, ...atTheDoor]);
  }
  for (const b of kitchen.benches) add('bench', b.id, b.seats);
  for (const g of kitchen.grills) add('grill', g.id, g.slots);
  for (const f of kitchen.flames) add('flame', f.id, f.slots);
  for (const m of kitchen.mixers) add('mixer', m.id, 1);
  // room for people in front of a griddle
  for (const g of kitchen.griddles) if (g.people !== undefined) add('standing', g.id, g.people);
  const all = (kind: ResourceKind): readonly number[] => byKind.get(kind) ?? [];
  return {
    resources,
    hotplates: kitchen.griddles.map((g) => ({
      id: g.id,
      resetSec: g.resetSec,
      changeSec: g.changeSec,
      layOnGapSec: kitchen.layOnGapSec,
      laidOnAt: 'start',
      cleanSec: g.cleanSec ?? null,
      hasZones: g.zones === true,
    })),
    stores: kitchen.places.map((p) => ({ id: p.id, capacity: p.batches ?? Infinity })),
    pauses: workshop.breaks.map((b, i) => ({
      id: breakId(i + 1),
      fromSec: Math.max(elapsedSec(workshop, b.after), welcomeSec),
      toSec: elapsedSec(workshop, b.before),
      durationSec: secondsOfMinutes(b.minutes),
      resources: all('participant'),
    })),
    watch: watchOf(workshop),
    resourceOf: (kind, id) => index.get(`${kind}:${id}`) ?? -1,
    all,
    greeter,
    welcomeSec,
    tableSec: elapsedSec(workshop, workshop.tableTime),
    staffFromSec: prep[0]?.[0] ?? 0,
    nobodyThere,
  };
}

/** The stretches between prep times and after the last of them, up to doors open. */
function gapsBetween(prep: readonly Span[]): readonly Span[] {
  const gaps: Span[] = [];
  let until = prep[0]?.[0] ?? 0;
  for (const [from, to] of [...prep, [0, 0] as const]) {
    if (from > until) gaps.push([until, from]);
    until = Math.max(until, to);
  }
  return gaps;
}

/** Rule R9, where it can bind at all: every demonstration at a time takes an instructor away. */
function watchOf({ kitchen, demos }: Workshop): { readonly each: number; readonly count: number } | null {
  const instructors = kitchen.staff.filter((s) => s.role === 'instructor').length;
  const away = demos.some((d) => d.to === 'station') ? instructors : Math.min(instructors, demos.length);
  const least = kitchen.griddlesPerStaff * Math.max(0, kitchen.staff.length - away);
  return kitchen.griddles.length <= least ? null : { each: kitchen.griddlesPerStaff, count: kitchen.staff.length };
}
