import { ofRoundOf, widthOf, type Bread } from '@hodsman/core';

/** The outline of a piece about its middle, in cm; a half and a wedge hang from the middle of their round. */
export function pieceOutline(piece: Bread['piece']): string {
  const a = piece.diameterCm / 2;
  const b = widthOf(piece) / 2;
  switch (piece.shape) {
    case 'square':
    case 'rectangle':
      return `M${-a} ${-b}H${a}V${b}H${-a}Z`;
    case 'half':
      return `M${-a} 0A${a} ${2 * b} 0 0 0 ${a} 0Z`;
    case 'wedge': {
      const half = Math.PI / ofRoundOf(piece);
      const [x, y] = [2 * a * Math.sin(half), 2 * a * Math.cos(half)];
      return `M0 0L${-x} ${y}A${2 * a} ${2 * a} 0 0 0 ${x} ${y}Z`;
    }
    default: {
      const across = piece.shape === 'oval' ? b : a;
      return `M${-a} 0A${a} ${across} 0 1 1 ${a} 0A${a} ${across} 0 1 1 ${-a} 0Z`;
    }
  }
}
