import { FRACTION_SIGNS } from './number-words.ts';
import { inOrder, type Spelling } from './spelling/rule.ts';

/** What is short for a flour, water, salt, yeast or oil in a teacher's own notes: "600 fl, 390 w, 12 s". */
const SHORT: Readonly<Record<string, string>> = {
  fl: 'flour',
  f: 'flour',
  w: 'water',
  s: 'salt',
  y: 'yeast',
  o: 'oil',
};
const COUNT = '\\d+(?:\\.\\d+)?(?: ?[½¼¾⅓⅔])?|[½¼¾⅓⅔]|(?:\\d+ )?\\d\\/\\d';
const NEARLY = '((?:about|around|roughly|approx\\.?|nearly|almost) )?';
const CONTAINER = '(?:bottle|tin|can|carton|jar|packet|pack|tub|pot|block|bag|cube)s?';

/** What is told as a sum: "3/4 cup + 1 tbsp". */
const SUMMED = '(?:k?g|m?l|cups?|tbsp|tsp|(?:table|tea)spoons?|oz|lb|glass(?:es)?|mugs?)\\.?';
/** Measures that nobody has a figure for. */
const VAGUE = '(?:glug|splash|dash|drizzle|drop|dollop|swirl|slug|bit|lump|knob|handful|spoon|spoonful|little)s?';

const EGG_CUP_ML = 45;

/** "1 ½", "3/4", "1 1/2" as a figure. */
function figureOf(text: string): number {
  const sign = Array.from(text).find((c) => c in FRACTION_SIGNS);
  const [, whole = '0', over, under] =
    /^(\d+(?:\.\d+)?)?(?: ?(?<!\d)(\d)\/(\d))?/.exec(text.replace(/[½¼¾⅓⅔]/g, '').trim()) ?? [];
  const [, a, b] = /^(\d)\/(\d)$/.exec(text.trim()) ?? [];
  if (a !== undefined) return Number(a) / Number(b);
  return (
    Number(whole) +
    (over === undefined ? 0 : Number(over) / Number(under)) +
    (sign === undefined ? 0 : (FRACTION_SIGNS[sign] ?? 0))
  );
}

