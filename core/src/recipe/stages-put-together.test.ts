import { describe, expect, it } from 'vitest';
import { drawing } from '../testing/drawn.ts';
import { ENDS_TOLD, STAGES_TOLD } from '../testing/recipes/phrases/stages.ts';
import { stepTold } from '../testing/recipes/step-told.ts';
import { importRecipe } from './index.ts';

const LIST = 'Flatbreads\n\n500 g flour\n300 g water\n10 g salt\n\n';
/** Balls are pieces: dividing may be told by them alone. */
const asBalls = (steps: string): string => steps.replace('divide, ball', 'ball');
const small = (text: string): string => `${text.charAt(0).toLowerCase()}${text.slice(1)}`;

/** How stages are set one behind the other. */
const SET: Readonly<Record<string, (stages: readonly string[]) => string>> = {
  sentences: (all) => `${all.join('. ')}.`,
  lines: (all) => all.join('\n'),
  'lines with points': (all) => all.map((l) => `${l}.`).join('\n'),
  numbers: (all) => all.map((l, n) => `${n + 1}. ${l}`).join('\n'),
  'numbers in brackets': (all) => all.map((l, n) => `${n + 1}) ${l}.`).join('\n'),
  bullets: (all) => all.map((l) => `- ${l}`).join('\n'),
  semicolons: (all) => `${all.map((l, n) => (n === 0 ? l : small(l))).join('; ')}.`,
  arrows: (all) => all.join(' → '),
  dashes: (all) => all.join(' – '),
  commas: (all) => `${all.map((l, n) => (n === 0 ? l : small(l))).join(', ')}.`,
  pairs: (all) =>
    `${all.map((l, n) => (n % 2 === 0 ? l : `then ${small(l)}`)).reduce((s, l) => `${s}${l.startsWith('then ') ? ', ' : '. '}${l}`)}.`,
  'rows of a table': (all) => all.map((l) => `| ${l} |`).join('\n'),
  'a page': (all) => `<ol>${all.map((l) => `<li>${l}</li>`).join('')}</ol>`,
};

const COUNT = 50;
/** A stage in words that only make sense beside others of their sentence may be read otherwise: so many of all. */
const MOST_OTHERS = 2;

describe('a method that is put together', () => {
  const one = drawing(7);
  it.each(Object.entries(SET))('is read alike in all words: %s', (sign, set) => {
    const others: string[] = [];
    for (let n = 0; n < COUNT; n++) {
      const [end, finish] = one(ENDS_TOLD);
      const stages = [...STAGES_TOLD.map((s) => one(s.ways)), ...(end === '' ? [] : [end])];
      const wanted = [...STAGES_TOLD.map((s) => s.is), ...(finish === '' ? [] : [finish])].join(', ');
      const list = sign === 'a page' ? '<ul><li>500 g flour</li><li>300 g water</li><li>10 g salt</li></ul>' : LIST;
      const read = importRecipe(list + set(stages));
      const steps = read.ok ? (read.value.bread?.steps ?? []) : [];
      if (asBalls(steps.map((s) => stepTold(s)).join(', ')) !== asBalls(wanted))
        others.push(`${set(stages)}\n  ${steps.map((s) => stepTold(s)).join(', ')}`);
    }
    expect(others.length, others.join('\n\n')).toBeLessThanOrEqual((MOST_OTHERS * COUNT) / 100);
  });
});
