import { griddleName, thingName, stationName, staysOf, type Plan, type Workshop } from '@hodsman/core';

/** Where everything lies across the board, in pixels. Nothing here is a figure that people read. */
export interface Lanes {
  readonly width: number;
  readonly lanes: readonly Lane[];
  readonly byId: ReadonlyMap<string, Lane>;
  /** By person, of participants and staff. */
  readonly people: ReadonlyMap<string, Column>;
}
export interface LaneSpan {
  readonly x: number;
  readonly width: number;
}
/** A column of a lane: a person, a spot, or one kind of dough. */
export interface Column extends LaneSpan {
  readonly id: string;
  readonly name: string;
  readonly lane: string;
  /** Of a strip. */
  readonly bread: string | undefined;
}
export type LaneKind = 'ahead' | 'staff' | 'station' | 'griddle' | 'fire' | 'table';
export interface Lane extends LaneSpan {
  readonly id: string;
  readonly kind: LaneKind;
  readonly name: string;
  readonly isFolded: boolean;
  /** Strips in which doughs rest, by bread; of the lane of what is done ahead by batch. */
  readonly strips: readonly Column[];
  readonly columns: readonly Column[];
}

/** How somebody has set the places. */
export interface PlaceChoice {
  readonly folded: readonly string[];
  /** Ids of lanes, from left to right; those that are not named come in the order of the kitchen. */
  readonly order: readonly string[];
}

export const GUTTER = 54;
const INNER_GAP = 3;
const LANE_GAP = 12;
const NARROW_GAP = 8;
/** A tablet held upright. */
const NARROW_BOARD = 760;
const FOLDED = 22;
/** Least and most of each column; no lane grows wider than its most, so that a small class does not look stretched. */
const SIZES = {
  ahead: [58, 70],
  strip: [22, 28],
  person: [34, 86],
  staff: [36, 64],
  spot: [44, 118],
  table: [64, 190],
} as const;
type Size = keyof typeof SIZES;

interface Entry {
  readonly id: string;
  readonly name: string;
  readonly bread?: string;
}
interface Wanted {
  readonly id: string;
  readonly kind: LaneKind;
  readonly name: string;
  readonly strips: readonly Entry[];
  readonly columns: readonly Entry[];
  readonly strip?: Size;
  readonly column: Size;
}

/** Every lane that a plan asks for, in the order of the kitchen. */
function wantedLanes(plan: Plan, workshop: Workshop): readonly Wanted[] {
  const breadName = (id: string): string => workshop.breads.find((b) => b.id === id)?.name ?? id;
  const mothers = plan.batches.filter((b) => b.station === null);
  const works = new Set(plan.tasks.flatMap((t) => [...t.people, ...staysOf(t).flatMap((w) => w.by ?? [])]));
  const nameOf = (id: string): string => workshop.roster.find((p) => p.id === id)?.name ?? id;
  const spots = (id: string): number =>
    Math.max(1, ...plan.tasks.map((t) => (t.at?.kind === 'griddle' && t.at.id === id ? (t.at.spot ?? 1) : 1)));
  const fires = [...workshop.kitchen.grills, ...workshop.kitchen.flames].filter((f) =>
    plan.tasks.some((t) => t.at?.id === f.id || staysOf(t).some((w) => w.id === f.id)),
  );
  const staff = workshop.kitchen.staff.filter((s) => works.has(s.id));
  return [
    {
      id: 'ahead',
      kind: 'ahead' as const,
      name: 'Ahead',
      strips: mothers.map((b) => ({ id: b.id, name: breadName(b.bread), bread: b.bread })),
      columns: [],
      strip: 'ahead' as const,
      column: 'staff' as const,
    },
    {
      id: 'staff',
      kind: 'staff' as const,
      name: 'Staff',
      strips: [],
      columns: staff.map((s) => ({ id: s.id, name: s.name })),
      column: 'staff' as const,
    },
    ...workshop.stations.map((s) => ({
      id: `station:${s.id}`,
      kind: 'station' as const,
      name: stationName(s),
      strips: plan.batches
        .filter((b) => b.station === s.id)
        .map((b) => ({
          id: b.id,
          name: `${breadName(b.bread)}${b.practice ? ', practice' : ''}`,
          bread: b.bread,
        })),
      columns: s.members.map((id) => ({ id, name: nameOf(id) })),
      column: 'person' as const,
    })),
    ...workshop.kitchen.griddles.map((g) => ({
      id: `griddle:${g.id}`,
      kind: 'griddle' as const,
      name: griddleName(g),
      strips: [],
      columns: Array.from({ length: spots(g.id) }, (_, i) => ({ id: `${g.id}:${i + 1}`, name: `spot ${i + 1}` })),
      column: 'spot' as const,
    })),
    ...fires.map((f) => ({
      id: `fire:${f.id}`,
      kind: 'fire' as const,
      name: thingName(workshop.kitchen, f.id),
      strips: [],
      columns: Array.from({ length: f.slots }, (_, i) => ({ id: `${f.id}:${i + 1}`, name: `slot ${i + 1}` })),
      column: 'staff' as const,
    })),
    {
      id: 'table',
      kind: 'table' as const,
      name: 'Table',
      strips: [],
      columns: [{ id: 'table', name: '' }],
      column: 'table' as const,
    },
  ].filter((l) => l.kind === 'table' || l.strips.length + l.columns.length > 0);
}

