import { findFood } from '../foods/index.ts';
import { SPOONS, VESSELS } from './measures.ts';

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
