import { describe, expect, it } from 'vitest';
import { cookingTold } from './cooking.ts';
import { durationsIn } from './durations.ts';

/** "60 first, 45 second lid": seconds and sides, `=` before what is not turned. */
function told(text: string): string | undefined {
  return cookingTold(text, durationsIn(text))
    ?.phases.map((p, i) =>
      [
        i > 0 && !p.isTurned ? '=' : '',
        p.sec,
        ` ${p.side}`,
        p.hasLid ? ' lid' : '',
        p.heat ? ` ${p.heat}` : '',
        p.with ? ` ${p.with}` : '',
      ].join(''),
    )
    .join(', ');
}

describe('cooking as it is told', () => {
  // what a cook does who follows the words literally; no published source
  const CASES: readonly (readonly [string, string])[] = [
    ['cook 1 minute a side', '60 first, 60 second'],
    ['cook each side for 90 seconds', '90 first, 90 second'],
    ['on both sides, 2 minutes', '120 first, 120 second'],
    ['cook for 1 minute, flip and cook 40 seconds', '60 first, 40 second'],
    ['60 s, turn, 45 s, back to the first side for 15 seconds', '60 first, 45 second, 15 first'],
    [
      'cook 1 minute, cover with a lid and cook 2 minutes more, flip, 1 minute',
      '60 first, =120 first lid, 60 second lid',
    ],
    ['cook 2 minutes under a lid, remove the lid, turn, 1 minute', '120 first lid, 60 second'],
    ['45 seconds, turn, 30 seconds, then 20 seconds under the grill', '45 first, 30 second, =20 second grill'],
    [
      '40 seconds, turn, 60 seconds, back to the first side over the flame for 15 seconds',
      '40 first, 60 second, 15 first flame',
    ],
    ['cook 1 minute a side and finish over an open flame', '60 first, 60 second, =15 second flame'],
    [
      '2 minutes, lower the heat, 3 minutes more, turn and cook another 2 minutes',
      '120 first, =180 first low, 120 second low',
    ],
    ['cook 4 minutes, turning every minute', '60 first, 60 second, 60 first, 60 second'],
    ['cook 6 minutes in all, turning once', '180 first, 180 second'],
    ['cook for 3 minutes without turning', '180 first'],
    ['cook 100 seconds', '60 first, 40 second'],
    ['cook 1 minute, then turn the heat down and give it 2 minutes', '60 first, =120 first low'],
  ];
  it.each(CASES)('%s', (text, wanted) => expect(told(text)).toBe(wanted));

  it('says what it guessed, once for each thing that is not told', () => {
    const whys = (text: string) => cookingTold(text, durationsIn(text))?.guesses.map((g) => g.why);
    expect(whys('cook 1 minute a side')).toEqual([]);
    expect(whys('cook 1 minute a side, finish on the flame')).toEqual([expect.stringContaining('on the flame')]);
    expect(whys('cook 4 minutes, turning often')).toEqual([expect.stringContaining('how often')]);
    expect(whys('cook 1 minute and flip')).toEqual([expect.stringContaining('six tenths')]);
  });

  it('uses each time once, and knows none where none is told', () => {
    const text = 'cook 1 minute a side, then 20 seconds on the first side';
    expect(cookingTold(text, durationsIn(text))?.used.map((t) => t.text)).toEqual(['1 minute', '20 seconds']);
    expect(cookingTold('cook until puffed', [])).toBeUndefined();
  });

  it('ends, however much is told', () => {
    const text = 'turn, 10 seconds, '.repeat(200);
    expect(cookingTold(text, durationsIn(text))?.phases).toHaveLength(8);
  });
});
