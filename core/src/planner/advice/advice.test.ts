import { describe, expect, it } from 'vitest';
import { buildWorkshop } from '../../testing/index.ts';
import { heldWords, type Workshop } from '../../workshop/index.ts';
import { findBrokenRules } from '../check/index.ts';
import { verdictOf } from '../explain/index.ts';
import { planClass } from '../plan-class.ts';
import { holdsWhenTaken } from './effort.ts';
import { madeAhead } from './fixes.ts';
import { classChangeWords, clashWords, fixWords, ideaWords, longBreadWords } from '../words/index.ts';
import {
  breadsForTimeLeft,
  changeKey,
  clashOf,
  fixSetOf,
  longBreads,
  rankFixes,
  rankIdeas,
  timeLeftSec,
} from './index.ts';

/** Eight people, two breads each, one griddle of one spot, and 35 minutes: the griddle alone takes 31 min 40 s. */
const crowded = buildWorkshop({ people: 8, each: 2, griddles: 1, griddleCm: 26, tableTime: '10:45' });

function run<T, R>(steps: Generator<T, R, 'stop' | undefined>): R {
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  return step.value;
}

describe('the clash of a class that does not fit', () => {
  it('is a proof in figures where the griddles cannot do it', () => {
    const plan = planClass(crowded, { effort: 1 });
    const clash = run(clashOf(crowded, plan));
    // welcome 10, mix 5, rest 10, roll 3: 10:28; 16 × 100 s + 15 × 20 s = 1900 s, said as 32 min; to 10:45 there are 17 min
    expect(clash).toMatchObject({ isProven: true, rules: ['R11'] });
    expect(clash && clashWords(crowded, clash)).toEqual([
      '16 breads of 1 min 40 s, 1 at a time, need 32 min; between 10:28, when the first can be laid on, and table time there are 17 min',
    ]);
  });

  it('names the least set of rules where no single sum proves it', () => {
    // the breads must be eaten within 5 min of one another, and one spot takes 6 min for all four
    const stale = buildWorkshop({
      people: 4,
      griddleCm: 26,
      tableTime: '12:00',
      change: (f) => (f['breads'][0].holdMaxMin = 5),
    });
    const clash = run(clashOf(stale, planClass(stale, { effort: 1 })));
    expect(clash?.isProven).toBe(false);
    expect(clash && clashWords(stale, clash)).toEqual([
      'all eat together and breads stay good for 5 min',
      'there is 1 griddle',
    ]);
    expect(clash?.rules).toEqual(['R11', 'R6']);
  });

  it('is none for a right plan', () => {
    const w = buildWorkshop({ people: 4 });
    expect(run(clashOf(w, planClass(w, { effort: 1 })))).toBeUndefined();
  });
});

describe('fixes', () => {
  it('are ranked by what they give, those that make it fit first, each a class whose plan keeps that promise', () => {
    const fixes = run(rankFixes(crowded, planClass(crowded, { effort: 1 })));
    const ids = fixes.map((f) => changeKey(f.change));
    expect(ids).toContain('griddle');
    expect(ids).toContain('fewer:flat');
    const order = fixes.map((f) => (f.fits ? 1e6 : 0) + f.spareSec);
    expect(order).toEqual([...order].sort((a, b) => b - a));
    for (const f of fixes.filter((x) => x.fits)) {
      const plan = planClass(f.workshop, { effort: 1 });
      expect(findBrokenRules(f.workshop, plan)).toEqual([]);
    }
  });

  it('roll as you go where all was rolled first, and then the griddle starts sooner', () => {
    const w = buildWorkshop({
      people: 4,
      each: 3,
      griddles: 2,
      tableTime: '11:20',
      change: (f) => {
        const roll = f['breads'][0].steps[2];
        Object.assign(roll, { per: 'batch', by: 'team', minutes: 0, minutesPerPiece: 3 });
      },
    });
    const fix = run(rankFixes(w, planClass(w, { effort: 1 }))).find((x) => x.change.kind === 'as-you-go');
    expect(fix && classChangeWords(fix)).toBe('Plain flat: roll as you go instead of all first');
    expect(fix?.fits).toBe(true);
    expect(fix?.gainSec).toBeGreaterThan(60);
  });

  it('say in one line what they give', () => {
    const w = buildWorkshop({ people: 8, each: 2, griddles: 1, griddleCm: 26, tableTime: '11:10' });
    const griddle = run(rankFixes(w, planClass(w, { effort: 1 }))).find((f) => f.change.kind === 'griddle');
    expect(griddle && fixWords(griddle)).toMatch(/^\+1 griddle → \d+ min to spare$/);
    expect(griddle?.gainSec).toBeGreaterThan(5 * 60);
  });

  it('tell how far they are, and stop when told to', () => {
    const trials = rankFixes(crowded, planClass(crowded, { effort: 1 }));
    const shares: number[] = [];
    let step = trials.next();
    while (step.done !== true) {
      shares.push(step.value.doneShare);
      step = trials.next(shares.length < 3 ? undefined : 'stop');
    }
    expect(shares).toHaveLength(3);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(step.value.length).toBeLessThanOrEqual(3);
  });
});

