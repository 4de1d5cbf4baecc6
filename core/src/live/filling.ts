import { isOfBread, ownerOf, piecesDone, stepWords, type Plan } from '../plan/index.ts';
import { namesOf } from '../words/index.ts';
import { piecesWithoutBread } from './as-it-goes.ts';
import { stepOf } from './waiting.ts';
import type { Workshop } from '../workshop/index.ts';
import type { LiveState } from './fold.ts';

/** Something that fits into a gap. */
export interface GapFiller {
  readonly kind: 'side-job' | 'talk' | 'skill' | 'tasting' | 'washing-up';
  readonly words: string;
}

/** A time in which a gap is looked for. */
const MOST_GAP_SEC = 1200;

/** How long nothing has to be done from a moment on: until the next step of a participant, at most twenty minutes; seconds. */
export function gapSec(workshop: Workshop, plan: Plan, sec: number): number {
  const people = new Set(workshop.roster.map((p) => p.id));
  const starts = plan.tasks.flatMap((t) =>
    t.kind === 'step' && t.startSec > sec && t.people.some((p) => people.has(p)) ? [t.startSec - sec] : [],
  );
  return Math.min(MOST_GAP_SEC, ...starts);
}

/**
 * What fits while everything is held, or while nothing has to be done, for so long: side jobs that lie ahead, why the step at hand is done
 * (a talk with its words), a skill that comes next, tasting where somebody has a bread that is done, washing up.
 */
export function fillersNow(
  state: Pick<LiveState, 'workshop' | 'plan' | 'tasks' | 'givenUp'>,
  plan: Plan,
  sec: number,
  lastsSec: number,
): readonly GapFiller[] {
  const { workshop } = state;
  const names = namesOf(workshop);
  const ahead = plan.tasks.filter((t) => isOfBread(t) && t.startSec >= sec);
  const sideJobs = ahead
    .filter((t) => stepOf(workshop, t)?.kind === 'prepare' && t.endSec - t.startSec <= lastsSec && t.people.length > 0)
    .map((t): GapFiller => ({ kind: 'side-job', words: `${names.task(t.id)}, by ${names.people(t.people)}` }));
  const talks = [
    ...new Set(
      plan.tasks
        .filter((t) => isOfBread(t) && t.startSec <= sec && sec < t.endSec)
        .flatMap((t) => stepOf(workshop, t)?.why ?? []),
    ),
  ].map((why): GapFiller => ({ kind: 'talk', words: why }));
  const [next] = ahead.filter((t) => t.kind === 'step' && t.piece !== undefined);
  const cue = next && stepOf(workshop, next)?.cue;
  const skill: readonly GapFiller[] = next
    ? [
        {
          kind: 'skill',
          words: `${names.bread(next.bread ?? '')}: ${stepWords(next.step)}${cue === undefined ? '' : ` – ${cue}`}`,
        },
      ]
    : [];
  // nothing is tasted before there is something to taste
  const none = piecesWithoutBread(state);
  const eaters = [...piecesDone(plan.tasks)].flatMap(([piece, doneSec]) => {
    const owner = ownerOf({ piece });
    return owner !== undefined && doneSec <= sec && !none.has(piece) ? [owner] : [];
  });
  const tasting: readonly GapFiller[] =
    eaters.length > 0
      ? [{ kind: 'tasting', words: `whoever has a bread that is done: ${names.people([...new Set(eaters)])}` }]
      : [];
  const hasWorked = plan.tasks.some(
    (t) => t.kind === 'step' && t.at?.kind === 'bench' && t.startSec >= 0 && t.endSec <= sec,
  );
  const washing: readonly GapFiller[] = hasWorked
    ? [{ kind: 'washing-up', words: 'bowls and benches of what is done' }]
    : [];
  return [...sideJobs.slice(0, 3), ...talks.slice(0, 2), ...skill, ...tasting, ...washing];
}
