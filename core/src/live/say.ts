import { griddleName } from '../kitchen/index.ts';
import { isOnFire, ownerOf, type Plan } from '../plan/index.ts';
import type { Call } from '../turns/index.ts';
import { firstName, personName, type Workshop } from '../workshop/index.ts';
import type { LiveState } from './fold.ts';

/** More names than this are not heard in one breath. */
const NAMES_A_BREATH = 3;
/** Whoever is called to something is warned so long before. */
const WARN_SEC = 60;

/** Names in groups that are said in one breath. */
export function breaths(names: readonly string[]): readonly string[] {
  const groups = Math.ceil(names.length / NAMES_A_BREATH);
  return Array.from({ length: groups }, (_, i) => names.slice(i * NAMES_A_BREATH, (i + 1) * NAMES_A_BREATH).join(', '));
}

/** Griddles that a call leads to and that nobody has called hot: until somebody does, nobody is called there. */
export function coldGriddles(
  { workshop, griddles }: Pick<LiveState, 'workshop' | 'griddles'>,
  plan: Plan,
  call: Pick<Call, 'tasks'>,
): readonly string[] {
  const ids = new Set(
    plan.tasks.filter((t) => call.tasks.includes(t.id) && t.at?.kind === 'griddle').map((t) => t.at?.id),
  );
  return workshop.kitchen.griddles.filter((g) => ids.has(g.id) && griddles[g.id]?.isHot !== true).map(griddleName);
}

/** Something that a voice says at a moment of the class; it is said once. */
export interface Saying {
  readonly key: string;
  readonly atSec: number;
  readonly words: string;
}

/**
 * What is said aloud: a minute before a turn who is called to what, and when a bread comes off, in breaths of three names at most, in
 * order of time. While somebody shows something to the class nothing is said.
 */
export function sayings(workshop: Workshop, plan: Plan, calls: readonly Call[]): readonly Saying[] {
  const shows = plan.tasks.filter((t) => t.kind === 'demo');
  /** "Noor to griddle 2" of "Noor Vale to griddle 2". */
  const called = (to: string): string => {
    const person = workshop.roster.find((p) => to.startsWith(p.name));
    return person ? firstName(person.name) + to.slice(person.name.length) : to;
  };
  const warnings = calls.flatMap((c) =>
    breaths(c.to.map(called)).map((names, i): Saying => ({
      key: `${c.tasks[0] ?? c.what} ${i}`,
      atSec: c.atSec - WARN_SEC,
      words: `In one minute. ${names}: ${c.what}`,
    })),
  );
  const off = plan.tasks.flatMap((t): readonly Saying[] => {
    const owner = ownerOf(t);
    if (!isOnFire(t) || owner === undefined) return [];
    return [
      {
        key: `${t.id} off`,
        atSec: t.endSec - 5,
        words: `${firstName(personName(workshop, owner))}: your bread comes off`,
      },
    ];
  });
  const isSilent = (sec: number): boolean => shows.some((t) => t.startSec <= sec && sec < t.endSec);
  return [...warnings, ...off]
    .filter((s) => !isSilent(s.atSec))
    .sort((a, b) => a.atSec - b.atSec || (a.key < b.key ? -1 : 1));
}
