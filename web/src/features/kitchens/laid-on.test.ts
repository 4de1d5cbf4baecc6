import { describe, expect, it } from 'vitest';
import { countChange, type Dragged } from './LaidOn.tsx';

const lying: Dragged = { griddle: 'G1', bread: 'round', isSpare: false };
const spare: Dragged = { ...lying, isSpare: true };

describe('a bread let go over the picture of a griddle', () => {
  it('is one less off its griddle, one more onto it, and nothing elsewhere or where it lay', () => {
    expect(countChange(lying, undefined)).toBe(-1);
    expect(countChange(lying, 'G2 round')).toBe(-1);
    expect(countChange(lying, 'G1 round')).toBe(0);
    expect(countChange(spare, 'G1 round')).toBe(1);
    expect(countChange(spare, undefined)).toBe(0);
    expect(countChange(spare, 'G1 oval')).toBe(0);
  });
});
