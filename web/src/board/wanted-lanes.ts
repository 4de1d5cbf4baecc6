import {
  personName,
  shortThingName,
  shorterNames,
  stationName,
  staysOf,
  thingName,
  type Plan,
  type Workshop,
} from '@hodsman/core';
import type { Distance } from './distance.ts';
import type { Column, Lane, LaneKind } from './lane.ts';
import type { ColumnKind } from './lane-sizes.ts';

/** The tasks of one route, and who has a column of their own in it. */
export interface Route {
  readonly tasks: ReadonlySet<string>;
  readonly people: readonly string[];
}

type Entry = Pick<Column, 'id' | 'names'> & { readonly bread?: string | undefined };

/** A lane before it is laid: what stands in it, and how wide that would like to be. */
export interface Wanted {
  readonly id: string;
  readonly kind: LaneKind;
  readonly names: readonly string[];
  readonly strips: readonly (Entry & Pick<Column, 'bread'>)[];
  readonly columns: readonly Entry[];
  readonly column: ColumnKind;
  readonly hasBand: boolean;
  readonly people: Lane['people'];
}

const lane = (id: string, kind: LaneKind, names: readonly string[], more: Partial<Wanted>): Wanted => ({
  id,
  kind,
  names,
  strips: [],
  columns: [],
  column: 'staff',
  hasBand: false,
  people: [],
  ...more,
});

/** Every lane that a plan asks for, in the order of the kitchen; of one route only what it touches, and its times as a list. */
export function wantedLanes(plan: Plan, workshop: Workshop, distance: Distance, route?: Route): readonly Wanted[] {
  const tasks = route ? plan.tasks.filter((t) => route.tasks.has(t.id)) : plan.tasks;
  const batches = new Set(tasks.flatMap((t) => t.batch ?? []));
  const pieces = new Set(tasks.flatMap((t) => t.piece ?? []));
  const isWanted = (b: Plan['batches'][number]): boolean =>
    !route || batches.has(b.id) || (b.station !== null && b.pieces.some((p) => pieces.has(p)));
  const stripOf = (b: Plan['batches'][number]): Entry & Pick<Column, 'bread'> => {
    const bread = workshop.breads.find((x) => x.id === b.bread)?.name ?? '';
    return { id: b.id, names: [b.practice ? `${bread}, practice` : bread], bread: b.bread };
  };
  const works = new Set(tasks.flatMap((t) => [...t.people, ...staysOf(t).flatMap((w) => w.by ?? [])]));
  const staff = workshop.kitchen.staff.filter((s) => works.has(s.id) && !route);
  const all = [
    lane('ahead', 'ahead', ['Ahead', 'A'], {
      strips: plan.batches.filter((b) => b.station === null && isWanted(b)).map(stripOf),
    }),
    lane('staff', 'staff', ['Staff', 'S'], { columns: staff.map((s) => ({ id: s.id, names: shorterNames(s.name) })) }),
    ...workshop.stations.map((s) => {
      const people = s.members.map((id) => ({ id, names: shorterNames(personName(workshop, id)) }));
      const shown = distance === 'room' ? [] : people.filter((p) => !route || route.people.includes(p.id));
      return lane(`station:${s.id}`, 'station', stationNames(s), {
        strips: plan.batches.filter((b) => b.station === s.id && isWanted(b)).map(stripOf),
        columns: shown,
        column: 'person',
        hasBand: distance === 'room',
        people,
      });
    }),
    ...firesOf(tasks, workshop, route),
    lane('table', 'table', ['Table', 'T'], { columns: [{ id: 'table', names: [] }], column: 'table' }),
    ...(route ? [lane('list', 'list', ['Its times'], { columns: [{ id: 'list', names: [] }], column: 'list' })] : []),
  ];
  return all.filter((l) => l.kind === 'table' || l.strips.length + l.columns.length > 0);
}

/** "Station 3", then "3"; a name of its own, then its initials. */
function stationNames(station: Workshop['stations'][number]): readonly string[] {
  const name = stationName(station);
  const number = /^\S+ (\d+)$/.exec(name)?.[1];
  return number === undefined ? shorterNames(name) : [name, number];
}

/** "Griddle 12", "G12", "12"; "the wide ring", "WR". */
function fireNames(kitchen: Workshop['kitchen'], id: string): readonly string[] {
  const short = shortThingName(kitchen, id);
  return [thingName(kitchen, id), short, ...(/\d+$/.exec(short) ?? [])];
}

/** Griddles with a column a spot, then grills and flames with a column a slot; those that something lies on. */
function firesOf(tasks: Plan['tasks'], { kitchen }: Workshop, route: Route | undefined): readonly Wanted[] {
  const spots = (id: string): number =>
    Math.max(1, ...tasks.map((t) => (t.at?.kind === 'griddle' && t.at.id === id ? (t.at.spot ?? 1) : 1)));
  const isUsed = (id: string): boolean => tasks.some((t) => t.at?.id === id || staysOf(t).some((w) => w.id === id));
  const columns = (id: string, count: number, word: string): readonly Entry[] =>
    Array.from({ length: count }, (_, i) => ({ id: `${id}:${i + 1}`, names: [`${word} ${i + 1}`, String(i + 1)] }));
  return [
    ...kitchen.griddles
      .filter((g) => !route || isUsed(g.id))
      .map((g) =>
        lane(`griddle:${g.id}`, 'griddle', fireNames(kitchen, g.id), {
          columns: columns(g.id, spots(g.id), 'spot'),
          column: 'spot',
        }),
      ),
    ...[...kitchen.grills, ...kitchen.flames]
      .filter((f) => isUsed(f.id))
      .map((f) =>
        lane(`fire:${f.id}`, 'fire', fireNames(kitchen, f.id), {
          columns: columns(f.id, f.slots, 'slot'),
          column: 'slot',
        }),
      ),
  ];
}
