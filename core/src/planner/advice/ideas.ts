import type { Plan } from '../../plan/index.ts';
import { clockText, durationText } from '../../units/index.ts';
import { addDemo, linesOf, setBreadsEach, type Workshop } from '../../workshop/index.ts';
import { verdictOf } from '../explain/index.ts';
import { bufferSecOf } from '../measures.ts';
import { planClass } from '../plan-class.ts';
import { shifted, type Change } from './fixes.ts';

/** Something to do with time that is left over, planned: the class that comes of it fits. */
export interface Idea extends Change {
  readonly inHandSec: number;
  /** "one more Soft griddle round each → done 12:10, 20 min in hand". */
  readonly sentence: string;
}

/** So much beyond what is wanted in hand is worth a thought. */
export const LEAST_LEFT_SEC = 600;
const STEP_MIN = 5;
const EFFORT = 1;

/** How much of a plan's time in hand nobody asked for; 0 where it does not fit. */
export function timeLeftSec(workshop: Workshop, plan: Plan): number {
  const { fits, inHandSec } = verdictOf(workshop, plan);
  return fits ? Math.max(0, inHandSec - bufferSecOf(workshop)) : 0;
}

/** What could be done with time that is left: doors later, one more bread each, a demonstration of what is not shown yet. */
function ideasFor(workshop: Workshop, leftSec: number): readonly Change[] {
  const laterMin = STEP_MIN * Math.floor(leftSec / 60 / STEP_MIN);
  const lines = linesOf(workshop);
  const shown = new Set(
    workshop.demos.flatMap((d) => lines.filter((l) => l.bread.id === d.bread).map((l) => l.family)),
  );
  const doors = shifted(workshop.doorsOpen, laterMin);
  return [
    ...lines.flatMap(({ bread, menu }): readonly Change[] => {
      const more = setBreadsEach(workshop, bread.id, menu.each + 1);
      return more.ok ? [{ id: `more:${bread.id}`, words: `one more ${bread.name} each`, workshop: more.value }] : [];
    }),
    ...lines
      .filter((l) => !shown.has(l.family))
      .map(({ bread }) => ({
        id: `demo:${bread.id}`,
        words: `show how ${bread.name} is made`,
        workshop: addDemo(workshop, bread.id),
      })),
    ...(laterMin >= STEP_MIN
      ? [{ id: 'later', words: `doors at ${doors}`, workshop: { ...workshop, doorsOpen: doors } }]
      : []),
  ];
}

/** Tries every idea by planning it and gives those that fit with what is wanted in hand, the fullest class first. */
export function* rankIdeas(
  workshop: Workshop,
  plan: Plan,
  mayBe: (workshop: Workshop) => boolean = () => true,
): Generator<readonly Idea[], readonly Idea[], 'stop' | undefined> {
  const leftSec = timeLeftSec(workshop, plan);
  if (leftSec < LEAST_LEFT_SEC) return [];
  let ideas: readonly Idea[] = [];
  for (const change of ideasFor(workshop, leftSec).filter((c) => mayBe(c.workshop))) {
    const next = planClass(change.workshop, { effort: EFFORT, tried: [plan] });
    const { fits, inHandSec, doneSec } = verdictOf(change.workshop, next);
    if (fits && inHandSec >= bufferSecOf(change.workshop)) {
      const inHand = durationText(60 * Math.floor(inHandSec / 60));
      const sentence = `${change.words} → done ${clockText(change.workshop, doneSec)}, ${inHand} in hand`;
      ideas = [...ideas, { ...change, inHandSec, sentence }].sort((a, b) => a.inHandSec - b.inHandSec);
    }
    if ((yield ideas) === 'stop') break;
  }
  return ideas;
}
