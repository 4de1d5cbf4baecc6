import type { Plan } from '../../plan/index.ts';
import { isRest } from '../../method/index.ts';
import { elapsedSec } from '../../units/index.ts';
import type { Bread } from '../../bread/index.ts';
import { addDemo, linesOf, putOnMenu, setBreadsEach, type Line, type Workshop } from '../../workshop/index.ts';
import { verdictOf } from '../explain/index.ts';
import { bufferSecOf } from '../measures.ts';
import { planClass } from '../plan-class.ts';
import type { ClassChange } from './change.ts';
import { EFFORT, holdsWhenTaken } from './effort.ts';
import { shifted } from './fixes.ts';

/** Something to do with time that is left over, planned: the class that comes of it fits. */
export interface Idea extends ClassChange {
  readonly inHandSec: number;
  /** What the earliest end of it leaves to table time. */
  readonly spareSec: number;
  readonly doneSec: number;
}

/** So much beyond what is wanted in hand is worth a thought. */
export const LEAST_LEFT_SEC = 600;
const STEP_MIN = 5;
/** So many breads of the library are planned at most. */
const MOST_OTHER_BREADS = 4;

/**
 * By how much a class could be over before table time, less what is wanted in hand; 0 where it does not fit. A steady plan of a class that
 * is too long is no earlier than breads keep, so the earliest end decides.
 */
export function timeLeftSec(workshop: Workshop, plan: Plan): number {
  const { fits, spareSec } = verdictOf(workshop, plan);
  return fits ? Math.max(0, spareSec - bufferSecOf(workshop)) : 0;
}

/** A dough that staff make before the class: everybody mixes one by hand as well, up to where theirs would be. */
function practised(workshop: Workshop, { bread, menu, chain }: Line): readonly ClassChange[] {
  const { dough } = menu;
  if (dough.mode !== 'ahead') return [];
  const through = chain.findIndex((s) => s.id === dough.through);
  const practice = chain.slice(0, through + 1).find((s) => !isRest(s));
  if (!practice) return [];
  const swap = { mode: 'swap', through: dough.through, practice: practice.id } as const;
  return [
    {
      change: { kind: 'practice', bread: bread.id },
      workshop: { ...workshop, menu: workshop.menu.map((m) => (m === menu ? { ...m, dough: swap } : m)) },
    },
  ];
}

/** One each of a bread of the library that nobody avoids. */
function anotherBread(workshop: Workshop, bread: Bread): readonly ClassChange[] {
  const next = putOnMenu(workshop, bread);
  if (!next.ok || workshop.breads.some((b) => b.id === bread.id)) return [];
  const line = linesOf(next.value).find((l) => l.bread.id === bread.id);
  if (!line || workshop.roster.some((p) => !line.makers.has(p.id))) return [];
  return [{ change: { kind: 'bread', bread: bread.id }, workshop: next.value }];
}

/** What a shelf says of a bread: what every piece of it holds, and how long it takes at least. */
interface Shelved {
  readonly id: string;
  readonly holds: readonly string[];
  readonly leastSec: number;
}

/** The breads of a shelf that are worth planning for time that is left: not in the class, avoided by nobody, the quickest few. */
export function breadsForTimeLeft<B extends Shelved>(workshop: Workshop, shelf: readonly B[]): readonly B[] {
  const avoided = new Set(workshop.roster.flatMap((p) => p.avoid.map((a) => a.what)));
  const classSec = elapsedSec(workshop, workshop.tableTime);
  return shelf
    .filter((b) => !workshop.breads.some((own) => own.id === b.id))
    .filter((b) => b.leastSec < classSec && !b.holds.some((w) => avoided.has(w)))
    .sort((a, b) => a.leastSec - b.leastSec)
    .slice(0, MOST_OTHER_BREADS);
}

/**
 * What could be done with time that is left: doors later, one more bread each, another bread of the library, a demonstration of what is
 * not shown yet, practice.
 */
function ideasFor(workshop: Workshop, leftSec: number, library: readonly Bread[]): readonly ClassChange[] {
  const laterMin = STEP_MIN * Math.floor(leftSec / 60 / STEP_MIN);
  const lines = linesOf(workshop);
  const shown = new Set(
    workshop.demos.flatMap((d) => lines.filter((l) => l.bread.id === d.bread).map((l) => l.family)),
  );
  const doors = shifted(workshop.doorsOpen, laterMin);
  return [
    ...lines.flatMap(({ bread, menu }): readonly ClassChange[] => {
      const more = setBreadsEach(workshop, bread.id, menu.each + 1);
      return more.ok ? [{ change: { kind: 'more', bread: bread.id }, workshop: more.value }] : [];
    }),
    ...lines
      .filter((l) => !shown.has(l.family))
      .map(({ bread }): ClassChange => ({
        change: { kind: 'demo', bread: bread.id },
        workshop: addDemo(workshop, bread.id),
      })),
    ...library.flatMap((bread) => anotherBread(workshop, bread)),
    ...lines.flatMap((line) => practised(workshop, line)),
    ...(laterMin >= STEP_MIN
      ? [{ change: { kind: 'later' as const, doors }, workshop: { ...workshop, doorsOpen: doors } }]
      : []),
  ];
}

/** Tries every idea by planning it and gives those that fit with what is wanted in hand, the fullest class first. */
export function* rankIdeas(
  workshop: Workshop,
  plan: Plan,
  mayBe: (workshop: Workshop) => boolean = () => true,
  library: readonly Bread[] = [],
): Generator<readonly Idea[], readonly Idea[], 'stop' | undefined> {
  const leftSec = timeLeftSec(workshop, plan);
  if (leftSec < LEAST_LEFT_SEC) return [];
  let ideas: readonly Idea[] = [];
  for (const change of ideasFor(workshop, leftSec, library).filter((c) => mayBe(c.workshop))) {
    const next = planClass(change.workshop, { effort: EFFORT, tried: [plan] });
    const { fits, inHandSec, spareSec, doneSec } = verdictOf(change.workshop, next);
    const isMore = fits && inHandSec >= bufferSecOf(change.workshop);
    if (isMore && holdsWhenTaken(change.workshop, plan.goal))
      ideas = [...ideas, { ...change, inHandSec, spareSec, doneSec }].sort((a, b) => a.spareSec - b.spareSec);
    if ((yield ideas) === 'stop') break;
  }
  return ideas;
}
