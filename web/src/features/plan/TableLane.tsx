import { type Plan, type Workshop } from '@hodsman/core';
import type { BoardLayout } from './layout.ts';

const SEGMENTS = 8;

interface Keeping {
  readonly piece: string;
  readonly fromSec: number;
  readonly holdSec: number;
}

/** Every bread from its last step until table time. */
function keepings(plan: Plan, workshop: Workshop): readonly Keeping[] {
  const last = new Map<string, Keeping>();
  for (const t of plan.tasks) {
    if (t.piece === undefined) continue;
    const holdMin = workshop.breads.find((b) => b.id === t.bread)?.holdMaxMin ?? 0;
    const known = last.get(t.piece);
    if (!known || t.endSec > known.fromSec)
      last.set(t.piece, { piece: t.piece, fromSec: t.endSec, holdSec: holdMin * 60 });
  }
  return [...last.values()].sort((a, b) => a.fromSec - b.fromSec || (a.piece < b.piece ? -1 : 1));
}

/** The table: one stem for each bread, fading as the time it keeps runs down; one that comes late hangs below table time. */
export function TableLane({
  plan,
  workshop,
  layout,
}: {
  readonly plan: Plan;
  readonly workshop: Workshop;
  readonly layout: BoardLayout;
}) {
  const all = keepings(plan, workshop);
  const each = Math.min(9, (layout.table.width - 4) / Math.max(1, all.length));
  const tableY = layout.yOf(plan.tableSec);
  const left = layout.table.x + (layout.table.width - each * all.length) / 2;
  return (
    <g>
      {all.map((k, i) => {
        const from = layout.yOf(k.fromSec);
        const x = left + i * each;
        const stem = Math.max(1.5, each - 1.5);
        if (from > tableY)
          return <rect key={k.piece} x={x} y={tableY} width={stem} height={from - tableY} fill="var(--trouble)" />;
        const step = Math.max(0, tableY - from) / SEGMENTS;
        const aged = Math.min(1, (plan.tableSec - k.fromSec) / Math.max(1, k.holdSec));
        return (
          <g key={k.piece} fill="var(--herb)">
            {Array.from({ length: SEGMENTS }, (_, n) => (
              <rect
                key={n}
                x={x}
                y={from + n * step}
                width={stem}
                height={step + 0.4}
                opacity={1 - 0.78 * aged * (n / SEGMENTS)}
              />
            ))}
            <rect x={x} y={from} width={stem} height={2.5} />
          </g>
        );
      })}
    </g>
  );
}
