import { pieceParts, readTaskId } from '../ids.ts';
import { thingName } from '../kitchen/index.ts';
import { isOfBread, stepWords, turnsOf, windowOf, type Plan, type PlanTask } from '../plan/index.ts';
import { clockText, durationText } from '../units/index.ts';
import { ownBreadName, personName, stationName, type Workshop } from '../workshop/index.ts';
import { shorterNames } from './short-names.ts';

const KIND_WORDS = {
  welcome: 'Welcome, aprons, hands washed',
  break: 'Break',
  demo: 'Demonstration',
  preheat: 'Heat up',
} as const;

/** What is done, in a word or two. */
export function taskName(task: PlanTask): string {
  const parts = readTaskId(task.id);
  // a demonstration is called by the step that it comes before
  if (parts?.kind === 'demo') return `${KIND_WORDS.demo}: ${stepWords(parts.before)}`;
  if (!isOfBread(task)) return KIND_WORDS[task.kind];
  return task.piece === undefined ? stepWords(task.step) : `${stepWords(task.step)} ${pieceParts(task.piece).number}`;
}

/** Whose piece lies on the griddle: "Ottilie 1". */
export const pieceName = (workshop: Workshop, task: PlanTask): string => pieceNames(workshop, task)[0] ?? '';

/** The same in ever less room: "Ottilie Brand 1", "Ottilie 1", "OB 1"; none where no piece lies there. */
export function pieceNames(workshop: Workshop, task: PlanTask): readonly string[] {
  if (task.piece === undefined) return [];
  const { owner, number } = pieceParts(task.piece);
  const line = workshop.menu.find((m) => m.bread === task.bread);
  if (owner === null) return [`Spare ${number}`];
  return shorterNames(personName(workshop, owner)).map((name) => ownBreadName(name, number, line));
}

const stationOf = (workshop: Workshop, id: string | null | undefined): string => {
  const station = workshop.stations.find((s) => s.id === id);
  return station ? stationName(station) : '';
};

/** What a task is about beside its step: whose piece, or which station's dough. */
export function whoseWords(plan: Plan, workshop: Workshop, task: PlanTask): string {
  if (task.piece !== undefined) return pieceName(workshop, task);
  return stationOf(workshop, plan.batches.find((b) => b.id === task.batch)?.station);
}

/** "roll, Ottilie 1", "mix, Station 2": what is done, and to whose bread or dough. */
export const taskWords = (plan: Plan, workshop: Workshop, task: PlanTask): string =>
  [whatWords(task), whoseWords(plan, workshop, task)].filter(Boolean).join(', ');

/** Where a task is done, as people say it: "Griddle 2, spot 1", "the shelf by the wall", "bench 1"; nothing without a place. */
export function placeWords({ kitchen }: Workshop, { at }: PlanTask): string {
  if (at?.id === undefined) return '';
  const name = thingName(kitchen, at.id);
  return at.spot === undefined ? name : `${name}, spot ${at.spot}`;
}

/** From when to when, and how long. */
export const spanWords = (workshop: Workshop, task: PlanTask): string =>
  `${clockText(workshop, task.startSec)}–${clockText(workshop, task.endSec)} (${durationText(task.endSec - task.startSec)})`;

/** What is done, without whose it is. */
export const whatWords = (task: PlanTask): string => (isOfBread(task) ? stepWords(task.step) : taskName(task));

/** Cooks whose turns come so soon are counted in seconds, since no clock on a wall shows them. */
const SHORT_SEC = 90;

/** When a bread is turned: "turn after 40 s" of a short cook, "turn 11:20" of a longer one. */
export function turnWords(workshop: Workshop, layOnSec: number, turnSec: number): string {
  const after = turnSec - layOnSec;
  return after < SHORT_SEC ? `turn after ${durationText(after)}` : `turn ${clockText(workshop, turnSec)}`;
}

/** "11:05 roll 2, 3 min, bench 1, turn 11:07" as a line of a list, and in less room without the turns, the place, the length, the name. */
export function taskLines(workshop: Workshop, task: PlanTask): readonly string[] {
  const clock = clockText(workshop, task.startSec);
  const start = `${clock} ${taskName(task)}`;
  const long = `${start}, ${durationText(task.endSec - task.startSec)}`;
  const place = placeWords(workshop, task);
  const there = place === '' ? long : `${long}, ${place}`;
  const turns = turnsOf(task).map((sec) => turnWords(workshop, task.startSec, sec));
  const until = windowOf(task) ? [`until ${clockText(workshop, task.endSec)}`] : [];
  return [[there, ...turns, ...until].join(', '), there, long, start, clock];
}

/** One sentence about a task: what, whose, when, where, who; for a rest its window. */
export function taskSentence(plan: Plan, workshop: Workshop, task: PlanTask): string {
  const bread = workshop.breads.find((b) => b.id === task.bread)?.name;
  const whose = whoseWords(plan, workshop, task);
  const people =
    task.people.length > 4
      ? `${task.people.length} people`
      : task.people.map((p) => personName(workshop, p)).join(', ');
  const rest = windowOf(task);
  const window = rest
    ? `at least ${durationText(rest.minSec)}, best ${durationText(rest.idealSec)}, at most ${durationText(rest.maxSec)}`
    : '';
  return [
    [whatWords(task), bread, whose].filter(Boolean).join(', '),
    spanWords(workshop, task),
    placeWords(workshop, task),
    people,
    window,
  ]
    .filter(Boolean)
    .join(' · ');
}
