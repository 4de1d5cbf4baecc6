import { describe, expect, it } from 'vitest';
import { buildWorkshop } from '../testing/index.ts';
import { readKitchen } from '../formats/index.ts';
import { NEW_ENTRY, reshapedGriddle, spotsOnGriddle, usualFigure, withSpots } from './index.ts';

const { kitchen } = buildWorkshop({ griddles: 1 });

describe('a griddle of another shape', () => {
  it('is one that a kitchen may hold, there and back', () => {
    const [round] = kitchen.griddles;
    if (round?.shape !== 'round') throw new Error('the plain kitchen has a round griddle');
    const plate = reshapedGriddle(round, 'rectangle');
    expect(plate).toMatchObject({ shape: 'rectangle', widthCm: round.diameterCm, depthCm: round.diameterCm });
    expect(readKitchen({ ...kitchen, griddles: [plate] }).ok).toBe(true);
    expect(reshapedGriddle(plate, 'round')).toEqual(round);
    expect(reshapedGriddle(round, 'round')).toBe(round);
  });
});

describe('a griddle’s own number of spots', () => {
  it('is held whatever the shape says, and given back to the shape', () => {
    const griddle = kitchen.griddles[0] ?? expect.fail();
    const bread = { id: 'flat', piece: { diameterCm: 18, doughG: 80 } };
    const reckoned = spotsOnGriddle(griddle, bread, 1);
    const own = withSpots(griddle, bread, 1, reckoned + 2);
    expect(spotsOnGriddle(own, bread, 1)).toBe(reckoned + 2);
    expect(readKitchen({ ...kitchen, griddles: [own] }).ok).toBe(true);
    const two = withSpots(own, { ...bread, id: 'other' }, 1, 0);
    expect(spotsOnGriddle(two, { ...bread, id: 'other' }, 1)).toBe(0);
    expect(spotsOnGriddle(two, bread, 1)).toBe(reckoned + 2);
    expect(withSpots(own, bread, 1, undefined)).toEqual(griddle);
    // what the shape gives anyway is no number of its own
    expect(withSpots(own, bread, 1, reckoned)).toEqual(griddle);
  });
});

describe('what a kitchen does not say', () => {
  it('is as usual, and a new thing of each kind is read without faults', () => {
    expect(usualFigure({ ...kitchen, flourC: undefined, roomC: 23 }, 'flourC')).toBe(23);
    expect(usualFigure({ ...kitchen, kettleC: undefined }, 'kettleC')).toBe(96);
    expect(usualFigure({ ...kitchen, safeOutMin: 100 }, 'safeOutMin')).toBe(100);
    const more = {
      ...kitchen,
      griddles: [
        ...kitchen.griddles,
        NEW_ENTRY.griddles('x1', kitchen),
        NEW_ENTRY.griddles('x2', { ...kitchen, griddles: [] }),
      ],
      benches: [...kitchen.benches, NEW_ENTRY.benches('x3')],
      staff: [...kitchen.staff, NEW_ENTRY.staff('x4')],
      places: [...kitchen.places, NEW_ENTRY.places('x5', kitchen)],
      mixers: [NEW_ENTRY.mixers('x6')],
      grills: [NEW_ENTRY.grills('x7')],
      flames: [NEW_ENTRY.flames('x8')],
      kit: [NEW_ENTRY.kit()],
    };
    expect(readKitchen(JSON.parse(JSON.stringify(more))).ok).toBe(true);
  });
});
