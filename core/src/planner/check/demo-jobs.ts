import { demoId } from '../../ids.ts';
import type { Plan, PlanTask } from '../../plan/index.ts';
import { roundHalfUp } from '../../units/index.ts';
import type { Station, Workshop } from '../../workshop/index.ts';
import type { CheckedLine, Facts } from './facts.ts';

/** A demonstration that the workshop asks for, and the plan's task for it. */
export interface DemoJob {
  readonly id: string;
  readonly demo: Workshop['demos'][number];
  readonly line: CheckedLine;
  readonly station: Station | null;
  /** Those who make a bread of its family. */
  readonly makers: readonly string[];
  readonly sec: number;
  readonly task: PlanTask | undefined;
}

export function expectedDemos(facts: Facts, plan: Plan): readonly DemoJob[] {
  const tasks = new Map(plan.tasks.filter((t) => t.kind === 'demo').map((t) => [t.id, t]));
  return facts.workshop.demos.flatMap((demo): DemoJob[] => {
    const line = facts.lines.find((l) => l.bread.id === demo.bread);
    if (!line) return [];
    const family = facts.lines.filter((l) => l.family === line.family);
    const makers = facts.participants.filter((p) => family.some((l) => l.makers.has(p)));
    const made = (id: string, who: readonly string[], station: Station | null): DemoJob[] =>
      who.length === 0
        ? []
        : [{ id, demo, line, station, makers: who, sec: roundHalfUp(demo.minutes * 60), task: tasks.get(id) }];
    return demo.to === 'class'
      ? made(demoId(demo.bread, demo.before, null), makers, null)
      : facts.workshop.stations.flatMap((s) =>
          made(
            demoId(demo.bread, demo.before, s.id),
            s.members.filter((m) => makers.includes(m)),
            s,
          ),
        );
  });
}
