import type { Spelling } from './rule.ts';

/** Words of every recipe, which a scan sometimes sets wide: "f lour", "wa ter". */
const WIDE_WORDS = new RegExp(
  `(?<![\\p{L}\\d])(?:${['flour', 'water', 'salt', 'yeast', 'butter', 'sugar', 'milk', 'dough', 'knead', 'minutes', 'seconds', 'pieces', 'divide', 'griddle'].map((w) => w.split('').join(' ?')).join('|')})(?![\\p{L}\\d])`,
  'giu',
);

/** What a scan takes for figures, and is none. */
export const SCANNED: readonly Spelling[] = [
  [
    /(?<![\p{L}\d])(\p{L}{2,})1(\p{L}+)(?![\p{L}\d])|(?<![\p{L}\d])(\p{L})1(\p{L}{2,})(?![\p{L}\d])/gu,
    (_, a = '', b = '', c = '', d = '') => `${a || c}l${b || d}`,
  ],
  [
    /(?<![\p{L}\d])[lI](?= (?:lbs?|teaspoons?|tablespoons?|oz|pint|kg|g|dl|l|ml|cup|tsp|tbsp|min|minutes?|hours?|egg|level|heaped|teasp|tablesp)\b)/gu,
    '1',
  ],
  [/(?<![\p{L}\d])[lI](?= (?:tea|table)-$)/gu, '1'],
  [/(?<![\p{L}\d])Ibs?\b/gu, 'lb'],
  [/\bfiour/gi, 'flour'],
  [WIDE_WORDS, (word = '') => word.replace(/ /g, '')],
  [/(?<![\p{L}\d.,])([1-9]\d?)O(?![\p{L}\d])/gu, '$10'],
  [/(?<=(?<![\p{L}\d])\p{Ll}{4,})1(?![\p{L}\d])/gu, 'l'],
  [/\bvv(?=\p{Ll})/gu, 'w'],
  // figures set wide
  [/(?<![\d.,])(\d{1,3}) \.(?=\d{1,3} ?(?:kg|g|l|ml)\b)/g, '$1.'],
  [/(?<![\d.,]|\d )\b(\d) (\d)(?: (\d))?(?= (?:k?g|ml)\b)/g, (_, a = '', b = '', c = '') => `${a}${b}${c}`],
  // the first of a numbered list, and the first end of a range
  [/^(\s*)[lI](?=[.)] +\p{Lu})/u, '$11'],
  [/(?<![\p{L}\d])(\d)O(?=\s*[-–]\s*\d)/gu, '$10'],
  [/(?<![\p{L}\d])[lI](?=[½¼¾]|\/[2348] )/gu, '1'],
  // "l.2 kg"
  [/(?<![\p{L}\d.,])[lI](?=[.,]\d ?(?:kg|g|l|ml|lb|oz|min|h|cm)(?!\p{L}))/gu, '1'],
  // "2.5OO kg"
  [
    /(?<![\p{L}\d.,])[lIOo\d]{1,3}[.,](?=[lIOo\d]*\d)[lIOo\d]{2,4}(?=\s*(?:kg|g|l|ml)(?![\p{L}]))/gu,
    (m = '') => m.replace(/[Oo]/g, '0').replace(/[lI]/g, '1'),
  ],
  [/(?<![\p{L}\d])[lI][O0]{2}(?= ?(?:%|(?:g|ml)(?!\p{L})))/gu, '100'],
  [/(?<=\b(?:portions?|makes|yields?|quantity|serves)[ :]+)[lI](?=\d\b)/giu, '1'],
  // "cut into l2"
  [/(?<=\b(?:into|in|to|for|of|about) )[lI](?=\d(?![\p{L}\d]))/gu, '1'],
  [/(?<=\btype )(\d{2})[Oo]\b/gi, '$10'],
  [/(?<![\p{L}\d])[lI][O0](?= ?(?:g|ml|oz|lb|min(?:ute)?s?|cm|%)(?![\p{L}]))/gu, '10'],
  [
    /(?<![\p{L}\d.,])(?=[lIOo]*\d)[lIOo\d]{2,5}(?=\s*(?:[x×] ?\d|(?:g|kg|ml|l|dl|lb|oz|min(?:ute)?s?|mi(?:nu?|nute?)?-|sec(?:ond)?s?|s|h|hours?|cm|mm|pieces|balls|%)(?![\p{L}])))/gu,
    (m = '') => m.replace(/[Oo]/g, '0').replace(/[lI]/g, '1'),
  ],
  // a figure that has a column for itself
  [
    /(?<=\S\s{2,})(?=[lIO]*\d)(?=\d*[lIO])[lIO\d]{2,5}(?=\s{2,}|\s*$)/gu,
    (m = '') => m.replace(/O/g, '0').replace(/[lI]/g, '1'),
  ],
  // "lnstant": no word begins so
  [/(?<!\p{L})l(?=n(?:s|t|d|g)\p{Ll})/gu, 'I'],
];
