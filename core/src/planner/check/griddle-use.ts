import type { Griddle } from '../../kitchen/index.ts';
import type { DemoJob } from './demo-jobs.ts';
import type { Facts } from './facts.ts';
import { siteOf, type ActiveJob } from './jobs.ts';
import type { TimeSpan } from './spans.ts';

/** What lies on a griddle: pieces, and demonstrations. */
export interface GriddleUse {
  readonly griddle: Griddle;
  readonly jobs: readonly ActiveJob[];
  readonly demos: readonly (TimeSpan & { readonly id: string })[];
}

/** The griddles in use. */
export function griddleUse(
  facts: Facts,
  active: readonly ActiveJob[],
  demos: readonly DemoJob[],
): readonly GriddleUse[] {
  return facts.workshop.kitchen.griddles
    .map((griddle) => ({
      griddle,
      jobs: active.filter(
        (j) => siteOf(j) === 'griddle' && j.task.at?.kind === 'griddle' && j.task.at.id === griddle.id,
      ),
      demos: demos.flatMap((d) =>
        d.demo.at === 'griddle' && d.task?.at?.kind === 'griddle' && d.task.at.id === griddle.id
          ? [{ ...d.task, id: d.id }]
          : [],
      ),
    }))
    .filter((u) => u.jobs.length + u.demos.length > 0);
}
