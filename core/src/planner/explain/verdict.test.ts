import { describe, expect, it } from 'vitest';
import type { BrokenRule } from '../../plan/index.ts';
import { buildWorkshop, type RawFile } from '../../testing/index.ts';
import { brokenWords } from '../../words/index.ts';
import { headlineWords, planClass, verdictOf, verdictWords, type Verdict } from '../index.ts';

const workshop = buildWorkshop({ people: 4, tableTime: '12:00' });
const verdict: Verdict = {
  state: 'fits',
  fits: true,
  doneSec: 6001,
  inHandSec: 7200 - 6001,
  couldSec: 5700,
  spareSec: 1500,
  tightest: { kind: 'griddle', id: 'G1', fromSec: 3600, toSec: 4800 },
  brokenRules: [],
  brokenCodes: [],
  open: [],
};
const words = (v: Partial<Verdict>) => verdictWords(workshop, { ...verdict, ...v });
const headline = (v: Partial<Verdict>): string => words(v).headline;

describe('the verdict', () => {
  it('speaks of the plan on the screen: when it is done, what is in hand, by when it could be over', () => {
    expect(words({})).toEqual({
      headline: 'Fits – done 11:40, 19 min in hand',
      could: 'Could be over by 11:35.',
      open: '',
      tightest: 'Tightest: Griddle 1, 11:00–11:20',
    });
    expect(words({ tightest: { ...verdict.tightest, kind: 'person', id: 'p2' } }).tightest).toBe(
      'Tightest: P2, 11:00–11:20',
    );
    expect(words({ tightest: { ...verdict.tightest, kind: 'dough', id: 'flat@S1' } }).tightest).toBe(
      'Tightest: Plain flat at Station 1, 11:00–11:20',
    );
    expect(words({ couldSec: 5990 }).could).toBe('');
    expect(headline({ inHandSec: 59 })).toBe('Fits – done 11:40, nothing in hand');
  });
  it('never says less too long than it is, and names the true trouble', () => {
    const broken = { state: 'broken', fits: false } as const;
    expect(headline({ ...broken, spareSec: -61 })).toBe('Does not fit: 2 min too long');
    expect(headline({ ...broken, spareSec: -60 })).toBe('Does not fit: 1 min too long');
    expect(headline({ ...broken, brokenCodes: ['stale'] })).toBe(
      'Does not fit: breads would stand longer than they keep',
    );
    expect(headline({ ...broken, brokenCodes: ['outside-prep', 'ahead-in-class'] })).toBe(
      'Does not fit: nobody is there in time',
    );
    expect(headline({ ...broken, brokenCodes: ['stale', 'late'] })).toBe(
      'Does not fit in time with all that is asked of it',
    );
    expect(headline({ ...broken, brokenCodes: ['place-full'] })).toBe('Does not work as it stands');
  });
  it('is of the plan: what it breaks does not fit, but is not said while the search goes on', () => {
    const right = planClass(workshop);
    expect(verdictOf(workshop, right)).toMatchObject({ state: 'fits', fits: true, brokenRules: [], open: [] });
    const short = planClass(workshop, { goal: 'short' });
    expect(verdictOf(workshop, right).spareSec).toBeLessThanOrEqual(right.tableSec - short.measures.boundSec);
    const broken: BrokenRule[] = ['R11', 'R2', 'R11'].map((rule) => ({
      rule: rule as BrokenRule['rule'],
      code: 'late',
      tasks: [],
      message: '',
    }));
    expect(verdictOf(workshop, { ...right, broken })).toMatchObject({
      state: 'broken',
      fits: false,
      brokenRules: ['R11', 'R2'],
    });
    const looking = verdictOf(workshop, { ...right, broken }, { isLooking: true });
    expect([looking.state, headline(looking)]).toEqual(['looking', 'Still looking for a plan that works']);
  });
  it('is not green while somebody has no bread or something of the class is open', () => {
    const w = buildWorkshop({
      people: 4,
      tableTime: '12:00',
      change: (f) => {
        for (const p of f['roster'].slice(0, 2)) p['avoid'] = [{ what: 'gluten' }];
      },
    });
    const without = verdictOf(w, planClass(w), { open: [{ kind: 'waiting', count: 1 }] });
    expect(without).toMatchObject({ state: 'unready', fits: true });
    const said = verdictWords(w, without);
    expect(said.headline).toMatch(/^Not ready – done 1\d:\d\d, \d+ min in hand$/);
    expect(said.open).toBe('P1 and 1 more have no bread; 1 guest is kept aside');
  });
  it('says of the shortest class what its breads lie too long, and that it is too long though rule R11 is left out', () => {
    const w = buildWorkshop({ people: 4, tableTime: '13:00' });
    const short = planClass(w, { goal: 'short' });
    expect(short.broken).toEqual([]);
    expect(verdictOf(w, short)).toMatchObject({
      state: 'unready',
      open: [{ kind: 'too-old', count: 4 }],
    });
    expect(verdictWords(w, verdictOf(w, short)).open).toBe('4 breads stand longer than they keep before the table');
    expect(verdictOf(w, planClass(w)).state).toBe('fits');
    const late = planClass(buildWorkshop({ people: 8, each: 3, tableTime: '10:40' }), { goal: 'short' });
    expect(late.broken).toEqual([]);
    expect(verdictOf(w, late).state).toBe('broken');
  });
  it('says that there is nobody to bake, or nothing to be baked', () => {
    const empty = (change: (f: RawFile) => void): string => {
      const w = buildWorkshop({ people: 2, change });
      const found = verdictOf(w, planClass(w));
      return `${found.state}: ${headlineWords(w, found)}`;
    };
    expect(empty((f) => (f['menu'] = []))).toBe('empty: No bread is on the menu yet');
    const avoid = [{ what: 'gluten' }];
    expect(empty((f) => f['roster'].forEach((p: RawFile) => (p['avoid'] = avoid)))).toBe(
      'empty: Nobody makes a bread yet',
    );
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
