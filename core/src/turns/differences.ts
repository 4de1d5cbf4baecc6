import { durationText, wholeMinutes } from '../units/index.ts';
import type { PlanFigures, Spread } from './figures.ts';

/** Less is no difference that anybody would feel (this program's own choice). */
const LEAST_SEC = 60;

/** "9 min shorter" or "9 min longer"; nothing where they differ by less than a minute. */
function told(deltaSec: number, words: (amount: string, isMore: boolean) => string): readonly string[] {
  if (Math.abs(deltaSec) < LEAST_SEC) return [];
  return [words(durationText(60 * wholeMinutes(Math.abs(deltaSec))), deltaSec > 0)];
}

const means = (a: Spread | null, b: Spread | null): number => (a && b ? b.meanSec - a.meanSec : 0);
/** A difference that another one does not tell already. */
const beyond = (sec: number, toldSec: number): number => (Math.abs(sec - toldSec) < 2 * LEAST_SEC ? 0 : sec);
const worsts = (a: Spread | null, b: Spread | null): number => (a && b ? b.worstSec - a.worstSec : 0);

/**
 * How plan B differs from plan A in the words of the trade, what weighs most first: "9 min shorter", "breads 6 min older on the table".
 * Empty where nobody would feel a difference.
 */
export function differenceWords(a: PlanFigures, b: PlanFigures): readonly string[] {
  const works =
    a.fits === b.fits ? [] : [b.fits ? 'works, where the other breaks a rule' : 'breaks a rule, where the other works'];
  return [
    ...works,
    ...told(b.spareSec - a.spareSec, (t, isMore) => `${t} ${isMore ? 'more' : 'less'} to spare`),
    ...told(b.finishSec - a.finishSec, (t, isMore) => `${t} ${isMore ? 'longer' : 'shorter'}`),
    ...told(means(a.age, b.age), (t, isMore) => `breads ${t} ${isMore ? 'older' : 'fresher'} on the table`),
    ...told(
      means(a.restAway, b.restAway),
      (t, isMore) => `rests ${t} ${isMore ? 'further from' : 'nearer to'} their best`,
    ),
    ...told(means(a.idle, b.idle), (t, isMore) => `everyone stands idle ${t} ${isMore ? 'more' : 'less'}`),
    ...told(
      beyond(worsts(a.idle, b.idle), means(a.idle, b.idle)),
      (t, isMore) => `whoever stands idle most, ${t} ${isMore ? 'more' : 'less'}`,
    ),
    ...told(means(a.wait, b.wait), (t, isMore) => `shaped pieces wait ${t} ${isMore ? 'longer' : 'less'}`),
    ...told(
      b.firstSpreadSec - a.firstSpreadSec,
      (t, isMore) => `first breads come ${t} ${isMore ? 'further apart' : 'closer together'}`,
    ),
  ];
}
