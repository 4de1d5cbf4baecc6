import { pieceParts } from '../../ids.ts';
import { planMeasuresSchema, type PlanMeasures } from '../measures.ts';
import { piecesDone, type Plan } from '../../plan/index.ts';
import { clockText, durationText } from '../../units/index.ts';
import { linesOf, type Workshop } from '../../workshop/index.ts';

/** What a class is like by the plan on the screen. */
export interface Verdict {
  /**
   * `empty`: nobody is there to bake, or nothing to be baked; `looking`: the search goes on, and what it has breaks a rule; `broken`: the
   * best plan that was found breaks a rule or is over after table time; `unready`: the plan is right, and something else is not in order.
   */
  readonly state: 'empty' | 'looking' | 'broken' | 'unready' | 'fits';
  /** The plan breaks nothing and is over by table time. */
  readonly fits: boolean;
  readonly doneSec: number;
  /** Table time less the end of the last bread of this plan. */
  readonly inHandSec: number;
  /** The earliest end that was found for the class, and what it leaves to table time (negative: too long by so much). */
  readonly couldSec: number;
  readonly spareSec: number;
  readonly tightest: PlanMeasures['tightest'];
  /** Rules that the plan breaks, each once, in order. */
  readonly brokenRules: readonly string[];
  /** Codes of what it breaks, each once. */
  readonly brokenCodes: readonly string[];
  /** What is not in order though the plan is right, in words. */
  readonly open: readonly string[];
}

/** What a verdict minds beside the plan. */
export interface VerdictOptions {
  /** The search for a better plan goes on. */
  readonly isLooking?: boolean;
  /** What of the class is not in order, in words: people kept aside, remarks that nobody has dealt with. */
  readonly open?: readonly string[];
}

/** The verdict of a plan that this planner made of this workshop. */
export function verdictOf(
  workshop: Workshop,
  plan: Plan,
  { isLooking = false, open = [] }: VerdictOptions = {},
): Verdict {
  const measures = planMeasuresSchema.parse(plan.measures);
  const inHandSec = plan.tableSec - measures.finishSec;
  const fits = plan.broken.length === 0 && inHandSec >= 0;
  const all = [...withoutBread(workshop, plan), ...tooOld(workshop, plan), ...open];
  const isEmpty = linesOf(workshop).every((l) => l.makers.size === 0);
  return {
    state: isEmpty ? 'empty' : !fits ? (isLooking ? 'looking' : 'broken') : all.length > 0 ? 'unready' : 'fits',
    fits,
    doneSec: measures.finishSec,
    inHandSec,
    couldSec: measures.shortestSec,
    spareSec: plan.tableSec - measures.shortestSec,
    tightest: measures.tightest,
    brokenRules: [...new Set(plan.broken.map((b) => b.rule))],
    brokenCodes: [...new Set(plan.broken.map((b) => b.code))],
    open: all,
  };
}

/** "Milo has no bread", "Milo and 2 more have no bread". */
function withoutBread(workshop: Workshop, plan: Plan): readonly string[] {
  const paths = new Set(plan.warnings.filter((w) => w.code === 'no-bread').map((w) => w.path));
  const [first, ...others] = workshop.roster.filter((p) => paths.has(`roster/${p.id}`));
  if (!first) return [];
  return [others.length === 0 ? `${first.name} has no bread` : `${first.name} and ${others.length} more have no bread`];
}

/** The shortest class leaves rule R11 out: what its breads lie longer than they keep is said here. */
function tooOld(workshop: Workshop, plan: Plan): readonly string[] {
  if (plan.goal !== 'short') return [];
  const holds = new Map(
    linesOf(workshop).flatMap((l) => (l.isServedTogether ? [[l.bread.id, 60 * l.bread.holdMaxMin]] : [])),
  );
  const old = [...piecesDone(plan.tasks)].filter(
    ([piece, sec]) => plan.tableSec - sec > (holds.get(pieceParts(piece).bread) ?? Infinity),
  );
  return old.length === 0
    ? []
    : [`${old.length === 1 ? '1 bread stands' : `${old.length} breads stand`} longer than they keep before the table`];
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
  verdict: Verdict,
  workshop: Workshop,
  nameOf: (kind: Verdict['tightest']['kind'], id: string) => string,
): { readonly headline: string; readonly could: string; readonly open: string; readonly tightest: string } {
  const { state, tightest, doneSec, couldSec, open } = verdict;
  const span = `${clockText(workshop, tightest.fromSec)}–${clockText(workshop, tightest.toSec)}`;
  const isRight = state === 'fits' || state === 'unready';
  return {
    headline: headlineOf(verdict, workshop),
    could: isRight && doneSec - couldSec >= 60 ? `Could be over by ${clockText(workshop, couldSec)}.` : '',
    open: isRight ? open.join('; ') : '',
    tightest: state === 'empty' ? '' : `Tightest: ${nameOf(tightest.kind, tightest.id)}, ${span}`,
  };
}

function headlineOf(verdict: Verdict, workshop: Workshop): string {
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
