import { isOnFire, ownerOf, type Plan } from '../plan/index.ts';
import { taskSpans } from '../turns/index.ts';
import { durationText } from '../units/index.ts';
import { namesOf } from '../words/index.ts';
import type { Workshop } from '../workshop/index.ts';
import { restsNow } from './waiting.ts';

interface Span {
  readonly fromSec: number;
  readonly toSec: number;
}

/** How long of a stretch is covered by others, in seconds; these may overlap. */
function coveredSec(spans: readonly Span[], { fromSec, toSec }: Span): number {
  let [sum, reached] = [0, fromSec];
  for (const s of [...spans].sort((a, b) => a.fromSec - b.fromSec)) {
    const [from, to] = [Math.max(reached, s.fromSec), Math.min(toSec, s.toSec)];
    if (to > from) sum += to - from;
    reached = Math.max(reached, to);
  }
  return sum;
}

/**
 * What leaves the least room from a moment of the class until the last bread is done, in words: a dough that may hardly wait any more,
 * else the griddle or the person that is busy for the most of it. Empty where no bread is to come.
 */
export function tightestNow(workshop: Workshop, plan: Plan, sec: number): string {
  const names = namesOf(workshop);
  const lastSec = Math.max(
    ...plan.tasks.flatMap((t) => (t.kind === 'step' && ownerOf(t) ? [t.endSec] : [])),
    -Infinity,
  );
  if (lastSec <= sec) return '';
  const [rest] = restsNow(workshop, plan, sec);
  if (rest?.isUrgent === true)
    return `${rest.words}, ${rest.leftSec < 0 ? `${durationText(-rest.leftSec)} too long` : `may wait ${durationText(rest.leftSec)}`}`;
  const all = { fromSec: sec, toSec: lastSec };
  const spans = taskSpans(plan);
  const griddles = workshop.kitchen.griddles.map(({ id }) => ({
    name: names.griddle(id),
    sec: coveredSec(
      plan.tasks.flatMap((t) => (isOnFire(t) && t.at?.id === id ? [{ fromSec: t.startSec, toSec: t.endSec }] : [])),
      all,
    ),
  }));
  const people = [...workshop.kitchen.staff, ...workshop.roster].map(({ id }) => ({
    name: names.person(id),
    sec: coveredSec(spans.get(id) ?? [], all),
  }));
  const [most] = [...griddles, ...people].sort((a, b) => b.sec - a.sec);
  if (!most || most.sec === 0) return '';
  return `${most.name}, busy ${durationText(most.sec)} of ${durationText(lastSec - sec)}`;
}
