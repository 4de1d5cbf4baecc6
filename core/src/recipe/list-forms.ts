import { findFood } from '../foods/index.ts';
import { MOST_PIECES } from './amounts.ts';
import { withFloursApart } from './flour-shares.ts';
import { withOwnAmounts } from './list-relations.ts';
import { Mapped } from './mapped.ts';
import { HANDS, PACKS, SPOONS, VESSELS } from './measures.ts';
import { LIST_WORDS } from './openings.ts';
import { COLOUR, flour, G_PER_PART, inParts, RATIO } from './shares.ts';
import { inOrder, type Spelling } from './spelling/rule.ts';

const TO_SO_MUCH =
  /(?:^|(?<=\. )|(?<=\.[–—-]+ ?))(?:[–—-] ?)?(?:To|With|(?<=^)(?:to|with)) (?=[^,;.]{5,60}?(?:flour|meal),? (?:take|add|use|put|allow|goe?s?) (?:\p{Ll}|\d))/u;
/** "To 500 g of flour take 330 of water", "500 g flour takes 300 g water": a list that opens with what the rest is for. */
const flourFirst = (line: Mapped): Mapped =>
  TO_SO_MUCH.test(line.text)
    ? line.replace(TO_SO_MUCH, '').replace(/(?<=flour|meal),? (?:take|add|use|put|allow|goe?s?) (?=\p{Ll}|\d)/u, ', ')
    : line
        .replace(/(?<=^(?:\p{L}+|\d+) [^,;.]{3,30}flour) (?:needs?|wants?|gets?|takes?) (?=\p{Ll}|\d)/u, ', ')
        .replace(/(?<=^\d+ ?k?g (?:of )?flour) (?:needs?|wants?|gets?|takes?) (?=\d)/u, ', ')
        // "300 g water for 500 g flour"
        .replace(
          /(?= (?:for|per|on|to) \d)(?<=^(?:\d[\d.,]* ?(?:g|kg|ml) (?:of )?\p{L}[\p{L} ]{2,20}|\p{L}[\p{L} ]{2,20} \d[\d.,]* ?(?:g|kg|ml))) (?:for|per|on|to) (?=\d[\d.,]* ?k?g (?:of )?(?:\p{L}+ ){0,2}flour)/iu,
          ', ',
        );

/** "water 2": a share without a measure. */
const BARE_SHARE = /\b(\p{L}+(?: \p{L}+)?) (\d+(?:\/\d)?(?: ?[½¼¾⅓⅔])?|[½¼¾⅓⅔])(?= *(?:[,;]|\.(?!\d)|$))/gu;

/** How many, in figures or words. */
const COUNT =
  '(?:\\d+(?:[.,]\\d+)?(?: ?[½¼¾⅓⅔]| \\d\\/\\d)?|[½¼¾⅓⅔]|\\d\\/\\d|an?|one|two|three|four|five|six|half an?|a (?:half|quarter|third) of an?)';
const VESSEL = `(?:${VESSELS}|${SPOONS}|${HANDS}|${PACKS})`;

/** "100:60:2 flour, water, salt": as many names as figures. */
function namesInOrder(all: string, figures: string, names: string): string {
  const n = figures.split(/ ?: ?/);
  const of = names.split(/,? and |, ?/).filter((w) => w !== '');
  return n.length === of.length && Number(n[0]) === 100
    ? of.map((name, i) => `${name} ${n[i] ?? ''} %`).join(', ')
    : all;
}

/** "You will need plain flour (500 g), water (300 g)": words before a list whose names stand first, and nothing behind it. */
const NAMES_FIRST = String.raw`(?:0{1,2} )?\p{L}[\p{L} ]{2,30}(?:[:,=]| [–=-])? ?\(?\d(?:[^.]|\.(?=\d))*[,;+·/](?:[^.]|\.(?=\d))*\d ?(?:k?g|m?l|%|oz|lb|cups?|tsp|tbsp)\)?`;
const PERCENT_FIRST = String.raw`\d[\d.]* ?% (?:0{1,2} )?\p{L}(?:[^.]|\.(?=\d))*[,;](?:[^.]|\.(?=\d))*\d ?% [\p{L}\d ]+(?:\([^)]*\))?`;
const OPENED = new RegExp(String.raw`^${LIST_WORDS} (?=(?:${NAMES_FIRST}|${PERCENT_FIRST})(?:\.(?!\d)|$))`, 'iu');

