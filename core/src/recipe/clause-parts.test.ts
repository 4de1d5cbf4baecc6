import { describe, expect, it } from 'vitest';
import { clausesApart } from './clause-parts.ts';
import { Mapped } from './mapped.ts';

const partsOf = (text: string): readonly string[] => clausesApart(Mapped.of(text)).map((p) => p.text);

describe('a sentence with several stages', () => {
  it.each([
    [
      'a word that could be of what stands before',
      'Pinch off 8 pieces, smooth balls and roll each',
      ['Pinch off 8 pieces', 'smooth balls', 'roll each'],
    ],
    [
      'two times behind one verb',
      'Knead for 8 minutes and overnight in the fridge, 12 hours',
      ['Knead for 8 minutes', 'overnight in the fridge, 12 hours'],
    ],
    [
      'the time before the first turn',
      'Press to 15 cm, 1 minute, flip, 1 minute',
      ['Press to 15 cm', '1 minute, flip, 1 minute'],
    ],
    ['what is done once it is cooked', '1 minute a side and rub with ghee', ['1 minute a side', 'rub with ghee']],
    [
      'where it cooks',
      'Sesame on top, on the griddle, 1 minute a side',
      ['top with Sesame', 'on the griddle, 1 minute a side'],
    ],
  ])('is cut: %s', (_, text, parts) => {
    expect(partsOf(text)).toEqual(parts);
  });

  it.each([
    'Mix flour, salt, yeast, water, yogurt and oil for 4 minutes',
    'Stretch and fold the dough',
    'Cook for 1 minute and 30 seconds on each side',
    'Leave it at room temperature for at least 30 minutes, better an hour',
    'Pleat like a fan, roll the pleats into a coil and tuck the end under',
    'Turn, spread the topping, cover with the hood, 4 min',
    'Proof, covered, 20 min',
    'Knead until smooth, elastic and no longer sticky',
    'While it rests for half an hour, grate 240 g of halloumi and mix it with a handful of mint',
    'If it sticks, dust with flour, cover and rest 10 minutes',
  ])('stays whole where a part says only more of another: %s', (text) => {
    expect(partsOf(text)).toEqual([text]);
  });

  it('keeps the place of every word in its source', () => {
    const text = 'Pinch off eight pieces, smooth balls and roll each';
    const spans = clausesApart(Mapped.of(text)).map((p) => p.span());
    expect(spans.map(({ from, to }) => text.slice(from, to))).toEqual([
      'Pinch off eight pieces,',
      'smooth balls',
      'roll each',
    ]);
  });
});
