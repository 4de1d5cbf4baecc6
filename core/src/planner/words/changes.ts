import { clockText, cmText, durationText, quantityText, secondsOfMinutes, timeText } from '../../units/index.ts';
import { namesOf } from '../../words/index.ts';
import type { ClassChange, Fix, Idea, LongBread } from '../advice/index.ts';

/** What is changed, as a clause: "+1 griddle", "2 instead of 3 Soft rounds each". */
export function classChangeWords({ change, workshop }: ClassChange): string {
  const bread = 'bread' in change ? namesOf(workshop).bread(change.bread) : '';
  switch (change.kind) {
    case 'griddle':
      return '+1 griddle';
    case 'helper':
      return 'one more helper';
    case 'staff-cook':
      return 'staff cook the breads';
    case 'fewer':
      return `${change.each} instead of ${change.was} ${bread} each`;
    case 'smaller':
      return `${bread} ${cmText(change.acrossCm)} instead of ${cmText(change.wasCm)} across`;
    case 'ahead':
      return `dough of ${bread} made ahead by staff`;
    case 'swap':
      return `${bread}: everyone mixes a dough to take home, and bakes one made ahead`;
    case 'more':
      return `one more ${bread} each`;
    case 'demo':
      return `show how ${bread} is made`;
    case 'bread':
      return `${bread} too, one each`;
    case 'practice':
      return `every station mixes ${bread} by hand too, for practice and to take home`;
    case 'as-you-go':
      return `${bread}: ${change.step} as you go instead of all first`;
    case 'warmer':
      return `proof ${quantityText('difference', change.byC)} warmer`;
    case 'earlier':
      return `doors open ${durationText(secondsOfMinutes(change.byMin))} earlier`;
    case 'papered':
      return `rolled pieces kept between papers, up to ${durationText(secondsOfMinutes(change.mostMin))}`;
    case 'later':
      return `doors at ${timeText(change.doors)}`;
  }
}

/** Whole minutes, never more than there are. */
const wholeMinutes = (sec: number): string => durationText(60 * Math.floor(sec / 60));

/** "+1 griddle → 18 min to spare". */
export const fixWords = (fix: Fix): string => `${classChangeWords(fix)} → ${giveWords(fix)}`;

function giveWords({ fits, spareSec }: Fix): string {
  if (fits) return spareSec >= 60 ? `${wholeMinutes(spareSec)} to spare` : 'fits, with nothing to spare';
  return spareSec < 0
    ? `still ${durationText(60 * Math.ceil(-spareSec / 60))} too long`
    : 'nearer, but a rule is still broken';
}

/** "one more Soft round each → done 12:10, 20 min in hand". */
export const ideaWords = (idea: Idea): string =>
  `${classChangeWords(idea)} → done ${clockText(idea.workshop, idea.doneSec)}, ${wholeMinutes(idea.inHandSec)} in hand`;

/** "Soft rounds takes 4 h 17 at the least, the class has 1 h 50". */
export const longBreadWords = ({ bread, workshop, leastSec, classSec }: LongBread): string =>
  `${namesOf(workshop).bread(bread)} takes ${durationText(leastSec)} at the least, the class has ${durationText(classSec)}`;
