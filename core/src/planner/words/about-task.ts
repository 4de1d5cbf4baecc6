import { readTaskId } from '../../ids.ts';
import type { PlanTask, RestTask } from '../../plan/index.ts';
import { clockText, durationText } from '../../units/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import { explainTask, type Situation } from '../explain/index.ts';
import { activityWords, explanationWords } from './why.ts';

/** What can be said about a task beside its time and place: clauses without their end. */
export interface AboutTask {
  /** Why then and not earlier; then why what stands in its way is not earlier, and so on back. */
  readonly why: readonly string[];
  /** How far it can slip. */
  readonly slack: string;
  /** Of a rest: when it may end, and how far it is from the best. */
  readonly window: string | undefined;
}

/** Why any task of a plan is when it is; undefined for a task that the plan does not have. */
export function aboutTask(workshop: Workshop, s: Situation, taskId: string): AboutTask | undefined {
  const task = s.plan.tasks.find((t) => t.id === taskId);
  if (!task) return undefined;
  const explanation = explainTask(s, taskId);
  if (explanation) return { ...explanationWords(workshop, s, explanation), window: undefined };
  return aboutOther(workshop, s, task);
}

/** Rests, the welcome, breaks and preheats follow from what lies around them. */
function aboutOther(workshop: Workshop, s: Situation, task: PlanTask): AboutTask {
  const plain = (why: string, slack: string): AboutTask => ({ why: [why], slack, window: undefined });
  switch (task.kind) {
    case 'rest':
      return aboutRest(workshop, s, task);
    case 'welcome':
      return plain('the class begins with it', 'it stands at doors open');
    case 'break': {
      const parts = readTaskId(task.id);
      const entry = parts?.kind === 'break' ? workshop.breaks[parts.number - 1] : undefined;
      const between = entry ? `it lies between ${entry.after} and ${entry.before}` : 'the class asks for it';
      return plain(between, 'it moves within that');
    }
    default: {
      const first = s.plan.tasks.find((t) => t.at?.id === task.at?.id && t.startSec >= task.endSec && t !== task);
      const use = first ? ` before the first bread lies on it, at ${clockText(workshop, first.startSec)}` : '';
      return plain(`it takes ${durationText(task.endSec - task.startSec)}${use}`, 'it may begin sooner, never later');
    }
  }
}

function aboutRest(workshop: Workshop, s: Situation, task: RestTask): AboutTask {
  const rest = s.network.rests.find((r) => r.taskId === task.id);
  const before = rest ? activityWords(workshop, s, rest.from) : 'what comes before';
  const followers = rest?.followers ?? [];
  const last = followers.reduce<number | undefined>(
    (x, y) => ((s.done[y]?.placement.startSec ?? 0) > (s.done[x ?? -1]?.placement.startSec ?? -Infinity) ? y : x),
    undefined,
  );
  const { minSec, idealSec, maxSec } = task.window;
  const lastsSec = task.endSec - task.startSec;
  const away = lastsSec - idealSec;
  const clock = (sec: number): string => clockText(workshop, task.startSec + sec);
  const toIdeal =
    Math.abs(away) < 60
      ? 'as long as is best'
      : `${durationText(away)} ${away > 0 ? 'longer' : 'shorter'} than is best`;
  return {
    why: [`it begins when ${before} ends`],
    slack: last === undefined ? 'nothing follows it' : `it ends when ${activityWords(workshop, s, last)} begins`,
    window: `may end from ${clock(minSec)} (${durationText(minSec)}) to ${clock(maxSec)} (${durationText(maxSec)}), best at ${clock(idealSec)}; it lasts ${durationText(lastsSec)}, ${toIdeal}`,
  };
}
