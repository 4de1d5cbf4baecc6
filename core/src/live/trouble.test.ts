import { beforeAll, describe, expect, it } from 'vitest';
import { pieceParts } from '../ids.ts';
import { ownerOf, piecesDone, type Plan, type PlanTask } from '../plan/index.ts';
import { findBrokenRules } from '../planner/check/index.ts';
import { planClass } from '../planner/index.ts';
import { heldWords } from '../workshop/index.ts';
import { runningClass, type RunningClass } from '../testing/index.ts';
import {
  alsoAvoiding,
  asItGoes,
  bestOffers,
  canBeMadeAgain,
  doughsAtHand,
  ingredientsAhead,
  momentOf,
  movedBy,
  notReckoned,
  offerOf,
  outWords,
  replacementsFor,
  whatCouldGive,
  withoutBread,
  type LiveState,
} from './index.ts';
import { withAvoided } from './changed.ts';

let cls: RunningClass;
let sunday: RunningClass;
let plan: Plan;
/** When the first breads lie on the griddles, and most are still to come. */
let midSec: number;
/** A cook step that lies on a griddle at that moment. */
let lying: PlanTask;

const cooks = (p: Plan): readonly PlanTask[] =>
  p.tasks.filter((t) => t.kind === 'step' && t.at?.kind === 'griddle' && t.piece !== undefined);
const again = (state: LiveState, sec: number): Plan =>
  planClass(state.workshop, { effort: 0, moment: momentOf(state, sec), before: asItGoes(state) });
const find = (p: Plan, id: string): PlanTask => p.tasks.find((t) => t.id === id) ?? expect.fail(`no task ${id}`);

beforeAll(() => {
  cls = runningClass();
  sunday = runningClass('sunday');
  plan = cls.plan;
  const starts = cooks(plan)
    .map((t) => t.startSec)
    .sort((a, b) => a - b);
  midSec = (starts[Math.floor(starts.length / 3)] ?? 0) + 5;
  lying = cooks(plan).find((t) => t.startSec < midSec && midSec < t.endSec) ?? expect.fail();
});

