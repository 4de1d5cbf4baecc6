import { HANDS, PACKS, SPOONS, VESSELS } from './measures.ts';

export const NUMBERS: Readonly<Record<string, string>> = {
  one: '1',
  two: '2',
  three: '3',
  four: '4',
  five: '5',
  six: '6',
  seven: '7',
  eight: '8',
  nine: '9',
  ten: '10',
  eleven: '11',
  twelve: '12',
  thirteen: '13',
  sixteen: '16',
};
/** What the signs of fractions stand for. */
export const FRACTION_SIGNS: Readonly<Record<string, number>> = {
  '½': 0.5,
  '¼': 0.25,
  '¾': 0.75,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 0.125,
};
/** "one" alone is mostly somebody or something: it is a figure before a measure. */
export const NUMBER_WORD = new RegExp(
  `\\b(?<!\\b(?:each|every|this|that|the|the (?:dry|fresh|small|large|big|other|same|red|white|plain)|any|no|other|which|first|second|last) )(${Object.keys(NUMBERS).join('|')})\\b`,
  'gi',
);
const TENS: Readonly<Record<string, number>> = {
  fourteen: 14,
  fifteen: 15,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
  twenty: 20,
  thirty: 30,
  forty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};
export const SMALL = Object.keys(NUMBERS).join('|');
/** "four hundred", "two hundred and forty", "thirty-five", "a hundred". */
export const LARGE = new RegExp(
  `\\b(?:(an?|${SMALL}) hundred(?:(?: and)? (${Object.keys(TENS).join('|')}|${SMALL}))?(?:[ -](${SMALL}))?|(${Object.keys(TENS).join('|')})(?:[ -](${SMALL}))?)\\b`,
  'gi',
);
export function largeValue(...[, hundreds, more, ones, tens, tensOnes]: (string | undefined)[]): string {
  const of = (word: string | undefined): number => {
    const w = (word ?? '').toLowerCase();
    return w === '' ? 0 : w === 'a' || w === 'an' ? 1 : (TENS[w] ?? Number(NUMBERS[w] ?? 0));
  };
  return String(100 * of(hundreds) + of(more) + of(ones) + of(tens) + of(tensOnes));
}
export const MEASURE = `${VESSELS}|${SPOONS}|${HANDS}|${PACKS}|pounds?|ounces?|kilos?|kilograms?|lit(?:re|er)s?|millilit(?:re|er)s?|pints?|quarts?|hours?|minutes?`;

export function wordValue(word: string): string {
  const w = word.trim().toLowerCase();
  return w === '' || w === 'an' ? '1' : (NUMBERS[w] ?? w);
}
