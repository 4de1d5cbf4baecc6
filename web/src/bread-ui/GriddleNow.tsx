import { drawnSpots, griddleName, spotsOnGriddle, type Griddle } from '@hodsman/core';
import { GriddlePlate, PieceOnPlate, scaleFor } from './GriddlePlate.tsx';
import type { Lying } from './lying.ts';

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

const MOST_LETTER_PX = 14;
const LEAST_LETTER_PX = 11;
/** Letters and a number are about so many times as wide as they are high. */
const WIDE = 2.6;

/** A griddle from above with the breads on it, in their true shapes and places, each with its owner. */
export function GriddleNow({ griddle, gapCm, lying, spots, isHeating, width, label }: Props) {
  const scale = scaleFor(griddle, width);
  return (
    <GriddlePlate griddle={griddle} scale={scale} isHeating={isHeating} label={`${griddleName(griddle)}: ${label}`}>
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
            <PieceOnPlate piece={bread.piece} at={at} isDue={isDue} />
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
    </GriddlePlate>
  );
}
