import type { Distance } from './distance.ts';

/** Least and most width of each kind of column, in pixels. No lane grows wider than its most, so that a small class does not look stretched. */
export type ColumnKind = 'ahead' | 'strip' | 'band' | 'person' | 'staff' | 'spot' | 'slot' | 'table' | 'list';
type Sizes = Readonly<Record<ColumnKind, readonly [least: number, most: number]>>;

const ROOM: Sizes = {
  ahead: [40, 60],
  strip: [15, 104],
  band: [18, 52],
  person: [30, 30],
  staff: [26, 60],
  spot: [12, 110],
  slot: [14, 44],
  table: [44, 180],
  list: [0, 0],
};
const STATION: Sizes = {
  ahead: [58, 90],
  strip: [34, 56],
  band: [0, 0],
  person: [104, 150],
  staff: [72, 110],
  spot: [92, 150],
  slot: [92, 120],
  table: [90, 190],
  list: [0, 0],
};
const ROUTE: Sizes = {
  ahead: [58, 110],
  strip: [40, 120],
  band: [0, 0],
  person: [92, 180],
  staff: [96, 140],
  spot: [40, 150],
  slot: [40, 120],
  table: [44, 110],
  list: [230, 420],
};

export const SIZES: Readonly<Record<Distance, Sizes>> = { room: ROOM, station: STATION, route: ROUTE };

/** Between lanes, and between the columns of one, in pixels. */
export const GAPS: Readonly<Record<Distance, { readonly lane: number; readonly inner: number }>> = {
  room: { lane: 9, inner: 2 },
  station: { lane: 16, inner: 4 },
  route: { lane: 16, inner: 4 },
};
