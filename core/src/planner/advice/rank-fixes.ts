import type { Plan } from '../../plan/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import { verdictOf } from '../explain/index.ts';
import { planClass } from '../plan-class.ts';
import { changeKey, type ClassChange } from './change.ts';
import { EFFORT, holdsWhenTaken } from './effort.ts';
import { changesOf } from './fixes.ts';

/** Less than a minute is no help. */
const LEAST_GAIN_SEC = 60;

/** A change that was tried by planning it. */
export interface Fix extends ClassChange {
  readonly fits: boolean;
  /** Minutes to spare with it, in seconds; negative: still too long by so much. */
  readonly spareSec: number;
  /** What it gives against the class as it is. */
  readonly gainSec: number;
}

/** How far the trying is, and what has been found, ranked; sent 'stop' it ends with that. */
export type FixTrials = Generator<
  { readonly fixes: readonly Fix[]; readonly doneShare: number },
  readonly Fix[],
  'stop' | undefined
>;

/**
 * Tries every single change by planning it, and ranks those that help by what they give: first what makes the class fit. What `plan` does
 * is tried in every changed class, so that no change looks worse than the class as it is. `mayBe` leaves changes out.
 */
export function* rankFixes(
  workshop: Workshop,
  plan: Plan,
  mayBe: (workshop: Workshop) => boolean = () => true,
): FixTrials {
  const base = verdictOf(workshop, plan);
  const changes = changesOf(workshop).filter((c) => mayBe(c.workshop));
  let fixes: readonly Fix[] = [];
  for (const [i, change] of changes.entries()) {
    const found = verdictOf(change.workshop, planClass(change.workshop, { effort: EFFORT, tried: [plan] }));
    const { spareSec } = found;
    const fits = found.fits && (base.fits || holdsWhenTaken(change.workshop, plan.goal));
    const gainSec = spareSec - base.spareSec;
    const helps = fits ? !base.fits || gainSec >= LEAST_GAIN_SEC : !base.fits && gainSec >= LEAST_GAIN_SEC;
    if (helps) fixes = [...fixes, { ...change, fits, spareSec, gainSec }].sort(inOrder);
    if ((yield { fixes, doneShare: (i + 1) / changes.length }) === 'stop') break;
  }
  return fixes;
}

const inOrder = (a: Fix, b: Fix): number =>
  Number(b.fits) - Number(a.fits) || b.spareSec - a.spareSec || (changeKey(a.change) < changeKey(b.change) ? -1 : 1);
