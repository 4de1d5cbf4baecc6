import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { buildWorkshop, randomWorkshop, runs } from '../testing/index.ts';
import { secondsOfMinutes } from '../units/index.ts';
import { classFigures, idleStretches } from './class-figures.ts';
import { planClass } from './index.ts';
import { bufferSecOf } from './measures.ts';
import { buildNetwork } from './network/index.ts';
import { costSec, Feeling, finished, searchShort } from './search/index.ts';
import { writePlan } from './write-plan.ts';

const RUNS = runs(40);

describe('what a plan is like for the people in it', () => {
  it('is worked by hand for one person with one bread', () => {
    // doors 10:00, welcome 10 min, mix 5, rest 10 (ideal 20), roll 3, cook 100 s; the table is at 11:00, its buffer the least of 5 min
    const w = buildWorkshop({ people: 1, perStation: 1, each: 1, tableTime: '11:00' });
    const base = planClass(w, { goal: 'short' });
    const figures = classFigures(w, base);
    expect(base.measures.finishSec).toBe(600 + 300 + 600 + 180 + 100);
    // nothing but the rest of ten minutes to wait for; the bread lies from 29:40 to 55:00
    expect(figures).toMatchObject({ idleSec: 600, straySec: 600, ageSec: 1520, lateSec: 0, firstTaskSec: 0 });
    expect(figures.costSec).toBe(600 + 760 + 300);
    expect(idleStretches(w, base, 'p1')).toEqual([{ fromSec: 900, toSec: 1500 }]);
  });

  it('counts what goes beyond the longest wait threefold, and no breath under three minutes', () => {
    const w = buildWorkshop({
      people: 1,
      perStation: 1,
      each: 1,
      tableTime: '11:00',
      change: (f) => {
        f['idleMaxMin'] = 8;
        f['bufferMin'] = 31;
      },
    });
    const base = planClass(w, { goal: 'short' });
    // 600 + 2 × (600 − 480); done at 29:40, wanted at 29:00
    expect(classFigures(w, base)).toMatchObject({ idleSec: 840, ageSec: 0, lateSec: 40 });
    const breath = base.tasks.map((t) => (t.id === 'flat@S1:mix' ? { ...t, startSec: 779, endSec: 1321 } : t));
    expect(idleStretches(w, { tasks: breath }, 'p1')).toEqual([]);
  });

  it('keeps somebody whose bread lies on a fire busy, whoever cooks it, and lets a break count between tasks', () => {
    const w = buildWorkshop({ people: 2, each: 1 });
    const plan = planClass(w);
    const cook = plan.tasks.find((t) => t.piece === 'flat/p1/1' && t.step === 'cook') ?? expect.fail();
    const others = plan.tasks.map((t) => (t === cook ? { ...t, people: ['lead'] } : t));
    expect(classFigures(w, { ...plan, tasks: others }).idleSec).toBe(classFigures(w, plan).idleSec);
    const [gap] = idleStretches(w, plan, 'p1');
    if (!gap) expect.fail('nothing to fill');
    const pause = { id: 'break:1', kind: 'break' as const, people: [], startSec: gap.fromSec, endSec: gap.toSec };
    expect(idleStretches(w, { tasks: [...plan.tasks, pause] }, 'p1')).not.toContainEqual(gap);
  });

  it(`is what the search works out, in ${RUNS} random classes`, () => {
    fc.assert(
      fc.property(randomWorkshop(), (w) => {
        const network = buildNetwork(w);
        const { problem, room, tableSec } = network;
        if (problem.finals.length === 0) return;
        const { schedule } = finished(searchShort(problem, { placements: 0 }));
        const feeling = new Feeling(problem, {
          fromSec: room.welcomeSec,
          tableSec,
          bufferSec: bufferSecOf(w),
          idleMaxSec: secondsOfMinutes(w.idleMaxMin),
        });
        const felt = feeling.of(schedule);
        const written = writePlan(w, network, schedule, 'steady');
        expect(classFigures(w, written)).toMatchObject({ ...felt, costSec: costSec(felt) });
      }),
      { seed: 11, numRuns: RUNS },
    );
  });
});
