import { describe, expect, it } from 'vitest';
import type { BrokenRule } from '../../plan/index.ts';
import { buildWorkshop } from '../../testing/index.ts';
import { brokenWords, planClass, verdictOf, verdictWords, type Verdict } from '../index.ts';

const workshop = buildWorkshop({ people: 4, tableTime: '12:00' });
const verdict: Verdict = {
  fits: true,
  spareSec: 16 * 60 + 59,
  tightest: { kind: 'griddle', id: 'G1', fromSec: 3600, toSec: 4800 },
  brokenRules: [],
};
const headline = (v: Partial<Verdict>): string => verdictWords({ ...verdict, ...v }, workshop, () => '').headline;

describe('the verdict', () => {
  it('never says more to spare than there is, and never less too long', () => {
    expect(headline({})).toBe('Fits, 16 min to spare');
    expect(headline({ fits: false, spareSec: -61 })).toBe('Does not fit: 2 min too long');
    expect(headline({ fits: false, spareSec: -60 })).toBe('Does not fit: 1 min too long');
  });
  it('says when nothing is to spare, and when it is not the time that fails', () => {
    expect(headline({ spareSec: 0 })).toBe('Fits, with nothing to spare');
    expect(headline({ fits: false, spareSec: 900 })).toBe('Does not work as it stands');
  });
  it('names what is tightest by the name that people know, and when', () => {
    const words = verdictWords(verdict, workshop, (kind, id) => `${kind} ${id.slice(1)}`);
    expect(words.tightest).toBe('Tightest: griddle 1, 11:00–11:20');
  });
  it('is of the plan: what it breaks does not fit, and to spare is what the shortest class leaves', () => {
    const right = planClass(workshop);
    expect(verdictOf(right)).toMatchObject({ fits: true, brokenRules: [] });
    const short = planClass(workshop, { goal: 'short' });
    expect(verdictOf(right).spareSec).toBeLessThanOrEqual(right.tableSec - short.measures.boundSec);
    const broken: BrokenRule[] = ['R11', 'R2', 'R11'].map((rule) => ({
      rule: rule as BrokenRule['rule'],
      code: 'late',
      tasks: [],
      message: '',
    }));
    expect(verdictOf({ ...right, broken })).toMatchObject({ fits: false, brokenRules: ['R11', 'R2'] });
  });
});

describe('what a plan breaks', () => {
  const broken = (code: string, ...by: number[]): BrokenRule[] =>
    by.map((bySec, i) => ({ rule: 'R11', code, tasks: [`t${i}`], bySec, message: `t${i} is ${code}` }));
  it('is one line for each rule and code, with how many and by how much at worst', () => {
    const lines = brokenWords({ broken: [...broken('late', 60, 30), ...broken('stale', 61), ...broken('late', 125)] });
    expect(lines.map((l) => l.words)).toEqual([
      '3 breads done after table time, at worst by 3 min',
      '1 bread done too long before the table, at worst by 2 min',
    ]);
  });
  it('keeps its own sentence where nothing shorter can be said, and counts those like it', () => {
    expect(brokenWords({ broken: broken('odd', 0) })[0]?.words).toBe('t0 is odd');
    expect(brokenWords({ broken: broken('odd', 0, 0, 0) })[0]?.words).toBe('t0 is odd (and 2 more like it)');
    expect(brokenWords({ broken: [] })).toEqual([]);
  });
});
