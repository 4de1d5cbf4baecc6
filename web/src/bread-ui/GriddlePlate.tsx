import type { ReactNode } from 'react';
import type { Bread, drawnSpots, Griddle } from '@hodsman/core';
import { pieceOutline } from './piece-outline.ts';

/** About a griddle, so that its edge is not cut. */
const MARGIN_CM = 1;

/** A griddle's size from above, cm. */
const plateSize = (g: Griddle): { readonly width: number; readonly depth: number } =>
  g.shape === 'round' ? { width: g.diameterCm, depth: g.diameterCm } : { width: g.widthCm, depth: g.depthCm };

/** So many pixels a centimetre make a picture of a griddle so wide. */
export const scaleFor = (griddle: Griddle, widthPx: number): number =>
  widthPx / (plateSize(griddle).width + 2 * MARGIN_CM);

interface PlateProps {
  readonly griddle: Griddle;
  /** Pixels a centimetre. */
  readonly scale: number;
  readonly isHeating?: boolean;
  readonly label: string;
  readonly children: ReactNode;
}

/** A griddle from above, in centimetres about its middle; what lies on it are its children. */
export function GriddlePlate({ griddle, scale, isHeating = false, label, children }: PlateProps) {
  const { width, depth } = plateSize(griddle);
  const [wide, deep] = [width + 2 * MARGIN_CM, depth + 2 * MARGIN_CM];
  const body = isHeating ? 'var(--ember)' : 'var(--slate)';
  return (
    <svg
      viewBox={`${-wide / 2} ${-deep / 2} ${wide} ${deep}`}
      width={wide * scale}
      height={deep * scale}
      role="img"
      aria-label={label}
    >
      {griddle.shape === 'round' ? (
        <circle r={width / 2} fill={body} />
      ) : (
        <rect x={-width / 2} y={-depth / 2} width={width} height={depth} rx={1} fill={body} />
      )}
      {children}
    </svg>
  );
}

interface PieceProps {
  readonly piece: Bread['piece'];
  readonly at: ReturnType<typeof drawnSpots>[number];
  /** It is about to be turned or taken off. */
  readonly isDue?: boolean;
}

/** A piece where it lies, in its true shape. */
export function PieceOnPlate({ piece, at, isDue = false }: PieceProps) {
  return (
    <path
      d={pieceOutline(piece)}
      transform={`translate(${at.xCm} ${at.yCm}) rotate(${at.turnDeg})`}
      fill="var(--dough)"
      stroke={isDue ? 'var(--ember)' : 'var(--dough-edge)'}
      strokeWidth={isDue ? 1.4 : 0.4}
    />
  );
}
