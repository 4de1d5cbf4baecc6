import { describe, expect, it } from 'vitest';
import { RECIPE_TEXTS } from '../../testing/recipes/index.ts';
import * as cooking from './cooking.ts';
import * as dough from './dough.ts';
import { openingLetters, wordOpenings } from './opening-letters.ts';
import * as pieces from './pieces.ts';
import * as waiting from './waiting.ts';

describe('the letters with which a phrase opens', () => {
  it.each([
    ['knead(?:ing|s)?', 'kne'],
    ['(?:cut|split) it', 'cut spl'],
    ['(?:the )?filling on', 'fil the'],
    ['(?<=^|, )balls?', 'bal'],
    ['[Bb]utter', 'but'],
    ['scalded?', 'sca'],
    ['do', 'do'],
    ['de-?gas', 'de'],
    [String.raw`\d{1,2} pieces`, '#'],
    ['2nd proof', '#'],
  ])('%s: %s', (pattern, letters) => {
    expect([...(openingLetters(pattern) ?? [])].sort().join(' ')).toBe(letters);
  });
  it.each([String.raw`(?:\w+ ){0,2}balls`, '[^.;]*turn', '.*'])('%s opens with anything', (pattern) => {
    expect(openingLetters(pattern)).toBeUndefined();
  });
});

describe('no phrase is passed over that a line holds', () => {
  const lines = RECIPE_TEXTS.filter((_, n) => n % 5 === 0).flatMap((t) => t.text.split(/\n|(?<=[.;!]) /));
  it.each(Object.entries({ ...cooking, ...dough, ...pieces, ...waiting }))('%s', (_, { pattern, opens }) => {
    const isPassedOver = (line: string): boolean => {
      const opening = wordOpenings(line);
      return opens !== undefined && ![...opens].some((letters) => opening.has(letters));
    };
    const passed = lines.filter(isPassedOver);
    expect(passed.filter((line) => line.search(pattern) >= 0)).toEqual([]);
    // else it saves nothing
    expect(passed.length).toBeGreaterThan(lines.length / 10);
  });
});
