import { elapsedSec, secondsOfMinutes } from '../../units/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import type { Hotplate, Resource } from '../search/index.ts';

/** The resources of a class by what they stand for, and what was set before the search: who greets, when the breaks are. */
export interface RoomIndex {
  readonly resources: readonly Resource[];
  readonly hotplates: readonly Hotplate[];
  readonly resourceOf: (kind: 'person' | 'bench' | 'grill' | 'flame' | 'mixer', id: string) => number;
  readonly griddleIndex: ReadonlyMap<string, number>;
  readonly greeter: string | undefined;
  readonly breaks: readonly { readonly id: string; readonly startSec: number; readonly endSec: number }[];
}

type Span = readonly [number, number];

/**
 * People, benches, grills, flames and mixers as resources, griddles as hotplates. A break is set at the earliest moment that it
 * allows: nobody of the class and no griddle is free in it. Only as many griddles are used as the staff can watch (rule R9).
 */
export function roomOf(workshop: Workshop): RoomIndex {
  const { kitchen } = workshop;
  const breaks = workshop.breaks.map((b, i) => {
    const startSec = Math.max(elapsedSec(workshop, b.after), secondsOfMinutes(workshop.welcomeMin));
    return { id: `break:${i + 1}`, startSec, endSec: startSec + secondsOfMinutes(b.minutes) };
  });
  const inBreaks: readonly Span[] = breaks.map((b) => [b.startSec, b.endSec] as const);
  const resources: Resource[] = [];
  const index = new Map<string, number>();
  const add = (kind: string, id: string, capacity: number, closed: readonly Span[]): void => {
    index.set(`${kind}:${id}`, resources.length);
    resources.push({ id, capacity, closed });
  };
  for (const p of workshop.roster) add('person', p.id, 1, inBreaks);
  for (const s of kitchen.staff) add('person', s.id, 1, []);
  for (const b of kitchen.benches) add('bench', b.id, b.seats, []);
  for (const g of kitchen.grills) add('grill', g.id, g.slots, []);
  for (const f of kitchen.flames) add('flame', f.id, f.slots, []);
  for (const m of kitchen.mixers) add('mixer', m.id, 1, []);
  const watched = kitchen.griddles.slice(0, Math.max(1, kitchen.staff.length * kitchen.griddlesPerStaff));
  const hotplates = watched.map((g) => ({
    id: g.id,
    resetSec: g.resetSec,
    changeSec: g.changeSec,
    hasZones: g.zones === true,
    closed: inBreaks,
  }));
  return {
    resources,
    hotplates,
    resourceOf: (kind, id) => index.get(`${kind}:${id}`) ?? -1,
    griddleIndex: new Map(watched.map((g, i) => [g.id, i])),
    greeter: kitchen.staff.find((s) => s.role === 'instructor')?.id,
    breaks,
  };
}
