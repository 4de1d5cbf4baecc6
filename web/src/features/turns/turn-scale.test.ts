import { describe, expect, it } from 'vitest';
import { turnScale } from './turn-scale.ts';

const turn = (startMin: number, minutes: number) => ({ startSec: startMin * 60, endSec: (startMin + minutes) * 60 });

describe('time down the fires', () => {
  const turns = [turn(10, 2), turn(12, 2), turn(60, 4), turn(61, 2)];
  const { yOf, secAt, height, ticks } = turnScale(turns);
  it('gives the shortest turn room for a name, and others in proportion', () => {
    const px = (t: { startSec: number; endSec: number }): number => yOf(t.endSec) - yOf(t.startSec);
    const [first, second, long] = turns.map(px) as [number, number, number];
    expect([first, second]).toEqual([42, 42]);
    expect(long).toBeCloseTo(2 * first, 9);
  });
  it('squeezes a long stretch without a turn, and keeps the order', () => {
    expect(yOf(60 * 60) - yOf(14 * 60)).toBeLessThan(40);
    expect(yOf(64 * 60)).toBeLessThanOrEqual(height);
    const ys = [10, 12, 14, 30, 60, 61, 64].map((m) => yOf(m * 60));
    expect(ys).toEqual([...ys].sort((a, b) => a - b));
  });
  it('goes back from a height to its moment; of a squeezed stretch to its beginning', () => {
    for (const m of [10, 11.5, 13, 60, 62.5]) expect(secAt(yOf(m * 60))).toBeCloseTo(m * 60, 6);
    expect(secAt(yOf(60 * 60) - 10)).toBe(14 * 60);
    expect(secAt(-100)).toBe(600);
  });
  it('writes the begin of every stretch and round times, none over another', () => {
    expect(ticks).toContain(600);
    expect(ticks).toContain(3600);
    for (const [i, t] of ticks.entries()) if (i > 0) expect(yOf(t) - yOf(ticks[i - 1] ?? 0)).toBeGreaterThanOrEqual(18);
  });
});
