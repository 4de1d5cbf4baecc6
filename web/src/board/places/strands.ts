import type { Plan, PlanTask, Workshop } from '@hodsman/core';
import type { Part, Share } from '../block.ts';
import type { Column, LaneSpan } from '../lane.ts';
import type { Lanes } from '../lanes.ts';

/** Where doughs and pieces lie in the strips of the board. */
export interface Strands {
  readonly rest: (task: PlanTask) => readonly Part[];
  /** What is done to a dough or a piece, in the strand itself. */
  readonly work: (task: PlanTask, kind: 'hands' | 'away') => readonly Part[];
  /** A line for each piece from its first to its last moment: what waits is never lost from sight. */
  readonly lines: readonly StrandLine[];
}

export interface StrandLine {
  readonly piece: string;
  readonly x: number;
  readonly fromSec: number;
  readonly toSec: number;
}

/** Side jobs run beside a rest: they have a place of their own in the strip, and the strand the rest of it. */
const MAIN_SHARE = 0.72;

export function strandsOf(plan: Plan, workshop: Workshop, lanes: Lanes): Strands {
  const isFolded = new Map(lanes.lanes.map((l) => [l.id, l.isFolded]));
  const strips = new Map(
    lanes.lanes.flatMap((l) => l.strips.map((s) => [s.id, l.isFolded ? { ...s, x: l.x, width: l.width } : s] as const)),
  );
  const tasksOf = new Map<string, PlanTask[]>();
  for (const t of plan.tasks) if (t.piece !== undefined) tasksOf.set(t.piece, [...(tasksOf.get(t.piece) ?? []), t]);
  const isSide = sideJobs(workshop);
  const withSide = new Set(plan.tasks.flatMap((t) => (t.batch !== undefined && isSide(t) ? [t.batch] : [])));
  const mainOf = (s: LaneSpan, batch: string): LaneSpan =>
    withSide.has(batch) ? { x: s.x, width: s.width * MAIN_SHARE } : s;
  const spans = new Map<string, LaneSpan>();
  const piecesOf = new Map<string, readonly string[]>();
  for (const b of plan.batches) {
    const strip = strips.get(b.id);
    if (!strip || b.station === null) continue;
    const made = b.pieces.filter((p) => tasksOf.has(p));
    piecesOf.set(b.id, made);
    const { x, width } = mainOf(strip, b.id);
    for (const [i, p] of made.entries()) spans.set(p, { x: x + (i * width) / made.length, width: width / made.length });
  }
  const folded = (s: Column | undefined): boolean => isFolded.get(s?.lane ?? '') === true;
  const stripOfPiece = new Map([...piecesOf].flatMap(([b, list]) => list.map((p) => [p, strips.get(b)] as const)));

  /** Each piece leaves the rest of its dough when its own first task begins. */
  const sharesOf = (task: PlanTask, batch: string): readonly Share[] =>
    (piecesOf.get(batch) ?? []).flatMap((p): readonly Share[] => {
      const span = spans.get(p);
      const leaves = Math.min(
        ...(tasksOf.get(p) ?? []).flatMap((t) => (t.startSec >= task.startSec ? [t.startSec] : [])),
      );
      return span ? [{ ...span, toSec: Math.min(task.endSec, leaves) }] : [];
    });

  return {
    rest: (task) => {
      if (task.piece !== undefined) {
        const span = spans.get(task.piece);
        return span ? [{ span, kind: 'rest', isFolded: folded(stripOfPiece.get(task.piece)) }] : [];
      }
      const strip = strips.get(task.batch ?? '');
      if (!strip || task.batch === undefined) return [];
      const shares = sharesOf(task, task.batch);
      const parts = shares.some((s) => s.toSec < task.endSec);
      return [
        {
          span: mainOf(strip, task.batch),
          kind: 'rest',
          isFolded: folded(strip),
          ...(parts && { shares }),
        },
      ];
    },
    work: (task, kind) => {
      if (task.piece !== undefined) {
        const span = spans.get(task.piece);
        return span ? [{ span, kind, isFolded: folded(stripOfPiece.get(task.piece)) }] : [];
      }
      const strip = strips.get(task.batch ?? '');
      if (!strip || task.batch === undefined) return [];
      const main = mainOf(strip, task.batch);
      const side = { x: main.x + main.width + 1, width: strip.width - main.width - 1 };
      return [{ span: isSide(task) && withSide.has(task.batch) ? side : main, kind, isFolded: folded(strip) }];
    },
    lines: [...spans].flatMap(([piece, span]) => {
      const own = tasksOf.get(piece) ?? [];
      return {
        piece,
        x: span.x + span.width / 2,
        fromSec: Math.min(...own.map((t) => t.startSec)),
        toSec: Math.max(...own.map((t) => t.endSec)),
      };
    }),
  };
}

/** Whether a task prepares something beside the dough. */
function sideJobs(workshop: Workshop): (task: PlanTask) => boolean {
  const side = new Set(
    workshop.breads.flatMap((b) => b.steps.flatMap((s) => (s.kind === 'prepare' ? [`${b.id} ${s.id}`] : []))),
  );
  return (task) => side.has(`${task.bread ?? ''} ${task.step ?? ''}`);
}
