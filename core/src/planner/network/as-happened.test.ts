import { describe, expect, it } from 'vitest';
import { isExcused, NOTHING_HAPPENED, type Happened } from './as-happened.ts';

describe('what a rule asks of the class as it was written', () => {
  const excused = (code: string, change: Partial<Happened>): boolean =>
    isExcused({ ...NOTHING_HAPPENED, ...change }, { code });

  it('is excused by what made it otherwise, and by nothing else', () => {
    const late = { away: new Map([['p1', 600]]) };
    const lost = { givenUp: new Set(['flat/p1/1']) };
    const staff = { byStaff: new Set(['flat/p1/1']) };
    expect(['unequal-heat', 'wrong-turns', 'task-missing'].map((c) => excused(c, staff))).toEqual([
      false,
      false,
      false,
    ]);
    expect(['wrong-people', 'demo-people', 'wrong-length'].map((c) => excused(c, late))).toEqual([true, true, true]);
    expect(['wrong-people', 'task-missing'].map((c) => excused(c, lost))).toEqual([false, true]);
    expect(['task-missing', 'wrong-people', 'look-missing'].map((c) => excused(c, {}))).toEqual([false, false, false]);
    for (const change of [late, lost, staff])
      expect(['two-at-once', 'over-rested', 'late', 'avoided-food'].some((c) => excused(c, change))).toBe(false);
  });
});
