import { spawnSync } from 'node:child_process';
import fc from 'fast-check';
import { fileURLToPath } from 'node:url';
import { planClass, verdictOf, type PlanOptions, type Workshop } from '@hodsman/core';
import {
  buildNetwork,
  finished,
  JOB_SHOPS,
  lowerBound,
  plainProblem,
  searchShort,
  sizedClass,
  witnessedClass,
  witnessedShape,
} from '@hodsman/core/testing';
import type { SizedShape } from '@hodsman/core/testing';
import { columns, median, tableOf, type Row } from './table.ts';

const RUNS = 9;
const WARM_UPS = 15;
/** Activities placed for a job shop of fifty, and of a hundred operations. */
const SHOP_WORK = { small: 3_000_000, large: 8_000_000 } as const;

/** Median milliseconds of planning a class, after runs that warm the code up. */
function planMs(workshop: Workshop, options: PlanOptions): number {
  const times = Array.from({ length: WARM_UPS + RUNS }, () => {
    const before = performance.now();
    planClass(workshop, options);
    return performance.now() - before;
  });
  return median(times.slice(WARM_UPS));
}

const percent = (x: number): string => `${(100 * x).toFixed(1)} %`;

/** Peak memory of a process that plans a class, in MB: this script again, with the shape as its argument. */
function memoryMb(shape: SizedShape): number {
  const script = fileURLToPath(new URL('memory.ts', import.meta.url));
  const run = spawnSync(process.execPath, ['--import', import.meta.resolve('tsx'), script, JSON.stringify(shape)], {
    encoding: 'utf8',
  });
  return Number(run.stdout);
}

/** A class of sixteen with one task running late, planned again from that moment on. */
function replanMs(): number {
  const workshop = sizedClass({ people: 16, breads: 1, each: 2, griddles: 4 });
  const plan = planClass(workshop);
  const cooks = plan.tasks.filter((t) => t.step === 'cook').sort((a, b) => a.startSec - b.startSec);
  const nowSec = (cooks[Math.floor(cooks.length / 2)]?.startSec ?? 0) + 30;
  const begun = plan.tasks
    .filter((t) => t.startSec < nowSec)
    .map((t) => (t.endSec > nowSec ? { ...t, endSec: t.endSec + 60 } : t));
  return planMs(workshop, { moment: { nowSec, begun }, before: plan, effort: 1 });
}

export function measureSpeed(): readonly string[] {
  const twelve: SizedShape = { people: 12, breads: 3, each: 3, griddles: 4 };
  const many: SizedShape = { people: 36, breads: 3, each: 1, griddles: 10 };
  const rows: Row[] = [
    {
      what: '12 people, 108 pieces of 3 breads: first plan',
      measured: planMs(sizedClass(twelve), { effort: 0 }),
      unit: 'ms',
      limit: 50,
    },
    { what: 'the same, effort 3', measured: planMs(sizedClass(twelve), { effort: 3 }), unit: 'ms', limit: 400 },
    {
      what: '36 people, 108 pieces of 3 breads, 10 griddles: first plan',
      measured: planMs(sizedClass(many), { effort: 0 }),
      unit: 'ms',
      limit: 300,
    },
    { what: 'the same, effort 3', measured: planMs(sizedClass(many), { effort: 3 }), unit: 'ms', limit: 1000 },
    {
      what: '60 people, 180 pieces of 3 breads, 16 griddles: effort 3',
      measured: planMs(sizedClass({ people: 60, breads: 3, each: 1, griddles: 16 }), { effort: 3 }),
      unit: 'ms',
      limit: 1500,
    },
    { what: 'the same, peak memory of the process', measured: memoryMb(many), unit: 'MB', limit: 300 },
    { what: 'a class of 16 planned again in its middle', measured: replanMs(), unit: 'ms', limit: 100 },
  ];
  return tableOf(rows);
}

/** Time against pieces; the exponent is that of the power that leads from the line before to this one. */
export function measureCurve(): readonly string[] {
  const shapes = [1, 2, 4, 8].map((each): SizedShape => ({ people: 18, breads: 2, each, griddles: 6 }));
  const lines = shapes.map((shape) => {
    const workshop = sizedClass(shape);
    const pieces = shape.people * shape.breads * shape.each;
    return { pieces, first: planMs(workshop, { effort: 0 }), three: planMs(workshop, { effort: 3 }) };
  });
  const power = (i: number, of: (l: (typeof lines)[number]) => number): string => {
    const [now, before] = [lines[i], lines[i - 1]];
    if (!now || !before) return '–';
    return (Math.log(of(now) / of(before)) / Math.log(now.pieces / before.pieces)).toFixed(2);
  };
  return columns(
    lines.map((l, i) => ({ ...l, i })),
    ['pieces', (l) => String(l.pieces)],
    ['first plan', (l) => `${l.first.toFixed(0)} ms`],
    ['power', (l) => power(l.i, (x) => x.first)],
    ['effort 3', (l) => `${l.three.toFixed(0)} ms`],
    ['power', (l) => power(l.i, (x) => x.three)],
  );
}

