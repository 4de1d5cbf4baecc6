import { isOneKind } from '../search/index.ts';
import { obstaclesTo, takingsOf, type Obstacle } from '../search/index.ts';
import type { Situation } from './situation.ts';

/** Longest chain of reasons that is followed back. */
const MOST_REASONS = 20;

/** Why a task does not start earlier: what stands in the way, or the goal alone (fresher later; nothing presses). */
export type Reason = Obstacle | { readonly kind: 'goal' };

export interface ChainLink {
  readonly activity: number;
  readonly reason: Reason;
}

export interface TaskExplanation {
  readonly taskId: string;
  /** Why not earlier, and why what stands in its way is not earlier, and so on back. */
  readonly chain: readonly ChainLink[];
  /** How far it alone can slip before a rule breaks. */
  readonly slackSec: number;
  /** How far it can slip if what comes after slips with it, before the last bread is later than table time (or than it is now). */
  readonly totalSlackSec: number;
  /** Any delay of it makes the end late. */
  readonly isCritical: boolean;
}

/** Explains one task of a plan; undefined for a task that is no activity (a rest, the welcome, a break, a preheat). */
export function explainTask(s: Situation, taskId: string): TaskExplanation | undefined {
  const a = s.activityOf.get(taskId);
  if (a === undefined || !s.done[a]) return undefined;
  const totalSlackSec = latestStarts(s)[a] ?? Infinity;
  const start = s.done[a].placement.startSec;
  return {
    taskId,
    chain: chainBack(s, a),
    slackSec: slackOf(s, a),
    totalSlackSec: totalSlackSec - start,
    isCritical: totalSlackSec - start <= 0,
  };
}

/** The tasks any delay of which makes the end late. */
export function criticalTasks(s: Situation): readonly string[] {
  const latest = latestStarts(s);
  return s.network.sources.flatMap((source, a) => {
    const d = s.done[a];
    const isNamed = source.step !== null || source.demo !== null;
    return d && isNamed && (latest[a] ?? Infinity) <= d.placement.startSec ? [source.taskId] : [];
  });
}

function chainBack(s: Situation, a: number): readonly ChainLink[] {
  const chain: ChainLink[] = [];
  const seen = new Set<number>();
  for (let at: number | undefined = a; at !== undefined && !seen.has(at) && chain.length < MOST_REASONS;) {
    seen.add(at);
    const reason: Reason = obstaclesTo(s, at, (s.done[at]?.placement.startSec ?? 0) - 1)[0] ?? { kind: 'goal' };
    chain.push({ activity: at, reason });
    at = 'by' in reason && s.done[reason.by] ? reason.by : undefined;
  }
  return chain;
}

/** Until the first obstacle that is not there now: candidates are the moments at which the task would touch something. */
function slackOf(s: Situation, a: number): number {
  const d = s.done[a];
  if (!d) return 0;
  const { startSec, endSec } = d.placement;
  const before = new Set(obstaclesTo(s, a, startSec).map((o) => JSON.stringify(o)));
  const isNew = (sec: number): boolean => obstaclesTo(s, a, sec).some((o) => !before.has(JSON.stringify(o)));
  const isFinal = s.network.problem.finals.some((f) => f.activity === a);
  const dueSec = Math.min(
    s.network.problem.activities[a]?.dueSec ?? Infinity,
    isFinal && s.plan.goal !== 'short' ? s.plan.tableSec : Infinity,
  );
  const moments = new Set<number>([dueSec - endSec]);
  for (const lag of s.lagsOf[a] ?? []) {
    const other = s.done[lag.to === a ? lag.from : lag.to]?.placement;
    if (!other) continue;
    if (lag.to === a) moments.add((lag.fromAt === 'end' ? other.endSec : other.startSec) + lag.maxSec - startSec);
    else
      moments.add(
        (lag.toAt === 'start' ? other.startSec : other.endSec) -
          lag.minSec -
          (lag.fromAt === 'end' ? endSec : startSec),
      );
  }
  for (const mine of takingsOf(d, startSec))
    for (const t of s.byResource.get(mine.resource) ?? []) if (t.activity !== a) moments.add(t.fromSec - mine.toSec);
  const plate = d.mode.lying && s.network.problem.hotplates[d.mode.lying.plate];
  for (const o of d.mode.lying ? (s.byPlate.get(d.mode.lying.plate) ?? []) : [])
    for (const setup of [0, plate?.resetSec ?? 0, plate?.changeSec ?? 0, plate?.cleanSec ?? 0])
      moments.add(o.placement.startSec - setup - endSec);
  for (const o of d.mode.lying ? (s.byPlate.get(d.mode.lying.plate) ?? []) : [])
    moments.add(o.placement.startSec - (plate?.layOnGapSec ?? 0) - startSec);
  for (const p of s.pauses) moments.add(p.fromSec - endSec);
  const sorted = [...moments].filter((m) => m >= 0 && m < Infinity).sort((x, y) => x - y);
  for (const m of sorted) if (m >= dueSec - endSec || isNew(startSec + m + 1)) return m;
  return dueSec === Infinity ? Infinity : Math.max(0, dueSec - endSec);
}

/**
 * The latest start of every activity if what follows it slips with it (late starts of the critical path method, over lags and over what
 * follows on the same resource, spot or griddle): the last final may end at table time, or when it does where that is later.
 */
function latestStarts(s: Situation): readonly number[] {
  const { problem } = s.network;
  const finish = problem.finals.reduce((max, f) => Math.max(max, s.done[f.activity]?.placement.endSec ?? 0), -Infinity);
  const deadline = s.plan.goal === 'short' ? finish : Math.max(s.plan.tableSec, finish);
  const isFinal = new Set(problem.finals.map((f) => f.activity));
  const latest = problem.activities.map(() => Infinity);
  const inTime = s.done
    .filter((d) => d !== undefined)
    .sort((x, y) => y.placement.startSec - x.placement.startSec || y.activity - x.activity);
  for (const d of inTime) {
    const { startSec, endSec } = d.placement;
    // the shift that everything after it allows
    let shift = isFinal.has(d.activity) ? deadline - endSec : Infinity;
    const follow = (b: number, gap: number): void => {
      const other = s.done[b]?.placement.startSec ?? Infinity;
      if (gap >= 0) shift = Math.min(shift, (latest[b] ?? Infinity) - other + gap);
    };
    for (const lag of s.lagsOf[d.activity] ?? []) {
      const other = s.done[lag.to];
      if (lag.from === d.activity && lag.fromAt === 'end' && lag.toAt === 'start' && other)
        follow(lag.to, other.placement.startSec - endSec - lag.minSec);
    }
    for (const mine of takingsOf(d, startSec)) {
      if ((problem.resources[mine.resource]?.capacity ?? 1) > 1) continue;
      for (const t of s.byResource.get(mine.resource) ?? [])
        if (t.activity !== d.activity && t.fromSec >= mine.toSec) follow(t.activity, t.fromSec - mine.toSec);
    }
    const { lying } = d.mode;
    const plate = lying && problem.hotplates[lying.plate];
    for (const o of lying ? (s.byPlate.get(lying.plate) ?? []) : []) {
      if (o.placement.startSec < endSec || o.activity === d.activity || !lying || !plate) continue;
      const theirs = o.mode.lying?.kind ?? null;
      const isKin = lying.kind !== null && theirs !== null && isOneKind(theirs, lying.kind);
      if (isKin && o.placement.spot !== d.placement.spot) continue;
      follow(o.activity, o.placement.startSec - endSec - (isKin ? plate.resetSec : plate.changeSec));
    }
    latest[d.activity] = startSec + shift;
  }
  return latest;
}
