import fc from 'fast-check';
import { classFigures, planShaped, readWorkshop, type Aim, type Workshop } from '@hodsman/core';
import { witnessedClass, witnessedShape } from '@hodsman/core/testing';
import sunday from '../../demo/class-sunday.json' with { type: 'json' };
import saturday from '../../demo/class.json' with { type: 'json' };
import { columns } from './table.ts';

const WANTED = 60;
/** The longest search is measured on so many of them. */
const LONGEST = 15;
const SEED = 77;
const EFFORTS = [3, 10, 30] as const;
const AIMS: readonly Aim[] = ['steady', 'fresh', 'even', 'hands', 'short'];

interface Measured {
  readonly right: boolean;
  readonly costMin: number;
}

function measured(workshop: Workshop, aim: Aim, effort: number): Measured {
  const plan = planShaped(workshop, { aim, pins: [] }, { effort });
  return { right: plan.broken.length === 0, costMin: classFigures(workshop, plan).costSec / 60 };
}

const mean = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0) / Math.max(1, list.length);

/** Classes of 8 to 36 people that have a right plan by construction, with that plan. */
function witnessed() {
  return fc
    .sample(witnessedShape(), { numRuns: 3 * WANTED, seed: SEED })
    .flatMap((shape) => witnessedClass(shape) ?? [])
    .slice(0, WANTED);
}

/** Cost of goal `steady` (formats note, section 4) in minutes by aim, and how many of the classes are planned right. */
export function measureSteady(): readonly string[] {
  const demos = [saturday, sunday].map((file) => {
    const read = readWorkshop(file);
    if (!read.ok) throw new Error('the demonstration classes are read without faults');
    return read.value;
  });
  const classes = witnessed();
  const byAim = AIMS.map((aim) => {
    const all = classes.map(({ workshop }) => measured(workshop, aim, 3));
    return {
      aim,
      demos: demos.map((w) => measured(w, aim, 3).costMin.toFixed(1)),
      cost: mean(all.filter((m) => m.right).map((m) => m.costMin)),
      right: all.filter((m) => m.right).length,
    };
  });
  const rows = EFFORTS.map((effort) => ({
    effort,
    all: classes.slice(0, effort === 30 ? LONGEST : WANTED).map(({ workshop }) => measured(workshop, 'steady', effort)),
  }));
  const costOf = (list: readonly Measured[], i: number): number =>
    list[i]?.right === true ? list[i].costMin : Infinity;
  const rising = rows.slice(1).reduce((sum, row, n) => {
    const before = rows[n]?.all ?? [];
    return sum + row.all.filter((_, i) => costOf(row.all, i) > costOf(before, i) + 0.05).length;
  }, 0);
  return [
    `${classes.length} classes of 8 to 36 people with two or three breads that have a right plan by construction; cost in minutes, of the classes planned right.`,
    '',
    ...columns(
      byAim,
      ['aim', (r) => r.aim],
      ['Saturday', (r) => r.demos[0] ?? ''],
      ['Sunday', (r) => r.demos[1] ?? ''],
      ['mean of the witnessed', (r) => r.cost.toFixed(1)],
      ['planned right', (r) => `${r.right} of ${classes.length}`],
    ),
    '',
    ...columns(
      rows,
      ['aim steady, effort', (r) => String(r.effort)],
      ['planned right', (r) => `${r.all.filter((m) => m.right).length} of ${r.all.length}`],
      [
        `mean cost of the first ${LONGEST}`,
        (r) =>
          mean(
            r.all
              .slice(0, LONGEST)
              .filter((m) => m.right)
              .map((m) => m.costMin),
          ).toFixed(1),
      ],
    ),
    '',
    `Times that a higher effort cost more: ${rising}.`,
  ];
}
