import { describe, expect, it } from 'vitest';
import { answerOf, byQuestions } from './answers.ts';
import { Mapped } from './mapped.ts';

const lineOf = (text: string): string | undefined => answerOf(Mapped.of(text))?.line?.text;

describe('a text of questions and answers', () => {
  it.each([
    ['How much water? 350 g.', '350 g water .'],
    ['Q: Which flour? A: 400 g, plain', '400 g plain flour'],
    ['How long do you knead? 8 minutes.', 'knead 8 minutes.'],
    ['How many? 7.', 'makes 7.'],
    ['And then? Divide it in 8.', 'Divide it in 8.'],
    ['A: Roll them out.', 'Roll them out.'],
  ])('an answer says what it is of: %s', (text, line) => {
    expect(lineOf(text)).toBe(line);
  });

  it('a line that asks nothing is no answer, and a question alone waits for the next', () => {
    expect(answerOf(Mapped.of('350 g water'))).toBeUndefined();
    expect(answerOf(Mapped.of('Q: How much water?'))).toMatchObject({ line: undefined });
  });

  it('one question does not make a text of them: three do', () => {
    const parts = (text: string): readonly string[] => byQuestions([Mapped.of(text)]).map((l) => l.text);
    expect(parts('Flour? 350 g. Water? 210 g. Salt? 7 g.')).toEqual(['Flour? 350 g.', 'Water? 210 g.', 'Salt? 7 g.']);
    expect(parts('Mix it. Too dry? Add water.')).toEqual(['Mix it. Too dry? Add water.']);
  });
});
