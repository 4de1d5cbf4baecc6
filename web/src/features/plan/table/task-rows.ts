import {
  brokenWords,
  durationText,
  personName,
  placeWords,
  taskName,
  whoseWords,
  type Plan,
  type PlanTask,
  type Workshop,
  inOwnMeasures,
} from '@hodsman/core';

const MOST_NAMES = 4;

/** A task as the table has it: in words, beside the figures that it is sorted by. */
export interface TaskRow {
  readonly id: string;
  readonly startSec: number;
  readonly endSec: number;
  readonly lastsSec: number;
  readonly what: string;
  readonly bread: string;
  readonly whose: string;
  readonly who: string;
  readonly where: string;
  readonly window: string;
  readonly isPinned: boolean;
  /** What it breaks; empty for most. */
  readonly broken: string;
}

/** Words of what is broken, by task. */
function brokenByTask(plan: Plan): ReadonlyMap<string, string> {
  const words = new Map<string, string>();
  for (const b of plan.broken) {
    const said = brokenWords({ broken: [b] })[0]?.words ?? inOwnMeasures(b.message);
    for (const t of b.tasks) words.set(t, [words.get(t), said].filter(Boolean).join('; '));
  }
  return words;
}

function windowWords(task: PlanTask): string {
  if (task.kind !== 'rest') return '';
  const { minSec, idealSec, maxSec } = task.window;
  return `${durationText(minSec)} – ${durationText(idealSec)} – ${durationText(maxSec)}`;
}

/** Every task of a plan, in the order of time. */
export function taskRows(plan: Plan, workshop: Workshop, pinned: ReadonlySet<string>): TaskRow[] {
  const broken = brokenByTask(plan);
  const breads = new Map(workshop.breads.map((b) => [b.id, b.name]));
  return plan.tasks.map((t) => ({
    id: t.id,
    startSec: t.startSec,
    endSec: t.endSec,
    lastsSec: t.endSec - t.startSec,
    what: taskName(t),
    bread: t.bread === undefined ? '' : (breads.get(t.bread) ?? ''),
    whose: whoseWords(plan, workshop, t),
    who:
      t.people.length > MOST_NAMES
        ? `${t.people.length} people`
        : t.people.map((p) => personName(workshop, p)).join(', '),
    where: placeWords(workshop, t),
    window: windowWords(t),
    isPinned: pinned.has(t.id),
    broken: broken.get(t.id) ?? '',
  }));
}
