import { clockText, counted, durationText } from '../../units/index.ts';
import { namesOf } from '../../words/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import type { OpenMatter, Verdict } from '../explain/index.ts';

/** What is not in order, as a clause. */
function matterWords(workshop: Workshop, matter: OpenMatter): string {
  switch (matter.kind) {
    case 'waiting':
      return `${counted(matter.count, 'guest is', 'guests are')} kept aside`;
    case 'remarks':
      return `${counted(matter.count, 'remark is', 'remarks are')} not dealt with`;
    case 'small-dough':
      return `${counted(matter.count, 'dough is', 'doughs are')} too small to mix well`;
    case 'no-maker':
      return `nobody makes ${namesOf(workshop).bread(matter.bread)}`;
    case 'no-bread': {
      const [first = '', ...others] = matter.people.map(namesOf(workshop).person);
      return others.length === 0 ? `${first} has no bread` : `${first} and ${others.length} more have no bread`;
    }
    case 'too-old':
      return `${counted(matter.count, 'bread stands', 'breads stand')} longer than they keep before the table`;
  }
}

/** Whole minutes, never more than there are. */
const down = (sec: number): string => durationText(Math.trunc(sec / 60) * 60);
const up = (sec: number): string => durationText(Math.ceil(sec / 60) * 60);

/** Breaks that mean that nobody is there to do it. */
const NOBODY_CODES = ['before-class', 'outside-prep', 'class-dough-early', 'ahead-in-class'];

/**
 * The verdict in sentences: the headline; by when the class could be over, where that is a minute earlier or more; what is not in order;
 * and what is tightest, when it is busy.
 */
export function verdictWords(
  workshop: Workshop,
  verdict: Verdict,
): { readonly headline: string; readonly could: string; readonly open: string; readonly tightest: string } {
  const { state, tightest, doneSec, couldSec, open } = verdict;
  const span = `${clockText(workshop, tightest.fromSec)}–${clockText(workshop, tightest.toSec)}`;
  const isRight = state === 'fits' || state === 'unready';
  return {
    headline: headlineWords(workshop, verdict),
    could: isRight && doneSec - couldSec >= 60 ? `Could be over by ${clockText(workshop, couldSec)}.` : '',
    open: isRight ? open.map((m) => matterWords(workshop, m)).join('; ') : '',
    tightest: state === 'empty' ? '' : `Tightest: ${tightestName(workshop, tightest)}, ${span}`,
  };
}

/** Does the class fit, in one line. */
export function headlineWords(workshop: Workshop, verdict: Verdict): string {
  const { state, doneSec, inHandSec, spareSec } = verdict;
  const inHand = inHandSec >= 60 ? `${down(inHandSec)} in hand` : 'nothing in hand';
  switch (state) {
    case 'empty':
      return workshop.menu.length === 0 ? 'No bread is on the menu yet' : 'Nobody makes a bread yet';
    case 'looking':
      return 'Still looking for a plan that works';
    case 'fits':
      return `Fits – done ${clockText(workshop, doneSec)}, ${inHand}`;
    case 'unready':
      return `Not ready – done ${clockText(workshop, doneSec)}, ${inHand}`;
    case 'broken':
      return `Does not ${brokenReason(verdict, spareSec)}`;
  }
}

/** The true trouble: too long whatever one does, breads too old, nobody there; or that it does not work in some other way. */
function brokenReason({ brokenCodes, inHandSec }: Verdict, spareSec: number): string {
  if (spareSec < 0) return `fit: ${up(-spareSec)} too long`;
  if (brokenCodes.length > 0 && brokenCodes.every((c) => NOBODY_CODES.includes(c)))
    return 'fit: nobody is there in time';
  if (brokenCodes.length > 0 && brokenCodes.every((c) => c === 'stale'))
    return 'fit: breads would stand longer than they keep';
  if (inHandSec < 0 || brokenCodes.some((c) => c === 'late')) return 'fit in time with all that is asked of it';
  return 'work as it stands';
}

/** What the tightest thing is called in this class. */
function tightestName(workshop: Workshop, { kind, id }: Verdict['tightest']): string {
  const names = namesOf(workshop);
  switch (kind) {
    case 'griddle':
      return names.griddle(id);
    case 'person':
      return names.person(id);
    case 'dough':
      return names.batch(id);
  }
}