describe('a bread that is longer than the class', () => {
  const slow = buildWorkshop({
    people: 2,
    change: (f) => {
      f['breads'][0].steps[1].window = { min: 240, ideal: 360, max: 840 };
      f['breads'][0].steps.splice(2, 0, {
        id: 'bench',
        kind: 'rest',
        per: 'batch',
        at: 'room',
        window: { min: 5, ideal: 10, max: 60 },
      });
      f['breads'][0].steps.splice(2, 0, {
        id: 'ball',
        kind: 'ball',
        per: 'batch',
        by: 'team',
        at: 'bench',
        minutes: 2,
      });
    },
  });
  it('is proposed to be made ahead through its longest rest, at an hour when people are awake, and then is right', () => {
    const [long] = longBreads(slow);
    expect(long && longBreadWords(long)).toBe('Plain flat takes 4 h 17 at the least, the class has 1 h 50');
    expect(long?.workshop.menu[0]?.dough).toEqual({ mode: 'ahead', through: 'rest' });
    // six hours before ten o'clock is night, and six in the morning too late: it is mixed in the evening
    expect(long?.workshop.prepTimes[0]?.from).toBe('2027-03-05T21:45');
    const plan = long && planClass(long.workshop, { effort: 1 });
    expect(plan?.broken).toEqual([]);
    expect(long && longBreads(long.workshop)).toEqual([]);
  });
  it('is none where the class is long enough', () => {
    expect(longBreads(crowded)).toEqual([]);
  });
});

describe('the changes that make a class fit', () => {
  it('are the mildest one that does, though another would give more', () => {
    const plan = planClass(crowded, { effort: 1 });
    const set = run(fixSetOf(crowded, plan)) ?? expect.fail('nothing makes it fit');
    expect(planClass(set.workshop, { effort: 1 }).broken).toEqual([]);
    const alone = run(rankFixes(crowded, plan)).filter((f) => f.fits);
    if (set.changes.length === 1) expect(alone.map((f) => f.change)).toContainEqual(set.changes[0]?.change);
    else expect(alone).toEqual([]);
  });
  it('are several where none does alone, and leave out what may not be', () => {
    const w = buildWorkshop({ people: 8, each: 4, griddles: 1, griddleCm: 26, tableTime: '10:50' });
    const plan = planClass(w, { effort: 1 });
    expect(run(rankFixes(w, plan)).filter((f) => f.fits)).toEqual([]);
    const set = run(fixSetOf(w, plan)) ?? expect.fail('nothing makes it fit');
    expect(set.changes.length).toBeGreaterThan(1);
    expect(planClass(set.workshop, { effort: 1 }).broken).toEqual([]);
    expect(run(fixSetOf(w, plan, () => false))).toBeUndefined();
  });
});

describe('what is promised', () => {
  it('holds when the class is planned from nothing, for every single change and for the set', () => {
    const classes = [2, 3].map((each) => buildWorkshop({ people: 6, each, griddles: 2, tableTime: '10:50' }));
    let promised = 0;
    for (const w of [crowded, ...classes]) {
      const plan = planClass(w, { effort: 1 });
      if (verdictOf(w, plan).fits) continue;
      const set = run(fixSetOf(w, plan));
      for (const { workshop } of [...run(rankFixes(w, plan)).filter((f) => f.fits), ...(set ? [set] : [])]) {
        promised++;
        expect(verdictOf(workshop, planClass(workshop)).fits).toBe(true);
      }
    }
    expect(promised).toBeGreaterThan(3);
  });
  it('is asked of the plan that will be made, with nothing known before', () => {
    const right = buildWorkshop({ people: 4 });
    expect(holdsWhenTaken(right, 'steady')).toBe(true);
    expect(holdsWhenTaken(crowded, 'steady')).toBe(false);
  });
});

