import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Mapped } from './mapped.ts';
import { allIn } from './needs.ts';

const words = (text: Mapped, source: string): string => {
  const { from, to } = text.span();
  return source.slice(from, to);
};

describe('a text that remembers where it came from', () => {
  it('a shorter spelling stands for all that it was made of', () => {
    const source = 'twelve grams of salt';
    const spelled = Mapped.of(source)
      .replace(/twelve/, '12')
      .replace(/grams/, 'g');
    expect(spelled.text).toBe('12 g of salt');
    expect(words(spelled.slice(0, 4), source)).toBe('twelve grams');
    expect(words(Mapped.of('into eight').replace(/eight/, '8'), 'into eight')).toBe('into eight');
    expect(words(Mapped.of(source).replace(/ of salt$/, ''), source)).toBe('twelve grams');
  });

  it('pieces that were put together the other way round still lead to both', () => {
    const source = 'Water? 210 g';
    const whole = Mapped.of(source);
    const joined = Mapped.join([whole.slice(7), whole.slice(0, 5)]);
    expect([joined.text, words(joined, source)]).toEqual(['210 g Water', source]);
    expect(words(joined.slice(6), source)).toBe('Water');
  });

  it('what is spelled anew as a whole leaves each of its words where it stood', () => {
    const source =
      'take one kilo of flour and a good half of water (500 g). Rest it for twenty minutes, divide it in twelve.';
    const spelled = Mapped.of(source).replace(/^.*$/, (all = '') =>
      all.replace('one kilo', '1 kg').replace('twenty', '20').replace('twelve', '12'),
    );
    expect(words(spelled.slice(spelled.text.indexOf('Rest')), source)).toBe(source.slice(source.indexOf('Rest')));
    expect(words(spelled.slice(0, spelled.text.indexOf(' Rest')), source)).toBe(
      source.slice(0, source.indexOf(' Rest')),
    );
  });

  it('finds all that a pattern finds, where it finds nothing too, and signs of two places', () => {
    const text = fc.stringMatching(/^[ab1 –😀]{0,12}$/u);
    fc.assert(
      fc.property(text, fc.constantFrom(/1+/g, /\b/g, /a?/gu, /(?=1)/g, /[^a]/gu, /–/g), (source, pattern) => {
        const all = (found: Iterable<RegExpExecArray>) => [...found].map((m) => [m.index, ...m]);
        expect(all(allIn(source, pattern))).toEqual(all(source.matchAll(pattern)));
      }),
    );
  });

  it('whatever is replaced, what stays keeps its own place', () => {
    const text = fc.stringMatching(/^[ab12 ]{1,20}$/);
    fc.assert(
      fc.property(text, fc.stringMatching(/^[xy]{0,4}$/), (source, to) => {
        const spelled = Mapped.of(source).replace(/1+/g, to);
        for (const m of spelled.text.matchAll(/[ab2]/g)) {
          expect(words(spelled.slice(m.index, m.index + 1), source)).toBe(m[0]);
        }
      }),
    );
  });
});