const halfOf = (n: string): number => Number(n.replace(',', '.')) / 2;

/** The sign before an entry of a list. */
const BULLET = /^\s*(?:[*•·▪▢☐‣◦-]\s+)?(?:[*•·▪▢☐‣◦-]|\[[ xX]?\])\s+/u;
/** A list that is told in another way, in the words of a plain one: each amount with its name. */
export function plainList(line: Mapped): Mapped {
  const [bullet = ''] = BULLET.exec(line.text) ?? [];
  const plain = inPlainWords(withCommas(line.slice(bullet.length)));
  return bullet === '' ? plain : Mapped.join([line.slice(0, bullet.length), plain], '');
}

/** "flour 100 : water 85 : salt 1.5": shares between colons. */
const COLONS = /\p{L} \d+(?:[.,]\d+)? : \p{L}[\p{L} ]* \d+(?:[.,]\d+)?(?: : |(?=[.;,]|$))/u;
const withCommas = (line: Mapped): Mapped =>
  COLONS.test(line.text) ? line.replace(/(?<=\p{L} \d[\d.,]*) : (?=\p{L})/gu, ', ') : line;

const RULES: readonly Spelling[] = [
  // "flour – 500 g / 300 g water": a dash before an amount parts no entries
  [
    new RegExp(
      String.raw`(?<=(?:^|[,;/·+&] |\b(?:and|plus) )\p{L}[\p{L} ]{1,30}) [–-] (?=${COUNT} ?(?:k?g|m?l|%|${VESSEL}) *(?:[;/·+&]|,(?!\d)|(?:and|plus)\b))`,
      'gu',
    ),
    ' ',
  ],
  [/(?<=\d.*), plus (?:an?|1) (?:splash|little|bit|drop|touch)(?: more| extra)?(?=\.?$)/iu, ''],
  // "percentages: strong flour 90, wholemeal 10, water 68"
  [
    /(?<=^[^:.\d]{0,60}\b(?:percentages?|in (?:%|per ?cent))(?: (?:on|of) (?:the )?flour)?:) (?!\d)((?:[^.;\d]+ \d{0,3}\.?\d+(?:,|$|(?=\.(?!\d)))){3,})/giu,
    (_, list = '') => ` ${list.replace(/\d(?=,|$)/g, '$& %')}`,
  ],
  // "Flour (atta) 100. Water 68-70. Salt 1.5. Oil 3.": shares with a point behind each
  [
    /(?<=^|[.:] )((?:\p{L}+ )?flours?(?: \([\p{L} ]+\))?) 100\. ((?:\p{Lu}\p{L}[\p{L} ()]{1,24} \d[\d.]*(?:[-–]\d[\d.]*)?(?:\. ?|$)){2,})/giu,
    (_, flours = '', rest = '') =>
      `${flours} 100 %, ${rest
        .trim()
        .replace(/(\d)\. ?(?=\p{Lu}|$)/gu, '$1 %, ')
        .replace(/(?<=\d)$/, ' %')
        .replace(/, $/, '')}. `,
  ],
  // "400 strong + 200 semolina": flours by their colour, and figures of grams
  [
    new RegExp(`^(\\d{2,4}) (${COLOUR}) (?:\\+|and) (?=\\d{2,4} \\p{L})`, 'iu'),
    (_, n = '', kind = '') => `${n} g ${flour(kind)} + `,
  ],
  [/(?<=\d ?(?:k?g|m?l) \p{L}+); (?:very |quite )?(?:soft|stiff|firm|sticky|wet|tacky)[!.]*$/giu, ''],
  [/(?<=[,;+] )[~≈] ?(?=\d)/g, ''],
  // "oil 20 g + oil for frying"
  [
    /(?<=\d ?(?:k?g|m?l)) ?\+ (?=\p{L}+(?: \p{L}+)? (?:for|to) (?:the )?(?:fry|brush|pan|griddle|serv|finish|dust|roll|glaz)\p{L}*)/giu,
    ', ',
  ],
  // "levain, 100 % hydration: 150 g": how wet it is says nothing of how much
  [
    /^((?:\p{L}+ ){0,2}(?:levain|leaven|starter|sourdough|poolish|biga|preferment|sponge)),? (?:at )?(\d{2,3} ?% hydration)(?=[ :,])/giu,
    '$1 ($2)',
  ],
  // "…, flour is strong white": what the shares are of
  [
    new RegExp(`(?<=\\d ?%, )(?:the )?flour is ((?:strong |plain |fine )?${COLOUR})(?= *(?:[.;]|$))`, 'giu'),
    '$1 flour 100 %',
  ],
  // "all on flour: water 78 %, …": of what they are shares is none of them
  [
    /(?:^|(?<=\. ))(?:all|everything|(?:all )?(?:figures|percentages)) (?:is |are )?(?:on|of|by) (?:the )?(?:total )?flour(?: weight)?: (?=\p{L})/iu,
    '',
  ],
  // "100 ml oil mixed with 50 g butter, for shaping": both are
  [
    /^(\d[^,;]*?) (?:mixed|blended|combined) with (\d[^,;]*?)(, for [\p{L} ]+)?$/iu,
    (_, a = '', b = '', purpose = '') => `${a}${purpose}; ${b}${purpose}`,
  ],
  [/^[("“]((?:[^()"“”]*,){2,}[^()"“”]*)[)"”]\.?(?= |$)/u, '$1.'],
  [
    new RegExp(
      String.raw`(?<!\b(?:cups?|mugs?|glass(?:es)?|oz) ?)(?<=\p{L}|\btype \d{1,4}) ?= ?(?=${COUNT} ?(?:k?g|m?l|%|${VESSEL})(?!\p{L}))`,
      'gu',
    ),
    ' ',
  ],
  // a column that says how it is: "FLOUR   BREAD   500"
  [/^(\p{L}+)\s{2,}(\p{L}[\p{L} ]{2,20}?|\d{1,2} ?°? ?C)\s{2,}(?=\d)/u, '$1, $2  '],
  [/(?=,\d)(?<=\d ?(?:k?g|m?l|oz) [\p{L} ]{2,30}),/gu, ', '],
  // a thousand with a point, or with room
  [
    /(?<![\d,/] ?|\d\. ?|\b(?:T|[Tt]yp[eo]?|[Tt]ipo)\.? ?)([1-9]\d{0,2})[. ](\d{3})(?= ?(?:g|ml|grams?)\b(?! (?:bags?|packs?|packets?|tins?|tubs?)\b))/g,
    '$1$2',
  ],
  [
    /^((?:\d+(?:\.\d+)?)(?: ?: ?\d+(?:\.\d+)?)+)[ ,:]+(\p{L}[\p{L} ]+(?:(?:,| and|, and) \p{L}[\p{L} ]+)+)(?=[.;]|$)/iu,
    (all = '', figures = '', names = '') => namesInOrder(all, figures, names),
  ],
  // "to every 4 oz of oatmeal allow a pinch of salt, …"
  [
    /^(?:to|for|with) (?:every|each) (?=\d)((?:[^,;.]|\.(?=[ \d]))+?),? (?:allow|take|use|add) (?=\p{L}|\d)/iu,
    (_, first = '') => `${first}, `,
  ],
  // "oats, soaked for 10 minutes in 300 g of milk": both
  [/, soaked (?:(?:for|over) [^,.;]{3,24}? )?in (?=\d|\p{L}+ (?:hundred|grams))/giu, ', '],
  [/,? (?:all )?measured (?:with|in|by|using) (?:an?|the|any|your) [\p{L} -]{3,16}(?= *(?:[.;,]|$))/giu, ''],
  // "for every three cups a teaspoon of salt": behind what it is so much of
  [
    new RegExp(
      `(?<=[,;] ?)for (?:every|each) ((?:${COUNT} )?(?:${VESSELS}))(?: of (?:the )?flour)?,? (${COUNT} ${VESSEL} (?:of )?\\p{L}[\\p{L} ]*?)(?= *(?:[,;.]|$))`,
      'giu',
    ),
    (_, measure = '', item = '') => `${item} per ${measure}`,
  ],
  // "naan at 60 % hydration (water 40 %, yoghurt 20 %)": of what the wetness is
  [
    /^(\D{3,40}?)(?: at|,|:)? \d[\d.]* ?% (?:hydration|liquids?|water)(?: in all)? \(((?:[\p{L} ]+ \d[\d.]* ?%(?:,| and| \+)? ?){2,})\)/iu,
    (_, name = '', list = '') => `${name}: ${list}`,
  ],
  [
    /(?<=[,;] )\d[\d.]* ?% (?:hydration|liquids?)(?: in all)? \(((?:[\p{L} ]+ \d[\d.]* ?%(?:,| and| \+)? ?){2,})\)/giu,
    '$1',
  ],
  // "60 % hydration": of water; a starter has its own
  [/(?<!\([^)]*)(\d ?%) hydration(?: dough)?\b/gi, '$1 water'],
  [/(?<!\([^)]*)\bhydration:? (?:of )?(?=\d+(?:[.,]\d+)? ?%)/gi, 'water '],
  [/(?<=\d ?% (?:\p{L}+ ){0,2}\p{L}+) with (?=\d)/giu, ', '],
  [
    new RegExp(
      `(?<=(?:^|[,;.] ?))(?:all (?:of it )?|(?<=%.*)on )((?:(?:${COLOUR}|bread) )*flour)\\b(?= *[.,;]|$)`,
      'gi',
    ),
    '$1 100 %',
  ],
  [
    /^(?=.*(?:\d ?% water|water \d+(?:[.,]\d+)? ?%|hydration))(|.*?[,;] )((?:plain|strong|white|bread|wholemeal|rye|spelt) flour)(?= *(?:[.;]|$))/i,
    '$1$2 100 %',
  ],
  // "two flours, 70 % white and 30 % rye"
  [/^(?:two|three|2|3) flours[,:] /i, ''],
  [new RegExp(`(\\d ?%) (${COLOUR})(?= *(?:[,;.)]|and\\b|$))`, 'gi'), (_, n = '', kind = '') => `${n} ${flour(kind)}`],
  // "salt: 1 level teaspoon", "flour – 6 glasses"
  [
    new RegExp(
      `^(\\p{L}[\\p{L} -]*?) ?[:–—-] ?(${COUNT}) ((?:heaped|level|flat|big|small|scant|rounded|good) )?(${VESSEL})(?: and a (?:bit|little|splash))?(?:, ([^\\d,]*)|( \\([^)]*\\)| (?:for|per|to) (?:each|every|the) .*))?\\.?$`,
      'iu',
    ),
    (_, name = '', n = '', how = '', vessel = '', more = '', per = '') =>
      `${n} ${how}${vessel} ${name}${more === '' ? '' : ` (${more})`}${per}`,
  ],
  // "flour 6, water 2, oil 1/2", by volume
  [
    /^(?=.*(?:\bby volume\b|\(any (?:mug|cup|glass|bowl|jar)\))).*$/i,
    (all = '') => ((all.match(BARE_SHARE) ?? []).length > 1 ? all.replace(BARE_SHARE, '$2 parts $1') : all),
  ],
  // "parts by cup: flour 4, water 1½, honey 1 tbsp"
  [
    /^(?:(?:parts?|measures?|all|amounts?) )?(?:by|in) (?:the )?(cup|mug|glass|bowl|jar)(?:e?s)?: (.*)$/i,
    (all = '', vessel = '', list = '') =>
      (list.match(BARE_SHARE) ?? []).length > 1 ? list.replace(BARE_SHARE, `$2 ${vessel} $1`) : all,
  ],
  // somebody who speaks puts it right
  [/^[^.:]*\.{2,3} no[:,] (?=\p{L}|\d)/iu, ''],
  // parts by weight
  [
    /^(?=.*\bby weight\b(?! of (?:the )?flour)).*$/i,
    (all = '') =>
      all
        .replace(/(\d+(?:\.\d+)?) parts?\b(?: of)?/gi, (_, n: string) => `${Number(n) * G_PER_PART} g`)
        .replace(/,? (?:all )?by weight\b/i, ''),
  ],
  [/(?<=\d ?%) of (?:the )?flour(?: weight)?\b/gi, ''],
  // "flour, water and salt: 600 g of the first, 360 g of the second and 12 g of the third"
  [
    /^(?:you (?:only )?need (?:only )?)?(\p{L}+), (\p{L}+),? and (\p{L}+): (\d[^,]*?) of the first, (\d[^,]*?) of the second,? and (\d[^.]*?) of the third/iu,
    (_, a = '', b = '', c = '', first = '', second = '', third = '') => `${first} ${a}, ${second} ${b}, ${third} ${c}`,
  ],
  // "as much flour as it takes, about five glasses"
  [
    /\bas much ([\p{L} ]{3,20}?) as [\p{L} ]{3,20}, (?:about|around) (\p{L}+|\d+(?:[.,]\d+)?) (\p{L}+)/iu,
    (_, name = '', n = '', unit = '') => `${n} ${unit} of ${name}`,
  ],
  [RATIO, inParts],
  [/\bto (?:each|every) (mug|cup|glass|bowl|measure|part) of flour,? (?=an? |\d|half|one|two)/iu, '1 $1 of flour, '],
  [/\bas much ([\p{L} ]{3,20}?) \((?:about )?([\p{L}\d½¼¾./ ]{3,16})\)(?: as [^.,;]*)?/iu, '$2 of $1'],
  // "equal weights of flour and yoghurt", "as much yoghurt as flour, 300 g of each"
  [
    /\bequal (?:weights|amounts|quantities) of ([\p{L} ]{3,20}?) and ([\p{L} ]{3,20}?)(?=[,.;]|$)/iu,
    (_, a = '', b = '') => `100 % ${a}, 100 % ${b}`,
  ],
  [
    /\bas much ([\p{L} ]{3,20}?) as ([\p{L} ]*?flour)(?: by weight)?,? (\d[\d.,]* ?k?g) (?:of )?each\b/iu,
    (_, a = '', b = '', amount = '') => `${amount} ${b}, ${amount} ${a}`,
  ],
  // "equal measures of plain flour and yoghurt by weight, or two cups of flour to one of yoghurt": what is counted says it
  [
    /\bequal (?:measures|parts|amounts|weights) of ((?:\p{L}+ )*?(\p{L}+)) and ((?:\p{L}+ )*?(\p{L}+))(?: by weight)?, or (\p{L}+|\d) (\p{L}+) of \2 to (\p{L}+|\d) of \4/iu,
    (_, a = '', ...[, b = '', , n = '', vessel = '', m = '']: string[]) =>
      `${n} ${vessel} of ${a}, ${m} ${vessel} of ${b}`,
  ],
  [
    /(\p{L}+|\d) ((?:cup|glass|mug|bowl|part)(?:e?s)?) of ([\p{L} ]{3,20}) to (one|two|three|half|\d) of (?=\p{L})/giu,
    (_, n = '', vessel = '', name = '', m = '') => `${n} ${vessel} ${name}, ${m} ${vessel} `,
  ],
  // a flour that is called by its type alone
  [/^T ?(45|55|65|80|110|130|150)(?= +(?!flour))/, (_, type = '') => `flour T${type}`],
  // "250 g each plain and wholemeal flour": of both kinds
  [
    /(\d+(?:[.,]\d+)? ?(?:k?g|cups?)) each (?:of )?([\p{L} ]{3,20}) and ([\p{L} ]{3,20}) (flour|milk|oil)\b/giu,
    (_, amount = '', a = '', b = '', what = '') =>
      `${amount} ${a}${a.endsWith(what) ? '' : ` ${what}`} and ${amount} ${b} ${what}`,
  ],
  // "rye 1150 - 400 g": a type, and no range
  [
    /^(rye|wheat|spelt|wholewheat|wholemeal|flour|rye flour|wheat flour|spelt flour) (?:type )?(405|480|500|550|610|630|700|812|815|960|997|1050|1150|1370|1600|1700|1740|1800) ?[-–—:] ?(?=(?:about )?\d[\d.,]* ?k?g(?!\p{L}))/iu,
    (_, name = '', type = '') => `${/flour$/i.test(name) ? name : `${name} flour`} type ${type}: `,
  ],
  // "60 g sugar? no: 20"
  [
    /\b\d+(?:[.,]\d+)? ?(g|ml|tsp|tbsp) (?:of )?(\p{L}[\p{L} ]{2,20})\?+ ?(?:no|rather|better|make (?:it|that))[:,.]? (\d+(?:[.,]\d+)?)(?: ?(?:g|ml|tsp|tbsp))?(?= *(?:[,;.]|$))/giu,
    '$3 $1 $2',
  ],
  // "1.5 kg flour, 60 %, 2 % salt": how wet it is needs no name
  [
    /(?<=\bflour(?: \p{L}*\d+)?), (?:at )?((?:4[5-9]|[5-9]\d|10\d|110)(?:[.,]\d+)? ?%)(?=, \d[\d.,]* ?% )/giu,
    ', $1 water',
  ],
  // "masa harina : water = 1 : 1.3"
  [
    /^(\p{L}[\p{L} ]{2,24}?) ?: ?(\p{L}[\p{L} ]{2,24}?) ?= ?(\d+(?:[.,]\d+)?) ?: ?(\d+(?:[.,]\d+)?)\.?$/iu,
    (_, a = '', b = '', n = '', m = '') => `${n} parts ${a}, ${m} parts ${b}`,
  ],
  // "…, a pinch of salt for every jar; we take six jars of flour for the class": how often it is taken
  [
    /; (?:and )?((?:we|i) (?:take|use|need) (?:\d+|\p{L}+) \p{L}+ of flour for (?:the|a|my) (?:\p{L}+ )?(?:class|group|batch|course)\b)/giu,
    (_, told = '') => `. ${told.charAt(0).toUpperCase()}${told.slice(1)}`,
  ],
  // "1 cube of yeast (42 g)? I only use half"
  [
    /^(?:an?|\d+) (?:\p{L}+ )?(?:of )?(\p{L}{3,16}) \((?:about )?(\d+(?:[.,]\d+)?) ?(g|ml)\)[ ?;,.–—-]+(?:i|we|she|he) (?:only |just |always |usually )*(?:uses?|takes?|needs?) half(?: (?:of (?:it|that)|that|as much))?[.!]?$/iu,
    (_, name = '', n = '', unit = '') => `${Number(n.replace(',', '.')) / 2} ${unit} ${name}`,
  ],
  // "water, as much as it takes – it took 280 g when I weighed it"
  [
    /\b(water|milk|flour|buttermilk),? (?:as much as (?:it|the \w+) (?:takes?|needs?|wants?)|as needed|to mix)[ ,–—-]+\(?(?:it took|it needs|i used|i needed|mine took|that was|about|usually|normally) (?:me )?(?:about )?(\d+(?:[.,]\d+)? ?(?:g|ml))\b[^,;.]*/giu,
    '$2 $1',
  ],
  // "milk + water half and half 300 ml together", "milk and water, 50:50, 300 ml"
  [
    /(?<=^|[,;] )(\p{L}[\p{L} ]{2,20}?) ?(?:\+|and|&|\/) ?(\p{L}[\p{L} ]{2,20}?)(?:,? (?:half and half|half\/half|half-half|50 ?[:/] ?50)|,? \((?:half and half|half\/half|half-half|50 ?[:/] ?50)\)),? (\d+(?:[.,]\d+)?) ?(ml|g|l|kg)(?: together| in (?:all|total)| altogether| total)?(?= *(?:[,;.]|$))/giu,
    (_, a = '', b = '', n = '', unit = '') => `${halfOf(n)} ${unit} ${a}, ${halfOf(n)} ${unit} ${b}`,
  ],
  // "300 ml milk and water, half and half"
  [
    /(?<=^|[,;] )(\d+(?:[.,]\d+)?) ?(ml|g|l|kg) (?:of )?(\p{L}[\p{L} ]{2,20}?) ?(?:\+|and|&|\/) ?(\p{L}[\p{L} ]{2,20}?),? \(?(?:mixed )?(?:half and half|half\/half|half-half|50 ?[:/] ?50)\)?(?= *(?:[,;.]|$))/giu,
    (_, n = '', unit = '', a = '', b = '') => `${halfOf(n)} ${unit} ${a}, ${halfOf(n)} ${unit} ${b}`,
  ],
  // "half milk, half water, 300 ml in all"
  [
    /\bhalf ([\p{L} ]{3,20}?)(?:,| and)(?: and)? half ([\p{L} ]{3,20}?),? (\d+(?:[.,]\d+)?) ?(ml|g)(?: in (?:all|total)| altogether)?/giu,
    (_, a = '', b = '', n = '', unit = '') => `${halfOf(n)} ${unit} ${a}, ${halfOf(n)} ${unit} ${b}`,
  ],
  // "1 dl each of sunflower, sesame, linseed and pumpkin seeds"
  [
    /(?<=^|[;.:] )(\d+(?:[.,]\d+)? ?(?:g|ml|dl|tsp|tbsp|cups?)) each (?:of )?((?:\p{L}+(?: \p{L}+)?, )+\p{L}+(?: \p{L}+)?(?:,? and \p{L}+(?: \p{L}+)?)?)(?= *(?:[;.]|$))/giu,
    (_, amount = '', names = '') => {
      const kind = /(?<= )(?:seeds?|flours?|nuts?|oils?|herbs?)$/i.exec(names)?.[0];
      return names
        .split(/, (?:and )?| and /)
        .map((n) => `${amount} ${n}${kind === undefined || n.endsWith(kind) || findFood(n) ? '' : ` ${kind}`}`)
        .join(', ');
    },
  ],
  // "onion seeds + coriander for the top"
  [
    /^(\p{L}[\p{L} ]{2,20}) \+ (\p{L}[\p{L} ]{2,20}),? (for (?:the )?(?:top|topping|finish\w*|brushing|sprinkling|dusting|serving)|to (?:finish|serve|sprinkle|brush|top))$/iu,
    (all = '', a = '', ...[b = '', purpose = '']: string[]) =>
      findFood(a) && findFood(b) ? `${a} ${purpose}; ${b} ${purpose}` : all,
  ],
  // "salt and sugar, a teaspoon of each"
  [
    /(?<=^|[,;] )(\p{L}{3,14}) and (\p{L}{3,14}),? (an?|half a|one|two) (teaspoon|tablespoon|pinch|spoon)s? (?:of )?each(?= *(?:[,;.]|$))/giu,
    (_, a = '', b = '', ...[n = '', unit = '']: string[]) => `${n} ${unit} of ${a}, ${n} ${unit} of ${b}`,
  ],
  // "a teaspoon each of salt and soda"
  [
    /((?:\d\/\d|\d+(?:[.,]\d+)?|half an?|an?|[½¼¾]) ?(?:(?:level|heaped|scant|rounded) )?(?:g|ml|tsp|tbsp|(?:tea|table)spoon(?:ful)?s?|pinch(?:es)?|cups?)) each (?:of )?([\p{L} ]{3,20}) and (?=\p{L})/giu,
    (_, amount = '', name = '') => `${amount} ${name} and ${amount} `,
  ],
];
/** A name, a figure without a measure, and how it is: "potatoes 400 boiled". */
const BARE_ENTRY = new RegExp(
  String.raw`^(\p{L}[\p{L} ]{2,24}?) (\d{1,4})(?! ?(?:k?g|m?l|cl|dl|oz|lb|cups?|tbsp|tsp)\b)((?: \p{L}[\p{L} &]*)?\.?)$`,
  'u',
);
/** Shares of flour are no larger, and a row in which all is smaller counts or shares. */
const SHARE = { most: 100, least: 10 } as const;
/** So much of a row at least is known for food. */
const KNOWN_SHARE = 0.6;
/**
 * "filling: potatoes 400 boiled, onion 80, chilli 5": a row of names with bare figures is in grams where they are too large for shares, or
 * where it has a name of its own and no flour.
 */
function bareGrams(line: Mapped): Mapped {
  // the work may stand behind the list in the same line
  const end = FIRST_SENTENCE.exec(line.text)?.[0].length ?? line.text.length;
  const mixed = mixedGrams(line.slice(0, end));
  if (mixed) return Mapped.join([mixed, line.slice(end)], '');
  const [lead = ''] = /^[^:,\d]{2,40}: /.exec(line.text) ?? [];
  const told = line.text
    .slice(lead.length)
    .split(', ')
    .map((e) => BARE_ENTRY.exec(e));
  const foods = told.flatMap((m) => (m ? (findFood(m[1] ?? '') ?? []) : []));
  const most = Math.max(0, ...told.map((m) => Number(m?.[2] ?? 0)));
  const isShared =
    most <= SHARE.most &&
    (lead === '' || most < SHARE.least || /flour|%|per ?cent/i.test(lead) || foods.some((f) => f.role === 'flour'));
  const isRow = told.length > (lead === '' ? 3 : 1) && foods.length >= KNOWN_SHARE * told.length;
  if (!isRow || isShared) return line;
  const entries = line.slice(lead.length).split(/, /g).map(inGrams);
  return Mapped.join([line.slice(0, lead.length), Mapped.join(entries, ', ')], '');
}
const FIRST_SENTENCE = /^(?:[^.]|\.(?=\d))+\.(?= )/;
/** "500 flour (plain!)": a figure without a measure, and its name. */
const BARE_FIRST =
  /^(\d{2,4}) (?!(?:k?g|m?l|cl|dl|oz|lbs?|cups?|tbsp|tsp|parts?|grams?|%)\b)(\p{L}[\p{L} ]{2,24}?(?: \([^()\d]*\))?\.?)$/u;
const IN_GRAMS = /\d ?(?:g|kg|ml)(?!\p{L})/u;
const SAID_FIRST = /^(?:(?:so|okay|ok|right|well|now|hi|hey),? )+(?=\d)/i;
const ABOUT_BEHIND = /(?<=^\p{L}[\p{L} ]{2,24}) (?:around|about|approx\.?|roughly|ca\.?) (?=\d)/iu;
/**
 * "500 g semolina + 500 flour, salt 15, yeast 3 g, water around 600 warm": where some entries are weighed, all are foods, and none is
 * anything else, the bare figures are grams too; undefined where it is no such row.
 */
function mixedGrams(line: Mapped): Mapped | undefined {
  if (!IN_GRAMS.test(line.text)) return undefined;
  const entries = line
    .replace(SAID_FIRST, '')
    .split(/, | \+ /g)
    .map((e) => e.replace(ABOUT_BEHIND, ' '));
  // "zest of 3 lemons" counts
  const isBare = ({ text }: Mapped): boolean =>
    (BARE_ENTRY.test(text) && !/ of \d/i.test(text)) || BARE_FIRST.test(text);
  const isRow =
    entries.length > 3 &&
    entries.some(isBare) &&
    entries.every((e) => (isBare(e) || IN_GRAMS.test(e.text)) && findFood(e.text) !== undefined);
  if (!isRow) return undefined;
  return Mapped.join(
    entries.map((e) => (BARE_FIRST.test(e.text) ? e.replace(BARE_FIRST, '$1 g $2') : inGrams(e))),
    ', ',
  );
}
const inGrams = (entry: Mapped): Mapped =>
  entry.replace(BARE_ENTRY, (all = '', name = '', n = '', how = '') =>
    findFood(name)?.unitG !== undefined && Number(n) <= MOST_PIECES ? all : `${name} ${n} g${how}`,
  );

const told = inOrder(RULES);

/** "Flour total 100 % (of it 70 % strong white, 30 % spelt)". */
const FLOUR_IN_TOTAL = /^flour(?: in)? total:? 100 ?% \((?:of (?:it|which|this),? )?(?=\d)/i;
const inPlainWords = (line: Mapped): Mapped =>
  bareGrams(
    told(
      withOwnAmounts(
        withFloursApart(
          flourFirst(
            line.replace(FLOUR_IN_TOTAL, '100 % flour (').replace(OPENED, (opening = '') => `${opening.trimEnd()}: `),
          ),
        ),
      ),
    ),
  );
