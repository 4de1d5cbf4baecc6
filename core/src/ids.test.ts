import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import * as ids from './ids.ts';
import { isOfBread } from './plan/index.ts';
import { findBrokenRules, planClass } from './planner/index.ts';
import { randomWorkshop } from './testing/index.ts';
import { idSchema, madeIdSchema } from './units/schema.ts';

const own = fc.stringMatching(/^[A-Za-z0-9][A-Za-z0-9_-]{0,12}$/);
const step = own;
const number = fc.integer({ min: 1, max: 999 });

describe('ids that are put together', () => {
  it('read back as what they were built of, whatever the workshop calls its things', () => {
    fc.assert(
      fc.property(own, own, step, number, (bread, other, name, n) => {
        expect(idSchema.safeParse(bread).success).toBe(true);
        expect(ids.readBatchId(ids.batchId(bread, other))).toEqual({ bread, at: other });
        const mother = ids.readBatchId(ids.motherId(bread, n));
        expect(mother && ids.motherNumber(mother)).toBe(n);
        const practice = ids.readBatchId(ids.practiceId(bread, other));
        expect(practice && ids.practisedAt(practice)).toBe(other);
        fc.pre(!other.startsWith('spare-'));
        expect(ids.readPieceId(ids.pieceId(bread, other, n))).toEqual({
          bread,
          owner: other,
          station: null,
          number: n,
        });
        const spare = ids.sparePieceId(bread, other, n);
        expect(ids.pieceParts(spare)).toEqual({ bread, owner: null, station: other, number: n });
        const tasks: readonly (readonly [ids.TaskId, ids.TaskParts])[] = [
          [ids.taskId(ids.batchId(bread, other), name), { kind: 'batch', batch: { bread, at: other }, step: name }],
          [
            ids.taskId(spare, name),
            { kind: 'piece', piece: { bread, owner: null, station: other, number: n }, step: name },
          ],
          [ids.demoId(bread, name, null), { kind: 'demo', bread, before: name, station: null }],
          [ids.demoId(bread, name, other), { kind: 'demo', bread, before: name, station: other }],
          [ids.preheatId(other), { kind: 'preheat', griddle: other }],
          [ids.breakId(n), { kind: 'break', number: n }],
          [ids.WELCOME_ID, { kind: 'welcome' }],
        ];
        for (const [id, parts] of tasks) {
          expect(ids.readTaskId(id)).toEqual(parts);
          expect(madeIdSchema.safeParse(id).success).toBe(true);
        }
      }),
      { seed: 5 },
    );
  });

  it.each([
    '',
    ':',
    'flat',
    'flat@',
    '@S1',
    'flat@S1',
    'flat@S1:',
    'flat@S1@S2:mix',
    'flat/p1:roll',
    'flat/p1/x:roll',
    'flat/p1/1/2:roll',
    'demo:flat',
    'demo:flat:roll:S1:more',
    'break:0',
    'break:x',
    'preheat:',
    'welcome:1',
    'a@b/c/1:roll',
  ])('%j is the id of no task', (id) => {
    expect(ids.readTaskId(id)).toBeUndefined();
  });

  it('says what is wrong where a plan holds a piece that is none', () => {
    expect(() => ids.pieceParts('flat@S1')).toThrow(/is the id of a piece/);
  });

  it('reads every id of every plan', () => {
    fc.assert(
      fc.property(randomWorkshop(), (workshop) => {
        const plan = planClass(workshop, { effort: 0 });
        for (const t of plan.tasks) {
          const parts = ids.readTaskId(t.id);
          expect(parts?.kind).toBe(isOfBread(t) ? (t.piece === undefined ? 'batch' : 'piece') : t.kind);
        }
        for (const b of plan.batches) expect(ids.readBatchId(b.id)?.bread).toBe(b.bread);
        for (const broken of findBrokenRules(workshop, plan))
          for (const task of broken.tasks) expect(ids.readTaskId(task) ?? ids.readBatchId(task)).toBeDefined();
      }),
      { numRuns: 40, seed: 3 },
    );
  });
});

it('gives a new thing an id that no other has', () => {
  expect(ids.freeId('round', new Set(['oval']))).toBe('round');
  expect(ids.freeId('round', new Set(['round', 'round-2']))).toBe('round-3');
});
