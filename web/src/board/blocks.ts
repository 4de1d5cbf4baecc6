import { mindedBy, staysOf, type Plan, type PlanTask, type Workshop } from '@hodsman/core';
import type { Lane, Lanes, LaneSpan } from './lanes.ts';

/**
 * A task where it stands on the board. `away`: its cook at the fire, seen from the bench; `together`: many at once; `staffed`: staff at
 * work on something that stands elsewhere; `carried`: a griddle held over another fire.
 */
export type BlockKind = 'hands' | 'rest' | 'cook' | 'away' | 'preheat' | 'together' | 'staffed' | 'carried';
export interface Block extends LaneSpan {
  readonly task: PlanTask;
  readonly kind: BlockKind;
  readonly fromSec: number;
  readonly toSec: number;
  readonly isFolded: boolean;
  /** Only its main block is where a task is selected and moved. */
  readonly isMain: boolean;
}

/** Every task as blocks; a task may stand in several places at once. */
export function blocksOf(plan: Plan, workshop: Workshop, lanes: Lanes): readonly Block[] {
  const place = placer(plan, workshop, lanes);
  return plan.tasks.flatMap((task) => {
    const parts = place(task);
    return parts.map(({ span, kind, lane, fromSec = task.startSec, toSec = task.endSec }, i): Block => ({
      task,
      kind,
      x: span.x,
      width: span.width,
      fromSec,
      toSec,
      isFolded: lane.isFolded,
      isMain: i === 0,
    }));
  });
}

/** A piece that rests is a narrow strand at the side of its owner's column: its owner goes on with other things. */
const PIECE_STRAND_PX = 9;

interface Part {
  readonly span: LaneSpan;
  readonly lane: Lane;
  readonly kind: BlockKind;
  readonly fromSec?: number;
  readonly toSec?: number;
}

/** What finds the places of a task, the one where it is chiefly done first. */
function placer(plan: Plan, workshop: Workshop, lanes: Lanes): (task: PlanTask) => readonly Part[] {
  const stationOfBatch = new Map(plan.batches.map((b) => [b.id, b.station]));
  const staff = new Set(workshop.kitchen.staff.map((s) => s.id));
  const lane = (id: string): Lane | undefined => lanes.byId.get(id);
  const column = (l: Lane | undefined, n: number): LaneSpan | undefined => l?.columns[l.isFolded ? 0 : n];
  const part = (
    l: Lane | undefined,
    span: LaneSpan | undefined,
    kind: BlockKind,
    at?: Partial<Part>,
  ): readonly Part[] => (l && span ? [{ span, lane: l, kind, ...at }] : []);
  const personParts = (people: readonly string[], kind: BlockKind, at?: Partial<Part>): readonly Part[] =>
    people.flatMap((p) => {
      const c = lanes.people.get(p);
      return c ? part(lane(c.lane), c, kind, at) : [];
    });

  const fireParts = (task: PlanTask): readonly Part[] => {
    const { at } = task;
    if (at?.kind === 'griddle') {
      const l = lane(`griddle:${at.id ?? ''}`);
      if (task.kind === 'preheat') return part(l, l, 'preheat');
      if (task.kind === 'demo') return part(l, l, 'cook');
      return part(l, column(l, (at.spot ?? 1) - 1), 'cook');
    }
    if (at?.kind === 'grill' || at?.kind === 'flame') {
      const l = lane(`fire:${at.id ?? ''}`);
      return part(l, l, 'cook');
    }
    return [];
  };
  const carriedParts = (task: PlanTask): readonly Part[] =>
    staysOf(task).flatMap((w) => {
      const l = lane(`fire:${w.id}`);
      const at = { fromSec: w.startSec, toSec: w.endSec };
      return [...part(l, l, 'carried', at), ...personParts(w.by === undefined ? [] : [w.by], 'staffed', at)];
    });
  const restPart = (task: PlanTask): readonly Part[] => {
    if (task.batch === undefined)
      return personParts(mindedBy(task), 'rest').map((p) => ({
        ...p,
        span: { x: p.span.x, width: Math.min(PIECE_STRAND_PX, p.span.width) },
      }));
    const station = stationOfBatch.get(task.batch) ?? null;
    const l = lane(station === null ? 'ahead' : `station:${station}`);
    return part(
      l,
      l?.strips.find((s) => s.id === task.batch),
      'rest',
    );
  };

  return (task) => {
    const [staffed, others] = [task.people.filter((p) => staff.has(p)), task.people.filter((p) => !staff.has(p))];
    if (task.kind === 'welcome' || task.kind === 'break' || task.kind === 'demo')
      return [
        ...togetherParts(lanes, others),
        ...personParts(staffed, task.kind === 'demo' ? 'hands' : 'staffed'),
        ...(task.kind === 'demo' ? fireParts(task) : []),
      ];
    if (task.kind === 'preheat') return fireParts(task);
    if (task.kind === 'rest') return restPart(task);
    const onFire = fireParts(task);
    if (onFire.length > 0)
      return [...onFire, ...personParts(others, 'away'), ...personParts(staffed, 'staffed'), ...carriedParts(task)];
    const ahead = lane('ahead');
    const mother = task.batch !== undefined && stationOfBatch.get(task.batch) === null;
    if (mother)
      return [
        ...part(
          ahead,
          ahead?.strips.find((s) => s.id === task.batch),
          'hands',
        ),
        ...personParts(staffed, 'staffed'),
      ];
    return [...handsParts(lanes, task, others), ...personParts(staffed, 'hands')];
  };
}

/** One part for each run of stations side by side of which somebody takes part. */
function togetherParts(lanes: Lanes, people: readonly string[]): readonly Part[] {
  const there = new Set(people.flatMap((p) => lanes.people.get(p)?.lane ?? []));
  const parts: Part[] = [];
  let open: { x: number; right: number; lane: Lane; isFolded: boolean } | undefined;
  const close = (): void => {
    if (open) parts.push({ kind: 'together', lane: open.lane, span: { x: open.x, width: open.right - open.x } });
    open = undefined;
  };
  for (const l of lanes.lanes) {
    if (!there.has(l.id)) {
      if (l.kind === 'station') close();
      continue;
    }
    if (open) open.right = l.x + l.width;
    else open = { x: l.x, right: l.x + l.width, lane: { ...l, isFolded: false }, isFolded: l.isFolded };
  }
  close();
  return parts;
}

/** The columns of all who work on it, one part for each run of them; work of a whole team takes the strip of its dough in as well. */
function handsParts(lanes: Lanes, task: PlanTask, people: readonly string[]): readonly Part[] {
  const columns = people.flatMap((p) => lanes.people.get(p) ?? []);
  const lane = lanes.byId.get(columns[0]?.lane ?? '');
  if (!lane) return [];
  if (lane.isFolded) return [{ kind: 'hands', lane, span: columns[0] ?? lane }];
  const isWhole = columns.length === lane.columns.length && task.batch !== undefined && lane.strips.length === 1;
  const runs: { x: number; right: number }[] = [];
  for (const [i, c] of lane.columns.entries()) {
    if (!columns.includes(c)) continue;
    const last = runs.at(-1);
    const before = lane.columns[i - 1];
    if (last && before && columns.includes(before)) last.right = c.x + c.width;
    else runs.push({ x: isWhole ? lane.x : c.x, right: c.x + c.width });
  }
  return runs.map((r) => ({ kind: 'hands', lane, span: { x: r.x, width: r.right - r.x } }));
}
