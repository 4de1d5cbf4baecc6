import type { StrandStep } from '@hodsman/core';
import { strandColour } from '../../bread-ui/step-words.ts';

interface Props {
  readonly strand: readonly StrandStep[];
  readonly leastSec: number;
  readonly mostSec: number;
  /** Seconds that the whole width stands for; what is longer is cut, with a mark. */
  readonly widthSec: number;
}

const HEIGHT = 22;

/** A bread's time lying down, all breads to one scale: hands, rests, griddle; a line ahead to the longest that it may take. */
export function MiniStrand({ strand, leastSec, mostSec, widthSec }: Props) {
  const starts = strand.map((_, n) => strand.slice(0, n).reduce((sum, t) => sum + t.idealSec, 0));
  const pct = (sec: number): string => `${Math.min(100, (sec / widthSec) * 100)}%`;
  return (
    <svg width="100%" height={HEIGHT} aria-hidden className="block">
      <line
        x1={pct(leastSec)}
        x2={pct(mostSec)}
        y1={HEIGHT / 2}
        y2={HEIGHT / 2}
        stroke="var(--dough-edge)"
        strokeWidth={1.5}
        strokeDasharray="2 3"
      />
      {strand.map((step, n) => {
        const { idealSec } = step;
        const from = starts[n] ?? 0;
        if (from >= widthSec) return null;
        return (
          <rect
            key={step.id}
            x={pct(from)}
            width={pct(Math.max(60, Math.min(idealSec, widthSec - from)))}
            y={step.isRest ? 4 : 2}
            height={step.isRest ? HEIGHT - 8 : HEIGHT - 4}
            fill={strandColour(step)}
            stroke={step.isRest ? 'var(--dough-edge)' : 'var(--ground)'}
            strokeWidth={1}
          />
        );
      })}
    </svg>
  );
}
