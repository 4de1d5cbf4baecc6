import { describe, expect, it } from 'vitest';
import { RECIPE_TEXTS } from '../../testing/recipes/index.ts';
import * as cooking from './cooking.ts';
import * as dough from './dough.ts';
import { PhraseIndex } from './phrase-index.ts';
import { phrases } from './phrases.ts';
import * as pieces from './pieces.ts';
import * as waiting from './waiting.ts';

describe('phrases by how they open', () => {
  const INDEX = new PhraseIndex([
    phrases`
      roll into balls
      roll
    `,
    phrases`
      \d{1,2} balls
      [^.;]*warm
      balls?
    `,
  ]);
  const found = (text: string): readonly string[] =>
    INDEX.in(text).map((f) => `${f.entry} ${text.slice(f.at, f.at + f.length)}`);

  it('the first that fits counts, and the next comes behind it', () => {
    expect(found('roll into balls and roll')).toEqual(['0 roll into balls', '0 roll', '1 balls']);
  });
  it('a figure opens one, and what may open with anything is tried everywhere', () => {
    expect(found('Roll 12 balls')).toEqual(['0 Roll', '1 12 balls']);
    expect(found('leave it warm')).toEqual(['1 leave it warm']);
  });
  it('no word is one within another', () => {
    expect(found('stroll, eyeballs')).toEqual([]);
  });
});

describe('all phrases of an entry as one expression find the same', () => {
  const lines = RECIPE_TEXTS.filter((_, n) => n % 7 === 0).flatMap((t) => t.text.split(/\n|(?<=[.;!]) /));
  it.each(Object.entries({ ...cooking, ...dough, ...pieces, ...waiting }))('%s', (_, sources) => {
    const whole = new RegExp(String.raw`\b(?:${sources.join('|')})`, 'gi');
    const index = new PhraseIndex([sources]);
    let count = 0;
    for (const line of lines) {
      const expected = [...line.matchAll(whole)].map((m) => ({ entry: 0, at: m.index, length: m[0].length }));
      expect(index.in(line)).toEqual(expected);
      count += expected.length;
    }
    expect(count).toBeGreaterThan(0);
  });
});
