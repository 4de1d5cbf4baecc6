import { given } from '../faults/index.ts';
import { batchId } from '../ids.ts';
import { isOfBread, ownerOf, stepWords, type Plan, type PlanTask } from '../plan/index.ts';
import { idleStretches, type Situation } from '../planner/index.ts';
import { clockText, durationText, secondsOfMinutes } from '../units/index.ts';
import { linesOf, personName, stationName, type Workshop } from '../workshop/index.ts';
import { fireTurns } from './fires.ts';
import { pieceRuns } from './pieces.ts';

/** Something that could fill a time in which somebody has nothing to do. */
export interface Filler {
  readonly kind: 'side-job' | 'tasting' | 'cleaning';
  readonly words: string;
}

/** A stretch in which a participant has nothing to do, in seconds since doors open. */
export interface IdleGap {
  readonly person: string;
  readonly fromSec: number;
  readonly toSec: number;
}

/** Tasting and wiping want a few minutes. */
const LEAST_FILL_SEC = 300;

/**
 * From the end of the welcome to everyone's own last task: the stretches of three minutes and more without one, in order of time (as goal
 * `steady` counts them). Who has no task but the welcome and breaks is idle until table time.
 */
export function idleGaps(workshop: Workshop, plan: Plan): readonly IdleGap[] {
  const fromSec = secondsOfMinutes(workshop.welcomeMin);
  const busy = new Set(plan.tasks.filter((t) => t.kind !== 'welcome' && t.kind !== 'break').flatMap((t) => t.people));
  const gaps = workshop.roster.flatMap(({ id }) =>
    (busy.has(id) ? idleStretches(workshop, plan, id) : [{ fromSec, toSec: plan.tableSec }]).map((g) => ({
      person: id,
      ...g,
    })),
  );
  return gaps.sort((a, b) => a.fromSec - b.fromSec || (a.person < b.person ? -1 : 1));
}

/** What could fill a gap: a side job that lies elsewhere, a bread of one's own to taste, a bench or griddle to clean. */
export function fillersOf(workshop: Workshop, s: Situation, gap: IdleGap): readonly Filler[] {
  return [...sideJobs(workshop, s, gap), ...tastings(workshop, s, gap), ...cleanings(workshop, s, gap)];
}

/** Side jobs of their own station that somebody else is down for and that fit the gap, before the step that waits for them. */
function sideJobs(workshop: Workshop, { plan }: Situation, gap: IdleGap): readonly Filler[] {
  const station = workshop.stations.find((x) => x.members.includes(gap.person));
  const makes = new Set(linesOf(workshop).flatMap((l) => (l.makers.has(gap.person) ? [l.bread.id] : [])));
  return plan.tasks.flatMap((t): Filler[] => {
    const step = workshop.breads.find((b) => b.id === t.bread)?.steps.find((x) => x.id === t.step);
    if (step?.kind !== 'prepare' || step.by !== 'one' || t.people.includes(gap.person)) return [];
    if (t.bread === undefined || !makes.has(t.bread) || !station) return [];
    if (t.batch !== batchId(t.bread, station.id)) return [];
    const lastsSec = t.endSec - t.startSec;
    const waiting = plan.tasks.filter((x) => x.step === step.before && belongsTo(x, t));
    const dueSec = Math.min(plan.tableSec, ...waiting.map((x) => x.startSec));
    if (gap.fromSec + lastsSec > Math.min(gap.toSec, dueSec)) return [];
    const whose = t.people.map((p) => personName(workshop, p)).join(', ');
    return [{ kind: 'side-job', words: `${stepWords(step.id)}, ${durationText(lastsSec)}, in place of ${whose}` }];
  });
}

const belongsTo = (task: PlanTask, of: PlanTask): boolean =>
  task.bread === of.bread && (task.batch === undefined || task.batch === of.batch);

/** Breads of their own that are done and are eaten as they come. */
function tastings(workshop: Workshop, { plan }: Situation, gap: IdleGap): readonly Filler[] {
  if (gap.toSec - gap.fromSec < LEAST_FILL_SEC) return [];
  const done = pieceRuns(workshop, plan).filter(
    (r) => r.owner === gap.person && r.holdSec === null && r.doneSec <= gap.toSec - LEAST_FILL_SEC,
  );
  const last = done.at(-1);
  if (!last) return [];
  const { name } = given(
    workshop.breads.find((b) => b.id === last.bread),
    'a piece is of a bread of the class',
  );
  return [{ kind: 'tasting', words: `taste their ${name}, done at ${clockText(workshop, last.doneSec)}` }];
}

/** Their bench, where nobody of the station works in the gap; a griddle that they have cooked on and that lies empty meanwhile. */
function cleanings(workshop: Workshop, s: Situation, gap: IdleGap): readonly Filler[] {
  if (gap.toSec - gap.fromSec < LEAST_FILL_SEC) return [];
  const found: Filler[] = [];
  const station = workshop.stations.find((x) => x.members.includes(gap.person));
  const overlaps = (t: PlanTask): boolean => t.startSec < gap.toSec && t.endSec > gap.fromSec;
  const isBenchFree = s.plan.tasks.every((t) => !(overlaps(t) && t.at?.kind === 'bench' && t.at.id === station?.bench));
  const hasWorked = s.plan.tasks.some((t) => t.people.includes(gap.person) && isOfBread(t) && t.endSec <= gap.fromSec);
  if (station && isBenchFree && hasWorked)
    found.push({ kind: 'cleaning', words: `scrape down the bench of ${stationName(station)}` });
  for (const fire of fireTurns(workshop, s.plan)) {
    const tasks = fire.spots.flat();
    const isOwn = tasks.some((t) => t.endSec <= gap.fromSec && ownerOf(t) === gap.person);
    if (isOwn && !tasks.some(overlaps)) found.push({ kind: 'cleaning', words: `wipe ${fire.name}, empty meanwhile` });
  }
  return found;
}
