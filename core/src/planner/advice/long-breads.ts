import { methodTimes, USUAL_BENCH } from '../../bread/index.ts';
import { isRest, type Step } from '../../method/index.ts';
import { elapsedSec, secondsOfMinutes } from '../../units/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import type { ClassChange } from './change.ts';
import { longestAhead, madeAhead } from './fixes.ts';

/** A bread that no class of this length can make from the beginning, and the class in which its dough is made ahead. */
export interface LongBread extends ClassChange {
  readonly bread: string;
  readonly leastSec: number;
  /** What the class has from the end of the welcome to table time. */
  readonly classSec: number;
}

/** Breads whose shortest chain is longer than the class from the welcome to the table; each with its dough made ahead through its longest rest. */
export function longBreads(workshop: Workshop): readonly LongBread[] {
  const classSec = elapsedSec(workshop, workshop.tableTime) - secondsOfMinutes(workshop.welcomeMin);
  return workshop.menu.flatMap((line): readonly LongBread[] => {
    const bread = workshop.breads.find((b) => b.id === line.bread);
    if (!bread || line.dough.mode !== 'station') return [];
    const { leastSec } = methodTimes(bread.steps, { ...USUAL_BENCH, isMixed: line.mixer });
    if (leastSec <= classSec) return [];
    const change = madeAhead(workshop, line, throughLongestRest(longestAhead(bread)));
    return change ? [{ ...change, bread: bread.id, leastSec, classSec }] : [];
  });
}

/** The steps up to the rest that takes longest at the least; what comes after it the stations do. */
function throughLongestRest(ahead: readonly Step[]): readonly Step[] {
  const least = (s: Step): number => (isRest(s) ? s.window.min : -1);
  const longest = ahead.reduce((at, s, i) => (least(s) > least(ahead[at] ?? s) ? i : at), 0);
  return ahead.slice(0, longest + 1);
}
