import { clockText, durationText, type Plan, type PlanTask, type Workshop } from '@hodsman/core';

const WIDTH_PER_CHARACTER = 0.5;

/** A label as it fits a width at a size of type: whole, else the shorter one, else cut; nothing where not even three letters fit. */
export function fitted(label: string, width: number, size: number, shorter?: string): string {
  const most = Math.floor(width / (size * WIDTH_PER_CHARACTER));
  if (label.length <= most) return label;
  if (shorter !== undefined) return fitted(shorter, width, size);
  return most < 3 ? '' : `${label.slice(0, most - 1)}…`;
}

export function personName(workshop: Workshop, id: string): string {
  return [...workshop.roster, ...workshop.kitchen.staff].find((p) => p.id === id)?.name ?? id;
}

const KIND_WORDS = {
  welcome: 'Welcome, aprons, hands washed',
  break: 'Break',
  demo: 'Demonstration',
  preheat: 'Heat up',
} as const;

/** The number of a piece: the third part of its id. */
const pieceNumber = (task: PlanTask): string => task.piece?.split('/')[2] ?? '';

/** What is done, in a word or two. */
export function taskName(task: PlanTask): string {
  // a demonstration is told by the step that it comes before: `demo:bread:roll`
  if (task.kind === 'demo') return `${KIND_WORDS.demo}: ${task.id.split(':')[2] ?? ''}`;
  if (task.kind) return KIND_WORDS[task.kind];
  return task.piece === undefined ? (task.step ?? '') : `${task.step ?? ''} ${pieceNumber(task)}`;
}

/** Whose piece lies on the griddle: "Ottilie 1". */
export function pieceName(workshop: Workshop, task: PlanTask): string {
  return `${personName(workshop, task.piece?.split('/')[1] ?? '')} ${pieceNumber(task)}`;
}

/** The same where room is short: "Ot 1"; "A.B. 1" for a name of several words. */
export function shortPieceName(workshop: Workshop, task: PlanTask): string {
  const words = personName(workshop, task.piece?.split('/')[1] ?? '').split(/\s+/);
  const initials = words.length > 1 ? words.map((w) => `${w.slice(0, 1)}.`).join('') : (words[0] ?? '').slice(0, 2);
  return `${initials} ${pieceNumber(task)}`;
}

/** Where a task is, as people say it. */
export function placeWords(workshop: Workshop, task: PlanTask): string {
  const { at } = task;
  if (!at) return '';
  const id = at.id ?? '';
  switch (at.kind) {
    case 'griddle':
      return `griddle ${id}${at.spot === undefined ? '' : `, spot ${at.spot}`}`;
    case 'room':
    case 'warm':
    case 'fridge':
      return workshop.kitchen.places.find((p) => p.id === id)?.name ?? id;
    default:
      return `${at.kind} ${id}`;
  }
}

/** One sentence about a task: what, whose, when, where, who; for a rest its window. */
export function taskSentence(plan: Plan, workshop: Workshop, task: PlanTask): string {
  const bread = workshop.breads.find((b) => b.id === task.bread)?.name;
  const batch = plan.batches.find((b) => b.id === task.batch);
  const whose = task.piece === undefined ? (batch?.station ?? '') : pieceName(workshop, task);
  const span = `${clockText(workshop, task.startSec)}–${clockText(workshop, task.endSec)} (${durationText(task.endSec - task.startSec)})`;
  const people =
    task.people.length > 4
      ? `${task.people.length} people`
      : task.people.map((p) => personName(workshop, p)).join(', ');
  const window = task.window
    ? `at least ${durationText(task.window.minSec)}, best ${durationText(task.window.idealSec)}, at most ${durationText(task.window.maxSec)}`
    : '';
  const what = task.kind ? KIND_WORDS[task.kind] : (task.step ?? '');
  return [[what, bread, whose].filter(Boolean).join(', '), span, placeWords(workshop, task), people, window]
    .filter(Boolean)
    .join(' · ');
}
