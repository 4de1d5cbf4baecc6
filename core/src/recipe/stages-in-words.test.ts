import { describe, expect, it } from 'vitest';
import { STAGE_LIST, STAGES_IN_WORDS, type StageInWords } from '../testing/recipes/phrases/stages-in-words.ts';
import { stepTold } from '../testing/recipes/step-told.ts';
import { importRecipe } from './index.ts';

const capital = (words: string): string => `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
const small = (words: string): string => `${words.charAt(0).toLowerCase()}${words.slice(1)}`;
const sentences = (text: string): readonly string[] => text.split(/(?<=\.) /).filter((s) => s !== '');

/** How a stage is set among the others. */
const SETTINGS: Readonly<Record<string, (stage: StageInWords, phrase: string) => string>> = {
  'a sentence': ({ before, behind }, phrase) => `${before} ${capital(phrase)}. ${behind}`.trim(),
  'a sentence behind "then"': ({ before, behind }, phrase) => `${before} Then ${phrase}. ${behind}`.trim(),
  'a sentence behind "now"': ({ before, behind }, phrase) => `${before} Now ${phrase}. ${behind}`.trim(),
  'between semicolons': ({ before, behind }, phrase) =>
    [before.replace(/\.$/, ''), phrase, small(behind)].filter((p) => p !== '').join('; '),
  'a line with a dash': ({ before, behind }, phrase) =>
    sentences(`${before} ${capital(phrase)}. ${behind}`.trim())
      .map((s) => `- ${s.replace(/\.$/, '')}`)
      .join('\n'),
  'a line with its number': ({ before, behind }, phrase) =>
    sentences(`${before} ${capital(phrase)}. ${behind}`.trim())
      .map((s, n) => `${n + 1}. ${s}`)
      .join('\n'),
  'a line without capitals': ({ before, behind }, phrase) =>
    sentences(`${before} ${capital(phrase)}. ${behind}`.trim())
      .map((s) => s.replace(/\.$/, '').toLowerCase())
      .join('\n'),
};

/** "Roll to 20 cm" before it is rolled once more, larger or smaller: a bread has one size. */
const FIRST_SIZE = /^roll to 20 cm\.?$/i;

describe.each(STAGES_IN_WORDS.map((stage) => [stage.name, stage] as const))(
  'a stage in all its words: %s',
  (_, stage) => {
    it.each(Object.entries(SETTINGS))('is one thing, and leaves nothing over: %s', (_setting, set) => {
      const others = stage.phrases.flatMap((phrase) => {
        const text = set(stage, phrase);
        const read = importRecipe(STAGE_LIST + text);
        if (!read.ok) expect.fail();
        const steps = (read.value.bread?.steps ?? []).map((s) => stepTold(s, ['knead'])).join(', ');
        const left = read.value.notUnderstood.filter((l) => !FIRST_SIZE.test(l));
        return stage.steps.includes(steps) && left.length === 0 ? [] : [`${phrase}: ${steps} ${left.join(' | ')}`];
      });
      expect(others).toEqual([]);
    });
  },
);
