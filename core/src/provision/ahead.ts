import { thingName } from '../kitchen/index.ts';
import { taskId } from '../ids.ts';
import { isRest } from '../method/index.ts';
import { latestAheadOf, situationOf } from '../planner/index.ts';
import { stepWords, type Plan, type PlanTask } from '../plan/index.ts';
import { durationText, elapsedSec, secondsOfMinutes, celsiusText } from '../units/index.ts';
import { linesOf, mothersOf, batchesOf, stationName, type Line, type Workshop } from '../workshop/index.ts';

/** Something that staff do before the doors open; seconds since doors open, so negative. */
export interface AheadItem {
  readonly id: string;
  readonly words: string;
  /** When the plan does it. */
  readonly bestSec: number;
  /** No later than this, with all that follows moved as late as it goes. */
  readonly latestSec: number;
  readonly lastsSec: number;
  readonly who: string;
}

/** What is done before the doors open, in the order of time, and what makes it impossible. */
export interface AheadList {
  readonly items: readonly AheadItem[];
  readonly troubles: readonly string[];
}

/** A starter is fed so long before it is used (common practice: 6 to 12 h). */
const STARTER_BEST_SEC = 8 * 3600;
const STARTER_LATEST_SEC = 6 * 3600;
/** A warm box is switched on so long before dough comes into it (common practice). */
const WARM_UP_SEC = 30 * 60;

/** A batch's tasks in the order of its chain. */
interface Chain {
  readonly line: Line;
  readonly title: string;
  readonly tasks: readonly PlanTask[];
}

/**
 * What staff prepare before a class: doughs made ahead step by step, into the fridge and out of it, trays weighed, starters fed, the
 * warm box. Best times are the plan's.
 */
export function aheadList(workshop: Workshop, plan: Plan, trayMin: number): AheadList {
  const chains = chainsOf(workshop, plan);
  const latest = latestAheadOf(situationOf(workshop, plan));
  const names = new Map([...workshop.kitchen.staff, ...workshop.roster].map((p) => [p.id, p.name]));
  const items = [
    ...chains.flatMap((chain) => doughItems(workshop, chain, latest, names)),
    ...trayItems(workshop, trayMin),
    ...starterItems(workshop, chains),
    ...warmItems(workshop, plan),
  ].sort((a, b) => a.bestSec - b.bestSec || (a.id < b.id ? -1 : 1));
  return { items, troubles: troublesOf(workshop, items) };
}

function chainsOf(workshop: Workshop, plan: Plan): readonly Chain[] {
  const batches = batchesOf(workshop, linesOf(workshop));
  const mothers = mothersOf(workshop, batches);
  const chain = (id: string, line: Line, title: string): Chain => {
    const tasks = line.chain.flatMap((s) => plan.tasks.find((t) => t.id === taskId(id, s.id)) ?? []);
    return { line, title, tasks };
  };
  return [
    ...mothers.map((m) =>
      chain(
        m.id,
        m.line,
        mothers.filter((x) => x.line === m.line).length > 1 ? `dough ${m.id.replace(/^.*@ahead/, '')}` : 'the dough',
      ),
    ),
    ...batches.map((b) => chain(b.id, b.line, stationName(b.station))),
  ].filter((c) => c.tasks.some((t) => t.startSec < 0));
}

function doughItems(
  workshop: Workshop,
  { line, title, tasks }: Chain,
  latest: ReadonlyMap<string, number>,
  names: ReadonlyMap<string, string>,
): readonly AheadItem[] {
  const place = (t: PlanTask): string => (t.at?.id === undefined ? '' : thingName(workshop.kitchen, t.at.id));
  const what = `${line.bread.name}, ${title}`;
  return tasks.flatMap((task, i): AheadItem[] => {
    if (task.startSec >= 0 && task.kind !== 'rest') return [];
    if (task.kind !== 'rest') {
      const who = task.people.map((p) => names.get(p) ?? p).join(', ');
      const latestSec = latest.get(task.id) ?? task.startSec;
      const lastsSec = task.endSec - task.startSec;
      return [
        { id: task.id, words: `${what}: ${stepWords(task.step)}`, bestSec: task.startSec, latestSec, lastsSec, who },
      ];
    }
    // out of the fridge is staff's to remember, in class too
    if (task.at?.kind === 'room' || (task.endSec > 0 && task.at?.kind !== 'fridge')) return [];
    const step = line.chain.find((s) => s.id === task.step);
    if (!step || !isRest(step)) return [];
    // the next thing that hands do, less the rests before it at their least
    const later = tasks.slice(i + 1);
    const next = later.find((t) => t.kind !== 'rest');
    const between = later
      .slice(0, next ? later.indexOf(next) : 0)
      .reduce((sum, t) => sum + (t.kind === 'rest' ? t.window.minSec : 0), 0);
    const latestSec = next ? (latest.get(next.id) ?? next.startSec) - between : task.endSec;
    const words = `${what}: out of ${withArticle(place(task))}${later[0]?.kind === 'rest' ? `, for its ${stepWords(later[0].step)}` : ''}`;
    const atMost = task.startSec + task.window.maxSec;
    return [
      {
        id: `${task.id}:out`,
        words,
        bestSec: task.endSec,
        latestSec: Math.max(task.endSec, Math.min(latestSec, atMost)),
        lastsSec: 0,
        who: '',
      },
    ];
  });
}

