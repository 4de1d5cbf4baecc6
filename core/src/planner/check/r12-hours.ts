import type { Plan } from '../../plan/index.ts';
import type { Facts } from './facts.ts';
import type { ActiveJob, RestJob } from './jobs.ts';
import type { DemoJob } from './demo-jobs.ts';
import { handSpans } from './hands.ts';
import type { GriddleUse } from './griddle-use.ts';
import type { Say } from './report.ts';
import { overlapSec, type TimeSpan } from './spans.ts';

/** R12: the welcome, prep times, doughs made ahead or in class, and breaks. */
export function checkHours(
  facts: Facts,
  active: readonly ActiveJob[],
  rests: readonly RestJob[],
  demos: readonly DemoJob[],
  use: readonly GriddleUse[],
  plan: Plan,
  say: Say,
): void {
  const isGuest = (id: string): boolean => facts.people.get(id)?.role === 'participant';
  const isPrep = (startSec: number, endSec: number): boolean =>
    facts.prepTimes.some((p) => startSec >= p.startSec && endSec <= p.endSec);
  checkWelcome(facts, plan, say);
  for (const job of active) {
    const { startSec, endSec, people } = job.task;
    if (people.some(isGuest) && startSec < facts.welcomeSec)
      say('R12', 'before-class', job.id, facts.welcomeSec - startSec, {});
    else if (startSec < 0 && !isPrep(startSec, Math.min(0, endSec)))
      say('R12', 'outside-prep', job.id, 0, { isFridge: false });
    if (job.unit.kind !== 'mother') continue;
    const { mode } = job.unit.line.menu.dough;
    if (mode === 'class' && startSec < facts.welcomeSec && !people.some(isGuest))
      say('R12', 'class-dough-early', job.id, facts.welcomeSec - startSec, {});
    if (mode !== 'class' && endSec > 0) say('R12', 'ahead-in-class', job.id, endSec, {});
  }
  for (const { id, step, task } of rests)
    for (const sec of [task.startSec, task.endSec])
      if (step.at === 'fridge' && sec < 0 && !isPrep(sec, sec)) say('R12', 'outside-prep', id, 0, { isFridge: true });
  const hands = [
    ...active.filter((j) => j.task.people.some(isGuest)).map((j) => ({ id: j.id, spans: handSpans(j) })),
    ...demos.flatMap((d) => (d.task?.people.some(isGuest) ? [{ id: d.id, spans: [d.task] }] : [])),
    ...(facts.welcomeSec > 0 ? [{ id: 'welcome', spans: [{ startSec: 0, endSec: facts.welcomeSec }] }] : []),
  ];
  checkBreaks(facts, plan, hands, use, say);
}

function checkWelcome(facts: Facts, plan: Plan, say: Say): void {
  const task = plan.tasks.find((t) => t.kind === 'welcome' && t.id === 'welcome');
  if (!task || facts.welcomeSec === 0) return;
  if (task.startSec !== 0 || task.endSec !== facts.welcomeSec)
    say('R12', 'welcome-time', 'welcome', 0, { rightSec: facts.welcomeSec });
  const staff = task.people.map((p) => facts.people.get(p)?.role).filter((r) => r !== 'participant');
  const isWhole = facts.participants.every((p) => task.people.includes(p));
  if (!isWhole || staff.length !== 1 || staff[0] !== 'instructor') say('R12', 'welcome-people', 'welcome', 0, {});
}

function checkBreaks(
  facts: Facts,
  plan: Plan,
  hands: readonly { id: string; spans: readonly TimeSpan[] }[],
  use: readonly GriddleUse[],
  say: Say,
): void {
  for (const b of facts.breaks) {
    const task = plan.tasks.find((t) => t.kind === 'break' && t.id === b.id);
    if (!task) continue; // R1 says that it is missing
    const outside = Math.max(b.afterSec - task.startSec, task.endSec - b.beforeSec);
    if (outside > 0) say('R12', 'break-time', b.id, outside, { rightSec: null });
    if (task.endSec - task.startSec !== b.sec)
      say('R12', 'break-time', b.id, Math.abs(task.endSec - task.startSec - b.sec), { rightSec: b.sec });
    if (!facts.participants.every((p) => task.people.includes(p))) say('R12', 'break-people', b.id, 0, {});
    for (const { id, spans } of hands) {
      const shared = Math.max(...spans.map((s) => overlapSec(s, task)));
      if (shared > 0) say('R12', 'work-in-break', [b.id, id], shared, {});
    }
    for (const { griddle, jobs } of use)
      for (const job of jobs) {
        const shared = overlapSec(job.task, task);
        if (shared > 0) say('R12', 'bread-in-break', [b.id, job.id], shared, { griddle: griddle.id });
      }
  }
}
