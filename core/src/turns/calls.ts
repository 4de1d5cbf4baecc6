import type { Plan, PlanTask } from '../plan/index.ts';
import { placeWords } from '../words/index.ts';
import { isOnFire, ownerOf, stepWords } from '../plan/index.ts';
import { fillingWho, type FillingNow } from './fillings.ts';
import { careLines, personName, stationName, type Remark, type Workshop } from '../workshop/index.ts';

/** Something to say aloud, to some people, at a moment in seconds since doors open. */
export interface Call {
  readonly atSec: number;
  /** What they are to do: a step of a bread, or to come to the fire. */
  readonly what: string;
  /** "Noor to griddle 2", "Station 3". */
  readonly to: readonly string[];
  readonly tasks: readonly string[];
  readonly isToFire: boolean;
  /** What is to be minded with those who are called, and their bread: "Sanna: no milk · without butter". */
  readonly care: readonly string[];
}

/** Calls that come so close are said in one breath (this program's own choice). */
const BREATH_SEC = 45;

/**
 * Everything that the instructor says aloud to call people to their turn, in order: pieces to shape, and breads to lay on, those of one
 * kind that come within a breath together. Work of whole stations is called by station. What fills idle time is called too.
 */
export function rollCall(
  workshop: Workshop,
  plan: Plan,
  remarks: readonly Remark[] = [],
  fillings: readonly FillingNow[] = [],
): readonly Call[] {
  const calls: (Omit<Call, 'care'> & {
    readonly to: string[];
    readonly tasks: string[];
    readonly care: Set<string>;
  })[] = [];
  for (const t of plan.tasks) {
    const said = sayOf(workshop, plan, t);
    if (!said) continue;
    const open = calls.findLast((c) => c.what === said.what && t.startSec - c.atSec <= BREATH_SEC);
    const care = careLines(workshop, remarks, said.about, t.bread);
    if (open) {
      if (!open.to.includes(said.to)) open.to.push(said.to);
      open.tasks.push(t.id);
      for (const line of care) open.care.add(line);
    } else {
      const { what, to } = said;
      calls.push({ atSec: t.startSec, what, to: [to], tasks: [t.id], isToFire: isOnFire(t), care: new Set(care) });
    }
  }
  const notes = fillings.map((f): Call => ({
    atSec: f.fromSec,
    what: f.words,
    to: fillingWho(workshop, f),
    tasks: [],
    isToFire: false,
    care: careLines(workshop, remarks, f.people),
  }));
  return [...calls.map((c) => ({ ...c, care: [...c.care] })), ...notes].sort((a, b) => a.atSec - b.atSec);
}

function sayOf(
  workshop: Workshop,
  plan: Plan,
  task: PlanTask,
): { readonly what: string; readonly to: string; readonly about: readonly string[] } | undefined {
  const bread = workshop.breads.find((b) => b.id === task.bread)?.name ?? '';
  if (task.people.length === 0 || task.startSec < 0) return undefined;
  if (task.kind === 'demo') return { what: `Watch: ${bread}`, to: 'everyone who makes it', about: [] };
  if (task.kind === 'break') return { what: 'Break', to: 'everyone', about: [] };
  if (task.kind !== 'step') return undefined;
  const owner = ownerOf(task);
  if (owner !== undefined) {
    const name = personName(workshop, owner);
    const about = [owner];
    if (!isOnFire(task)) return { what: `${capital(stepWords(task.step))}: ${bread}`, to: name, about };
    return { what: `To the fire: ${bread}`, to: `${name} to ${placeWords(workshop, task)}`, about };
  }
  const station = workshop.stations.find((s) => s.id === plan.batches.find((b) => b.id === task.batch)?.station);
  return (
    station && { what: `${capital(stepWords(task.step))}: ${bread}`, to: stationName(station), about: station.members }
  );
}

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