describe('time that is left', () => {
  const w = buildWorkshop({ people: 4, griddles: 2, tableTime: '12:00', change: (f) => (f['service'] = 'as-cooked') });
  const plan = planClass(w, { effort: 1 });
  it('is what lies in hand beyond what is wanted, and nothing where the class does not fit', () => {
    expect(timeLeftSec(w, plan)).toBe(verdictOf(w, plan).spareSec - 360);
    expect(timeLeftSec(w, plan)).toBeGreaterThanOrEqual(plan.tableSec - plan.measures.finishSec - 360);
    expect(timeLeftSec(crowded, planClass(crowded, { effort: 1 }))).toBe(0);
  });
  it('has ideas that fit with what is wanted in hand, the fullest class first', () => {
    const ideas = run(rankIdeas(w, plan));
    expect(ideas.map((i) => changeKey(i.change))).toEqual(expect.arrayContaining(['more:flat', 'demo:flat', 'later']));
    const spare = ideas.map((i) => i.spareSec);
    expect(spare).toEqual([...spare].sort((a, b) => a - b));
    for (const i of ideas) {
      expect(planClass(i.workshop, { effort: 1, tried: [plan] }).broken).toEqual([]);
      expect(i.inHandSec).toBeGreaterThanOrEqual(300);
    }
    const more = ideas.find((i) => i.change.kind === 'more');
    expect(more && ideaWords(more)).toMatch(/^one more Plain flat each → done 1\d:\d\d, \d+ min in hand$/);
  });
  it('has another bread of the library, which nobody avoids, and practice where staff make the dough', () => {
    const [plain = expect.fail('a class has a bread')] = w.breads;
    const other = (id: string, more: Partial<typeof plain>) => ({ ...plain, id, name: `Plain ${id}`, ...more });
    const butter = { name: 'butter', role: 'fat', use: 'dough', pct: 5, allergens: ['milk'] } as const;
    const buttered = other('buttered', { ingredients: [...plain.ingredients, { ...butter, allergens: ['milk'] }] });
    const library = [other('thin', {}), buttered, plain];
    const shelf = library.map((b) => ({ id: b.id, holds: [...heldWords(b)], leastSec: b === buttered ? 60 : 600 }));
    expect(breadsForTimeLeft(w, shelf).map((b) => b.id)).toEqual(['buttered', 'thin']);
    const ids = (of: Workshop): readonly string[] =>
      run(rankIdeas(of, plan, () => true, library)).map((i) => changeKey(i.change));
    expect(ids(w)).toEqual(expect.arrayContaining(['bread:thin', 'bread:buttered']));
    expect(ids(w)).not.toContain('bread:flat');
    const minded: Workshop = {
      ...w,
      roster: w.roster.map((p, i) => (i === 0 ? { ...p, avoid: [{ what: 'milk', level: 'strict' }] } : p)),
    };
    expect(breadsForTimeLeft(minded, shelf).map((b) => b.id)).toEqual(['thin']);
    expect(ids(minded)).toContain('bread:thin');
    expect(ids(minded)).not.toContain('bread:buttered');
    const line = w.menu[0] ?? expect.fail('a class has a line');
    const ahead = madeAhead(w, line)?.workshop ?? expect.fail('its dough can be made ahead');
    const prepared: Workshop = { ...ahead, prepTimes: [{ from: '2027-03-06T08:00', to: '2027-03-06T10:00' }] };
    const made = planClass(prepared, { effort: 1 });
    const practice = run(rankIdeas(prepared, made)).find((i) => i.change.kind === 'practice');
    expect(practice?.workshop.menu[0]?.dough.mode).toBe('swap');
    expect(planClass(practice?.workshop ?? expect.fail(), { effort: 1 }).broken).toEqual([]);
  });
  it('has none where little is left', () => {
    const busy = buildWorkshop({ people: 4, griddles: 2, tableTime: '10:40' });
    expect(run(rankIdeas(busy, planClass(busy, { effort: 1 })))).toEqual([]);
  });
});
