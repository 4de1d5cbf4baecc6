import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { rightPlan, type KnownAnswer, type RightClass } from '../../testing/index.ts';
import { findBrokenRules } from './index.ts';
import { R01 } from './r01.answers.ts';
import { R02 } from './r02.answers.ts';
import { R03_R05 } from './r03-r05.answers.ts';
import { R06 } from './r06.answers.ts';
import { R07_R09 } from './r07-r09.answers.ts';
import { R10_R14 } from './r10-r14.answers.ts';

const ANSWERS: readonly KnownAnswer[] = [...R01, ...R02, ...R03_R05, ...R06, ...R07_R09, ...R10_R14];

describe('the checker, asked what is known', () => {
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
