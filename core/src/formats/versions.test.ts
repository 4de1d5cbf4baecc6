import { describe, expect, it } from 'vitest';
import demo from '../../../demo/class.json';
import { failure, fault, success } from '../faults/index.ts';
import { planClass } from '../planner/index.ts';
import { buildWorkshop, rawWorkshop, type RawFile } from '../testing/index.ts';
import { readPlan } from './read-plan.ts';
import { planFile } from './write-plan.ts';
import { readClassRecord, readWorkshop } from './read-workshop.ts';
import { carriedOver, PLAN_MIGRATIONS, WORKSHOP_MIGRATIONS, type FileMigration } from './versions.ts';

/** `each` was called `pieces`, and then `count`; a file may hold no `old`. */
const steps: readonly FileMigration[] = [
  ({ pieces, ...file }) => success({ ...file, count: pieces }),
  ({ count, ...file }) => ('old' in file ? failure([fault('unknown-key', 'old')]) : success({ ...file, each: count })),
];

describe('a file of an earlier version', () => {
  it('passes through every migration from its own version on', () => {
    expect(carriedOver({ version: 1, pieces: 4 }, steps)).toEqual(success({ version: 3, each: 4 }));
    expect(carriedOver({ version: 2, count: 4 }, steps)).toEqual(success({ version: 3, each: 4 }));
    expect(carriedOver({ version: 3, each: 4 }, steps)).toEqual(success({ version: 3, each: 4 }));
  });
  it('is refused by path where a migration cannot carry it', () => {
    expect(carriedOver({ version: 1, pieces: 4, old: true }, steps)).toEqual(failure([fault('unknown-key', 'old')]));
  });
  it('is left to the schema where it has no version that makes sense', () => {
    for (const value of [null, 7, [], {}, { version: 0 }, { version: 1.5 }, { version: '2' }])
      expect(carriedOver(value, steps)).toEqual(success(value));
  });
});

/** A class as a file of version 1, with one thing changed. */
const inVersion1 = (change: (file: RawFile) => void): unknown => {
  const file: RawFile = { ...rawWorkshop({ griddles: 2 }), version: 1 };
  change(file);
  return file;
};

describe('a file of version 1', () => {
  it('is read as version 2 with its defaults, and a plan keeps its goal', () => {
    const read = readWorkshop(inVersion1(() => undefined));
    expect(read).toMatchObject({ ok: true, value: { version: 2, idleMaxMin: 20, kitchen: { layOnGapSec: 0 } } });
    const w = read.ok ? read.value : expect.fail();
    expect(w.bufferMin).toBeUndefined();
    const plan = planFile(planClass(w, { goal: 'fresh', effort: 0 }));
    expect(readPlan({ ...plan, version: 1 })).toEqual(readPlan(plan));
    expect(readPlan({ ...plan, version: 1 })).toMatchObject({ ok: true, value: { version: 2, goal: 'fresh' } });
  });
  it.each<[string, (file: RawFile) => void]>([
    ['bufferMin', (f) => (f['bufferMin'] = 5)],
    ['idleMaxMin', (f) => (f['idleMaxMin'] = 5)],
    ['kitchen.layOnGapSec', (f) => (f['kitchen'].layOnGapSec = 5)],
    ['kitchen.griddles[1].people', (f) => (f['kitchen'].griddles[1].people = 5)],
    ['breads[0].ingredients[1].insteadOf', (f) => (f['breads'][0].ingredients[1].insteadOf = 'butter')],
    ['breads[0].piece.widthCm', (f) => (f['breads'][0].piece.widthCm = 5)],
    ['breads[0].piece.ofRound', (f) => (f['breads'][0].piece.ofRound = 5)],
    ['breads[0].steps[0].lookSec', (f) => (f['breads'][0].steps[0].lookSec = 5)],
    ['demos[0].pieces', (f) => (f['demos'] = [{ bread: 'flat', before: 'roll', minutes: 5, pieces: 1 }])],
    ['demos[0].from', (f) => (f['demos'] = [{ bread: 'flat', before: 'roll', minutes: 5, from: 'S1' }])],
  ])('does not know %s', (path, change) => {
    expect(readWorkshop(inVersion1(change))).toEqual(failure([fault('unknown-key', path)]));
  });
  it('knows neither the goal steady nor looks', () => {
    const plan = planFile(planClass(buildWorkshop({ people: 2 }), { effort: 0 }));
    const [first, ...others] = plan.tasks;
    const look = { by: 'lead', startSec: 0, endSec: 60 };
    expect(readPlan({ ...plan, version: 1, tasks: [{ ...first, look }, ...others] })).toMatchObject({
      faults: [
        { code: 'unknown-key', path: 'tasks[0].look' },
        { code: 'not-one-of', path: 'goal' },
      ],
    });
  });
  it('is carried over where it stands as an alternative of a class too', () => {
    const workshop = inVersion1(() => undefined);
    const notes = { alternatives: [{ id: 'b', name: 'B', workshop }] };
    expect(readClassRecord({ workshop, notes })).toMatchObject({
      ok: true,
      value: { workshop: { version: 2 }, notes: { alternatives: [{ workshop: { version: 2 } }] } },
    });
  });
});

describe('what version 2 brought', () => {
  const refused = (change: (file: RawFile) => void): unknown => {
    const file = structuredClone({ ...demo, version: 2 }) as RawFile;
    change(file);
    const read = readWorkshop(file);
    return read.ok ? 'read' : read.faults.map((f) => [f.path, f.code]);
  };
  it('is refused by path where it makes no sense', () => {
    const { diameterCm } = demo.breads[0]?.piece ?? expect.fail();
    expect(refused((f) => Object.assign(f['breads'][0].piece, { shape: 'oval', widthCm: diameterCm + 1 }))).toEqual([
      ['breads[0].piece.widthCm', 'width-over-length'],
    ]);
    const oil = { name: 'oil', role: 'fat', use: 'finish', gPerPiece: 3, insteadOf: 'nothing of the kind' };
    expect(refused((f) => f['breads'][0].ingredients.push(oil))).toEqual([
      [`breads[0].ingredients[${demo.breads[0]?.ingredients.length ?? 0}].insteadOf`, 'instead-of-nothing'],
    ]);
    expect(refused((f) => (f['kitchen'].griddles[0].people = 0))).toEqual([
      ['kitchen.griddles[0].people', 'too-small'],
    ]);
    expect(
      refused((f) => (f['demos'] = [{ bread: 'round', before: 'roll', minutes: 5, pieces: 1, from: 'S99' }])),
    ).toEqual([['demos[0].from', 'unknown-id']]);
  });
});

describe('both files', () => {
  it('carry the latest version, and a newer one is refused in words', () => {
    const [workshop, plan] = [WORKSHOP_MIGRATIONS.length + 1, PLAN_MIGRATIONS.length + 1];
    expect(readWorkshop({ ...demo, version: workshop }).ok).toBe(true);
    expect(readWorkshop({ ...demo, version: workshop + 1 })).toMatchObject({
      faults: [{ code: 'newer-version', path: 'version', params: { version: workshop + 1, latest: workshop } }],
    });
    expect(readPlan({ format: 'hodsman-plan', version: plan + 1 })).toMatchObject({
      faults: [{ code: 'newer-version', path: 'version' }],
    });
    expect(readWorkshop({ ...demo, version: 0 })).toMatchObject({ faults: [{ path: 'version' }] });
  });
});
