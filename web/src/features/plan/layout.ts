import { stationName, type Plan, type PlanTask, type Workshop } from '@hodsman/core';

/** Where everything on the board lies, in pixels; time runs down. Nothing here is a figure that people read. */
export interface BoardLayout {
  readonly width: number;
  readonly height: number;
  readonly stations: readonly StationLane[];
  readonly griddles: readonly GriddleLane[];
  readonly table: Span;
  readonly yOf: (sec: number) => number;
  readonly fromSec: number;
  readonly toSec: number;
}
export interface Span {
  readonly x: number;
  readonly width: number;
}
export interface StationLane extends Span {
  readonly id: string;
  readonly name: string;
  /** One strip for each bread's dough, left of the people. */
  readonly strips: readonly (Span & { readonly bread: string })[];
  readonly people: readonly (Span & { readonly id: string; readonly name: string })[];
}
export interface GriddleLane extends Span {
  readonly id: string;
  readonly name: string;
  readonly spots: readonly Span[];
}

export const GUTTER = 54;
const TOP = 8;
const BOTTOM = 26;
const WIDE_GAP = 12;
const NARROW_GAP = 8;
/** A tablet held upright. */
const NARROW_BOARD = 1000;
const INNER_GAP = 3;
const STRIP = 30;
const NARROW_STRIP = 18;
const LEAST_PERSON = 31;
const LEAST_SPOT = 40;
const TABLE_SHARE = 1.1;
const LEAST_TABLE = 62;
const AFTER_TABLE_SEC = 180;
/** No lane grows wider than this, so that a small class does not look stretched. */
const MOST_PERSON = 86;
const MOST_SPOT = 120;

/** The most spots that any task of the plan uses on a griddle; 1 where none does. */
function spotsUsed(plan: Plan, griddle: string): number {
  return Math.max(
    1,
    ...plan.tasks.map((t) => (t.at?.kind === 'griddle' && t.at.id === griddle ? (t.at.spot ?? 1) : 1)),
  );
}

/**
 * Lays out a plan for a board of `width` pixels where the whole class is `height` pixels long. Lanes keep their least widths, so that
 * a large class is wider than the screen and is scrolled.
 */
export function layoutBoard(plan: Plan, workshop: Workshop, width: number, height: number): BoardLayout {
  const breads = [...new Set(plan.batches.map((b) => b.bread))];
  const isNarrow = width < NARROW_BOARD;
  const gap = isNarrow ? NARROW_GAP : WIDE_GAP;
  const strip = breads.length > 1 || isNarrow ? NARROW_STRIP : STRIP;
  const stripsWidth = breads.length * (strip + INNER_GAP);
  const griddleSpots = workshop.kitchen.griddles.map((g) => spotsUsed(plan, g.id));
  const people = workshop.stations.reduce((sum, s) => sum + s.members.length, 0);
  const spots = griddleSpots.reduce((a, b) => a + b, 0);
  const lanes = workshop.stations.length + griddleSpots.length + 1;
  // what is left after gutter, gaps and strips is shared by people, spots and the table
  const shared = width - GUTTER - gap * lanes - stripsWidth * workshop.stations.length;
  const unit = shared / (people + spots * 1.25 + TABLE_SHARE * 1.6);
  const person = clamp(unit, LEAST_PERSON, MOST_PERSON);
  const spot = clamp(unit * 1.25, LEAST_SPOT, MOST_SPOT);

  let x = GUTTER;
  const stations = workshop.stations.map((s): StationLane => {
    const strips = breads.map((bread, i) => ({ bread, x: x + i * (strip + INNER_GAP), width: strip }));
    const first = x + stripsWidth;
    const lane = {
      id: s.id,
      name: stationName(s),
      x,
      width: stripsWidth + s.members.length * person,
      strips,
      people: s.members.map((id, i) => ({
        id,
        name: workshop.roster.find((p) => p.id === id)?.name ?? id,
        x: first + i * person,
        width: person - INNER_GAP,
      })),
    };
    x += lane.width + gap;
    return lane;
  });
  const griddles = workshop.kitchen.griddles.map((g, n): GriddleLane => {
    const count = griddleSpots[n] ?? 1;
    const lane = {
      id: g.id,
      name: g.name ?? `Griddle ${g.id.replace(/^G/, '')}`,
      x,
      width: count * spot,
      spots: Array.from({ length: count }, (_, i) => ({ x: x + i * spot + INNER_GAP, width: spot - 2 * INNER_GAP })),
    };
    x += lane.width + gap;
    return lane;
  });
  const table = { x, width: Math.max(LEAST_TABLE, Math.min(220, width - x - gap)) };
  const fromSec = Math.min(0, ...plan.tasks.filter((t) => t.kind !== 'preheat').map((t) => t.startSec));
  const toSec = Math.max(plan.tableSec, ...plan.tasks.map((t) => t.endSec)) + AFTER_TABLE_SEC;
  const pxPerSec = Math.max(0.02, (height - TOP - BOTTOM) / (toSec - fromSec));
  return {
    width: Math.max(width, table.x + table.width + gap),
    height,
    stations,
    griddles,
    table,
    fromSec,
    toSec,
    yOf: (sec) => TOP + (sec - fromSec) * pxPerSec,
  };
}

