import type { Action } from './actions.ts';
import { LEAST_REST_MIN, ONLY_A_TIME } from './implied.ts';
import { withEarlyAdditions, withRubbedBread } from './join-drafts.ts';
import type { Span } from './mapped.ts';
import { RESTS, type StepDraft } from './step-draft.ts';

const KEPT =
  /^(?:and )?(?:keep|hold)(?: (?:it|them|the balls))? (?:warm|(?:under|in|between) (?:an? |the )?(?:\w+ )?(?:towels?|cloths?))\W*$/i;
/** What makes a piece a bread that can be cooked. */
export const MADE = new Set<Action>(['roll', 'shape', 'fill', 'coil']);
const MIXES = new Set<Action>(['mix', 'rub', 'scald']);
/** "Brush with butter after baking", told before it is baked. */
const ONCE_COOKED =
  /\b(?:after|once|when) (?:they (?:are|have been) |it (?:is|has been) )?(?:baking|cooking|cooked|baked)\b/i;

/** "Keep warm", "keep under a damp towel": said of butter, or of balls, while there is work at them still, that is no step. */
const isKept = (d: StepDraft, n: number, all: readonly StepDraft[]): boolean =>
  d.action === 'finish' &&
  d.times.length === 0 &&
  KEPT.test(d.text) &&
  all.slice(n + 1).some((x) => ['divide', 'ball', 'roll', 'shape', 'cook'].includes(x.action));

/** "Knead in the flour" where nothing is mixed before it. */
const asMixed = (d: StepDraft, n: number, all: readonly StepDraft[]): StepDraft =>
  d.action === 'knead' &&
  /\bknead in (?:the |all the )?(?:\w+ )?flour/i.test(d.text) &&
  !all.slice(0, n).some((x) => !x.isBeside && ['mix', 'rub', 'scald', 'knead'].includes(x.action))
    ? { ...d, action: 'mix' }
    : d;

/** "Boil and mash the potatoes. Leave to cool for 15 minutes.": what cools before there is a dough is no rest of it. */
const withoutCooling = (drafts: readonly StepDraft[]): readonly StepDraft[] =>
  drafts.filter(
    (d, n) =>
      !(
        d.action === 'rest' &&
        /\b(?:cool|cold)\b/i.test(d.text) &&
        n > 0 &&
        drafts.slice(0, n).every((x) => x.isBeside || x.action === 'rest')
      ),
  );

/** What is not called baking, and takes longer, is a rest. */
const LONGEST_UNSAID_BAKE_MIN = 30;
/** "Pat into rounds, prick. 12 to 15 min." where an oven has been heated, and nothing else cooks: that is the baking. */
function asBaked(drafts: readonly StepDraft[], isHeated: boolean): readonly StepDraft[] {
  const last = drafts.findLastIndex((d) => !d.isBeside && d.action !== 'finish');
  const [before, end] = [drafts[last - 1], drafts[last]];
  const isBaking =
    isHeated &&
    !drafts.some((d) => d.action === 'cook') &&
    end?.action === 'rest' &&
    ONLY_A_TIME.test(end.text.replace(/^\W+/, '')) &&
    end.times.every((t) => t.least <= LONGEST_UNSAID_BAKE_MIN) &&
    MADE.has(before?.action ?? 'mix');
  return isBaking ? drafts.map((d) => (d === end ? { ...d, action: 'cook' } : d)) : drafts;
}

/** "Ladle it into the pan and leave for 90 seconds": where nothing is cooked by its word, what lies there so briefly is. */
function asCooked(drafts: readonly StepDraft[]): readonly StepDraft[] {
  const laid = drafts.findIndex(
    (d) => d.action === 'shape' && /\b(?:pan|griddle|skillet|tawa|hot ?plate)\b/i.test(d.text),
  );
  if (laid < 0 || drafts.some((d) => d.action === 'cook')) return drafts;
  return drafts.map((d, n) =>
    n > laid && d.action === 'rest' && d.times.length > 0 && d.times.every((t) => t.most < LEAST_REST_MIN)
      ? { ...d, action: 'cook' }
      : d,
  );
}

/** "Tear off pieces, roll them up": what has not been rolled out is balled, not coiled. */
const asBalled = (d: StepDraft, n: number, all: readonly StepDraft[]): StepDraft =>
  d.action === 'coil' && /^roll (?:it|them|each) up\b/i.test(d.text) && all[n - 1]?.action === 'divide'
    ? { ...d, action: 'ball' }
    : d;

/** Rolled dough that waits in a stack, with paper between. */
export const isStacked = (d: StepDraft): boolean =>
  d.action === 'finish' &&
  /^(?:and )?(?:stack|pile|lay|layer)\b.*\b(?:between|under (?:a|the)|on (?:a|the)|with paper|in a (?:box|tub))\b/i.test(
    d.text,
  );

/** The drafts of a method that go into its chain, and where the words stand that tell only of keeping warm and serving. */
interface SettledDrafts {
  readonly drafts: readonly StepDraft[];
  readonly beside: readonly Span[];
}

/** What a whole method says of its single sentences: what is told too early, what is no step after all, what only its end shows to be baking. */
export function settledDrafts(told: readonly StepDraft[], isHeated: boolean): SettledDrafts {
  const isLate = (d: StepDraft): boolean => d.action === 'finish' && ONCE_COOKED.test(d.text);
  // "Pieces of 320 g." over the method: how heavy they will be
  const first = told.findIndex((d) => d.action !== 'divide');
  const isMixed = told.some((d) => !d.isBeside && MIXES.has(d.action));
  const kept = told.filter((d, n, all) => isKept(d, n, all) || (isMixed && n < first));
  const done = told.filter((d) => !kept.includes(d));
  const all = withRubbedBread(withEarlyAdditions([...done.filter((d) => !isLate(d)), ...done.filter(isLate)]));
  // bread that has been cooked rests, and is cut, no more as dough is: that is of serving
  const last = all.findLastIndex((d) => d.action === 'cook');
  const isDough = (d: StepDraft, n: number): boolean =>
    last < 0 || (n < last ? !isStacked(d) : !(RESTS.has(d.action) || d.action === 'divide'));
  const untold = all.filter((d, n) => !isDough(d, n) && d.times.length === 0);
  return {
    drafts: asBaked(asCooked(withoutCooling(all.filter(isDough).map(asMixed).map(asBalled))), isHeated),
    beside: [...kept, ...untold].flatMap((d) => d.spans),
  };
}
