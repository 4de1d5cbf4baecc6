import type { PlanWarning } from '../plan/index.ts';
import type { Batch, Line, Workshop } from '../workshop/index.ts';

/** Under so many grams a batch is hard to mix by hand (rule R7). */
const LEAST_BY_HAND_G = 150;

/** What is no broken rule but should be seen: participants without bread, and batches too small to mix well. */
export function warningsOf(
  workshop: Workshop,
  lines: readonly Line[],
  batches: readonly Batch[],
): readonly PlanWarning[] {
  const without = workshop.roster.filter((p) => !lines.some((l) => l.makers.has(p.id)));
  const small = batches.filter((b) => !b.line.menu.mixer && b.scaled.doughG < LEAST_BY_HAND_G);
  return [
    ...without.map((p) => ({ code: 'no-bread', path: `roster/${p.id}`, message: `${p.name} makes no bread` })),
    ...small.map((b) => ({
      code: 'small-batch',
      path: `batches/${b.id}`,
      message: `${b.id} is only ${b.scaled.doughG.toFixed(0)} g, under ${LEAST_BY_HAND_G} g hard to mix by hand`,
    })),
  ];
}
