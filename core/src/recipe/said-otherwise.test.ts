import { describe, expect, it } from 'vitest';
import { drawing } from '../testing/drawn.ts';
import { ENTRIES_OTHERWISE } from '../testing/recipes/phrases/entries.ts';
import { PHRASE_BANKS, PHRASE_LIST } from '../testing/recipes/phrases/method.ts';
import { SAID_OTHERWISE, SIZES_OTHERWISE } from '../testing/recipes/phrases/said-otherwise.ts';
import { DOUGH_TOLD_OTHERWISE } from '../testing/recipes/phrases/dough-told-otherwise.ts';
import { PIECES_TOLD_OTHERWISE } from '../testing/recipes/phrases/pieces-told-otherwise.ts';
import { stepTold } from '../testing/recipes/step-told.ts';
import { importRecipe } from './index.ts';

/** So many of the ways to say one thing are drawn. */
const COUNT = 8;
const one = drawing(11);

/** A phrase with one of each of its groups. */
const drawn = (phrase: string): string => phrase.replace(/\{([^}]*)\}/g, (_, group: string) => one(group.split('|')));
/** The same as a sentence: no room that is left over, a capital first. */
function sentenceOf(phrase: string, end = '.'): string {
  const plain = drawn(phrase)
    .replace(/ {2,}/g, ' ')
    .replace(/ ([,.;])/g, '$1')
    .trim();
  return `${plain.charAt(0).toUpperCase()}${plain.slice(1)}${/[.!]$/.test(plain) ? '' : end}`;
}
/** How a sentence is set beside what comes before and behind it, one after the other. */
const SETTINGS: readonly ((lines: readonly string[]) => string)[] = [
  (lines) => lines.join(' '),
  (lines) => lines.join('\n'),
  (lines) => lines.map((l, n) => `${n + 1}. ${l}`).join('\n'),
  (lines) => lines.map((l) => `- ${l.replace(/\.$/, '')}`).join('\n'),
];
/** "proof" without a figure leaves open for how long. */
const asWanted = (is: readonly string[], wanted: readonly string[]): string =>
  is.map((step, n) => (/\d/.test(wanted[n] ?? step) ? step : (step.split(' ')[0] ?? step))).join(', ');

const METHODS = [SAID_OTHERWISE, DOUGH_TOLD_OTHERWISE, PIECES_TOLD_OTHERWISE].flatMap((banks) => Object.entries(banks));
describe.each(METHODS)('one thing in all the words of it: %s', (name, phrases) => {
  const bank = PHRASE_BANKS.find((b) => b.name === name) ?? expect.fail(`no bank of phrases is called ${name}`);
  const [first, last] = bank.steps;
  it.each(phrases)('%s', (phrase, wanted) => {
    const others: string[] = [];
    for (let n = 0; n < COUNT; n++) {
      const sentence = sentenceOf(phrase);
      const lines = [bank.before, sentence, bank.behind].filter((l) => l !== '');
      const read = importRecipe(PHRASE_LIST + (SETTINGS[n % SETTINGS.length]?.(lines) ?? ''));
      const steps = read.ok ? (read.value.bread?.steps ?? []) : [];
      const is = asWanted(
        steps.slice(first, steps.length - last).map((s) => stepTold(s, ['knead'])),
        wanted === '' ? [] : wanted.split(', '),
      );
      if (is !== wanted) others.push(`${sentence}  ${is}`);
    }
    expect(others).toEqual([]);
  });
});

describe.each(Object.entries(SIZES_OTHERWISE))(
  'how many and how large in all the words of it: %s',
  (where, phrases) => {
    const list = '506 g flour\n300 g water\n10 g salt';
    it.each(phrases)('%s', (phrase, wanted) => {
      const [pieces = NaN, cm = NaN, mm = NaN] = wanted.split(' ').map((w) => (w === '-' ? NaN : Number(w)));
      const others: string[] = [];
      for (let n = 0; n < COUNT; n++) {
        const sentence = sentenceOf(phrase, where === 'in the method' ? '.' : '');
        const text =
          where === 'in the method'
            ? `Rounds\n\n${list}\n\nMix and knead for 8 minutes. Rest 30 minutes. ${sentence} Cook 1 minute a side.`
            : `Rounds\n${sentence}\n\n${list}\n\nMix and knead for 8 minutes. Rest 30 minutes. Divide and roll out. Cook 1 minute a side.`;
        const read = importRecipe(text);
        const piece = read.ok ? read.value.bread?.piece : undefined;
        const { doughG = NaN, diameterCm = NaN, thicknessMm = NaN } = piece ?? {};
        // what is lost of the dough on the way to its pieces is three in a hundred
        const isRight =
          (Number.isNaN(pieces) || Math.abs(816 / doughG / pieces - 1) < 0.05) &&
          (Number.isNaN(cm) || Math.abs(diameterCm / cm - 1) < 0.02) &&
          (Number.isNaN(mm) || Math.abs(thicknessMm / mm - 1) < 0.02);
        if (!isRight) others.push(`${sentence}  ${doughG} g, ${diameterCm} cm, ${thicknessMm} mm`);
      }
      expect(others).toEqual([]);
    });
  },
);

describe('an entry of a list in all the words of it', () => {
  const work = 'Mix and knead 8 minutes. Rest 30 minutes. Divide into 10. Roll out. Cook 1 minute a side.';
  it.each(ENTRIES_OTHERWISE)('%s', (phrase, wanted) => {
    const [, name = '', told = ''] = /^([a-z]*) ?(\d*)$/.exec(wanted) ?? [];
    const others: string[] = [];
    for (let n = 0; n < COUNT; n++) {
      const entry = drawn(phrase).replace(/ {2,}/g, ' ').trim();
      const list = [...(name === 'flour' ? [] : ['1000 g rye flour']), entry, '37 g whey'];
      const inSentence = `Rounds\n\nTake ${list.join('; ')}. ${work}`;
      // a semicolon within an entry parts it from nothing
      for (const text of [
        `Rounds\n\nIngredients\n${list.join('\n')}\n\nMethod\n${work}`,
        ...(entry.includes(';') ? [] : [inSentence]),
      ]) {
        const read = importRecipe(text);
        const dough = read.ok ? (read.value.bread?.ingredients ?? []).filter((i) => i.use === 'dough') : [];
        const whey = dough.find((i) => i.name === 'whey')?.pct ?? NaN;
        const own = dough.filter((i) => !['whey', 'rye flour'].includes(i.name));
        const grams = (37 * (own[0]?.pct ?? NaN)) / whey;
        const isRight =
          own.length === 1 &&
          (own[0]?.name.includes(name) ?? false) &&
          !/\d/.test(own[0]?.name ?? '') &&
          (told === '' ? grams > 0 : Math.abs(grams / Number(told) - 1) < 0.05) &&
          read.ok &&
          read.value.notUnderstood.length === 0;
        if (!isRight) others.push(`${entry}  ${own.map((i) => `${i.name} ${i.pct}`).join(', ')}`);
      }
    }
    expect(others).toEqual([]);
  });
});
