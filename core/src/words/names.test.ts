import { describe, expect, it } from 'vitest';
import { buildWorkshop } from '../testing/index.ts';
import type { PlanTask } from '../plan/index.ts';
import { planClass } from '../planner/index.ts';
import { pieceName } from './index.ts';
import { namesOf } from './names.ts';

const workshop = buildWorkshop({
  people: 4,
  change: (f) => {
    f['roster'][0].name = 'Ottilie';
    f['stations'][1].name = 'By the window';
    f['kitchen'].flames = [
      { id: 'F1', slots: 1 },
      { id: 'F2', name: 'Wok ring', slots: 1 },
    ];
    f['breaks'] = [{ after: '10:30', before: '11:30', minutes: 10 }];
  },
});
const names = namesOf(workshop);

describe('the name of somebody’s bread', () => {
  const taskOf = (id: string): PlanTask =>
    planClass(twoEach, { effort: 0 }).tasks.find((t) => t.id === id) ?? expect.fail(`no task ${id}`);
  const twoEach = buildWorkshop({ people: 2, each: 2 });
  const onePerStation = buildWorkshop({ people: 2, change: (f) => (f['menu'][0].per = 'station') });
  it('is their name alone where everyone makes one, else it has its number', () => {
    const roll = taskOf('flat/p1/1:roll');
    const name = twoEach.roster[0]?.name ?? '';
    expect(pieceName(twoEach, roll)).toBe(`${name} 1`);
    expect(pieceName(buildWorkshop({ people: 2 }), roll)).toBe(name);
    expect(pieceName(onePerStation, roll)).toBe(`${name} 1`);
    // of a wrong plan that gives somebody more than the menu does, each is still told apart
    expect(pieceName(buildWorkshop({ people: 2 }), taskOf('flat/p1/2:roll'))).toBe(`${name} 2`);
  });
});

describe('names of the things of a class', () => {
  it.each([
    ['flat/p1/1:roll', 'roll of Ottilie (Plain flat)'],
    ['flat/spare-S2/1:roll', 'roll of spare 1 of By the window (Plain flat)'],
    ['flat@S1:mix', 'mix of Plain flat at Station 1'],
    ['flat@ahead1:mix', 'mix of Plain flat made ahead'],
    ['flat@ahead2:first-rest', 'first rest of Plain flat made ahead (number 2)'],
    ['flat@S2-practice:mix', 'mix of Plain flat for practice at By the window'],
    ['flat@S2', 'Plain flat at By the window'],
    ['demo:flat:roll', 'the demonstration before roll (Plain flat)'],
    ['demo:flat:roll:S2', 'the demonstration before roll (Plain flat, By the window)'],
    ['preheat:G1', 'heating Griddle 1'],
    ['break:1', 'the break'],
    ['welcome', 'the welcome'],
  ])('says %s as “%s”', (id, words) => {
    expect(names.task(id)).toBe(words);
  });

  it('tells one without a name of its own by its place among its like', () => {
    expect(['F1', 'F2', 'B1', 'G1', 'p1', 'lead'].map(names.resource)).toEqual([
      'flame 1',
      'Wok ring',
      'bench 1',
      'Griddle 1',
      'Ottilie',
      'Lead',
    ]);
  });

  it('never gives an id back that the class does not know', () => {
    const unknown = ['zz/q9/1:roll', 'zz@S9:mix', 'preheat:G9', 'demo:zz:roll:S9', 'zz9', 'zz@ahead1'];
    for (const id of unknown) expect(names.task(id), id).not.toMatch(/zz|q9|S9|G9/);
    for (const name of [names.person, names.bread, names.station, names.griddle, names.place, names.resource])
      expect(name('zz9')).not.toContain('zz9');
  });

  it('counts breaks only where there are several', () => {
    const two = namesOf({ ...workshop, breaks: [...workshop.breaks, ...workshop.breaks] });
    expect(two.task('break:2')).toBe('break 2');
  });
});
