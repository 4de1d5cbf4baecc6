import fc from 'fast-check';
import { findBrokenRules, planClass, readPlan, type Workshop, planFile } from '@hodsman/core';
import {
  buildNetwork,
  exactFinish,
  finished,
  lowerBound,
  narrowClass,
  narrowShape,
  randomShape,
  randomWorkshop,
  searchShort,
  smallShape,
  workshopOf,
} from '@hodsman/core/testing';
import { columns, median } from './table.ts';

const CLASSES = 2000;
const SEED = 20_261_125;
const EXACT = 30;
const MOST_ACTIVITIES = 15;
const SEARCH_WORK = 30_000;
const TIGHT = 100;
const MOST_TIGHT_ACTIVITIES = 13;
const TABLE_TIMES = ['10:50', '11:05', '11:15'] as const;

/** Random classes of every kind: how many plans are right, and whether every plan lists all that the checker finds. */
export function measureRandom(): readonly string[] {
  const classes = fc.sample(randomWorkshop(), { numRuns: CLASSES, seed: SEED });
  let right = 0;
  let proven = 0;
  let hidden = 0;
  let unread = 0;
  const rules = new Map<string, number>();
  for (const workshop of classes) {
    const plan = planClass(workshop, { effort: 1 });
    if (!readPlan(JSON.parse(JSON.stringify(planFile(plan)))).ok) unread++;
    const listed = new Set(plan.broken.map((b) => JSON.stringify(b)));
    if (findBrokenRules(workshop, plan).some((b) => !listed.has(JSON.stringify(b)))) hidden++;
    if (plan.broken.length === 0) right++;
    else if (plan.measures.boundSec > plan.tableSec) proven++;
    for (const rule of new Set(plan.broken.map((b) => b.rule))) rules.set(rule, (rules.get(rule) ?? 0) + 1);
  }
  const lines: readonly (readonly [string, number])[] = [
    ['classes', CLASSES],
    ['right plans', right],
    ['no right plan exists: the lower bound lies after table time', proven],
    ['other plans with broken rules', CLASSES - right - proven],
    ['plans that hide a break that the checker finds', hidden],
    ['plans that their own schema refuses', unread],
    ...[...rules].sort((a, b) => b[1] - a[1]).map(([rule, n]) => [`plans that break ${rule}`, n] as const),
  ];
  return columns(lines, ['what', ([what]) => what], ['number', ([, n]) => String(n)]);
}

/** Small random classes against the optimum that mixed-integer programming proves. */
export async function measureExact(): Promise<readonly string[]> {
  const problems = fc
    .sample(randomShape(), { numRuns: 10 * EXACT, seed: SEED })
    .map((shape) => buildNetwork(workshopOf(smallShape(shape))).problem)
    .filter((p) => p.finals.length > 0 && p.activities.length <= MOST_ACTIVITIES)
    .slice(0, EXACT);
  let equal = 0;
  let unproven = 0;
  let worst = 0;
  for (const problem of problems) {
    const found = finished(searchShort(problem, { placements: SEARCH_WORK }));
    const exact = await exactFinish(problem, found.finishSec + 60);
    if (exact === undefined) {
      if (found.finishSec === lowerBound(problem).boundSec) equal++;
      else unproven++;
    } else if (exact === found.finishSec) equal++;
    else worst = Math.max(worst, found.finishSec / exact - 1);
  }
  const fresh = await measureFresh();
  const lines: readonly (readonly [string, string])[] = [
    ['`short`: small classes', String(problems.length)],
    ['`short`: found equal to the proven optimum', String(equal)],
    ['`short`: not proven in a minute', String(unproven)],
    ['`short`: worst above the optimum', `${(100 * worst).toFixed(1)} %`],
    ['`fresh`: small classes with little time', String(TIGHT)],
    ['`fresh`: right plans', String(fresh.right)],
    ['`fresh`: no right plan exists, proven', String(fresh.impossible)],
    ['`fresh`: a right plan exists and was not found', String(fresh.missed)],
    ['`fresh`: not proven in a minute', String(fresh.unproven)],
  ];
  const narrow = await measureNarrow();
  return columns([...lines, ...narrow], ['what', ([what]) => what], ['number', ([, n]) => n]);
}

