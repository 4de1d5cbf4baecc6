import type { Plan } from '@hodsman/core';

/** A stretch of time that is drawn at one speed. */
interface Stretch {
  readonly fromSec: number;
  readonly toSec: number;
  readonly y: number;
  readonly height: number;
  /** Squeezed: nothing of it is to be read off. */
  readonly isFolded: boolean;
}

/** Time down the board, in pixels: at one speed, but for what is folded. */
export interface TimeScale {
  readonly stretches: readonly Stretch[];
  readonly fromSec: number;
  readonly toSec: number;
  readonly height: number;
  readonly pxPerSec: number;
  readonly yOf: (sec: number) => number;
  readonly secAt: (y: number) => number;
}

const TOP = 10;
const BOTTOM = 26;
const AFTER_TABLE_SEC = 180;
const FOLDED_PX = 46;
const GAP_PX = 22;
/** Nothing happens for so long: the stretch between is squeezed. */
const LONG_GAP_SEC = 2400;
const AROUND_SEC = 240;

/** When the class itself begins on the board: at doors open, or with what is heated just before. */
const classFrom = (plan: Plan): number =>
  Math.min(0, ...plan.tasks.filter((t) => t.kind === 'preheat').map((t) => Math.max(-1200, t.startSec)));

/** Moments before the class at which something begins or ends by hand. */
const aheadMoments = (plan: Plan, before: number): readonly number[] =>
  plan.tasks
    .filter((t) => t.kind !== 'preheat' && t.startSec < before && t.people.length > 0)
    .flatMap((t) => [t.startSec, Math.min(before, t.endSec)])
    .sort((a, b) => a - b);

/** Whether anything is done before the class. */
export const hasAhead = (plan: Plan): boolean => aheadMoments(plan, classFrom(plan)).length > 0;

/**
 * The scale of a plan where the class itself is `classPx` high. What is done ahead lies above it: folded it is a narrow band, else its
 * long gaps are squeezed.
 */
export function timeScaleOf(plan: Plan, classPx: number, isAheadFolded: boolean): TimeScale {
  const startSec = classFrom(plan);
  const endSec = Math.max(plan.tableSec, ...plan.tasks.map((t) => t.endSec)) + AFTER_TABLE_SEC;
  const pxPerSec = Math.max(0.01, (classPx - TOP - BOTTOM) / (endSec - startSec));
  const stretches: Stretch[] = [];
  let y = TOP;
  const add = (fromSec: number, toSec: number, height: number, isFolded: boolean): void => {
    stretches.push({ fromSec, toSec, y, height, isFolded });
    y += height;
  };
  const ahead = aheadMoments(plan, startSec);
  const [first] = ahead;
  if (first !== undefined && isAheadFolded) add(first, startSec, FOLDED_PX, true);
  else if (first !== undefined) {
    let from = first - AROUND_SEC;
    let until = first;
    for (const m of [...ahead.slice(1), startSec]) {
      if (m - until > LONG_GAP_SEC) {
        add(from, until + AROUND_SEC, (until + AROUND_SEC - from) * pxPerSec, false);
        from = m === startSec ? startSec : m - AROUND_SEC;
        add(until + AROUND_SEC, from, GAP_PX, true);
      }
      until = Math.max(until, m);
    }
    if (from < startSec) add(from, startSec, (startSec - from) * pxPerSec, false);
  }
  add(startSec, endSec, (endSec - startSec) * pxPerSec, false);
  const yOf = (sec: number): number => {
    const s = stretches.find((x) => sec < x.toSec) ?? stretches.at(-1);
    return s ? s.y + ((sec - s.fromSec) / (s.toSec - s.fromSec)) * s.height : 0;
  };
  const secAt = (at: number): number => {
    const s = stretches.find((x) => at < x.y + x.height) ?? stretches.at(-1);
    return s ? s.fromSec + ((at - s.y) / s.height) * (s.toSec - s.fromSec) : 0;
  };
  const top = stretches[0]?.fromSec ?? startSec;
  return { stretches, fromSec: top, toSec: endSec, height: y + BOTTOM, pxPerSec, yOf, secAt };
}
