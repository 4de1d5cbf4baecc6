import { useMemo } from 'react';
import { durationText, type SweepPoint } from '@hodsman/core';
import type { ChartConfiguration } from 'chart.js';
import type { Palette } from '../../../board/palette.ts';
import { Chart } from './Chart.tsx';

interface Props {
  readonly over: 'griddles' | 'participants';
  readonly points: readonly SweepPoint[];
  /** How many the class has. */
  readonly now: number;
}

const spareWords = (p: SweepPoint): string =>
  p.spareSec >= 0 ? `${durationText(p.spareSec)} to spare` : `${durationText(p.spareSec)} too long`;

/** Minutes to spare against a count, a bar each: filled where the class fits, hollow where it does not; the class itself framed. */
export function SweepChart({ over, points, now }: Props) {
  const config = useMemo(
    () =>
      (colours: Palette): ChartConfiguration => ({
        type: 'bar',
        data: {
          labels: points.map((p) => (p.count === now ? `${p.count} (now)` : String(p.count))),
          datasets: [
            {
              data: points.map((p) => Math.trunc(p.spareSec / 60)),
              backgroundColor: points.map((p) => (p.fits ? colours.herb : 'transparent')),
              borderColor: points.map((p) => (p.count === now ? colours.ink : p.fits ? colours.herb : colours.trouble)),
              borderWidth: points.map((p) => (p.count === now ? 3 : 2)),
              minBarLength: 3,
            },
          ],
        },
        options: {
          maintainAspectRatio: false,
          scales: {
            x: { title: { display: true, text: over }, grid: { display: false } },
            y: { title: { display: true, text: 'minutes to spare' } },
          },
          plugins: {
            legend: { display: false },
            tooltip: {
              callbacks: {
                label: ({ dataIndex }) => {
                  const p = points[dataIndex];
                  return p ? `${spareWords(p)}${p.fits ? '' : '; does not fit'}` : '';
                },
              },
            },
          },
        },
      }),
    [over, points, now],
  );
  if (points.length === 0)
    return <p className="grid h-64 place-items-center text-quiet">Planning the class in other sizes …</p>;
  const words = points.map((p) => `${p.count}: ${spareWords(p)}${p.fits ? '' : ', does not fit'}`).join('; ');
  return <Chart label={`Minutes to spare by number of ${over}: ${words}`} config={config} />;
}
