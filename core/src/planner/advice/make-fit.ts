import type { Plan } from '../../plan/index.ts';
import type { Workshop } from '../../workshop/index.ts';
import { verdictOf } from '../explain/index.ts';
import { planClass } from '../plan-class.ts';
import { changeKey, type ChangeMade, type ClassChange } from './change.ts';
import { EFFORT, holdsWhenTaken } from './effort.ts';
import { changesOf } from './fixes.ts';

/** Changes that are made together, and the class that comes of them. */
export interface FixSet {
  readonly changes: readonly ClassChange[];
  readonly workshop: Workshop;
}

/** More changes than this are another class. */
const MOST_CHANGES = 3;
/** What changes least for the people comes first: hours and ways of working, then more room and hands, then other and fewer breads. */
const MILDEST_FIRST: readonly ChangeMade['kind'][] = [
  'papered',
  'as-you-go',
  'warmer',
  'earlier',
  'helper',
  'ahead',
  'swap',
  'griddle',
  'staff-cook',
  'smaller',
  'fewer',
];

const harshness = ({ change }: ClassChange): number => {
  const at = MILDEST_FIRST.indexOf(change.kind);
  return at < 0 ? MILDEST_FIRST.length : at;
};

/**
 * The mildest set of changes that makes a class fit: the mildest single one that does; else the one that helps most is taken, and the
 * next is sought on top of it. It fits when it is planned from nothing too. Undefined where no three changes do. Tells the share done; `mayBe` leaves changes out.
 */
export function* fixSetOf(
  workshop: Workshop,
  plan: Plan,
  mayBe: (workshop: Workshop) => boolean = () => true,
): Generator<{ readonly doneShare: number }, FixSet | undefined, 'stop' | undefined> {
  let here: { readonly workshop: Workshop; readonly plan: Plan } = { workshop, plan };
  const taken: ClassChange[] = [];
  for (let depth = 0; depth < MOST_CHANGES; depth++) {
    const changes = [...changesOf(here.workshop)]
      .filter((c) => mayBe(c.workshop))
      .sort((a, b) => harshness(a) - harshness(b) || (changeKey(a.change) < changeKey(b.change) ? -1 : 1));
    let best: { readonly change: ClassChange; readonly plan: Plan; readonly trouble: number } | undefined;
    for (const [i, change] of changes.entries()) {
      const next = planClass(change.workshop, { effort: EFFORT, tried: [here.plan] });
      if (verdictOf(change.workshop, next).fits && holdsWhenTaken(change.workshop, plan.goal))
        return { changes: [...taken, change], workshop: change.workshop };
      const trouble = troubleOf(change.workshop, next);
      if (!best || trouble < best.trouble) best = { change, plan: next, trouble };
      if ((yield { doneShare: (depth + (i + 1) / changes.length) / MOST_CHANGES }) === 'stop') return undefined;
    }
    if (!best || best.trouble >= troubleOf(here.workshop, here.plan)) return undefined;
    taken.push(best.change);
    here = { workshop: best.change.workshop, plan: best.plan };
  }
  return undefined;
}

/** How far a plan is from fitting: what it breaks in seconds, each break a minute more. */
function troubleOf(workshop: Workshop, plan: Plan): number {
  const late = Math.max(0, -verdictOf(workshop, plan).inHandSec);
  return late + plan.broken.reduce((sum, b) => sum + (b.bySec ?? 0) + 60, 0);
}
