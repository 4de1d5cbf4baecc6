import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import type { Plan } from '../../plan/index.ts';
import {
  movedTo,
  rightPlan,
  taskOf,
  withTask,
  type KnownAnswer,
  type RawFile,
  type RightClass,
} from '../../testing/index.ts';
import { findBrokenRules } from './index.ts';
import { R01 } from './r01.answers.ts';
import { R02 } from './r02.answers.ts';
import { R03_R05 } from './r03-r05.answers.ts';
import { R06 } from './r06.answers.ts';
import { R07_R09 } from './r07-r09.answers.ts';
import { R10_R14 } from './r10-r14.answers.ts';

const ANSWERS: readonly KnownAnswer[] = [...R01, ...R02, ...R03_R05, ...R06, ...R07_R09, ...R10_R14];

/** Ids as plan and workshop files of these classes have them; names are others. */
const ID = /[@]|\b(demo|preheat|break):|spare-|\b[a-z-]+\/[\w-]+\/|\b(p\d+|[SGBFMO]\d+)\b|undefined|NaN|\[object/;

describe('the checker, asked what is known', () => {
  it('says it in the words of the class, and never by an id', () => {
    for (const answer of ANSWERS) {
      const { file, plan } = rightPlan(answer.of);
      const read = file(answer.inClass);
      const workshop = answer.inWorkshop?.(read) ?? read;
      for (const { code, message } of findBrokenRules(workshop, answer.inPlan?.(plan, workshop) ?? plan)) {
        expect(message, code).not.toMatch(ID);
        expect(message.length, code).toBeGreaterThan(10);
      }
    }
  });
  it.each([...new Set(ANSWERS.map((a) => a.of))])(
    'finds nothing in the right plan of the class “%s”',
    (name: RightClass) => {
      const { file, plan } = rightPlan(name);
      expect(findBrokenRules(file(), plan)).toEqual([]);
    },
  );
  it.each(ANSWERS.map((a) => [a.rule, a.code, a.what, a] as const))(
    'says %s %s where %s, and nothing else',
    (rule, code, _, answer) => {
      const { file, plan } = rightPlan(answer.of);
      const read = file(answer.inClass);
      const workshop = answer.inWorkshop?.(read) ?? read;
      const found = findBrokenRules(workshop, answer.inPlan?.(plan, workshop) ?? plan);
      expect([...new Set(found.map((b) => `${b.rule} ${b.code}`))]).toEqual([`${rule} ${code}`]);
    },
  );
  it.each([
    [
      'somebody rolls between the turns of their first bread',
      'in turns',
      (p: Plan) => withTask(p, 'flat/p1/1:cook', (t) => movedTo(t, taskOf(p, 'flat/p1/2:roll').startSec - 20)),
      undefined,
    ],
    [
      'two schools of a bread lie on one griddle, one after the other',
      'two schools',
      (p: Plan) => {
        const late = Math.max(...p.tasks.map((t) => t.endSec)) + 600;
        const on = (id: string, at: number) => (plan: Plan) =>
          withTask(plan, id, (t) => ({ ...movedTo(t, at), at: { kind: 'griddle', id: 'G1', spot: 1 } }));
        return on('other/p2/1:cook', late + 125)(on('flat/p3/1:cook', late)(p));
      },
      undefined,
    ],
    [
      'the griddle lies empty for as long as its cleaning takes before the bread that must be free of milk',
      'avoider',
      (p: Plan) => withTask(p, 'flat/p1/2:cook', (t) => movedTo(t, Math.max(...p.tasks.map((x) => x.endSec)) + 600)),
      (f: RawFile): void => {
        f['kitchen'].griddles[0].cleanSec = 600;
      },
    ],
    [
      'a dough with egg that is out for longer in all than it may, but in the fridge for most of it',
      'chilled',
      (p: Plan) => p,
      (f: RawFile): void => {
        f['breads'][0].ingredients[1].perishable = true;
        f['kitchen'].safeOutMin = 900;
      },
    ],
    ['somebody makes no bread that holds what they avoid', 'one who may not', (p: Plan) => p, undefined],
    ['a team is as slow as its slowest', 'slow hands', (p: Plan) => p, undefined],
  ] as const)('finds nothing where %s', (_, of, inPlan, inClass) => {
    const { file, plan } = rightPlan(of);
    expect(findBrokenRules(file(inClass), inPlan(plan))).toEqual([]);
  });
  it('has such an answer for every code that it knows', () => {
    const said = new Set(
      readdirSync(import.meta.dirname)
        .filter((f) => /^r\d\d-.*\.ts$/.test(f) && !f.includes('answers'))
        .flatMap((f) => {
          const text = readFileSync(join(import.meta.dirname, f), 'utf8');
          // each call of `say` names its rule and its code; one chooses between two
          const calls = text.matchAll(/say\(\s*'(R\d+)',\s*((?:[^,']*\? )?'[a-z-]+'(?: : '[a-z-]+')?)/g);
          return [...calls].flatMap(([, rule, codes]) =>
            [...(codes ?? '').matchAll(/'([a-z-]+)'/g)].map(([, code]) => `${rule ?? ''} ${code ?? ''}`),
          );
        }),
    );
    expect(said.size).toBeGreaterThan(60);
    const known = new Set(ANSWERS.map((a) => `${a.rule} ${a.code}`));
    expect([...said].filter((c) => !known.has(c))).toEqual([]);
    expect([...known].filter((c) => !said.has(c))).toEqual([]);
  });
});
