import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  newBread,
  pieceGrams,
  densityOf,
  reshapedPiece,
  resizedPiece,
  reweighedPiece,
  thickenedPiece,
} from './index.ts';

const bread = newBread('flat');
const oval = { ...bread, piece: { ...bread.piece, shape: 'oval', widthCm: 12 } };

describe('a piece in another size', () => {
  it('keeps weight, size and thickness in one relation, whichever of them is typed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 300 }), fc.integer({ min: 10, max: 40 }), (doughG, diameterCm) => {
        for (const piece of [reweighedPiece(bread, doughG), resizedPiece(bread, { diameterCm })]) {
          // thickness is shown to a tenth of a millimetre, so the weight follows to so much
          const off = (piece.doughG * 0.05) / (piece.thicknessMm ?? 0) + 0.1;
          const by = pieceGrams(piece, piece.thicknessMm ?? 0, densityOf(bread));
          expect(Math.abs(by - piece.doughG)).toBeLessThanOrEqual(off);
        }
      }),
    );
    const thick = thickenedPiece(bread, 4);
    expect([thick.thicknessMm, thick.diameterCm]).toEqual([4, bread.piece.diameterCm]);
    expect(thick.doughG).toBeGreaterThan(bread.piece.doughG);
  });
  it('is never wider than long, and keeps the measures of its shape alone', () => {
    expect(resizedPiece(oval, { diameterCm: 10 }).widthCm).toBe(10);
    expect(reshapedPiece(oval, 'half')).toMatchObject({ shape: 'half', widthCm: 12 });
    expect(reshapedPiece(oval, 'round')).not.toHaveProperty('widthCm');
    const wedge = { ...bread, piece: { ...bread.piece, shape: 'wedge', ofRound: 6 } };
    expect(reshapedPiece(wedge, 'wedge')).toHaveProperty('ofRound', 6);
    expect(reshapedPiece(wedge, 'square')).not.toHaveProperty('ofRound');
  });
});