const NARROW = 100;
const MOST_NARROW_ACTIVITIES = 10;
const NARROW_SEED = 31;

/** Narrow classes (one who cooks for all, waits of a minute, changes, looks, one spot) against the proven optimum, and in what time. */
async function measureNarrow(): Promise<readonly (readonly [string, string])[]> {
  const count = { equal: 0, over: 0, impossible: 0, missed: 0, unproven: 0 };
  const ratios: number[] = [];
  let worst = 0;
  let n = 0;
  for (const shape of fc.sample(narrowShape(), { numRuns: 20 * NARROW, seed: NARROW_SEED })) {
    if (n === NARROW) break;
    const workshop = narrowClass(shape);
    const { problem } = buildNetwork(workshop);
    if (problem.activities.length > MOST_NARROW_ACTIVITIES) continue;
    n++;
    const plan = planClass(workshop, { goal: 'short', effort: 3 });
    const before = performance.now();
    const exact = await exactFinish(problem, plan.measures.finishSec + 600);
    const exactMs = performance.now() - before;
    const isRight = plan.broken.length === 0;
    if (exact === undefined) count.unproven++;
    else if (!isRight) count[exact === Infinity ? 'impossible' : 'missed']++;
    else {
      count[plan.measures.finishSec === exact ? 'equal' : 'over']++;
      worst = Math.max(worst, plan.measures.finishSec / exact - 1);
      const ownMs = msToFinish(workshop, exact);
      if (ownMs !== undefined) ratios.push(exactMs / ownMs);
    }
  }
  return [
    ['`short`: narrow classes', String(n)],
    ['`short`: equal to the proven optimum at effort 3', String(count.equal)],
    ['`short`: over the proven optimum', `${count.over}, at most ${(100 * worst).toFixed(1)} %`],
    ['`short`: no right plan exists, proven', String(count.impossible)],
    ['`short`: a right plan exists and was not found', String(count.missed)],
    ['`short`: not proven in a minute', String(count.unproven)],
    ['time of the exact solver ÷ own time to the same finish, median', median(ratios).toFixed(0)],
  ];
}

/** Milliseconds of the least effort that finds so short a class, all lesser efforts counted; undefined where none of them does. */
function msToFinish(workshop: Workshop, finishSec: number): number | undefined {
  const before = performance.now();
  for (const effort of [0, 1, 3, 10]) {
    const plan = planClass(workshop, { goal: 'short', effort });
    if (plan.broken.length === 0 && plan.measures.finishSec <= finishSec) return performance.now() - before;
  }
  return undefined;
}

/** Small classes with little time: is a plan right whenever a right one exists? */
async function measureFresh(): Promise<Record<'right' | 'impossible' | 'missed' | 'unproven', number>> {
  const classes = fc
    .sample(randomShape(), { numRuns: 10 * TIGHT, seed: SEED })
    .map((shape, i) => workshopOf({ ...smallShape(shape), service: 'together', tableTime: TABLE_TIMES[i % 3] ?? '' }))
    .filter((w) => buildNetwork(w).problem.activities.length <= MOST_TIGHT_ACTIVITIES)
    .slice(0, TIGHT);
  const count = { right: 0, impossible: 0, missed: 0, unproven: 0 };
  for (const workshop of classes) {
    const { problem, tableSec } = buildNetwork(workshop);
    if (planClass(workshop).broken.length === 0) count.right++;
    else {
      const exact = await exactFinish(problem, tableSec, tableSec);
      count[exact === Infinity ? 'impossible' : exact === undefined ? 'unproven' : 'missed']++;
    }
  }
  return count;
}
