import { describe, expect, it } from 'vitest';
import { drawing } from '../testing/drawn.ts';
import { FRAMES } from '../testing/recipes/phrases/frames.ts';
import { stepTold } from '../testing/recipes/step-told.ts';
import { importRecipe } from './index.ts';

const LIST = ['500 g strong flour', '300 g water', '10 g salt', '20 g olive oil'];
const METHOD = [
  'Mix everything to a dough.',
  'Knead for 8 minutes.',
  'Cover and rest for 30 minutes.',
  'Divide into 8 and roll into balls.',
  'Roll each to 18 cm.',
  'Cook for 1 minute on each side.',
];
const COUNT = 400;

/** The method with the numbers of its steps, or without. */
function methodIn(number: (typeof FRAMES.number)[number]): string {
  if (number === 'sentences') return METHOD.join(' ');
  if (number === 'lines apart') return METHOD.join('\n\n');
  return METHOD.map((step, n) => number.replace('n', String(n + 1)) + step).join('\n');
}
describe('a list and a method in a frame that is put together', () => {
  it('are read alike, whatever stands over, between and behind them', () => {
    const one = drawing(3);
    const others: string[] = [];
    for (let n = 0; n < COUNT; n++) {
      const number = one(FRAMES.number);
      const [title, introduction, many] = [one(FRAMES.title), one(FRAMES.introduction), one(FRAMES.yield)];
      const [listHead, bullet, methodHead, tail] = [
        one(FRAMES.listHead),
        one(FRAMES.bullet),
        one(FRAMES.methodHead),
        one(FRAMES.tail),
      ];
      const head = [title, introduction, many].filter((l) => l !== '');
      const list = [listHead, ...LIST.map((l) => bullet + l)].filter((l) => l !== '');
      const method = [methodHead, methodIn(number)].filter((l) => l !== '');
      const text = [head, list, method, [tail]].map((part) => part.join('\n')).join('\n\n');
      const read = importRecipe(text);
      const bread = read.ok ? read.value.bread : null;
      const formula = (bread?.ingredients ?? []).map((i) => `${i.name} ${i.pct ?? i.gPerPiece}`).join(', ');
      const steps = (bread?.steps ?? []).map((s) => stepTold(s)).join(', ');
      const isRight =
        /griddle flatbread/i.test(bread?.name ?? '') &&
        formula === 'strong flour 100, water 60, salt 2, olive oil 4' &&
        steps === 'mix, knead, rest 30, divide, ball, roll, cook 60+60' &&
        bread?.piece.doughG === 100.7;
      if (!isRight) others.push(`${text}\n→ ${bread?.name}; ${formula}; ${steps}; ${bread?.piece.doughG} g`);
    }
    expect(others).toEqual([]);
  });
});