const withArticle = (name: string): string => (/^(the|a) /.test(name) ? name : `the ${name}`);

/** One line for the trays of all stations: they are weighed one after another, done when the doors open. */
function trayItems(workshop: Workshop, trayMin: number): readonly AheadItem[] {
  const stations = workshop.stations.length;
  const lastsSec = secondsOfMinutes(trayMin * stations);
  if (stations === 0 || lastsSec === 0) return [];
  const last = workshop.prepTimes
    .map((p) => ({ fromSec: elapsedSec(workshop, p.from), toSec: Math.min(0, elapsedSec(workshop, p.to)) }))
    .filter((p) => p.toSec - p.fromSec >= lastsSec)
    .reduce<{ fromSec: number; toSec: number } | undefined>((a, b) => (a && a.toSec > b.toSec ? a : b), undefined);
  const bestSec = last ? Math.max(last.fromSec, last.toSec - 2 * lastsSec) : -2 * lastsSec;
  const words = `weigh the trays of ${stations} station${stations === 1 ? '' : 's'} (${durationText(lastsSec)})`;
  return [{ id: 'trays', words, bestSec, latestSec: (last?.toSec ?? 0) - lastsSec, lastsSec, who: '' }];
}

/** Starters are fed before their first dough is mixed, whoever mixes it. */
function starterItems(workshop: Workshop, chains: readonly Chain[]): readonly AheadItem[] {
  return linesOf(workshop).flatMap(({ bread }): AheadItem[] => {
    const starter = bread.ingredients.find((i) => i.role === 'starter' && i.use === 'dough');
    if (!starter) return [];
    const begins = chains.filter((c) => c.line.bread.id === bread.id).flatMap((c) => c.tasks.map((t) => t.startSec));
    const useSec = Math.min(0, ...begins);
    return [
      {
        id: `starter:${bread.id}`,
        words: `feed the ${starter.name} for ${bread.name}, or take it fed`,
        bestSec: useSec - STARTER_BEST_SEC,
        latestSec: useSec - STARTER_LATEST_SEC,
        lastsSec: 0,
        who: '',
      },
    ];
  });
}

/** Warm places that are needed before or soon after the doors open. */
function warmItems(workshop: Workshop, plan: Plan): readonly AheadItem[] {
  return workshop.kitchen.places.flatMap((place): AheadItem[] => {
    const uses = plan.tasks.filter((t) => t.at?.kind === 'warm' && t.at.id === place.id).map((t) => t.startSec);
    const bestSec = Math.min(...uses) - WARM_UP_SEC;
    if (uses.length === 0 || bestSec >= 0) return [];
    const words = `switch on ${withArticle(thingName(workshop.kitchen, place.id))}, to ${celsiusText(place.tempC, 1)}`;
    return [{ id: `warm:${place.id}`, words, bestSec, latestSec: bestSec + WARM_UP_SEC / 2, lastsSec: 0, who: '' }];
  });
}

/** What needs hands when nobody is there. */
function troublesOf(workshop: Workshop, items: readonly AheadItem[]): readonly string[] {
  if (items.length === 0) return [];
  if (workshop.prepTimes.length === 0)
    return ['No prep time is set: say when staff are there before the class, or nothing can be made ahead.'];
  const isCovered = (sec: number): boolean =>
    workshop.prepTimes.some((p) => elapsedSec(workshop, p.from) <= sec && sec <= elapsedSec(workshop, p.to));
  return items
    .filter((i) => !i.id.startsWith('starter:')) // it is fed at home as well
    .filter((i) => !isCovered(i.bestSec) && !isCovered(i.latestSec))
    .map((i) => `Nobody is there to ${i.words}: it lies outside the prep times.`);
}