const RULES: readonly Spelling[] = [
  [
    /^(?:(?:i|we|you|she|he|they) (?:will )?(?:want|need|use|take|have|add)|take|use|add|plus|with|and|then|and then|roughly) (?:(?:about|around|roughly) )?(?=\d|[½¼¾])/i,
    '',
  ],
  [
    /\bhydration(?: of)?:? (?=\d+(?:\.\d+)? ?%)|(?<!\([^)]*|\b(?:levain|leaven|starter|sourdough|poolish|biga|preferment|sponge)\b[^.;\d]*\d{2,3} ?% )(?<=\d ?% )hydration\b/i,
    'water ',
  ],
  [/^(\p{L}[\p{L} ]+?)\s+[-–—]\s+(?=(?:about )?(?:\d|[½¼¾]))/u, (_, name = '') => `${name} `],
  [/ (?:minus|less) [\d ./½¼¾]+ ?(?:tbsp|tsp|(?:table|tea)spoons?|spoon(?:ful)?s?|splash(?:es)?|drops?|dash)\b/i, ''],
  // "spice mix 80 g": what ends with x is multiplied by nothing
  [/^(\p{L}[\p{L} '’]* mix)[:,]? (\d[\d.]* ?(?:k?g|m?l))$/iu, '$2 $1'],
  // "enough water (about ½ mug) to make it soft"
  [
    new RegExp(
      `^enough (\\p{L}+(?: \\p{L}+)?),? \\((?:about|around|ca\\.?|roughly) ((?:${COUNT}) (?:small |big )?(?:cup|mug|glass|bowl)(?:e?s|ful)?)\\)(?: (?:for|to) .*)?$`,
      'iu',
    ),
    '$2 $1',
  ],
  [/,? enough for \d{1,3}(?: people| breads| pieces)?$/i, ''],
  [/ approx\.?$|,? (?:maybe|perhaps|possibly|probably)(?: an? (?:tad|bit|little|touch|drop|splash))? more$/i, ''],
  [/^(\p{L}[\p{L} ]+?)\s+(?:about|approx\.?|ca\.?|roughly) (?=\d)/iu, (_, name = '') => `${name} `],
  // "15 g fresh yeast, or 7 g dried": the first is meant
  [
    /^((?:about )?[\d.½¼¾ ]+ ?(?:g|tsp|tbsp) (?:\p{L}+ )*yeast), or [\d.½¼¾ ]+ ?(?:g|tsp|tbsp)? ?(?:of )?(?:\p{L}+ ?){1,3}$/iu,
    (_, first = '') => first,
  ],
  [/^(\p{L}[\p{L} ]*?) (\d+(?:\.\d+)?) \((?:[^)\d]*|\d{2} °C)\)$/u, (_, name = '', n = '') => `${name} ${n}`],
  // "“mezzo chilo” of flour (half a kilo)": a measure in another tongue, and what it is
  [
    /^["“„'][^"”“']{2,24}["”“'] (?:of )?(\p{L}[\p{L} ]{2,24}) \((?:about |that is |i\.e\. |= ?)?(\d[^()]*)\)$/iu,
    (_, name = '', amount = '') => `${amount} ${name}`,
  ],
  // "olive oil – a good glug (30)": what nobody weighs, and what it weighs
  [
    new RegExp(
      `^(\\p{L}[\\p{L} ]*?)[:,]? (?:(?:an?|1) )?(?:\\w+ )?${VAGUE} \\((?:about |ca\\.? |~ ?)?(\\d{1,3})( ?(?:g|ml))?\\)$`,
      'iu',
    ),
    (_, name = '', n = '', unit = ' g') => `${n}${unit} ${name}`,
  ],
  [
    new RegExp(
      `^(?:an?|\\d) (?:\\w+ )?${VAGUE} (?:of )?(\\p{L}[\\p{L} ]*?) \\((?:about |ca\\.? |~ ?)?(\\d{1,3})( ?(?:g|ml))?\\)$`,
      'iu',
    ),
    (_, name = '', n = '', unit = ' g') => `${n}${unit} ${name}`,
  ],
  [/^(\d+(?:\.\d+)?) ?(fl|f|w|s|y|o)$/, (_, n = '', short = '') => `${n} g ${SHORT[short] ?? short}`],
  // "yeast: a piece like a walnut" is no nut
  [
    /^(\p{L}[\p{L} ]*?) ?[:,–-]? (?:(?:an?|the|1) )?(?:piece |lump |bit )?(?:like|(?:the )?size of|as big as) (?:an?|1) [\p{L} -]{3,16}\.?$/iu,
    '1 knob $1',
  ],
  // whose measure it goes by is none of what is measured: "a spoon of oil for each mug of flour"
  [
    / (?:for|per|to) (?:each|every) .*$| (?:to|per|for) (?:the|a|each|every|1) (?:kilo|kg)(?: of (?:the )?flour)?$| per (?:mug|cup|glass|bowl|person|head|pupil)$/i,
    '',
  ],
  // "water: 3/4 cup + 1 tbsp"
  [
    new RegExp(
      `^(\\p{L}[\\p{L} ]*?)(?::|,| -)? ((?:${COUNT}) ${SUMMED}) (?:\\+|plus|and) ((?:${COUNT}) ${SUMMED})$`,
      'iu',
    ),
    (_, name = '', a = '', b = '') =>
      `${a} + ${b} ${name}`.replace(/\./g, (dot, at: number, all: string) => (/\d/.test(all[at + 1] ?? '') ? dot : '')),
  ],
  // "water 2 mugs"
  [
    new RegExp(
      `^(\\p{L}[\\p{L} ]*?)[:,]? (${COUNT}) ((?:heaped|level|flat|big|small|good) )?(cup|mug|glass|bowl|jar|tin|ladle|measure|spoon|teaspoon|tablespoon|handful|pinch)(?:e?s|ful|fuls)?\\.?$`,
      'iu',
    ),
    (_, name = '', n = '', how = '', vessel = '') => `${n} ${how}${vessel} ${name}`,
  ],
  // "cups of flour: 4"
  [
    /^(?:\p{L}+ )?(cup|glass|mug|spoon|bowl|ladle)s?(?: \((?:small|tea)\))? of ([\p{L} ]+): (\d[\d ./½¼¾]*)$/iu,
    (all = '', vessel = '', name = '', n = '') => `${n} ${/small|tea/i.test(all) ? 'tea' : ''}${vessel} ${name}`,
  ],
  // "1 1/2 tubs of flour (that is about 450 g)"
  [
    /^[\d ./½¼¾]+ \w+ (?:of )?([^(]+) \((?:that is|that['’]s|i\.?e\.?|=) (?:about )?(\d+(?:\.\d+)?) (g|kg|ml|l)\)/i,
    (_, name = '', g = '', unit = '') => `${g} ${unit} ${name}`,
  ],
  // "yoghurt 1 big pot (500 g)"
  [
    new RegExp(
      `^(\\p{L}[\\p{L} ]*?)[:,]? (\\d+(?:\\.\\d+)?) (?:(?:small|large|big|little) )?${CONTAINER} \\((?:about )?(\\d+(?:\\.\\d+)?) ?(g|kg|ml|l)\\)$`,
      'iu',
    ),
    (_, name = '', n = '1', g = '', unit = '') => `${Number(n) * Number(g)} ${unit} ${name}`,
  ],
  [
    new RegExp(
      `^(\\d+(?:\\.\\d+)?)?\\s*(?:x\\s*)?(?:(?:small|large|big|little) )?${CONTAINER} \\((?:about )?(\\d+(?:\\.\\d+)?) (g|kg|ml|l)\\)(?: of)?`,
      'i',
    ),
    (_, n = '1', g = '', unit = '') => `${Number(n) * Number(g)} ${unit}`,
  ],
  [
    new RegExp(
      `^(\\d+(?:\\.\\d+)?)? ?(?:(?:small|large|big|little) )?${CONTAINER} (?:of )?([^(]+) \\((?:about )?(\\d+(?:\\.\\d+)?) (g|kg|ml|l)\\)`,
      'i',
    ),
    // packets of yeast are told by what is taken of them, or by what one holds
    (all = '', n = '1', name = '', g = '', unit = '') =>
      /yeast/i.test(name) && Number(n) !== 1 ? all : `${Number(n) * Number(g)} ${unit} ${name}`,
  ],
  [
    /^(\d+(?:\.\d+)?) (g|ml) (?:plus|and|\+) (\d+(?:\.\d+)?) \2\b/i,
    (_, a = '', unit = '', b = '') => `${Number(a) + Number(b)} ${unit}`,
  ],
  [
    new RegExp(`^${NEARLY}(${COUNT}) ((?:level|heaped|rounded|good|big|flat|small) )?spoon(?:ful)?s? (?:of )?`, 'i'),
    (_, nearly = '', n = '', ...[how = '']: string[]) => `${nearly}${n} ${how}tbsp `,
  ],
  // what stands in brackets says it; else an egg cup holds so much (common practice)
  [
    new RegExp(`^(?:${COUNT}) egg[- ]?cups? (?:of )?([^(]+?) \\((?:about )?(\\d+ ?(?:g|ml))\\)`, 'i'),
    (_, name = '', amount = '') => `${amount} ${name}`,
  ],
  [new RegExp(`^(${COUNT}) egg[- ]?cups? (?:of )?`, 'i'), (_, n = '') => `${EGG_CUP_ML * figureOf(n)} ml `],
  // a bowl, a tin, a jar hold two glasses (common practice)
  [
    new RegExp(`^${NEARLY}(${COUNT}) ((?:heaped|level|flat|big|small|good) )?(?:bowl|tin|jar)s? (?!\\()`, 'i'),
    (_, nearly = '', n = '', ...[how = '']: string[]) => `${nearly}${2 * figureOf(n)} ${how}glass `,
  ],
  [
    new RegExp(
      `^${NEARLY}(${COUNT}) ((?:heaped|level|flat|big|small|good) )?(?:mug|bowl|ladle|scoop|measure|jug|teacup|tin|jar|tub|beaker|pot)s? (?!\\()`,
      'i',
    ),
    (_, nearly = '', n = '', ...[how = '']: string[]) => `${nearly}${n} ${how}glass `,
  ],
];

/** A line in which sums, containers with what they hold, and a teacher's own short forms are plain amounts. */
export const plainAmounts = inOrder(RULES);
