import type { Plan } from '../../plan/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import { boundProof, type BoundProof } from '../explain/index.ts';
import { classBase } from '../class-base.ts';
import { planClass } from '../plan-class.ts';
import { ruleGroupsOf, type Demand, type RuleGroup } from './rule-groups.ts';
import { EFFORT } from './effort.ts';

/** Rules of a class that cannot all be kept: proven by a lower bound, or as far as was found. */
export type Clash =
  | { readonly isProven: true; readonly rules: readonly string[]; readonly proof: BoundProof }
  /** Found by planning with rules let go, so that another plan might exist that was not found. */
  | { readonly isProven: false; readonly rules: readonly string[]; readonly demands: readonly Demand[] };

/** How far the search for a clash is; sent 'stop' it gives up. */
export type ClashSearch = Generator<{ readonly doneShare: number }, Clash | undefined, 'stop' | undefined>;

/**
 * The least set of rules that clash in a class whose plan breaks some; undefined for a right plan. Where the lower bound lies after
 * table time it is the proof. Else rules are let go one after another (a deletion filter: Chinneck and Dravnieks 1991): a rule without
 * which the class works is kept in the set, any other is let go for good.
 */
export function* clashOf(workshop: Workshop, plan: Plan): ClashSearch {
  if (plan.broken.length === 0) return undefined;
  const { network, bound } = classBase(workshop);
  if (bound.boundSec > network.tableSec) return { isProven: true, rules: ['R11'], proof: boundProof(network, bound) };
  let now = workshop;
  const kept: RuleGroup[] = [];
  const groups = ruleGroupsOf(workshop);
  for (const [i, group] of groups.entries()) {
    if ((yield { doneShare: i / groups.length }) === 'stop') return undefined;
    const without = group.relaxed(now);
    if (planClass(without, { effort: EFFORT }).broken.length === 0) kept.push(group);
    else now = without;
  }
  return { isProven: false, rules: [...new Set(kept.map((g) => g.rule))], demands: kept.map((g) => g.demand) };
}
