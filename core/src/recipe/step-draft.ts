import type { Action } from './actions.ts';
import { durationsIn, type Duration } from './durations.ts';
import type { Mapped, Span } from './mapped.ts';

/** What a dough does that only lies there. */
export const RESTS = new Set<Action>(['rest', 'proof']);

/** A step as the recipe's words give it, before it has an id and a place in the chain. */
export interface StepDraft {
  readonly action: Action;
  /** The words that belong to it, and where they stand. */
  readonly text: string;
  readonly spans: readonly Span[];
  readonly times: readonly Duration[];
  /** Times that say when within a rest the dough is folded. */
  readonly foldTimes?: readonly Duration[];
  /** Done beside the chain: "meanwhile". */
  readonly isBeside: boolean;
  readonly cue: string | undefined;
  readonly caution: string | undefined;
  /** What goes wrong, and what then. */
  readonly trouble: string | undefined;
}

/** All times of a piece of a text, each with where it stands. */
const placedTimes = (text: Mapped): readonly Duration[] =>
  durationsIn(text.text).map((t) => ({ ...t, span: text.span(t.at, t.at + t.text.length) }));

/** Words behind which a time says when within a rest a dough is folded: "with a fold after", "folds at 1 h and", "fold twice in the first". */
const OF_FOLD =
  /\bfold(?:s|ing|ed)? (?:(?:it|once|the dough) )*(?:(?:after|every|at) (?:about )?(?:[\d\s/,&+.-]|and|at|after|min(?:ute)?s?|h(?:ours?|rs?)?\b)*|(?:[^.;]* )?in the (?:first|last) )$|\b(?:folds|times),? every (?:about )?$/i;
const isOfFold = (text: Mapped, t: Duration): boolean => OF_FOLD.test(text.text.slice(0, t.at));

/** Its times but for those that say when something is done within a rest: "with a fold after 30 min". */
export const timesOf = (text: Mapped): readonly Duration[] => placedTimes(text).filter((t) => !isOfFold(text, t));
/** Those that do. */
export const foldTimesOf = (text: Mapped): readonly Duration[] => placedTimes(text).filter((t) => isOfFold(text, t));

export const draftOf = (action: Action, text: Mapped, times: readonly Duration[], isBeside = false): StepDraft => ({
  action,
  text: text.text,
  spans: [text.span()],
  times,
  foldTimes: foldTimesOf(text),
  isBeside,
  cue: undefined,
  caution: undefined,
  trouble: undefined,
});
export const besideDraft = (text: Mapped): StepDraft => draftOf('job', text, timesOf(text), true);

const CUE = /\b(?:until|till)\s+([^.;]+?)(?=,? (?:then|and then|about|for|turning)\b|[.;]|$)/i;
export const cueIn = (text: string): string | undefined =>
  CUE.exec(text)?.[1]
    ?.trim()
    .replace(/\s*\(.*$/, '')
    .slice(0, 200);
