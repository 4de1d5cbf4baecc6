import type { Brush } from './brush.ts';

const SEGMENTS = 6;

/** The table: one stem for each bread, fading as the time it keeps runs down; one that comes late hangs below table time. */
export function paintTable({ ctx, colours, scene, scale, look }: Brush): void {
  const lane = scene.lanes.byId.get('table');
  if (!lane || lane.isFolded) return;
  const { runs, plan } = scene;
  const tableY = scale.yOf(plan.tableSec);
  const each = Math.min(9, (lane.width - 4) / Math.max(1, runs.length));
  const left = lane.x + (lane.width - each * runs.length) / 2;
  const stem = Math.max(1, each - 1.5);
  for (const [i, run] of runs.entries()) {
    const from = scale.yOf(run.doneSec);
    const x = left + i * each;
    const isLit = !look.lit || run.tasks.some((t) => look.lit?.has(t.id));
    const alpha = isLit ? 1 : 0.25;
    ctx.globalAlpha = alpha;
    if (from > tableY) {
      ctx.fillStyle = colours.trouble;
      ctx.fillRect(x, tableY, stem, from - tableY);
      continue;
    }
    const step = (tableY - from) / SEGMENTS;
    const aged = run.holdSec === null ? 0.5 : Math.min(1, run.ageSec / Math.max(1, run.holdSec));
    ctx.fillStyle = colours.herb;
    for (let n = 0; n < SEGMENTS; n++) {
      ctx.globalAlpha = alpha * (1 - 0.78 * aged * (n / SEGMENTS));
      ctx.fillRect(x, from + n * step, stem, step + 0.4);
    }
    ctx.globalAlpha = alpha;
    ctx.fillRect(x, from, stem, 2.5);
  }
  ctx.globalAlpha = 1;
}
