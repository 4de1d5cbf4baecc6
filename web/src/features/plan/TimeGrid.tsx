import { clockText, type Workshop } from '@hodsman/core';
import { GUTTER, type BoardLayout } from './layout.ts';

const TICK_SEC = [300, 600, 900, 1800, 3600] as const;
const LEAST_TICK_PX = 44;

/** Time down the side: lines and times as close as can be read, and table time as the one heavy line. */
export function TimeGrid({
  layout,
  workshop,
  tableSec,
}: {
  readonly layout: BoardLayout;
  readonly workshop: Workshop;
  readonly tableSec: number;
}) {
  const pxPerSec = (layout.yOf(layout.toSec) - layout.yOf(layout.fromSec)) / (layout.toSec - layout.fromSec);
  const tick = TICK_SEC.find((s) => s * pxPerSec >= LEAST_TICK_PX) ?? 3600;
  const first = Math.ceil(layout.fromSec / tick);
  const count = Math.floor(layout.toSec / tick) - first + 1;
  const tableY = layout.yOf(tableSec);
  return (
    <g>
      {Array.from({ length: count }, (_, i) => (first + i) * tick).map((sec) => {
        const y = layout.yOf(sec);
        return (
          <g key={sec}>
            <line x1={GUTTER - 6} x2={layout.width} y1={y} y2={y} stroke="var(--line)" />
            {Math.abs(y - tableY) > 18 && (
              <text x={GUTTER - 10} y={y + 4.5} fontSize={13} textAnchor="end" fill="var(--quiet)" className="figures">
                {clockText(workshop, sec)}
              </text>
            )}
          </g>
        );
      })}
      {layout.griddles.map((g) => (
        <rect key={g.id} x={g.x} y={0} width={g.width} height={layout.height} fill="var(--steel)" opacity={0.75} />
      ))}
      <line x1={GUTTER - 6} x2={layout.width} y1={tableY} y2={tableY} stroke="var(--ink)" strokeWidth={2.5} />
      <text
        x={GUTTER - 10}
        y={tableY + 5}
        fontSize={14}
        fontWeight={750}
        textAnchor="end"
        fill="var(--ink)"
        className="figures"
      >
        {clockText(workshop, tableSec)}
      </text>
    </g>
  );
}
