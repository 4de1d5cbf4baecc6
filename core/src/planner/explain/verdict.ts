import { planSchemaMeasures, type PlanMeasures } from '../measures.ts';
import type { Plan } from '../../plan/index.ts';
import { clockText, durationText, type ClassClock } from '../../units/index.ts';

/** Does the class fit, and with how much to spare: table time less the earliest finish found (negative: too long by so much). */
export interface Verdict {
  readonly fits: boolean;
  readonly spareSec: number;
  readonly tightest: PlanMeasures['tightest'];
  /** Rules that the plan breaks, each once, in order. */
  readonly brokenRules: readonly string[];
}

/** The verdict of a plan that this planner made. A plan that breaks a rule does not fit, whatever time is left. */
export function verdictOf(plan: Plan): Verdict {
  const measures = planSchemaMeasures.parse(plan.measures);
  return {
    fits: plan.broken.length === 0,
    spareSec: plan.tableSec - measures.shortestSec,
    tightest: measures.tightest,
    brokenRules: [...new Set(plan.broken.map((b) => b.rule))],
  };
}

/** The verdict in two sentences: whether it fits and by how much; and what is tightest, when it is busy. */
export function verdictWords(
  verdict: Verdict,
  clock: ClassClock,
  nameOf: (kind: Verdict['tightest']['kind'], id: string) => string,
): { readonly headline: string; readonly tightest: string } {
  const { fits, spareSec, tightest } = verdict;
  const minutes = (sec: number): string =>
    Math.abs(sec) < 60 ? durationText(sec) : durationText(Math.trunc(sec / 60) * 60);
  const headline = fits
    ? spareSec > 0
      ? `Fits, ${minutes(spareSec)} to spare`
      : 'Fits, with nothing to spare'
    : spareSec < 0
      ? `Does not fit: ${durationText(Math.ceil(-spareSec / 60) * 60)} too long`
      : 'Does not work as it stands';
  const span = `${clockText(clock, tightest.fromSec)}–${clockText(clock, tightest.toSec)}`;
  return { headline, tightest: `Tightest: ${nameOf(tightest.kind, tightest.id)}, ${span}` };
}
