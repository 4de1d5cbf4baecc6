import { handsUse, taskSpans, type Plan, type PlanTask, type UsePoint } from '@hodsman/core';
import type { LaneSpan } from './lane.ts';
import type { Lanes } from './lanes.ts';

/** How many of a station's people have a task over time, and the phases of its work, the longest first. */
export interface Band extends LaneSpan {
  readonly lane: string;
  readonly people: number;
  readonly points: readonly UsePoint[];
  readonly phases: readonly Phase[];
}

/** One step of one bread at a station, from the first who begins to the last who ends. */
export interface Phase {
  readonly bread: string;
  readonly step: string;
  readonly fromSec: number;
  readonly toSec: number;
  /** How many breads go through it one by one; 0 where the dough does as a whole. */
  readonly pieces: number;
}

export function bandsOf(plan: Plan, lanes: Lanes): readonly Band[] {
  if (lanes.distance !== 'room') return [];
  const spans = taskSpans(plan);
  const byPerson = new Map<string, PlanTask[]>();
  for (const t of plan.tasks)
    if (t.kind === 'step') for (const p of t.people) byPerson.set(p, [...(byPerson.get(p) ?? []), t]);
  return lanes.lanes.flatMap((l): readonly Band[] => {
    if (!l.band || l.isFolded) return [];
    const members = l.people.map((p) => p.id);
    const tasks = new Set(members.flatMap((p) => byPerson.get(p) ?? []));
    return [
      {
        ...l.band,
        lane: l.id,
        people: members.length,
        points: handsUse(spans, members),
        phases: phasesOf([...tasks]),
      },
    ];
  });
}

function phasesOf(tasks: readonly PlanTask[]): readonly Phase[] {
  const phases = new Map<string, Phase>();
  for (const t of tasks) {
    if (t.bread === undefined || t.step === undefined) continue;
    const key = `${t.bread} ${t.step}`;
    const known = phases.get(key);
    phases.set(key, {
      bread: t.bread,
      step: t.step,
      fromSec: Math.min(known?.fromSec ?? Infinity, t.startSec),
      toSec: Math.max(known?.toSec ?? -Infinity, t.endSec),
      pieces: (known?.pieces ?? 0) + (t.piece === undefined ? 0 : 1),
    });
  }
  return [...phases.values()].sort((a, b) => b.toSec - b.fromSec - (a.toSec - a.fromSec));
}