describe('the rest of a class, planned from what happened', () => {
  it('lays nothing more on a griddle that is down, and every bread is cooked or named', () => {
    const griddle = lying.at?.id ?? '';
    const state = cls.after(cls.at(midSec, 'griddle-down', { griddle }));
    expect(notReckoned(state)).toEqual([expect.stringMatching(/ is down$/)]);
    const next = again(state, midSec + 1);
    expect(cooks(plan).some((t) => t.at?.id === griddle && t.startSec > midSec)).toBe(true);
    const called = new Set(momentOf(state, midSec + 1).called?.map((t) => t.id));
    expect(cooks(next).filter((t) => t.at?.id === griddle && t.startSec > midSec)).toEqual([]);
    expect([...called].filter((id) => find(plan, id).at?.id === griddle)).toEqual([]);
    expect([...piecesDone(next.tasks).keys()].sort()).toEqual([...piecesDone(plan.tasks).keys()].sort());
    // the plan that took it in has nothing left to reckon with
    const then = cls.after(
      cls.at(midSec, 'griddle-down', { griddle }),
      cls.at(midSec + 2, 'replanned', { plan: next, known: 2 }),
    );
    expect(notReckoned(then)).toEqual([]);
  });

  it('gives up the breads that no griddle is left for', () => {
    const downs = cls.record.workshop.kitchen.griddles.map((g) => cls.at(midSec, 'griddle-down', { griddle: g.id }));
    const next = again(cls.after(...downs), midSec + 1);
    const cooked = cooks(next).filter((t) => t.startSec > midSec);
    expect(cooked.every((t) => t.at?.kind !== 'griddle')).toBe(true);
    expect(piecesDone(next.tasks).size).toBeLessThan(piecesDone(plan.tasks).size);
  });

  it('cooks longer on a slow griddle, turns later, and leaves the others as they were', () => {
    const griddle = lying.at?.id ?? '';
    const state = cls.after(cls.at(midSec, 'griddle-pace', { griddle, factor: 1.2 }));
    const next = again(state, midSec + 1);
    const later = cooks(next).filter((t) => t.startSec > midSec);
    const there = later.filter((t) => t.at?.id === griddle);
    expect(there.length).toBeGreaterThan(0);
    expect(later.length).toBeGreaterThan(there.length);
    const first = (t: PlanTask): number => ((t.kind === 'step' ? t.turnsSec?.[0] : undefined) ?? NaN) - t.startSec;
    for (const t of later) {
      const was = find(plan, t.id);
      const factor = t.at?.id === griddle ? 1.2 : 1;
      expect(t.endSec - t.startSec).toBe(Math.round((was.endSec - was.startSec) * factor));
      if (!Number.isNaN(first(was))) expect(first(t)).toBe(Math.round(first(was) * factor));
    }
  });

  it('checks what lies on a slow griddle as it truly lies there, the hands at it too', () => {
    const griddle = lying.at?.id ?? '';
    for (const one of [cls, sunday]) {
      const state = one.after(one.at(600, 'griddle-pace', { griddle: one === cls ? griddle : 'G1', factor: 1.15 }));
      const next = planClass(state.workshop, { effort: 1, moment: momentOf(state, 602), before: asItGoes(state) });
      expect(next.broken).toEqual([]);
      // by the breads as they were written it would not be right
      const paces = momentOf(state, 602).happened?.paces;
      const codes = (asked: Parameters<typeof findBrokenRules>[2]) =>
        findBrokenRules(state.workshop, next, asked).map((b) => b.code);
      expect(codes({})).toContain('wrong-turns');
      expect(codes({ paces })).not.toContain('wrong-turns');
    }
  });

  it('keeps what was planned where nothing speaks against it: who comes late or leaves moves nobody whom it does not touch', () => {
    const [late] = sunday.record.workshop.roster;
    const right = planClass(sunday.record.workshop, { effort: 1 });
    expect(right.broken).toEqual([]);
    const state = sunday.after(
      sunday.at(-200, 'replanned', { plan: right, known: 1 }),
      sunday.at(-100, 'late', { person: late?.id ?? '', min: 8 }),
    );
    // before doors nothing has begun, and the plan stands all the same
    const sec = -98;
    const next = planClass(state.workshop, { effort: 1, moment: momentOf(state, sec), before: asItGoes(state) });
    const touched = new Set(
      right.tasks.filter((t) => t.people.includes(late?.id ?? '')).map((t): string => t.batch ?? t.id),
    );
    const steps = right.tasks.filter((t) => t.kind === 'step' && !touched.has(t.batch ?? t.id));
    expect(steps.length).toBeGreaterThan(50);
    const moved = steps.filter((t) => find(next, t.id).startSec !== t.startSec);
    expect(moved.map((t) => t.id)).toEqual([]);
  });

  it('calls nobody whose dough is not ready in time', () => {
    const divide = sunday.plan.tasks.find((t) => {
      const pieces = sunday.plan.batches.find((b) => b.id === t.batch)?.pieces ?? [];
      return (
        t.kind === 'step' &&
        t.piece === undefined &&
        sunday.plan.tasks.some(
          (u) => pieces.includes(u.piece ?? '') && u.startSec >= t.endSec && u.startSec < t.endSec + 30,
        )
      );
    });
    if (!divide) expect.fail('no piece follows its dough at once');
    const pieces = sunday.plan.batches.find((b) => b.id === divide.batch)?.pieces ?? [];
    const sec = divide.endSec - 20;
    const calledOf = (state: LiveState): readonly string[] =>
      (momentOf(state, sec).called ?? []).filter((t) => pieces.includes(t.piece ?? '')).map((t) => t.id);
    expect(calledOf(sunday.after()).length).toBeGreaterThan(0);
    expect(calledOf(sunday.after(sunday.at(sec - 5, 'longer', { task: divide.id, sec: 120 })))).toEqual([]);
  });

  it('does without whoever is gone, and with nobody before they are there', () => {
    const [gone, late] = cls.record.workshop.stations.flatMap((s) => s.members.slice(0, 1));
    if (!gone || !late) expect.fail();
    const early = 30;
    const state = cls.after(cls.at(10, 'gone', { person: gone }), cls.at(20, 'late', { person: late, min: 30 }));
    const next = again(state, early);
    const works = next.tasks.filter((t) => t.kind === 'step' && t.startSec >= early);
    expect(works.filter((t) => t.people.includes(gone))).toEqual([]);
    expect(works.filter((t) => ownerOf(t) === gone)).toEqual([]);
    const ofLate = works.filter((t) => t.people.includes(late));
    expect(ofLate.length).toBeGreaterThan(0);
    for (const t of ofLate) expect(t.startSec).toBeGreaterThanOrEqual(1800);
    // the others of the station mix without them, and take longer for it
    const mix = plan.tasks.find(
      (t) => t.kind === 'step' && t.batch && t.people.includes(late) && t.people.length > 1 && t.startSec < 1800,
    );
    if (mix) expect(find(next, mix.id).people).not.toContain(late);
    // and their own breads wait for them, later than they were planned
    const own = plan.tasks.find((t) => t.kind === 'step' && ownerOf(t) === late) ?? expect.fail();
    const min = Math.ceil(own.startSec / 60) + 5;
    const veryLate = again(cls.after(cls.at(20, 'late', { person: late, min })), early);
    expect(find(veryLate, own.id).startSec).toBeGreaterThanOrEqual(60 * min);
    // whoever is gone sees no demonstration, and once it is planned for that is not told again
    const [first] = sunday.record.workshop.roster;
    const shown = sunday.plan.tasks.find((t) => t.kind === 'demo' && t.people.includes(first?.id ?? ''));
    if (!first || !shown) expect.fail();
    const left = sunday.after(sunday.at(10, 'gone', { person: first.id }));
    const without = again(left, early);
    expect(find(without, shown.id).people).not.toContain(first.id);
    expect(notReckoned(left)).toEqual([`${first.name} is gone`]);
    expect(
      notReckoned(
        sunday.after(
          sunday.at(10, 'gone', { person: first.id }),
          sunday.at(40, 'replanned', { plan: without, known: 2 }),
        ),
      ),
    ).toEqual([]);
    // once they are there they are counted with again
    const there = cls.after(
      cls.at(10, 'gone', { person: gone }),
      cls.at(20, 'late', { person: late, min: 30 }),
      cls.at(25, 'arrived', { person: late }),
    );
    expect(momentOf(there, early).happened?.away.has(late)).toBe(false);
  });

  it('calls nobody back who was called, unless it touches them', () => {
    const calledAt = (sec: number): readonly string[] => momentOf(cls.after(), sec).called?.map((t) => t.id) ?? [];
    const one = cooks(plan).find((t) => calledAt(t.startSec - 40).includes(t.id)) ?? expect.fail();
    const midSec = one.startSec - 40;
    // and not before that
    expect(calledAt(one.startSec - 61)).not.toContain(one.id);
    const lying =
      plan.tasks.find((t) => t.kind === 'step' && t.startSec < midSec && midSec < t.endSec && t.piece !== one.piece) ??
      expect.fail();
    // something goes wrong elsewhere: who was called stays
    const state = cls.after(cls.at(midSec, 'longer', { task: lying.id, sec: 300 }));
    const next = again(state, midSec + 1);
    for (const t of momentOf(state, midSec + 1).called ?? []) expect(find(next, t.id).startSec).toBe(t.startSec);
    // whoever waits for that bread cannot be held to it
    const held = momentOf(state, midSec + 1).called ?? [];
    const clash = (t: PlanTask): boolean =>
      t.startSec < lying.endSec + 300 && t.people.some((p) => lying.people.includes(p));
    expect(held.filter(clash)).toEqual([]);
  });
});

