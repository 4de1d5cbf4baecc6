import { describe, expect, it } from 'vitest';
import { drawing } from '../testing/drawn.ts';
import { STAGE_LIST, STAGES_IN_WORDS } from '../testing/recipes/phrases/stages-in-words.ts';
import { stepTold } from '../testing/recipes/step-told.ts';
import { importRecipe } from './index.ts';

const capital = (words: string): string => `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
/** Sentences of so many stages each; `sign` stands before a stage by its place in its sentence. */
const sentencesOf = (all: readonly string[], length: number, sign: (place: number) => string): string =>
  all
    .map((stage, n) => {
      const isLast = n === all.length - 1 || n % length === length - 1;
      return `${n % length === 0 ? capital(stage) : `${sign(n % length)}${stage}`}${isLast ? '. ' : ''}`;
    })
    .join('')
    .trim();

/** How stages are set one behind the other. */
const SET: Readonly<Record<string, (stages: readonly string[]) => string>> = {
  sentences: (all) => sentencesOf(all, 1, () => ''),
  'sentences behind "then"': (all) => `${all.map((l, n) => (n === 0 ? capital(l) : `Then ${l}`)).join('. ')}.`,
  'two in a sentence, ", then"': (all) => sentencesOf(all, 2, () => ', then '),
  'two in a sentence, "and then"': (all) => sentencesOf(all, 2, () => ' and then '),
  'three in a sentence, "," and "and"': (all) => sentencesOf(all, 3, (place) => (place === 1 ? ', ' : ' and ')),
  'three in a sentence, "," and ", then"': (all) => sentencesOf(all, 3, (place) => (place === 1 ? ', ' : ', then ')),
  'three in a sentence, ";"': (all) => sentencesOf(all, 3, () => '; '),
  'one sentence with commas': (all) => `${capital(all.join(', '))}.`,
  'one sentence with semicolons': (all) => `${all.join('; ')}.`,
  arrows: (all) => all.join(' → '),
  dashes: (all) => capital(all.join(' – ')),
  slashes: (all) => all.map((l) => l.replace(' / ', ' + ')).join(' / '),
  lines: (all) => all.map(capital).join('\n'),
  'lines without capitals': (all) => all.join('\n').toLowerCase(),
  'lines with room between': (all) => all.map(capital).join('\n\n'),
  'lines with numbers': (all) => all.map((l, n) => `${n + 1}. ${capital(l)}.`).join('\n'),
  'lines with a dash': (all) => all.map((l) => `- ${l}`).join('\n'),
  'lines with a plus': (all) => all.map((l) => `+ ${l}`).join('\n'),
  'rows that are counted': (all) => all.map((l, n) => `| ${n + 1} | ${capital(l)} |`).join('\n'),
  'a page': (all) => `<ol>${all.map((l) => `<li>${capital(l)}</li>`).join('')}</ol>`,
};

/** What a stage is read as; a time in which pieces lie may be called either. */
const READ_AS: Readonly<Record<string, string>> = {
  mix: 'mix',
  knead: 'knead 8',
  rest: 'rest 30',
  proof: 'proof 60',
  chill: 'chill 720',
  temper: 'temper 60',
  divide: 'divide',
  ball: 'ball',
  'rest of balls': 'rest 20',
  roll: 'roll',
  shape: 'shape',
  'proof of pieces': 'rest 20',
  fill: 'fill',
  'what goes on top': 'fill',
  cook: 'cook 60+60',
  finish: 'finish',
};
const METHODS: readonly (readonly string[])[] = [
  ['mix', 'knead', 'rest', 'divide', 'ball', 'rest of balls', 'roll', 'cook', 'finish'],
  ['mix', 'knead', 'proof', 'divide', 'shape', 'proof of pieces', 'cook', 'finish'],
  ['mix', 'knead', 'chill', 'temper', 'divide', 'ball', 'rest of balls', 'roll', 'fill', 'cook'],
  ['mix', 'knead', 'rest', 'divide', 'ball', 'roll', 'what goes on top', 'cook'],
  ['mix', 'rest', 'knead', 'proof', 'divide', 'ball', 'rest of balls', 'shape', 'cook', 'finish'],
];
/** Balls are pieces, and folding over a filling is work at it. */
const plain = (steps: string): string =>
  steps
    .replace('proof 30', 'rest 30')
    .replace('proof 20', 'rest 20')
    .replace('fill, shape', 'fill')
    .replace('divide, ball', 'ball')
    .replace('mix, mix', 'mix');

const COUNT = 40;
/** Of the texts of a setting so many may be read otherwise: some words say another thing beside others. */
const MOST_OTHERS = 0.025;

describe('stages in all their words, joined', () => {
  const one = drawing(17);
  it.each(Object.entries(SET))('are read one by one: %s', (_, set) => {
    const others = Array.from({ length: COUNT }).flatMap(() => {
      const method = one(METHODS);
      const text = set(method.map((name) => one(STAGES_IN_WORDS.find((s) => s.name === name)?.phrases ?? [])));
      const read = importRecipe(STAGE_LIST + text);
      if (!read.ok) expect.fail();
      const steps = plain((read.value.bread?.steps ?? []).map((s) => stepTold(s, ['knead'])).join(', '));
      const isRight =
        steps === plain(method.map((name) => READ_AS[name]).join(', ')) && read.value.notUnderstood.length === 0;
      return isRight ? [] : [`${text}\n  ${steps}  ${read.value.notUnderstood.join(' | ')}`];
    });
    expect(others.length / COUNT, others.join('\n\n')).toBeLessThanOrEqual(MOST_OTHERS);
  });
});
