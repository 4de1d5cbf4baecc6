import { describe, expect, it } from 'vitest';
import { aboutWords } from './left-open.ts';

describe('what something left open is about', () => {
  it('names ingredient, step or piece, and never a path', () => {
    expect(
      ['ingredient dough rye flour', 'step roll-small', 'piece.doughG', 'steps[7].minutes', ''].map(aboutWords),
    ).toEqual(['rye flour', 'roll small', 'piece', '', '']);
  });
});
