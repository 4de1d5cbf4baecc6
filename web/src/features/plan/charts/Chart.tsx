import {
  CategoryScale,
  Chart as ChartJs,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
  BarController,
  BarElement,
  type ChartConfiguration,
} from 'chart.js';
import { useEffect, useRef } from 'react';
import { paletteOf, type Palette } from '../../../board/palette.ts';

ChartJs.register(
  BarController,
  BarElement,
  CategoryScale,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
);
ChartJs.defaults.font.family = '"Atkinson Hyperlegible Next Variable", sans-serif';
ChartJs.defaults.font.size = 14;
ChartJs.defaults.animation = false;

interface Props {
  /** What it shows, in a sentence: the chart's name for those who cannot see it. */
  readonly label: string;
  readonly config: (colours: Palette) => ChartConfiguration;
}

/** A chart in the colours of the theme, drawn anew when these or what it shows change. */
export function Chart({ label, config }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const element = canvas.current;
    if (!element) return;
    let chart: ChartJs | undefined;
    const draw = (): void => {
      chart?.destroy();
      const colours = paletteOf(element);
      ChartJs.defaults.color = colours.quiet;
      ChartJs.defaults.borderColor = colours.line;
      chart = new ChartJs(element, config(colours));
    };
    draw();
    const themes = new MutationObserver(draw);
    themes.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
    return () => {
      themes.disconnect();
      chart?.destroy();
    };
  }, [config]);
  return (
    <div className="relative h-64">
      <canvas ref={canvas} role="img" aria-label={label} />
    </div>
  );
}
