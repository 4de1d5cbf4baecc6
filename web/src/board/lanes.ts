import type { Plan, Workshop } from '@hodsman/core';
import type { Distance } from './distance.ts';
import type { Column, Lane, LaneSpan } from './lane.ts';
import { GAPS, SIZES, type ColumnKind } from './lane-sizes.ts';
import { wantedLanes, type Route, type Wanted } from './wanted-lanes.ts';

/** Where everything lies across the board, in pixels. Nothing here is a figure that people read. */
export interface Lanes {
  readonly distance: Distance;
  readonly width: number;
  readonly lanes: readonly Lane[];
  readonly byId: ReadonlyMap<string, Lane>;
  /** Where somebody's work is drawn: their own column, else the band of their station; of participants and staff. */
  readonly people: ReadonlyMap<string, Column>;
}
/** How somebody has set the places. */
export interface PlaceChoice {
  readonly folded: readonly string[];
  /** Ids of lanes, from left to right; those that are not named come in the order of the kitchen. */
  readonly order: readonly string[];
  /** Lanes that are left out altogether: a picture on paper is parted by them. */
  readonly without?: ReadonlySet<string>;
}

export const GUTTER = 62;
/** Times end here; between them and the first lane signs of trouble have their place. */
export const TIMES_PX = 44;
const FOLDED = 22;

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
 * Lays the places of a class across `width` pixels. In the room everything fits, however large the class; at the other distances columns keep
 * the width that their words need, and the board is scrolled. The same places give the very same lanes.
 */
export function lanesOf(
  plan: Plan,
  workshop: Workshop,
  width: number,
  choice: PlaceChoice,
  distance: Distance,
  route?: Route,
): Lanes {
  const wanted = inOrder(wantedLanes(plan, workshop, distance, route), choice.order).filter(
    (l) => choice.without?.has(l.id) !== true,
  );
  const key = JSON.stringify([wanted, width, choice.folded, distance]);
  if (last?.key !== key) last = { key, lanes: laid(wanted, width, choice.folded, distance) };
  return last.lanes;
}

/** The width that the lanes of a class need so that all of them can be read, each with its gap; in pixels. */
export function leastWidths(plan: Plan, workshop: Workshop, distance: Distance): ReadonlyMap<string, number> {
  const { lane, inner } = GAPS[distance];
  return new Map(
    wantedLanes(plan, workshop, distance).map((l) => {
      const columns = kindsOf(l).reduce((sum, k) => sum + SIZES[distance][k][0] + inner, 0);
      return [l.id, columns + lane];
    }),
  );
}

/** How wide each kind of column is, so that all of them fill the width as well as they can. */
function widthsFor(
  wanted: readonly Wanted[],
  width: number,
  folded: ReadonlySet<string>,
  distance: Distance,
): (kind: ColumnKind) => number {
  const sizes = SIZES[distance];
  const { lane: laneGap, inner } = GAPS[distance];
  const open = wanted.filter((l) => !folded.has(l.id));
  const kinds = open.flatMap(kindsOf);
  const least = kinds.reduce((sum, k) => sum + sizes[k][0], 0);
  const growth = kinds.reduce((sum, k) => sum + sizes[k][1] - sizes[k][0], 0);
  const gaps = laneGap * wanted.length + inner * kinds.length + FOLDED * (wanted.length - open.length);
  const room = width - GUTTER - gaps - least;
  // the room gives way below its least widths rather than leave the screen
  if (room < 0) {
    const shrink = distance === 'room' ? Math.max(0.1, (least + room) / Math.max(1, least)) : 1;
    return (k) => sizes[k][0] * shrink;
  }
  const share = Math.min(1, room / Math.max(1, growth));
  return (k) => sizes[k][0] + share * (sizes[k][1] - sizes[k][0]);
}

const kindsOf = (l: Wanted): readonly ColumnKind[] => [
  ...l.strips.map(() => (l.kind === 'ahead' ? ('ahead' as const) : ('strip' as const))),
  ...l.columns.map(() => l.column),
  ...(l.hasBand ? (['band'] as const) : []),
];

function laid(wanted: readonly Wanted[], width: number, foldedIds: readonly string[], distance: Distance): Lanes {
  const folded = new Set(foldedIds);
  const wide = widthsFor(wanted, width, folded, distance);
  const { lane: laneGap, inner } = GAPS[distance];
  let x = GUTTER;
  const lanes = wanted.map((l): Lane => {
    const isFolded = folded.has(l.id);
    const from = x;
    const next = (kind: ColumnKind): LaneSpan => {
      const span = { x, width: isFolded ? FOLDED : wide(kind) };
      if (!isFolded) x += wide(kind) + inner;
      return span;
    };
    const strips = l.strips.map((s): Column => ({ ...s, lane: l.id, ...next(l.kind === 'ahead' ? 'ahead' : 'strip') }));
    const columns = l.columns.map((c): Column => ({ bread: undefined, ...c, lane: l.id, ...next(l.column) }));
    const band = l.hasBand ? next('band') : undefined;
    if (isFolded) x += FOLDED + inner;
    const { id, kind, names, people } = l;
    const lane = { id, kind, names, people, x: from, width: x - from - inner, isFolded, strips, columns, band };
    x += laneGap;
    return lane;
  });
  return {
    distance,
    // sums of shares are off by less than a pixel
    width: x < width + 1 ? width : x,
    lanes,
    byId: new Map(lanes.map((l) => [l.id, l])),
    people: new Map(lanes.flatMap(peopleOf)),
  };
}

function peopleOf(l: Lane): readonly (readonly [string, Column])[] {
  const own = l.kind === 'staff' || l.kind === 'station' ? l.columns : [];
  const { band } = l;
  if (!band) return own.map((c) => [c.id, c]);
  return l.people.map(({ id, names }) => [id, { id, names, lane: l.id, bread: undefined, ...band }]);
}
