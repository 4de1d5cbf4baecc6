/** A stretch across the board, in pixels. */
export interface LaneSpan {
  readonly x: number;
  readonly width: number;
}
/** A column of a lane: a person, a spot, or one dough. */
export interface Column extends LaneSpan {
  readonly id: string;
  /** From the longest to the shortest name. */
  readonly names: readonly string[];
  readonly lane: string;
  /** Of a strip. */
  readonly bread: string | undefined;
}
export type LaneKind = 'ahead' | 'staff' | 'station' | 'griddle' | 'fire' | 'table' | 'list';
export interface Lane extends LaneSpan {
  readonly id: string;
  readonly kind: LaneKind;
  /** From the longest to the shortest name. */
  readonly names: readonly string[];
  readonly isFolded: boolean;
  /** Strips in which doughs rest, one for each dough. */
  readonly strips: readonly Column[];
  readonly columns: readonly Column[];
  /** Of a station in the room: how many of its people have their hands full. */
  readonly band: LaneSpan | undefined;
  /** Who stands there. */
  readonly people: readonly { readonly id: string; readonly names: readonly string[] }[];
}
