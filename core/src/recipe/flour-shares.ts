import { findFood } from '../foods/index.ts';
import type { Mapped } from './mapped.ts';
import { COLOUR, figure, flour } from './shares.ts';

/** Two flours by halves or by hundredths: "half white, half rye", "70 % white and 30 % rye". Four groups, or two. */
const TWO = String.raw`(?:half ([\p{L}\d ]{3,24}?),? (?:and )?(?:half )?([\p{L}\d ]{3,24}?)|(\d{1,2}) ?% ([\p{L} ]{3,16}?)(?:,| and|, and| \+|;) (\d{1,2}) ?% ([\p{L} ]{3,16}?))`;
const AMOUNT = String.raw`(\d+(?:[.,]\d+)?) ?(k?g|%)`;
const NAME = String.raw`((?:\p{L}+ )*flours?)`;
/** How a list opens that is told for so much flour. */
const FOR_SO_MUCH = String.raw`^(?:per|for|on|to) (?:(?:every|each|an?|one) )?`;

const IS_COLOUR = new RegExp(`^${COLOUR}$`, 'i');
/** Whether a word is a kind of flour, as "white" and "rye" are. */
export const isFlour = (kind: string): boolean =>
  kind === '' ||
  /^(?:T|type |tipo )\d{1,4}$/i.test(kind.trim()) ||
  IS_COLOUR.test(kind.trim()) ||
  findFood(kind)?.role === 'flour';

const decimal = (amount: string): number => Number(amount.replace(',', '.'));
const weighed = (of: number, unit: string, kind: string): string => `${figure(of)} ${unit} ${kind}`;

/** So much flour as its two kinds; the groups are those of TWO. */
function apart(amount: string, unit: string, told: readonly string[]): string | undefined {
  const [a = '', b = '', share = '', first = '', other = '', second = ''] = told;
  // "500 g flour, 60 % of it in water": what is shared is no flour
  if (![a, b, first, second].every(isFlour)) return undefined;
  const whole = decimal(amount);
  return a === ''
    ? `${weighed((whole * Number(share)) / 100, unit, flour(first))}, ${weighed((whole * Number(other)) / 100, unit, flour(second))}`
    : `${weighed(whole / 2, unit, flour(a))}, ${weighed(whole / 2, unit, flour(b))}`;
}
/** A kilo where no figure stands. */
const orKilo = (amount: string, unit: string): readonly [string, string] =>
  amount === '' ? ['1', 'kg'] : [amount, unit];

/** Flour of two kinds that a line tells as one amount, and flour that the rest of a line is for, as amounts of their own. */
const RULES: readonly (readonly [RegExp, (m: readonly string[]) => string | undefined])[] = [
  // "for every 100 of flour (half white, half rye) use 66 of water"
  [
    new RegExp(
      String.raw`^for (?:every|each) 100(?: parts)? (?:of )?${NAME}(?: \(${TWO}\))?,? (?:use|take|add|you need|there are|we use|i use)? ?((?:about )?\d+(?:[.,]\d+)? (?:parts )?of .+)$`,
      'iu',
    ),
    ([, name = '', ...told]) => {
      const isTwo = told.slice(0, 6).some((t) => t !== '');
      const rest = (told[6] ?? '').replace(/(\d) (?:parts )?of /g, '$1 % ');
      const flours = isTwo ? apart('100', '%', told) : `${name} 100 %`;
      return flours && `${flours}, ${rest}`;
    },
  ],
  // "per kilo of flour (70 % white, 30 % rye): 68 % water", "for each kilo of flour (half white, half rye): 700 g water"
  [
    new RegExp(String.raw`${FOR_SO_MUCH}(?:(\d+) ?(k?g)|kg|kilo) (?:of )?flours? \(${TWO}\)[:,]? `, 'iu'),
    ([, amount = '', unit = '', ...told]) => {
      const flours = apart(...orKilo(amount, unit), told);
      return flours && `${flours}, `;
    },
  ],
  // "per kilo of flour: 680 g water", "each kilo of flour takes 680 g water"
  [
    new RegExp(
      String.raw`^(?:(?:per|for|on|to) )?(?:(?:every|each|an?|one) )?(?:kg|kilo) (?:of )?${NAME}(?:[:,]| (?:takes?|needs?|use|add))? (?=[^.;]*\d ?(?:(?:g|ml)\b|%))`,
      'iu',
    ),
    ([, name = '']) => `1 kg ${name}, `,
  ],
  // "500 g flour (half white, half rye)"
  [
    new RegExp(String.raw`${AMOUNT} (?:of )?flours? ?[(:,] ?${TWO}(?:\)|(?=[,;.]|$))`, 'iu'),
    ([, amount = '', unit = '', ...told]) => apart(amount, unit, told),
  ],
  // "flour (80 % white and 20 % rye): 500 g"
  [
    new RegExp(String.raw`\bflours? \(${TWO}\)[,:]? ${AMOUNT}(?= *(?:[,;.)]|$))`, 'iu'),
    ([, ...told]) => apart(told[6] ?? '', told[7] ?? '', told),
  ],
  // "flour: 500 g (half white, half rye)"
  [
    new RegExp(String.raw`\bflours?:? ${AMOUNT},? \(${TWO}\)`, 'iu'),
    ([, amount = '', unit = '', ...told]) => apart(amount, unit, told),
  ],
  // "flour 1000 (half white, half semolina)": in grams, as all of its list
  [
    new RegExp(String.raw`^flours?:? (\d{3,4}),? \(${TWO}\)$`, 'iu'),
    ([, amount = '', ...told]) => apart(amount, 'g', told),
  ],
  // "500 g flour, of which 100 g rye"
  [
    new RegExp(
      String.raw`${AMOUNT} (?:of )?${NAME},? \(?of which ${AMOUNT} (?:is |are )?((?:\p{L}+ ?){1,2})\)?(?= *(?:[,;.]|$))`,
      'iu',
    ),
    ([, amount = '', unit = '', name = '', part = '', its = '', kind = '']) => {
      const left = decimal(amount) - decimal(part);
      return unit === its && left > 0
        ? `${weighed(left, unit, name)}, ${weighed(decimal(part), unit, flour(kind.trim()))}`
        : undefined;
    },
  ],
];

/** A line in which flour of two kinds stands as two. */
export const withFloursApart = (line: Mapped): Mapped =>
  RULES.reduce(
    (told, [pattern, as]) =>
      told.replace(pattern, (...m) => {
        const [all = '', ...groups] = m;
        return as([all, ...groups]) ?? all;
      }),
    line,
  );
