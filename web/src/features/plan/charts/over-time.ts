import { briefClockText, clockText, type UsePoint, type Workshop } from '@hodsman/core';
import type { ChartConfiguration } from 'chart.js';
import type { Palette } from '../../../board/palette.ts';

/** One line of a chart over time. */
export interface Line {
  readonly name: string;
  readonly points: readonly UsePoint[];
  readonly colour: keyof Palette;
  /** Dashes tell lines apart where colour does not. */
  readonly dash: readonly number[];
}

interface Shown {
  readonly fromSec: number;
  readonly toSec: number;
  /** What is counted. */
  readonly what: string;
  /** The lines lie on one another and add up. */
  readonly isStacked: boolean;
}

const TICK_SEC = [300, 600, 900, 1800, 3600] as const;
const MOST_TICKS = 9;

/** How many there are at each of some moments. */
function countsAt(points: readonly UsePoint[], moments: readonly number[]): readonly UsePoint[] {
  let i = 0;
  let count = 0;
  return moments.map((sec) => {
    for (let next = points[i]; next && next.sec <= sec; next = points[++i]) count = next.count;
    return { sec, count };
  });
}

/** Counts over the time of the class, as steps. */
export function overTime(
  workshop: Workshop,
  lines: readonly Line[],
  { fromSec, toSec, what, isStacked }: Shown,
): (colours: Palette) => ChartConfiguration {
  const inSight = lines.flatMap((l) => l.points.map((p) => p.sec)).filter((sec) => sec >= fromSec && sec <= toSec);
  const moments = [...new Set([fromSec, ...inSight, toSec])].sort((a, b) => a - b);
  const tick = TICK_SEC.find((s) => (toSec - fromSec) / s < MOST_TICKS) ?? 3600;
  return (colours) => ({
    type: 'line',
    data: {
      datasets: lines.map((l, i) => ({
        label: l.name,
        data: countsAt(l.points, moments).map((p) => ({ x: p.sec, y: p.count })),
        stepped: 'before' as const,
        borderColor: colours[l.colour],
        backgroundColor: `${colours[l.colour]}${isStacked ? '99' : '22'}`,
        borderDash: [...l.dash],
        borderWidth: 2,
        pointRadius: 0,
        fill: isStacked && i > 0 ? '-1' : 'origin',
      })),
    },
    options: {
      maintainAspectRatio: false,
      interaction: { mode: 'index', intersect: false, axis: 'x' },
      scales: {
        x: {
          type: 'linear',
          min: fromSec,
          max: toSec,
          afterBuildTicks: (axis) => {
            const count = Math.floor((toSec - fromSec) / tick) + 1;
            axis.ticks = Array.from({ length: count }, (_, i) => ({ value: fromSec + i * tick }));
          },
          ticks: { callback: (sec) => briefClockText(workshop, Number(sec)) },
        },
        y: { beginAtZero: true, stacked: isStacked, ticks: { precision: 0 }, title: { display: true, text: what } },
      },
      plugins: {
        legend: { display: lines.length > 1, labels: { boxWidth: 28, boxHeight: isStacked ? 10 : 2 } },
        tooltip: { callbacks: { title: ([item]) => clockText(workshop, item?.parsed.x ?? 0) } },
      },
    },
  });
}