const clamp = (x: number, least: number, most: number): number => Math.max(least, Math.min(most, x));

/** A block on the board: a task with its place on the screen. */
export interface Block {
  readonly task: PlanTask;
  /** `away`: its cook stands at the griddle, seen from the bench. */
  readonly kind: 'hands' | 'rest' | 'cook' | 'away' | 'preheat' | 'together';
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Every task as a block; one that no lane can hold is left out (it stands in the table). */
export function blocksOf(plan: Plan, layout: BoardLayout): readonly Block[] {
  const byStation = new Map(layout.stations.map((s) => [s.id, s]));
  const laneOf = new Map(
    layout.stations.flatMap((s) => s.people.map((p) => [p.id, { station: s, column: p }] as const)),
  );
  const stationOfBatch = new Map(plan.batches.map((b) => [b.id, b.station]));
  const griddles = new Map(layout.griddles.map((g) => [g.id, g]));
  return plan.tasks.flatMap((task): Block[] => {
    const y = layout.yOf(task.startSec);
    const height = layout.yOf(task.endSec) - y;
    const at = (span: Span | undefined, kind: Block['kind']): Block[] =>
      span ? [{ task, kind, y, height, x: span.x, width: span.width }] : [];
    if (task.kind === 'welcome' || task.kind === 'break' || task.kind === 'demo')
      return at(acrossOf(layout, task), 'together');
    const griddle = task.at?.kind === 'griddle' ? griddles.get(task.at.id ?? '') : undefined;
    if (task.kind === 'preheat') return at(griddle, 'preheat');
    if (griddle) {
      const cooks = task.people.flatMap((p) => at(laneOf.get(p)?.column, 'away'));
      return [...cooks, ...at(griddle.spots[(task.at?.spot ?? 1) - 1], 'cook')];
    }
    if (task.window) {
      const station = byStation.get(stationOfBatch.get(task.batch ?? '') ?? '');
      const own = laneOf.get(ownerOf(task))?.column;
      return at(task.batch === undefined ? own : station?.strips.find((s) => s.bread === task.bread), 'rest');
    }
    return at(handsSpan(task, laneOf), 'hands');
  });
}

/** `b1/p1/2` belongs to p1. */
const ownerOf = (task: PlanTask): string => task.piece?.split('/')[1] ?? '';

/** From the leftmost to the rightmost lane of those who take part. */
function acrossOf(layout: BoardLayout, task: PlanTask): Span | undefined {
  const lanes = layout.stations.filter((s) => s.people.some((p) => task.people.includes(p.id)));
  const [first, last] = [lanes[0], lanes.at(-1)];
  return first && last ? { x: first.x, width: last.x + last.width - first.x } : undefined;
}

/** The columns of all who work on it; work of the whole team takes the strips of the station in as well. */
function handsSpan(
  task: PlanTask,
  laneOf: ReadonlyMap<string, { readonly station: StationLane; readonly column: Span }>,
): Span | undefined {
  const lanes = task.people.flatMap((p) => laneOf.get(p) ?? []);
  const [first, last] = [lanes[0], lanes.at(-1)];
  if (!first || !last) return undefined;
  const isWhole =
    lanes.length === first.station.people.length && task.batch !== undefined && first.station.strips.length === 1;
  const x = isWhole ? first.station.x : Math.min(...lanes.map((l) => l.column.x));
  return { x, width: Math.max(...lanes.map((l) => l.column.x + l.column.width)) - x };
}
