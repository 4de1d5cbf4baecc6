import type { Plan } from '../../plan/index.ts';
import type { Facts } from './facts.ts';
import { isStaffs, type ActiveJob } from './jobs.ts';
import type { DemoJob } from './demo-jobs.ts';
import { handSpans, phaseHands } from './hands.ts';
import type { Say } from './report.ts';
import { groupBy, isSameSet, overloads, type Load, type TimeSpan } from './spans.ts';

/** R4: the right people, and nobody in two places at once. R9 checks staff phases; they take their member of staff here. */
export function checkPeople(
  facts: Facts,
  active: readonly ActiveJob[],
  demos: readonly DemoJob[],
  plan: Plan,
  say: Say,
): void {
  for (const t of plan.tasks)
    for (const p of t.people) if (!facts.people.has(p)) say('R4', 'unknown-person', t.id, 0, {});
  const busy: (Load & { who: string })[] = [];
  const take = (who: string, id: string, span: TimeSpan): void => {
    busy.push({ who, id, startSec: span.startSec, endSec: span.endSec, amount: 1 });
  };
  for (const job of active) {
    checkWho(job, say);
    for (const who of job.task.people) for (const span of handSpans(job)) take(who, job.id, span);
    for (const phase of job.phases.filter((p) => p.by === 'staff'))
      for (const who of phaseHands(job, phase)) take(who, job.id, phase);
  }
  for (const d of demos) for (const who of d.task?.people ?? []) if (d.task) take(who, d.id, d.task);
  for (const t of plan.tasks) if (t.kind === 'step' && t.look) take(t.look.by, t.id, t.look);
  // what participants do in welcome and break is for R12; a member of staff who is there is taken
  for (const t of plan.tasks)
    if (t.kind === 'welcome' || t.kind === 'break')
      for (const who of t.people) if (facts.people.get(who)?.role !== 'participant') take(who, t.id, t);
  for (const [who, loads] of groupBy(busy, (b) => b.who))
    for (const over of overloads(loads, 1))
      say('R4', 'two-at-once', over.ids, over.endSec - over.startSec, { person: who });
}

function checkWho(job: ActiveJob, say: Say): void {
  if (isStaffs(job)) return; // R9
  const { step, unit, task } = job;
  const wanted = { team: job.crew, owner: unit.owner === null ? [] : [unit.owner], one: null, staff: null }[step.by];
  const isRight =
    wanted === null
      ? task.people.length === 1 && unit.team.includes(task.people[0] ?? '')
      : isSameSet(task.people, wanted);
  if (!isRight) say('R4', 'wrong-people', job.id, 0, { people: wanted ?? unit.team, isOneOf: wanted === null });
}