describe('a bread that was lost', () => {
  const lose = (): LiveState => cls.after(cls.at(midSec, 'lost', { task: lying.id }));

  it('is offered a spare, or a new ball where none is left', () => {
    const { offers } = replacementsFor(lose(), lying, midSec);
    expect(offers.length).toBeGreaterThan(0);
    const spares = offers.flatMap((o) => o.spare ?? []);
    for (const s of spares) expect(pieceParts(s)).toMatchObject({ owner: null, bread: lying.bread });
    const used = spares.map((spare) => cls.at(midSec, 'replaced', { task: lying.id, spare }));
    const then = replacementsFor(cls.after(...used), lying, midSec);
    for (const o of then.offers) expect(spares).not.toContain(o.spare);
  });

  it('is offered nothing that holds what its owner avoids, even if they said it only at the door', () => {
    const person = ownerOf(lying) ?? '';
    const bread = cls.record.workshop.breads.find((b) => b.id === lying.bread) ?? expect.fail();
    const [word] = heldWords(bread);
    if (word === undefined) expect.fail();
    const state = cls.after(
      cls.at(-60, 'avoids', { person, avoid: [{ what: word, level: 'strict' }], words: [] }),
      cls.at(midSec, 'lost', { task: lying.id }),
    );
    const { offers, why } = replacementsFor(state, lying, midSec);
    expect(offers).toEqual([]);
    expect(why).toContain(word);
  });

  it('is offered nothing for somebody who is gone', () => {
    const state = cls.after(
      cls.at(midSec, 'lost', { task: lying.id }),
      cls.at(midSec + 1, 'gone', { person: ownerOf(lying) ?? '' }),
    );
    expect(replacementsFor(state, lying, midSec + 2).offers).toEqual([]);
  });

  it('is planned again from its first own step, and else it is named as nobody’s', () => {
    const state = cls.after(
      cls.at(midSec, 'lost', { task: lying.id }),
      cls.at(midSec + 1, 'replaced', { task: lying.id }),
    );
    const next = again(state, midSec + 2);
    const own = next.tasks.filter((t) => t.piece === lying.piece && t.kind === 'step');
    expect(own.map((t) => t.id).sort()).toEqual(
      plan.tasks
        .filter((t) => t.piece === lying.piece && t.kind === 'step')
        .map((t) => t.id)
        .sort(),
    );
    for (const t of own) expect(t.startSec).toBeGreaterThan(midSec);
    expect(withoutBread(state)).toEqual([]);
    expect(withoutBread(lose())).toHaveLength(1);
    const leaves = cls.at(midSec + 1, 'gone', { person: ownerOf(lying) ?? '' });
    expect(withoutBread(cls.after(cls.at(midSec, 'lost', { task: lying.id }), leaves))).toEqual([]);
    // taken in by a plan, it is no longer told as open, and the new bread can be lost as well
    const then = cls.after(
      cls.at(midSec, 'lost', { task: lying.id }),
      cls.at(midSec + 1, 'replaced', { task: lying.id }),
      cls.at(midSec + 2, 'replanned', { plan: next, known: 3 }),
    );
    expect([Object.keys(then.again), notReckoned(then)]).toEqual([[], []]);
  });
});

