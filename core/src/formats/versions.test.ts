import { describe, expect, it } from 'vitest';
import demo from '../../../demo/class.json';
import { failure, fault, success } from '../faults/index.ts';
import { readPlan } from './read-plan.ts';
import { readWorkshop } from './read-workshop.ts';
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
