import type { Plan, PlanTask, Workshop } from '@hodsman/core';
import type { Part } from '../block.ts';
import type { Column, Lane, LaneSpan } from '../lane.ts';
import type { Lanes } from '../lanes.ts';
import type { Strands } from './strands.ts';

/** At the side of somebody's column: their bread lies on a fire while their hands do other things. */
const EDGE_PX = 8;

/** What wants somebody for its turns alone. */
export function isByTurns(workshop: Workshop, task: PlanTask): boolean {
  const step = workshop.breads.find((b) => b.id === task.bread)?.steps.find((s) => s.id === task.step);
  return step?.kind === 'cook' && step.attend === 'turns';
}

/** Where participants' work is drawn: in the room in the strands themselves, else in the columns of those who do it. */
export function handsPlaces(plan: Plan, workshop: Workshop, lanes: Lanes, strands: Strands) {
  const laneOf = (c: Column): Lane | undefined => lanes.byId.get(c.lane);
  const byTurns = plan.tasks.filter((t) => t.kind === 'step' && isByTurns(workshop, t));
  const hasEdge = byTurns.length > 0;
  /** Whether something of theirs lies at the side of their column during a task. */
  const isBeside = (person: string, task: PlanTask): boolean =>
    byTurns.some((t) => t.people.includes(person) && t.startSec < task.endSec && t.endSec > task.startSec);
  const own = (c: Column): LaneSpan => (hasEdge ? { x: c.x, width: c.width - EDGE_PX } : c);
  const inColumns = (task: PlanTask, people: readonly string[]): readonly Part[] => {
    const columns = people.flatMap((p) => lanes.people.get(p) ?? []);
    const lane = columns[0] && laneOf(columns[0]);
    if (!lane) return [];
    if (lane.isFolded) return [{ kind: 'hands', span: lane, isFolded: true }];
    if (lane.band) return [{ kind: 'hands', span: lane.band, isFolded: false }];
    const runs: { x: number; right: number }[] = [];
    for (const [i, c] of lane.columns.entries()) {
      if (!columns.some((x) => x.id === c.id)) continue;
      const last = runs.at(-1);
      const before = lane.columns[i - 1];
      const span = own(c);
      const isRun = before !== undefined && columns.some((x) => x.id === before.id) && !isBeside(before.id, task);
      if (last && isRun) last.right = span.x + span.width;
      else runs.push({ x: span.x, right: span.x + span.width });
    }
    return runs.map((r) => ({ kind: 'hands', span: { x: r.x, width: r.right - r.x }, isFolded: false }));
  };

  return {
    work: (task: PlanTask, people: readonly string[]): readonly Part[] => {
      if (lanes.distance === 'station') return inColumns(task, people);
      const inStrand = strands.work(task, 'hands');
      if (lanes.distance === 'route') return [...inStrand, ...inColumns(task, people)];
      return inStrand.length > 0 ? inStrand : inColumns(task, people);
    },
    /** What lies on a fire, seen from the bench. */
    away: (task: PlanTask, people: readonly string[]): readonly Part[] => {
      if (lanes.distance !== 'station') return strands.work(task, 'away');
      return people.flatMap((p): readonly Part[] => {
        const c = lanes.people.get(p);
        const lane = c && laneOf(c);
        if (!c || !lane) return [];
        const edge = { x: c.x + c.width - EDGE_PX + 2, width: EDGE_PX - 2 };
        const span = isByTurns(workshop, task) ? edge : own(c);
        return [{ kind: 'away', span: lane.isFolded ? lane : span, isFolded: lane.isFolded }];
      });
    },
  };
}
