import { drawnSpots, griddleName, spotsOnGriddle, type Griddle } from '@hodsman/core';
import type { Lying } from './lying.ts';
import { pieceOutline } from './piece-outline.ts';

interface Props {
  readonly griddle: Griddle;
  readonly gapCm: number;
  readonly lying: readonly Lying[];
  /** How many spots the plan uses. */
  readonly spots: number;
  readonly isHeating: boolean;
  readonly width: number;
  readonly label: string;
}

const MARGIN_CM = 1;
const MOST_LETTER_PX = 14;
const LEAST_LETTER_PX = 11;
/** Letters and a number are about so many times as wide as they are high. */
const WIDE = 2.6;

/** A griddle from above with the breads on it, in their true shapes and places, each with its owner. */
export function GriddleNow({ griddle, gapCm, lying, spots, isHeating, width, label }: Props) {
  const [wide, deep] =
    griddle.shape === 'round' ? [griddle.diameterCm, griddle.diameterCm] : [griddle.widthCm, griddle.depthCm];
  const across = wide + 2 * MARGIN_CM;
  const scale = width / across;
  const body = isHeating ? 'var(--ember)' : 'var(--slate)';
  return (
    <svg
      viewBox={`${-across / 2} ${-deep / 2 - MARGIN_CM} ${across} ${deep + 2 * MARGIN_CM}`}
      width={width}
      height={(deep + 2 * MARGIN_CM) * scale}
      role="img"
      aria-label={`${griddleName(griddle)}: ${label}`}
    >
      {griddle.shape === 'round' ? (
        <circle r={wide / 2} fill={body} />
      ) : (
        <rect x={-wide / 2} y={-deep / 2} width={wide} height={deep} rx={1} fill={body} />
      )}
      {lying.map(({ spot, bread, words, isDue }) => {
        const held = Math.max(spots, spotsOnGriddle(griddle, bread, gapCm));
        const at = drawnSpots(griddle, bread.piece, gapCm, held)[spot - 1];
        if (!at) return null;
        const { shape, diameterCm } = bread.piece;
        // the middle of a half and of a wedge lies off its point
        const downCm = shape === 'half' || shape === 'wedge' ? diameterCm / 4 : 0;
        const letterPx = Math.min(MOST_LETTER_PX, (diameterCm * scale) / WIDE);
        const turn = (at.turnDeg * Math.PI) / 180;
        return (
          <g key={spot}>
            <path
              d={pieceOutline(bread.piece)}
              transform={`translate(${at.xCm} ${at.yCm}) rotate(${at.turnDeg})`}
              fill="var(--dough)"
              stroke={isDue ? 'var(--ember)' : 'var(--dough-edge)'}
              strokeWidth={isDue ? 1.4 : 0.4}
            />
            {letterPx >= LEAST_LETTER_PX && (
              <text
                x={at.xCm - downCm * Math.sin(turn)}
                y={at.yCm + downCm * Math.cos(turn)}
                fontSize={letterPx / scale}
                fontWeight={700}
                textAnchor="middle"
                dominantBaseline="central"
                fill="var(--ink)"
              >
                {words}
              </text>
            )}
          </g>
        );
      })}
    </svg>
  );
}
