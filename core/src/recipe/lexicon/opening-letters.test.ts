import { describe, expect, it } from 'vitest';
import { openingLetters, wordOpenings } from './opening-letters.ts';

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

describe('the letters with which a word opens', () => {
  it.each([
    ['knead', 'k kn kne'],
    ['Do', 'd do'],
    ['12', '#'],
    ['5g', '#'],
    ['½', ''],
  ])('%s: %s', (word, letters) => {
    expect(wordOpenings(word).join(' ')).toBe(letters);
  });
});
