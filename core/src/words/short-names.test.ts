import { describe, expect, it } from 'vitest';
import { shorterNames } from './short-names.ts';

describe('a name in less room', () => {
  it('gives way from the whole name to the first name to initials', () => {
    expect(shorterNames('Ottilie')).toEqual(['Ottilie', 'Ot']);
    expect(shorterNames('Marguerite van der Linde')).toEqual(['Marguerite van der Linde', 'Marguerite', 'Mvd']);
    expect(shorterNames('Al')).toEqual(['Al']);
    expect(shorterNames('  Bo   Ek ')).toEqual(['Bo Ek', 'Bo', 'BE']);
  });
  it('keeps a letter with its accent and a joined sign whole', () => {
    // E with a combining acute accent, then a family sign joined of three
    expect(shorterNames('E\u0301lodie')[1]).toBe('E\u0301l');
    expect(shorterNames('\u{1F468}\u200D\u{1F469}\u200D\u{1F467} Ek')[2]).toBe(
      '\u{1F468}\u200D\u{1F469}\u200D\u{1F467}E',
    );
  });
});
