import { describe, expect, it } from 'vitest';
import { RECIPE_TEXTS } from '../testing/recipes/index.ts';
import { canFit, foundIn, gateOf, lettersOf, needsOf } from './needs.ts';
import { ENTRIES } from './spelling/entries.ts';
import { FIGURES } from './spelling/figures.ts';
import { MEASURES } from './spelling/measured.ts';
import { SCANNED } from './spelling/scanned.ts';
import { STAGE_WORDS } from './spelling/stages.ts';
import { WORK_TOLD } from './spelling/told-work.ts';

const isPassedOver = (pattern: RegExp, text: string): boolean => !canFit(needsOf(pattern), lettersOf(text));

describe('a pattern is not looked for where its letters are missing', () => {
  it.each<readonly [RegExp, string]>([
    [/knead/, 'mix and rest'],
    [/KNEAD/i, 'mix and rest'],
    [/\d ?min\b/, 'knead for some minutes'],
    [/\d ?min\b/, 'knead for 5 h'],
    [/(?:rest|proof) 5/, 'knead 5'],
    [/(?<=\bthen )roll/, 'roll it out'],
    [/roll(?= (?:out|thin))/, 'roll them'],
    [/[½¼] cup/, '1 cup'],
    [/\bT\d{2}\b/, 'flour'],
    [/(?:an? )?quarter of \p{L}+ /u, 'half of it'],
    [/\u00bd/, 'half'],
    [/\x41\u{42}/u, 'ac'],
  ])('%s in "%s"', (pattern, text) => {
    expect(isPassedOver(pattern, text)).toBe(true);
    expect(pattern.test(text)).toBe(false);
  });

  it.each<readonly [RegExp, string]>([
    [/knead/i, 'KNEAD'],
    [/KNEAD/i, 'knead'],
    [/\d min/, '7 min'],
    [/[1-9]0 g/, '50 g'],
    [/(?:and )?rest/, 'rest'],
    [/(?:rest|\w+)/, 'mix'],
    [/rests?/, 'rest'],
    [/(?:ab)*c/, 'c'],
    [/a{0,2}b/, 'b'],
    [/👉?x/u, 'x'],
    [/[👉x]/u, 'x'],
    [/(a)\1/, 'aa'],
    [/a(?=b)?/, 'a'],
    [/(?!no )salt/, 'salt'],
    [/(?<!no )salt/, 'salt'],
    [/[^a]b/, 'xb'],
    [/[a-c]x/, 'bx'],
    [/k/iu, '\u212a'],
    [/s/iu, '\u017f'],
    [/µ/iu, 'μ'],
    [/a|/, 'x'],
    [/\t1/, '\t1'],
    [/(?<n>a)\k<n>/, 'aa'],
    [/a\/b/, 'a/b'],
  ])('%s is looked for in "%s"', (pattern, text) => {
    expect(pattern.test(text)).toBe(true);
    expect(isPassedOver(pattern, text)).toBe(false);
    expect(foundIn(text, new RegExp(pattern, `${pattern.flags}g`))).not.toEqual([]);
  });
});

describe('nothing is passed over that a line holds', () => {
  const lines = RECIPE_TEXTS.filter((_, n) => n % 9 === 0).flatMap((t) => t.text.split(/\n|(?<=[.;!]) /));
  it.each([
    ['stages', STAGE_WORDS],
    ['entries', ENTRIES],
    ['figures', FIGURES],
    ['measures', MEASURES],
    ['work told', WORK_TOLD],
    ['scanned', SCANNED],
  ])('of the rules of spelling: %s', (_, rules) => {
    let passed = 0;
    for (const [pattern] of rules) {
      const needs = needsOf(pattern);
      const gate = gateOf(needs);
      const over = lines.filter((line) => !canFit(needs, lettersOf(line)));
      passed += over.length;
      expect(over.filter((line) => line.search(pattern) >= 0)).toEqual([]);
      // what the gate lets in is no less than what is looked for
      const shut = lines.filter((line) => gate.length > 0 && !gate.some((bit) => lettersOf(line).bits.includes(bit)));
      expect(shut.filter((line) => canFit(needs, lettersOf(line)))).toEqual([]);
    }
    // else it saves nothing
    expect(passed).toBeGreaterThan(0.6 * lines.length * rules.length);
  });
});
