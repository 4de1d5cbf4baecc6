import { findFood } from '../../foods/index.ts';
import { FRACTION_SIGNS, wordValue } from '../number-words.ts';
import { VESSELS } from '../measures.ts';
import type { Spelling } from './rule.ts';

/** "three hundred and fifty". */
const gramsInWords = (words: string): number =>
  /^\d/.test(words)
    ? Number(words)
    : 100 * Number(wordValue(/^\p{L}+/u.exec(words)?.[0] ?? '')) + (/fifty$/i.test(words) ? 50 : 0);
const FRACTIONS = Object.keys(FRACTION_SIGNS).join('');

/** Amounts of an entry of a list: about so much, from so much to so much, a piece or a tin of so much, one vessel that holds so much. */
export const ENTRIES: readonly Spelling[] = [
  [new RegExp(`^(?:[~≈]|c(?:a|irca)?\\.?) ?(?=[\\d${FRACTIONS}])`, 'i'), 'about '],
  [
    /^(?:an? (?:good|generous|full|bare|scant)|(?:just|a (?:little|bit)) (?:over|under)) (?=\d+ ?(?:k?g|m?l|cl|dl)\b)/i,
    '',
  ],
  [/(?<=^|[,;] )(\p{L}+),? (?:on )?(?:the|a) (?:tip|point) of a knife(?=[,;.]|$)/giu, '1 pinch $1'],
  [/\ba knife(?:['’]s)?[- ]?(?:tip|point) of (?=\p{L})/giu, '1 pinch of '],
  [/^(\p{L}{3,})[:,]? (tsp|tbsp|teaspoon|tablespoon)\.?$/iu, '1 $2 $1'],
  // "water as much as it takes – 600 g about"
  [
    / as much as (?:it|you) (?:takes?|needs?)(?: ?[,:–-])? (?:about )?(\d+ ?(?:k?g|m?l))\w*(?: about)?(?=[.;,]|$)/giu,
    ' $1',
  ],
  [/(?<=^\p{L}[\p{L} ]{1,20}),? ~ ?(?=\d)/iu, ' '],
  [/(?<=\d ?(?:k?g|m?l)) (?:approx\.?|ca\.?|or so|more or less)$/i, ''],
  // "to a bowl add 500 g flour": the bowl measures nothing
  [/^(to|in|into) (?:an?|1) ((?:\p{L}+ ){0,2}bowl,? (?:add|put|tip|pour)(?: in)? (?=\d))/iu, '$1 the $2'],
  // "eggs (2)"
  [
    /^(\p{L}[\p{L} -]{2,24}) \((\d{1,2})\)\.?$/u,
    (all = '', name = '', n = '') => (findFood(name)?.unitG === undefined ? all : `${n} ${name}`),
  ],
  // "spoonful of oil": one
  [
    /^((?:(?:level|heaped|good|big|small) )?(?:cup|mug|glass|(?:tea|table)?spoon(?:ful)?|handful|knob) of) (?=\p{L})/iu,
    '1 $1 ',
  ],
  // "2 kg flour 1.3 l water 40 salt 4 dried yeast": a row in which the writer soon leaves out the grams
  [
    /^\d[\d.,]* ?(?:k?g|m?l) \p{L}[\p{L} ]*?(?: \d[\d.,]*(?: ?(?:k?g|m?l))? \p{L}[\p{L} ]*?){2,}(?=[,;.]|$)/u,
    (all = '') => {
      const items = all
        .split(/ (?=\d[\d.,]*(?: ?(?:k?g|m?l)\b)? ?\p{L})/u)
        .map((i) => i.replace(/^(\d[\d.,]*) (?!(?:k?g|m?l)\b)/, '$1 g '));
      return items.every((i) => findFood(i)) ? items.join(', ') : all;
    },
  ],
  [/(?<=\d) ?… ?(?=\d)/g, '-'],
  [/^from (\d+) to (?=\d+ ?(?:k?g|m?l)\b)/i, '$1-'],
  // "350/400 ml" is no fraction
  [
    /^(\d{2,4}) ?\/ ?(\d{2,4})(?= ?(?:k?g|ml)\b)/i,
    (all = '', least = '', most = '') => (Number(least) < Number(most) ? `${least}-${most}` : all),
  ],
  [/^([^.;]*\d ?(?:k?g|m?l|kilos?|grams?|pounds?|lb|oz)) (?:in all|in total|all told|altogether)(?=\.?$)/i, '$1'],
  [
    /\ban? (\d+(?:\.\d+)? ?g)(?:rams?)? (?:piece|lump|bit|block|cube|tin|can|jar|pot|tub|carton|packet) (?:of )?(?=\p{L})/giu,
    '$1 ',
  ],
  [/(?:,? of|,? at) (\d{2}) degrees(?: ?c(?:elsius)?)?(?!\p{L})/giu, ' ($1 °C)'],
  [/\((\d{2}) ?°? ?C\)/g, '($1 °C)'],
  [/(?<=\b(?:water|milk)) at (\d{2} °C)(?=[,.;/]|$)/g, ' ($1)'],
  [/(?<=\b(?:water|milk),?) (\d{2}) ?C(?=[,.;/]|$)/g, ' ($1 °C)'],
  [/(?<=\d ?(?:k?g|m?l)),? (?:i\.e\.|=) (\d+(?:\.\d+)? ?%)(?=\.?$)/gi, ' ($1)'],
  // "a lump of old dough the size of two fists (500 g)"
  [
    /^(?:an?|1) (?:piece|lump|knob|bit) of (\p{L}[\p{L} ]+?),? (?:the )?size of [\p{L} ]{3,20} \((?:about )?(\d+ ?g)\)/giu,
    '$2 $1',
  ],
  // "a piece of lard the size of an egg" holds no egg
  [
    /^(?:an?|1) (?:piece|lump|knob|bit) of (\p{L}[\p{L} ]+?),? (?:(?:the )?size of|as (?:big|large) as|like) (?:an?|1) (?:hen['’]s )?egg(?=[,;.]|$)/giu,
    '3 knobs $1',
  ],
  [
    /^(?:an?|1) (?:piece|lump|knob|bit) of (\p{L}[\p{L} ]+?),? (?:(?:the )?size of|as (?:big|large) as|like) (?:an?|1) (?:walnut|nut|hazelnut)(?=[,;.]|$)/giu,
    '1 knob $1',
  ],
  [/(?<=\d (?:mug|cup|glass|tin|bowl|jar)s?) \(ish\)/gi, ''],
  // "one kilo three hundred of water"
  [
    /^(\d+|one|two|three) (?:kg|kilos?) (?:and )?((?:one|two|three|four|five|six|seven|eight|nine) hundred(?: and fifty)?|\d{3})(?: g(?:rams?)?)?(?= of \p{L})/iu,
    (_, kilos = '', grams = '') => `${1000 * Number(wordValue(kilos)) + gramsInWords(grams)} g`,
  ],
  // "1 cup plus 2 tablespoons (270 ml) warm water"
  [
    new RegExp(
      `^[\\d ./${FRACTIONS}]+ ?cups? (?:plus|and|\\+) [\\d./${FRACTIONS}]+ ?(?:tbsp|tablespoons?|tsp|teaspoons?) \\((?:about )?(\\d+(?:\\.\\d+)? ?(?:ml|g))\\)`,
      'iu',
    ),
    '$1',
  ],
  // "1 cup = 240 ml of water", "1 glass yoghurt, 240 ml"
  [
    new RegExp(
      `^((?:[\\d./]+(?: ?[${FRACTIONS}])?|[${FRACTIONS}]|one|an?) (?:${VESSELS}|fl oz)) ?(?:=|\\/|,? i\\.e\\.)(?: ?about)? ?(\\d+(?:\\.\\d+)? ?ml)\\b`,
      'iu',
    ),
    '$1 ($2)',
  ],
  [
    new RegExp(
      `^((?:[\\d./]+|one|an?) (?:${VESSELS}) (?:of )?\\p{L}[\\p{L} ]{2,24}?)(?:,| \\/| =) (\\d+(?:\\.\\d+)? ?ml)(?=\\.?$)`,
      'iu',
    ),
    '$1 ($2)',
  ],
];
