import type { Spelling } from './rule.ts';
import { FRACTION_SIGNS, LARGE, largeValue, MEASURE, NUMBER_WORD, NUMBERS, SMALL, wordValue } from '../number-words.ts';
import { PASSIVE, STAGES, THIRD, TO_BE_DONE, TOLD, TOLD_VERB, WORK_OF_STAGE } from '../told-words.ts';

/** Into how many parts a word of ordinals cuts a measure. */
const SHARE_OF: Readonly<Record<string, number>> = { fifth: 5, sixth: 6, eighth: 8, tenth: 10 };

/** Figures: decimal points, words of number, fractions of measures, what a hand takes. */
export const FIGURES: readonly Spelling[] = [
  [/\b(?:(?:ca|approx|appr)\. ?|abt\.? ?)(?=\d)/gi, 'about '],
  // nobody weighs flour by the ton
  [/(?<![\d.,])(\d{1,2}),(\d{3}) ?(kg|l)\b/gi, '$1.$2 $3'],
  [/(\d),(\d{3})(?!\d)/g, '$1$2'],
  [/(\d),(\d{1,2})(?!\d)/g, '$1.$2'],
  [/\b(?:an? |1 )?salt[- ]?spoon(?:ful)?\b/gi, '1/4 teaspoon'],
  [/\bfl\. ?oz\b\.?/gi, 'fl oz'],
  [/\b(tea|table|dessert)[ -]?spoon(?:ful)?(s?)\b/gi, '$1spoon$2'],
  [/([\d½¼¾]) ?kilos?\b/gi, '$1 kg'],
  // "four min. on the first side and three on the second"
  [
    /(?<=\b(?:\d+|an?|one|two|three|four|five|six|seven|eight|nine|ten) ?)(mins?|secs?)\.(?= (?:on|per|each|and)\b)/giu,
    '$1',
  ],
  // "15 s / 30 s / flame"
  [/(?<=\d ?(?:s|secs?|min)) ?\/ ?(?=(?:open )?(?:flame|grill)\b)/gi, ', '],
  [/(?<=\d ?[x×]) ?(?:~|≈|ca\.?|about) ?(?=\d{2,3} ?g\b)/gi, ' '],
  [
    /,? (?:\+|plus|and) (?:(?:some|extra|more|a little) )?(?:bench|dusting|rolling) flour\b/gi,
    ', plus extra for dusting',
  ],
  // "+ a bit for rolling"
  [/ (?:\+|plus) (?:(?:an? (?:bit|little)|some)(?: more| extra)?|more|extra)(?= (?:for|to)\b)/gi, ', plus extra'],
  [/\b(tea|table)sp\b\.?/gi, '$1spoon'],
  [/\b(\d{1,3}) ?[x×] ?(\d{2,3}) ?g (balls?|pieces?|portions?)\b/gi, '$1 $3 of $2 g'],
  [/(?<=^|[,;] )(\d{1,3}) (?:min )?(rest|proof|knead|mix)\b(?= *(?:[,;.]|$))/gi, '$2 $1 min'],
  [/\ban? (min|sec)\b\.?(?! of\b)/gi, '1 $1'],
  // "1 min 30 + 1 min"
  [/(?<![\d.])(\d{1,2}) ?min ([1-5]\d)(?= ?[+/])/gi, (_, min = '', sec = '') => `${60 * Number(min) + Number(sec)} s`],
  // "1 h 15'", "20ish cm"
  [/(\d) ?h ?([0-5]\d) ?'(?!')/g, '$1 h $2'],
  [/(?<![\d.,])(\d{1,3})[- ]?ish(?= ?(?:cm|g|min(?:ute)?s?|s|sec(?:ond)?s?)\b)/gi, '$1'],
  // "seconds, 20 the first side and 15 the other"
  [
    /\b(?:just |only |a few )?(seconds|minutes)[,:] (\d{1,3}) (?=(?:on |for )?(?:the )?(?:first|one) side)([^.;\d]*) (\d{1,3}) (?=(?:on |for )?(?:the )?(?:other|second))/gi,
    '$2 $1 $3 $4 $1 ',
  ],
  [/\bthree[- ]quarters of an hour\b/gi, '45 minutes'],
  [/\b(?:a (?:good )?)?quarter of an hour\b/gi, '15 minutes'],
  [/\bhalf an hour(?= of (?:mix|knead)ing\b)/gi, '30 minutes'],
  // "6 minutes of mixing and an hour of bulk proof"
  [
    /(?:\bgive (?:it|them|the dough) (?:about |a good )?)?(?:\b(\d+(?:\.\d+)?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty) (min(?:ute)?s?|h(?:ours?)?)|(?<!\bhalf )\ban (hour)) of (mixing|kneading|bulk proof|proof|rest)(?:ing)?\b/gi,
    (_, n = '', unit = '', hour = '', work = '') =>
      `${STAGES[work.toLowerCase()] ?? work} ${hour === '' ? `${n} ${unit}` : '1 hour'}`,
  ],
  // "1h rise", "45 min bulk"
  [
    /(?<=^|[,;./] |\band )(\d+(?:\.\d+)?) ?(h|hours?|hrs?|min|mins|minutes?)['’]? (rest|proof|rise|bulk|knead|mix|ferment)(?:ing)?\b(?= *(?:[,;./(]|(?:and|then)\b|$))/gi,
    '$3 $1 $2',
  ],
  // "ten minutes on the bench, kneading"
  [
    /(?<=^|[;.] )(?:about )?((?:\d+|\p{L}+) min(?:ute)?s?) on the (?:bench|board|table|worktop|counter),? (?:of )?kneading\b/giu,
    'knead $1',
  ],
  [/\bea\.(?= side)/gi, 'each'],
  [/\bdiv\.(?= into)/gi, 'divide'],
  [THIRD, '$1'],
  [TO_BE_DONE, (_, verb = '') => TOLD[verb.toLowerCase()] ?? verb],
  [PASSIVE, (_, verb = '') => (verb.toLowerCase() === 'left' ? 'leave' : (TOLD[verb.toLowerCase()] ?? verb))],
  [TOLD_VERB, (_, before = '', verb = '') => before + (TOLD[verb.toLowerCase()] ?? verb)],
  [/(\p{L}{3})(?=\d)/gu, '$1 '],
  [LARGE, largeValue],
  [
    new RegExp(`\\b(an?|${SMALL}) thousand(?:,? (?:and )?(\\d{1,3}))?\\b`, 'gi'),
    (_, n = '', more = '0') => String(1000 * Number(wordValue(n.toLowerCase() === 'a' ? '' : n)) + Number(more)),
  ],
  [
    /\b(mix|knead) (\d{1,2}) ?\+ ?(\d{1,2}) ?min(?:utes?)?\b/gi,
    (_, verb = '', a = '', b = '') => `${verb} ${Number(a) + Number(b)} min`,
  ],
  // "3 + 3 min", "2½ + 2 min": both sides
  [
    /(?<![\d.])(\d+)([½¼¾]) ?\+ ?(\d+)([½¼¾])? ?(min(?:ute)?s?)\b/gi,
    (_, a = '', part = '', b = '', more = '', unit = '') =>
      `${Number(a) + (FRACTION_SIGNS[part] ?? 0)} ${unit} + ${Number(b) + (FRACTION_SIGNS[more] ?? 0)} ${unit}`,
  ],
  [/(?<![\d.])(\d+(?:\.\d+)?) ?\+ ?(\d+(?:\.\d+)?) ?(min(?:ute)?s?|sec(?:ond)?s?|s)\b/gi, '$1 $3 + $2 $3'],
  [/(?<!\d)(\d{2,3}) ?''/g, '$1 s'],
  [/(?<!\d)(\d{2,3})\s*"\s*[/+]\s*(\d{2,3})\s*"/g, '$1 s, $2 s'],
  [/(?<!\d)(\d{2,3})\s*"(?=,? (?:turn|flip)\b)/gi, '$1 s'],
  [/(?<!\d)(\d{2,3})\s*"(?= (?:a|per|each|on|for) )/g, '$1 s'],
  // the sides before it told their seconds with that sign
  [/(?<=\d s\b[ ,–-]+(?:turn|flip)[ ,–-]+)(\d{2,3})\s*"/gi, '$1 s'],
  [/(\d+)\s*' ?(\d{2})(?!\d)(?:\s*")?/g, '$1 min $2 s'],
  [/(\d+)\s*'(?=\s|[/,;.+)]|$)/g, '$1 min'],
  [/\b(?:the )?(?:finely )?(?:grated )?zest of (\d+(?:\/\d)?) (lemon|lime|orange)s?\b/gi, '$1 $2 zest'],
  [
    /\b(?:the )?(?:freshly )?(?:squeezed )?juice (?:of|from) (\d+(?:\/\d)?|half an?|[½¼]) (lemon|lime)s?\b/gi,
    '$1 $2 juice',
  ],
  [/\b(?:the )?(zest|juice) of an? (lemon|lime)\b/gi, '1 $2 $1'],
  [
    /(?<![\d./])(\d+(?:\.\d+)?) ?\/ ?(\d+(?:\.\d+)?) ?\/ ?(\d+(?:\.\d+)?) ?(seconds?|secs?|s|min(?:utes?)?)\b/gi,
    '$1 $4, $2 $4, $3 $4',
  ],
  [
    /(?<=(?:^|; )(?:griddle|cook|bake|fry|tawa|hot ?plate|pan):? )(\d{2,3}) ?\/ ?(\d{2,3})(?=\s*(?:[.;,(]|$))/gi,
    '$1 s, $2 s',
  ],
  // "60/45 sec": one side and the other
  [/(?<![\d./])(\d{2,3})\s*\/\s*(\d{2,3})\s*(seconds?|secs?|s)\b/gi, '$1 $3, $2 $3'],
  [WORK_OF_STAGE, (_, stage = '') => `${STAGES[stage.toLowerCase()] ?? stage} `],
  [/(?<=^|[,;.] )(\d{1,3}) (?:min )?bench\b(?! ?(?:rest|flour))/gi, 'bench rest $1 min'],
  [/(?=\d)(?<=\b(?:cook|bake|fry|griddle)\b[^.;]*)(\d+)\s*"(?=\s*(?:[/,;.+]|$|a side|each))/gi, '$1 s'],
  [/\bhalf a dozen\b/gi, '6'],
  [/\ba good half (?=pint|cup|glass|litre|kilo)/gi, 'half a '],
  [
    /\ban? (pint|pound|ounce|litre|cup|glass|kilo) and (?:a|three) quarters?\b/gi,
    (m = '', unit = '') => `${/three/i.test(m) ? 1.75 : 1.25} ${unit}`,
  ],
  [/\b(rest|proof|prove|rise|bulk|chill)[:,] (\d{1,3})(?=\s*(?:\.(?!\d)|;|$))/gi, '$1 $2 min'],
  [
    /\b(rest|wait|knead|mix|proof|prove|rise|cook|bulk|bench(?= (?:[5-9]|\d\d))|autolyse|chill|cover(?= [1-9]\d)|stand(?= [1-9]\d)|leave(?= [1-9]\d)) (\d{1,3})(?!\s*[./–-]\s*\d|\s*,\d)(?=\s*(?:[.,;/(–-]|with\b|$))/gi,
    '$1 $2 min',
  ],
  [
    /\ban? ((?:tea|table|dessert) ?spoon|cup|glass|kilo|litre|sachet|packet|pound|pint|tin|mug) and a half\b/gi,
    '1.5 $1',
  ],
  [/\ba dozen and a half\b/gi, '18'],
  [/\ba dozen\b/gi, '12'],
  [/\b(two|three|four) dozen\b/gi, (_, n = '') => String(12 * Number(wordValue(n)))],
  [/(\d)\s*h\s*(\d{2})\b/g, '$1 hours $2 minutes'],
  [/(\d)-(\d\/\d)/g, '$1 $2'],
  [/(?<=\b(?:coil|under)[,;] )(\d{1,3}) ?min(?:ute)?s?(?=[,;.]|$)/gi, 'rest $1 min'],
  [
    /(?<=\bfold(?:s|ed)?(?: once| again)?[,;] )(?:and )?(?:then )?(?:for )?(?:another |a further )?(\d+(?:\.\d+)?) ?(h|hours?|min(?:ute)?s?)\b(?! apart|,? (?:before|after|flip|turn|a side|(?:each|per|on) )|,? ?[+/])/gi,
    'rest $1 $2',
  ],
  [/\b(\d) ?[x×] ?(\d+(?:\.\d+)?) ?ml\b/gi, (_, n = '', ml = '') => `${Number(n) * Number(ml)} ml`],
  [/\b(?:an?|1|one) hour and a quarter\b/gi, '75 minutes'],
  [/\b(?:an?|1|one) minute and a quarter\b/gi, '75 seconds'],
  [/\b(?:an?|1|one) minute and three quarters\b/gi, '105 seconds'],
  [/\banother hour and a half\b/gi, '90 minutes more'],
  [/\banother minute and a half\b/gi, '90 seconds more'],
  [/\b(?:an?|1|one) hour and three quarters\b/gi, '105 minutes'],
  [
    /,? (?:say|that['’]s|that is|which is|i\.e\.) (?:about )?(\d+(?:\.\d+)? ?(?:g|ml|grams?))\b(?! (?:of )?\p{L})/giu,
    ' ($1)',
  ],
  [/\b(every|each) half (?:an )?hour\b/gi, '$1 30 min'],
  [/\b(?:an? )?half an? (?=hour)/gi, '0.5 '],
  [
    /\b(?:for (?:a|1|one|the) night|(?:through|during) the night|all night|(?:until|till|til) (?:the )?(?:next|following) (?:day|morning)|(?:until|till|til) (?:tomorrow(?: morning)?|(?:the )?morning))\b/gi,
    'overnight',
  ],
  [
    /\b(\d+|one|two|three|four|five) and a half (minutes?|hours?)\b/gi,
    (_, n = '', unit = '') => `${wordValue(n)}.5 ${unit}`,
  ],
  [/\b(?:an? )?(\w+ )?(hour|minute)s? and a half\b/gi, (_, n = '', unit = '') => `${wordValue(n)}.5 ${unit}s`],
  [/^after (mix|knead)ing (?:it |them |the dough )?(?=(?:for )?\d)/i, '$1 '],
  [
    /\benough ((?:[\p{L}-]+ ){0,2}?[\p{L}-]+) (?:for|to) [^,.;()]{3,40} \((?:(?:about|around|ca\.?|approx\.?|roughly) )?(\d+(?:\.\d+)? ?(?:g|ml|l))\)/giu,
    '$2 $1',
  ],
  [
    /\bfill (?:a|1|one) (glass|cup|mug|bowl|jug) with ((?:\w+ )?(?:milk|water|buttermilk|yogh?urt))\b/gi,
    'take 1 $1 of $2',
  ],
  [/\b(min|sec)\.(?= [/+])/gi, '$1'],
  [/(?<!flour,? \(?)\b(?:tipo|type) (0{1,2})\b(?! ?(?:flour|\())/gi, '$1 flour'],
  [/\ba (?:good |small )?palmful\b/gi, '1 tbsp'],
  [
    /\b(knead|mix|rest|prove|proof|wait|leave)((?:ed)?(?: it)?)(?: for)? another (\d{1,2})(?=[,;]|\.(?!\d)|$)/gi,
    '$1$2 for $3 min',
  ],
  [/(\d)\s*fl\.? ?oz\b/gi, '$1 fl oz'],
  [/\banother (minute|hour)\b/gi, '1 $1 more'],
  [/\bkneed(?=ing\b|ed\b|s?\b)/gi, 'knead'],
  [new RegExp(`\\bthree[- ]quarters (?:of )?an? (?=${MEASURE})`, 'gi'), '3/4 '],
  [
    new RegExp(`\\b(?:one|1) (half|quarter|third) (?:of )?(?:an? )?(?=${MEASURE})`, 'gi'),
    (_, share = '') => `1/${share === 'half' ? 2 : share === 'third' ? 3 : 4} `,
  ],
  [
    new RegExp(`\\b(?:an? )?(?:(?:good|scant|generous|heaped|level) )?half (?:of )?(?:an? )?(?=${MEASURE})`, 'gi'),
    '1/2 ',
  ],
  [new RegExp(`\\b(?:an? )?quarter (?:of )?(?:an? )?(?=${MEASURE})`, 'gi'), '1/4 '],
  [new RegExp(`\\b(?:two|2) thirds (?:of )?(?:an? )?(?=${MEASURE})`, 'gi'), '2/3 '],
  [new RegExp(`\\b(?:an? )?third (?:of )?(?:an? )?(?=${MEASURE})`, 'gi'), '1/3 '],
  [
    new RegExp(
      `\\b(?:(an?|one|two|three|four|five|\\d) )?(fifth|sixth|eighth|tenth)s? (?:of )?(?:an? )?(?=${MEASURE})`,
      'gi',
    ),
    (_, n = '', share = '') =>
      `${String(Number((Number(/^an?$|^$/i.test(n) ? 1 : wordValue(n)) / (SHARE_OF[share.toLowerCase()] ?? 1)).toFixed(3)))} `,
  ],
  // what nobody weighs, by how much of it a hand takes
  [/\b(?:an?|1) (?:(?:good|big|large|small|little|generous) )?(?:blob|dollop)s? of\b/gi, '1 tbsp of'],
  [
    /\b(?:an?|1) (?:(?:good|big|large|small|little|generous) )?(?:slug|slosh|splosh|squirt|squeeze|lick) of\b/gi,
    '1 splash of',
  ],
  [
    /\b(?:an?|1) (?:(?:good|big|large|small|little|generous) )?(?:scattering|sprinkling|sprinkle|shake|twist|grat(?:e|ing)|rasp|touch|hint|smidgen|grind) of\b/gi,
    '1 pinch of',
  ],
  [
    /\b(?:an?|1) (?:(?:good|big|large|small|little|generous) )?(?:lump|nub|nut|piece|walnut|hazelnut|curl|thumb|slice|bit)(?:[- ]sized? (?:piece|lump|bit|knob))? of (?=(?:soft |cold |melted |fresh |dried |dry )?(?:butter|ghee|lard|margarine|dripping|suet|fat|yeast|leaven|starter|sourdough|honey)\b)/gi,
    '1 knob of ',
  ],
  [/\bbroiler\b/gi, 'grill'],
  [/\bminimum (?:of )?(?=\d+(?:\.\d+)? ?(?:min|h))/gi, 'at least '],
  [/\b(?:never|not|no) less than (?=an?\b|\d|half|one|two|three)/gi, 'at least '],
  [/\bsoup ?spoon(?:ful)?(s?)\b/gi, 'tablespoon$1'],
  [/(?<!\b(?:half|quarter of) )\ban inch\b/gi, '1 inch'],
  [/\b(do|does|wo|is|should|must|need)nt\b/gi, "$1n't"],
  [/\bfistful/gi, 'handful'],
  [/\ba couple (?:of )?/gi, '2 '],
  [/\bhalf an? (?=(?:\w+ )?(?:egg|onion|lemon)\b)/gi, '1/2 '],
  [
    /(?<!\b(?:of|like|as|than|big|large) )\ban? (?=(?:\w+ )?(?:egg|onion|lemon|potato|leek|chilli|carrot|tomato|courgette|beetroot|(?:red|green) pepper)\b(?! ?-))/gi,
    '1 ',
  ],
  // "3/4 of a pint", "½ a teaspoonful"
  [new RegExp(`([½¼¾⅓⅔]|\\b[1-3]/[2-4]) (?:of )?(?:an?|1) (?=(?:${MEASURE})\\b)`, 'gi'), '$1 '],
  [
    new RegExp(
      `(?<!\\bin(?:to)? )\\ban? (?=(?:(?:heaped|heaping|level|rounded|scant|generous|good|big|small|large) )?(?:${MEASURE}|splash|glug|drizzle|drop|dash|sprinkle|stick)\\b)`,
      'gi',
    ),
    '1 ',
  ],
  [/\ban? (?=(?:pound|kilo|ounce|pint|litre|quart)(?: of\b| *[,;.]|$))/gi, '1 '],
  [NUMBER_WORD, (_, word = '') => NUMBERS[word.toLowerCase()] ?? word],
  [/(\d) more (seconds?|secs?|minutes?|mins?|hours?)\b/gi, '$1 $2 more'],
  [/(\d) fluid ounces?\b/gi, '$1 fl oz'],
  [/(\d) ?centimet(?:re|er)s?\b/gi, '$1 cm'],
  [/(\d) ?millimet(?:re|er)s?\b/gi, '$1 mm'],
  [/(\d+(?:\.\d+)? ?(?:k?g|grams)) each (?:of )?([\p{L} ]{3,20}) and ([\p{L} ]{3,25}?)(?=[,.;]|$)/giu, '$1 $2, $1 $3'],
];