/** The lanes in the order that somebody chose, each kind keeping to its own kind. */
function inOrder(lanes: readonly Wanted[], order: readonly string[]): readonly Wanted[] {
  const kinds = [...new Set(lanes.map((l) => l.kind))];
  const rank = (l: Wanted): number => {
    const chosen = order.indexOf(l.id);
    return chosen >= 0 ? chosen : order.length + lanes.indexOf(l);
  };
  return [...lanes].sort((a, b) => kinds.indexOf(a.kind) - kinds.indexOf(b.kind) || rank(a) - rank(b));
}

/** The lanes that were laid last, by what they follow from: a plan that is moved about has the same places. */
let last: { readonly key: string; readonly lanes: Lanes } | undefined;

/**
 * Lays the places of a class across `width` pixels. Columns keep their least widths, so that a large class is wider than the screen and is
 * scrolled; folded lanes are narrow. The same places give the very same lanes.
 */
export function lanesOf(plan: Plan, workshop: Workshop, width: number, choice: PlaceChoice): Lanes {
  const wanted = inOrder(wantedLanes(plan, workshop), choice.order);
  const key = JSON.stringify([wanted, width, choice.folded]);
  if (last?.key !== key) last = { key, lanes: laid(wanted, width, choice) };
  return last.lanes;
}

function laid(wanted: readonly Wanted[], width: number, choice: PlaceChoice): Lanes {
  const folded = new Set(choice.folded);
  const gap = width < NARROW_BOARD ? NARROW_GAP : LANE_GAP;
  const open = wanted.filter((l) => !folded.has(l.id));
  const sizes = open.flatMap((l) => [
    ...l.strips.map((): Size => l.strip ?? 'strip'),
    ...l.columns.map(() => l.column),
  ]);
  const least = sizes.reduce((sum, s) => sum + SIZES[s][0] + INNER_GAP, 0);
  const room = width - GUTTER - gap * wanted.length - FOLDED * (wanted.length - open.length) - least;
  const growth = sizes.reduce((sum, s) => sum + SIZES[s][1] - SIZES[s][0], 0);
  const share = Math.min(1, Math.max(0, room / Math.max(1, growth)));
  const wide = (s: Size): number => SIZES[s][0] + share * (SIZES[s][1] - SIZES[s][0]) + INNER_GAP;
  let x = GUTTER;
  const lanes = wanted.map((l): Lane => {
    const isFolded = folded.has(l.id);
    const from = x;
    const placed = (entry: Entry, size: Size): Column => {
      const column = { bread: undefined, ...entry, lane: l.id, x, width: isFolded ? FOLDED : wide(size) - INNER_GAP };
      if (!isFolded) x += wide(size);
      return column;
    };
    const strips = l.strips.map((s) => placed(s, l.strip ?? 'strip'));
    const columns = l.columns.map((c) => placed(c, l.column));
    if (isFolded) x += FOLDED + INNER_GAP;
    const lane = { ...l, x: from, width: x - from - INNER_GAP, isFolded, strips, columns };
    x += gap;
    return lane;
  });
  return {
    width: Math.max(width, x),
    lanes,
    byId: new Map(lanes.map((l) => [l.id, l])),
    people: new Map(
      lanes.flatMap((l) => (l.kind === 'staff' || l.kind === 'station' ? l.columns.map((c) => [c.id, c]) : [])),
    ),
  };
}