describe('a dough that cannot be used', () => {
  it('is made again from its first step, or its breads are given up and named', () => {
    const own = plan.batches.find((b) => b.pieces.includes(lying.piece ?? '')) ?? expect.fail();
    const sec =
      Math.min(
        ...plan.tasks.filter((t) => t.piece !== undefined && own.pieces.includes(t.piece)).map((t) => t.startSec),
      ) - 30;
    expect(doughsAtHand(cls.after(), sec).map((d) => d.id)).toContain(own.id);
    const without = cls.after(cls.at(sec, 'spoilt', { batch: own.id, then: 'without' }));
    expect(withoutBread(without)).toHaveLength(own.pieces.filter((p) => pieceParts(p).owner !== null).length);
    const next = again(without, sec + 1);
    expect(next.tasks.filter((t) => t.piece !== undefined && own.pieces.includes(t.piece))).toEqual([]);
    const ownDough = plan.batches.find((b) => b.station !== null && !b.practice && canBeMadeAgain(plan, b.id, -1));
    if (!ownDough) return;
    const mixed = plan.tasks.filter((t) => t.batch === ownDough.id && t.kind === 'step');
    const at = Math.max(...mixed.slice(0, 1).map((t) => t.endSec)) + 1;
    const anew = again(cls.after(cls.at(at, 'spoilt', { batch: ownDough.id, then: 'again' })), at + 1);
    for (const t of mixed) expect(find(anew, t.id).startSec).toBeGreaterThan(at);
  });

  it('leaves the breads that are done as they are, and is not made again once one is', () => {
    const done = [...piecesDone(plan.tasks)].sort((a, b) => a[1] - b[1])[0];
    const own = plan.batches.find((b) => b.pieces.includes(done?.[0] ?? '')) ?? expect.fail();
    const sec = (done?.[1] ?? 0) + 1;
    const without = cls.after(cls.at(sec, 'spoilt', { batch: own.id, then: 'without' }));
    expect(without.givenUp).not.toContain(done?.[0]);
    expect(without.givenUp.length).toBeGreaterThan(0);
    expect(canBeMadeAgain(plan, own.id, sec)).toBe(false);
    expect(cls.after(cls.at(sec, 'yeast-dead', { bread: own.bread, then: 'again' })).again).not.toHaveProperty(own.id);
    expect(canBeMadeAgain(plan, own.id, -1)).toBe(own.mother === null);
  });

  it('whose yeast is dead is cooked flat without its proofs', () => {
    const bread = sunday.record.workshop.breads.find((b) => b.steps.some((s) => s.kind === 'proof')) ?? expect.fail();
    const state = sunday.after(sunday.at(60, 'yeast-dead', { bread: bread.id, then: 'flat' }));
    const proofs = state.workshop.breads.find((b) => b.id === bread.id)?.steps.filter((s) => s.kind === 'proof') ?? [];
    expect(proofs.length).toBeGreaterThan(0);
    for (const s of proofs) expect('window' in s && s.window.min).toBe(0);
    const dead = sunday.after(sunday.at(60, 'yeast-dead', { bread: bread.id, then: 'without' }));
    expect(dead.givenUp.every((p) => pieceParts(p).bread === bread.id)).toBe(true);
    expect(dead.givenUp.length).toBeGreaterThan(0);
  });
});

