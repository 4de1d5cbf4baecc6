import type { Plan } from '../plan/index.ts';
import { verdictOf } from '../planner/index.ts';
import type { Workshop } from '../workshop/index.ts';
import { idleGaps } from './idle.ts';
import { pieceRuns, type PieceRun } from './pieces.ts';

/** Mean and worst of a list, in seconds; null of none. */
export interface Spread {
  readonly meanSec: number;
  readonly worstSec: number;
}

/** The figures of a plan, in seconds: what two plans of one class are compared by. */
export interface PlanFigures {
  readonly fits: boolean;
  readonly spareSec: number;
  readonly finishSec: number;
  /** How long breads that are served together have been done at table time. */
  readonly age: Spread | null;
  /** How far the rests are from the best. */
  readonly restAway: Spread | null;
  /** How long everyone stands idle in all. */
  readonly idle: Spread | null;
  /** How long shaped pieces lie before their fire. */
  readonly wait: Spread | null;
  /** Between the first and the last of everyone's first breads. */
  readonly firstSpreadSec: number;
}

const spread = (list: readonly number[]): Spread | null =>
  list.length === 0 ? null : { meanSec: list.reduce((a, b) => a + b, 0) / list.length, worstSec: Math.max(...list) };

/** When everyone has their first bread in hand, the first of all first. */
export function firstBreads(runs: readonly PieceRun[]): readonly PieceRun[] {
  const first = new Map<string, PieceRun>();
  for (const r of runs) if (!first.has(r.owner)) first.set(r.owner, r);
  return [...first.values()];
}

/** The figures of a plan. */
export function planFigures(workshop: Workshop, plan: Plan): PlanFigures {
  const runs = pieceRuns(workshop, plan);
  const gaps = idleGaps(workshop, plan);
  const firsts = firstBreads(runs).map((r) => r.doneSec);
  const idle = new Map(workshop.roster.map((p) => [p.id, 0]));
  for (const g of gaps) idle.set(g.person, (idle.get(g.person) ?? 0) + g.toSec - g.fromSec);
  const { fits, spareSec } = verdictOf(workshop, plan);
  return {
    fits,
    spareSec,
    finishSec: plan.measures.finishSec,
    age: spread(runs.flatMap((r) => (r.holdSec === null ? [] : [Math.max(0, r.ageSec)]))),
    restAway: spread(
      plan.tasks.flatMap((t) => (t.kind === 'rest' ? [Math.abs(t.endSec - t.startSec - t.window.idealSec)] : [])),
    ),
    idle: spread([...idle.values()]),
    wait: spread(runs.flatMap((r) => r.waitSec ?? [])),
    firstSpreadSec: firsts.length === 0 ? 0 : Math.max(...firsts) - Math.min(...firsts),
  };
}