/** The shortest class found against its lower bound, in classes of 8 to 36. */
export function measureGaps(): readonly string[] {
  const shapes = [8, 12, 16, 24, 30, 36].flatMap((people): readonly SizedShape[] => [
    { people, breads: 1, each: 2, griddles: Math.ceil(people / 6), griddleCm: 30, cookSec: 150 },
    { people, breads: 1, each: 2, griddles: Math.ceil(people / 4), griddleCm: 30, cookSec: 240, attend: 'turns' },
    { people, breads: 2, each: 1, griddles: Math.ceil(people / 6), griddleCm: 30, cookSec: 200, attend: 'turns' },
    { people, breads: 3, each: 1, griddles: Math.ceil(people / 4), griddleCm: 40, cookSec: 120 },
  ]);
  const lines = shapes.map((shape) => {
    const workshop = sizedClass(shape);
    const plan = planClass(workshop, { goal: 'short' });
    const { finishSec, boundSec } = plan.measures;
    return {
      ...shape,
      finishSec,
      boundSec,
      gap: finishSec / boundSec - 1,
      kind: verdictOf(workshop, plan).tightest.kind,
    };
  });
  return columns(
    lines,
    ['people', (l) => String(l.people)],
    ['breads', (l) => `${l.breads} × ${l.each}`],
    ['griddles', (l) => `${l.griddles} of ${l.griddleCm ?? 40} cm`],
    ['cooking', (l) => `${l.cookSec ?? 100} s`],
    ['finish', (l) => `${l.finishSec} s`],
    ['bound', (l) => `${l.boundSec} s`],
    ['gap', (l) => percent(l.gap)],
    ['bound by', (l) => l.kind],
  );
}

const WITNESSED = 16;
const WITNESSED_SEED = 9;
/** An effort that shows how much of a gap is left to the search. */
const LONG_EFFORT = 30;

/** The same for classes of 12 to 36 people and three breads with all that a class can have: how much of the gap is search, at the least. */
export function measureRichGaps(): readonly string[] {
  const classes = fc
    .sample(witnessedShape(), { numRuns: 10 * WITNESSED, seed: WITNESSED_SEED })
    .filter((v) => v.breads === 3 && v.people >= 12)
    .flatMap((v) => {
      const made = witnessedClass(v);
      return made ? [{ ...v, workshop: made.workshop }] : [];
    })
    .slice(0, WITNESSED);
  const lines = classes.map((c) => {
    const finishSec = (effort: number): number => planClass(c.workshop, { goal: 'short', effort }).measures.finishSec;
    const { boundSec, by } = lowerBound(buildNetwork(c.workshop).problem);
    return { ...c, usual: finishSec(3), long: finishSec(LONG_EFFORT), boundSec, kind: by.kind };
  });
  const gapOf = (l: (typeof lines)[number]): number => l.usual / l.boundSec - 1;
  const gaps = lines.map(gapOf);
  return [
    ...columns(
      lines,
      ['people', (l) => String(l.people)],
      ['dough', (l) => l.dough],
      ['cook', (l) => (l.attend === 'turns' ? 'by turns' : 'throughout')],
      ['finish', (l) => `${l.usual} s`],
      [`at effort ${LONG_EFFORT}`, (l) => `${l.long} s`],
      ['bound', (l) => `${l.boundSec} s`],
      ['gap', (l) => percent(gapOf(l))],
      ['of it search, at least', (l) => percent((l.usual - l.long) / l.boundSec)],
      ['bound by', (l) => l.kind],
    ),
    '',
    `Median gap: ${percent(median(gaps))}.`,
  ];
}

/** Job shops of the literature through the plain problem. */
export function measureShops(): readonly string[] {
  const lines = JOB_SHOPS.map((shop) => {
    const problem = plainProblem(shop.machines, shop.jobs);
    const placements = problem.activities.length > 60 ? SHOP_WORK.large : SHOP_WORK.small;
    const before = performance.now();
    const { finishSec } = finished(searchShort(problem, { placements }));
    return { ...shop, finishSec, boundSec: lowerBound(problem).boundSec, seconds: (performance.now() - before) / 1000 };
  });
  return columns(
    lines,
    ['instance', (l) => l.name],
    ['jobs × machines', (l) => `${l.jobs.length} × ${l.machines}`],
    ['optimum', (l) => String(l.optimumSec)],
    ['found', (l) => String(l.finishSec)],
    ['over it', (l) => percent(l.finishSec / l.optimumSec - 1)],
    ['own bound', (l) => String(l.boundSec)],
    ['time', (l) => `${l.seconds.toFixed(1)} s`],
  );
}