describe('what is said at the door', () => {
  it('goes into the plan: who avoids a bread now makes none, and one more person has their breads', () => {
    const { workshop } = cls.record;
    const [person] = workshop.roster;
    const line = plan.batches.find((b) => b.pieces.some((p) => pieceParts(p).owner === person?.id));
    const bread = workshop.breads.find((b) => b.id === line?.bread);
    const [word] = bread ? heldWords(bread) : [];
    if (!person || !bread || word === undefined) expect.fail();
    const changed = cls.after(
      cls.at(-60, 'avoids', { person: person.id, avoid: [{ what: word, level: 'strict' }], words: [] }),
    );
    const next = again(changed, -30);
    expect(next.tasks.filter((t) => t.bread === bread.id && ownerOf(t) === person.id)).toEqual([]);
    // what was said and not understood stays with the person
    const said = cls.after(cls.at(-60, 'avoids', { person: person.id, avoid: [], words: ['no pips'] }));
    expect(said.notes.remarks).toContainEqual({ person: person.id, words: 'no pips', isDealtWith: false });
    // what is said besides takes nothing away of what is known, and makes nothing milder
    expect(
      alsoAvoiding(
        [{ what: 'milk', level: 'strict' }],
        [
          { what: 'milk', level: 'diet' },
          { what: 'sesame', level: 'strict' },
        ],
      ),
    ).toEqual([
      { what: 'milk', level: 'strict' },
      { what: 'sesame', level: 'strict' },
    ]);
    // nobody stays named for a bread that holds what they avoid
    const named = { ...workshop, menu: workshop.menu.map((m) => ({ ...m, for: workshop.roster.map((p) => p.id) })) };
    const then = withAvoided(named, person.id, [{ what: word, level: 'strict' }]);
    expect(then.menu.find((m) => m.bread === bread.id)?.for).toEqual(workshop.roster.slice(1).map((p) => p.id));
    const [station] = workshop.stations;
    const newcomer = { id: 'newcomer1', name: 'Ilse Tarn', avoid: [], pace: 1 };
    const more = cls.after(cls.at(-60, 'joined', { newcomer, station: station?.id ?? '', words: [] }));
    expect(more.people['newcomer1']?.isHere).toBe(true);
    expect(again(more, -30).tasks.some((t) => ownerOf(t) === 'newcomer1')).toBe(true);
  });
});

