import { isRest, stepNotes, type Step } from '../method/index.ts';
import { isOfBread, type Plan, type PlanTask, type RestTask } from '../plan/index.ts';
import { namesOf } from '../words/index.ts';
import type { Workshop } from '../workshop/index.ts';
import type { LiveState } from './fold.ts';

/** A dough is urgent when it may wait no longer than this. */
const URGENT_SEC = 300;
/** Staff look so long before a step ends where the bread does not say how long they take. */
const LOOK_SEC = 60;
/** So long after a step that nobody looked at, it counts as good: nobody waits any more. */
const OVER_SEC = 120;

/** The step of a bread that a task is of; undefined for anything else. */
export function stepOf(workshop: Workshop, task: Pick<PlanTask, 'bread' | 'step'>): Step | undefined {
  return workshop.breads.find((b) => b.id === task.bread)?.steps.find((s) => s.id === task.step);
}

/** A dough that rests. */
export interface RestNow {
  readonly task: RestTask;
  readonly words: string;
  /** How long it still has to wait, and how long it may; seconds, below zero where it should be over. */
  readonly stillSec: number;
  readonly leftSec: number;
  readonly isUrgent: boolean;
  /** The sign to look for. */
  readonly sign: string;
}

/** The doughs that rest at a moment of the class, the one that may wait least first. */
export function restsNow(workshop: Workshop, plan: Plan, sec: number): readonly RestNow[] {
  const names = namesOf(workshop);
  return plan.tasks
    .flatMap((task): readonly RestNow[] => {
      if (task.kind !== 'rest' || task.startSec > sec || task.endSec <= sec) return [];
      const leftSec = task.startSec + task.window.maxSec - sec;
      return [
        {
          task,
          words: names.task(task.id),
          stillSec: task.startSec + task.window.minSec - sec,
          leftSec,
          isUrgent: leftSec <= URGENT_SEC || task.endSec > task.startSec + task.window.maxSec,
          sign: stepOf(workshop, task)?.cue ?? '',
        },
      ];
    })
    .sort((a, b) => a.leftSec - b.leftSec || (a.task.id < b.task.id ? -1 : 1));
}

/** Something that waits for an eye. */
export interface LookNow {
  readonly task: PlanTask;
  readonly words: string;
  readonly sinceSec: number;
  readonly sign: string;
}

/** What waits for somebody to look at it at a moment of the class, whoever waits longest first. `plan` is the plan as it goes. */
export function looksNow(
  { workshop, tasks }: Pick<LiveState, 'workshop' | 'tasks'>,
  plan: Plan,
  sec: number,
): readonly LookNow[] {
  const names = namesOf(workshop);
  return plan.tasks
    .flatMap((task): readonly LookNow[] => {
      const step = stepOf(workshop, task);
      const looked = tasks[task.id]?.looked;
      if (!isOfBread(task) || step?.look !== true || looked === 'good' || looked === 'again') return [];
      const sinceSec = lookSec(task, step);
      // after two minutes more it is looked at again when these are over
      const fromSec = looked === 'longer' ? task.endSec : sinceSec;
      return fromSec <= sec && task.startSec <= sec && sec < task.endSec + OVER_SEC
        ? [{ task, words: names.task(task.id), sinceSec: fromSec, sign: step.cue ?? '' }]
        : [];
    })
    .sort((a, b) => a.sinceSec - b.sinceSec || (a.task.id < b.task.id ? -1 : 1));
}

function lookSec(task: PlanTask, step: Step): number {
  if (task.kind === 'rest') return task.startSec + task.window.minSec;
  if (task.kind === 'step' && task.look) return task.look.startSec;
  return Math.max(task.startSec, task.endSec - (isRest(step) ? LOOK_SEC : (step.lookSec ?? LOOK_SEC) || LOOK_SEC));
}

/** What helps at the step of a task, each with what it is: the sign, what goes wrong and what then, what to be careful of, why. */
export function rescueNotes(
  workshop: Workshop,
  task: Pick<PlanTask, 'bread' | 'step'>,
): readonly (readonly [string, string])[] {
  const step = stepOf(workshop, task);
  return step ? stepNotes(step) : [];
}

/** How long after a dough was mixed its figures are still asked for. */
const JUST_SEC = 600;

/** The doughs that are mixed at a moment of the class, or were a little before it, with what they are called. */
export function mixedNow(
  workshop: Workshop,
  plan: Plan,
  sec: number,
): readonly { readonly batch: string; readonly words: string }[] {
  const names = namesOf(workshop);
  return plan.batches.flatMap(({ id }) => {
    const mix = plan.tasks.find((t) => t.kind === 'step' && t.batch === id);
    return mix && mix.startSec <= sec && sec < mix.endSec + JUST_SEC ? [{ batch: id, words: names.batch(id) }] : [];
  });
}
