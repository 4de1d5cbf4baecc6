import { findFood } from '../foods/index.ts';
import { SPOONS, VESSELS } from './measures.ts';
import { FRACTION_SIGNS } from './number-words.ts';

const SHARE = `(?:\\d{1,2}(?:[./]\\d)?|[½¼¾]) (?!(?:k?g|m?l|min|h|${VESSELS}|${SPOONS})\\b)\\p{L}[\\p{L} -]{2,20}`;
/** A figure as a text would hold it: never with three decimals, which would be read as thousands. */
export const figure = (n: number): string => String(Number(n.toFixed(n < 1 ? 4 : 2)));

/** Shares of a whole, one behind the other: "by volume: 3 flour : 1 yogurt : 1/2 water". */
export const RATIO = new RegExp(`(?<![\\d.,/] ?)${SHARE}(?: ?: ?${SHARE})+`, 'gu');

export function inParts(ratio: string): string {
  const shares = ratio.split(/ ?: ?/);
  return shares.every((share) => findFood(share)) ? shares.map((s) => s.replace(' ', ' parts ')).join(', ') : ratio;
}

/** Grams of a part, where parts are told by weight; only their proportion counts. */
export const G_PER_PART = 100;
/** A colour, which beside percentages names a flour. */
export const COLOUR = '(?:white|brown|strong|dark|light|plain|wholemeal|whole wheat|wholewheat|rye|spelt)';
/** "White" is a flour by its colour; "wholemeal" is one by its name. */
export const flour = (kind: string): string =>
  /flour$/i.test(kind) || findFood(kind)?.role === 'flour' ? kind : `${kind} flour`;

/** "Most of the water" leaves a last sip (this program's own choice). */
const MOST = 0.9;
const SHARE_WORDS: Readonly<Record<string, number>> = {
  half: 1 / 2,
  third: 1 / 3,
  'two third': 2 / 3,
  quarter: 1 / 4,
  'three quarter': 3 / 4,
  fifth: 1 / 5,
  tenth: 1 / 10,
  most: MOST,
  'nearly all': MOST,
  'almost all': MOST,
};
/** Words and signs of a share: "a third", "two thirds", "3/4", "½", "most". */
export const SHARE_WORD = String.raw`(?:(?:an? |one |1 )?(?:half|third|quarter|fifth|tenth)|(?:two|2)[- ]thirds|(?:three|3)[- ]quarters|[1-3]\/[2-5]|[½⅓⅔¼¾]|most|nearly all|almost all)`;
/** Such words as a fraction; undefined where they are none. */
export function shareOf(words: string): number | undefined {
  const told = words.trim().toLowerCase();
  const [, a, b] = /^(\d)\/(\d)$/.exec(told) ?? [];
  if (a !== undefined) return Number(a) / Number(b);
  const name = told
    .replace(/^(?:an?|one|1) /, '')
    .replace(/^2\b/, 'two')
    .replace(/^3\b/, 'three')
    .replace('-', ' ')
    .replace(/(?<=third|quarter|fifth|tenth)s$/, '');
  return FRACTION_SIGNS[told] ?? SHARE_WORDS[name];
}