describe('what is out', () => {
  it('is left off, replaced, or named with the doughs that need it', () => {
    const { breads } = cls.record.workshop;
    const topped = breads.find((b) => b.ingredients.some((i) => i.insteadOf !== undefined));
    const sec = 30;
    expect(ingredientsAhead(cls.after(), sec)).toContain(breads[0]?.ingredients[0]?.name);
    expect(ingredientsAhead(cls.after(), plan.tableSec + 3600)).toEqual([]);
    if (topped) {
      const standIn = topped.ingredients.find((i) => i.insteadOf !== undefined);
      expect(outWords(cls.after(), standIn?.insteadOf ?? '', sec).join(' ')).toContain(`${standIn?.name} in place of`);
    }
    const own = plan.batches.find((b) => b.station !== null && b.mother === null && !b.practice);
    const flour = own?.ingredients[0]?.name ?? '';
    const words = outWords(cls.after(), flour, sec);
    expect(words.some((w) => w.includes('is not mixed yet'))).toBe(true);
    expect(outWords(cls.after(), flour, plan.tableSec + 3600)).toEqual([]);
  });
});

describe('“what gives?”', () => {
  it('offers three things at most, each planned, worded and as good as it says', () => {
    const state = cls.after(cls.at(midSec, 'longer', { sec: 1200 }));
    const sec = midSec + 1;
    const without = again(state, sec);
    const offers = whatCouldGive(state, sec).map((c) =>
      offerOf(c, planClass(c.workshop, { effort: 0, moment: c.moment, before: asItGoes(state) }), without),
    );
    expect(offers.map((o) => o.choice.what)).toEqual(expect.arrayContaining(['table-later', 'staff-cook']));
    const best = bestOffers(offers);
    expect(best.length).toBeLessThanOrEqual(3);
    expect(bestOffers(offers.map((o) => ({ ...o, gainSec: 59 })))).toEqual([]);
    for (const o of best) {
      const lateSec = o.plan.measures.finishSec - o.plan.tableSec;
      expect(o.saves.includes('all on time')).toBe(lateSec <= 0);
    }
    const staff = offers.find((o) => o.choice.what === 'staff-cook');
    if (staff?.choice.what !== 'staff-cook') expect.fail();
    const helpers = new Set(cls.record.workshop.kitchen.staff.map((s) => s.id));
    for (const piece of staff.choice.pieces)
      for (const t of cooks(staff.plan).filter((x) => x.piece === piece))
        expect(t.people.every((p) => helpers.has(p))).toBe(true);
    const table = offers.find((o) => o.choice.what === 'table-later');
    expect(table?.plan.tableSec).toBeGreaterThan(plan.tableSec);
    // what was decided holds for every plan after it
    const decided = cls.after(
      cls.at(midSec, 'longer', { sec: 1200 }),
      cls.at(sec, 'decided', { choice: staff.choice }),
    );
    expect(momentOf(decided, sec + 1).happened?.byStaff.size).toBe(staff.choice.pieces.length);
  });
});

describe('a new plan beside the class as it goes', () => {
  it('is worse where breads come after the table or not at all, and else says by how little it moved', () => {
    const state = cls.after();
    expect(movedBy(state, plan, plan)).toEqual({
      isWorse: false,
      words: 'Planned again; nothing moved.',
      worse: [],
    });
    const shifted = (bySec: number): Plan => ({
      ...plan,
      tasks: plan.tasks.map((t) =>
        t.id === lying.id ? { ...t, startSec: t.startSec + bySec, endSec: t.endSec + bySec } : t,
      ),
    });
    expect(movedBy(state, plan, shifted(90))).toMatchObject({
      isWorse: false,
      words: 'Planned again; 1 task moved, by 1 min 30 s at most.',
    });
    expect(movedBy(state, plan, shifted(plan.tableSec)).worse).toEqual([
      expect.stringMatching(/^after the table now: /),
    ]);
    const fewer = { ...plan, tasks: plan.tasks.filter((t) => t.piece !== lying.piece) };
    expect(movedBy(state, plan, fewer).worse).toEqual([expect.stringMatching(/^no bread any more: /)]);
    // of whoever is gone nobody misses it
    const gone = cls.after(cls.at(midSec, 'gone', { person: ownerOf(lying) ?? '' }));
    expect(movedBy(gone, plan, fewer)).toMatchObject({ isWorse: false, worse: [] });
  });
});
