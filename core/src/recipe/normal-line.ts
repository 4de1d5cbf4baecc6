import { findFood } from '../foods/index.ts';
import { Mapped } from './mapped.ts';
import { SPOONS, VESSELS } from './measures.ts';
import { LARGE, largeValue, MEASURE, NUMBER_WORD, NUMBERS, SMALL, wordValue } from './number-words.ts';
import { remembered } from './remembered.ts';
import {
  bothSpeeds,
  PASSIVE,
  SPEEDS,
  STAGES,
  THIRD,
  TO_BE_DONE,
  TOLD,
  TOLD_VERB,
  WORK_OF_STAGE,
} from './told-words.ts';

const SHARE = `(?:\\d{1,2}(?:[./]\\d)?|[½¼¾]) (?!(?:k?g|m?l|min|h|${VESSELS}|${SPOONS})\\b)\\p{L}[\\p{L} -]{2,20}`;
/** "Mehl / flour 0,750 kg": one name in two languages. */
const TWO_TONGUES = /^(\p{L}[\p{L} ]*?) ?\/ ?(\p{L}[\p{L} ]*?)(?=[ :.]+\d)/iu;
const inOneTongue = (all = '', a = '', b = ''): string =>
  findFood(a) ? (findFood(b) ? all : a) : findFood(b) ? b : all;

/** Shares of a whole, one behind the other: "by volume: 3 flour : 1 yogurt : 1/2 water". */
export const RATIO = new RegExp(`(?<![\\d.,/] ?)${SHARE}(?: ?: ?${SHARE})+`, 'gu');

export function inParts(ratio: string): string {
  const shares = ratio.split(/ ?: ?/);
  return shares.every((share) => findFood(share)) ? shares.map((s) => s.replace(' ', ' parts ')).join(', ') : ratio;
}

/** What a scan takes for figures, and is none. */
export const SCANNED: readonly (readonly [RegExp, string | ((...m: string[]) => string)])[] = [
  [
    /(?<![\p{L}\d])(\p{L}{2,})1(\p{L}+)(?![\p{L}\d])|(?<![\p{L}\d])(\p{L})1(\p{L}{2,})(?![\p{L}\d])/gu,
    (_, a = '', b = '', c = '', d = '') => `${a || c}l${b || d}`,
  ],
  [
    /(?<![\p{L}\d])[lI](?= (?:lb|oz|pint|kg|g|dl|l|ml|cup|tsp|tbsp|min|minutes?|hours?|egg|level|heaped|teasp|tablesp)\b)/gu,
    '1',
  ],
  [/(?<![\p{L}\d])Ibs?\b/gu, 'lb'],
  [/(?<![\p{L}\d])[lI](?=[½¼¾])/gu, '1'],
  [/(?<![\p{L}\d])[lI][O0]{2}(?= ?%)/gu, '100'],
  [/(?<=\b(?:portions?|makes|yields?|quantity|serves)[ :]+)[lI](?=\d\b)/giu, '1'],
  [/(?<=\btype )(\d{2})[Oo]\b/gi, '$10'],
  [/(?<![\p{L}\d])[lI][O0](?= ?(?:g|ml|min(?:ute)?s?|cm|%)(?![\p{L}]))/gu, '10'],
  [
    /(?<![\p{L}\d.,])(?=[lIOo]*\d)[lIOo\d]{2,5}(?=\s*(?:[x×] ?\d|(?:g|kg|ml|l|dl|min(?:ute)?s?|sec(?:ond)?s?|s|h|hours?|cm|mm|pieces|balls|%)(?![\p{L}])))/gu,
    (m = '') => m.replace(/[Oo]/g, '0').replace(/[lI]/g, '1'),
  ],
];

const RULES: readonly (readonly [RegExp, string | ((...m: string[]) => string)])[] = [
  [/\u00a0|\t/g, ' '],
  [/ {2,}/g, ' '],
  [/(\d) ?grams?\b/gi, '$1 g'],
  [/(\d)(min(?:ute)?s?|sec(?:ond)?s?|hrs?|hours?|h)\b/gi, '$1 $2'],
  [/ [·•] /g, ', '],
  // "4+4 min mix", "rest – 30 min", "fold at 30 and 60 min"
  [
    /^(\d{1,2}) ?\+ ?(\d{1,2}) ?min(?:ute)?s? (?:of )?mix(?:ing)?\b/i,
    (_, a = '', b = '') => `mix ${Number(a) + Number(b)} min`,
  ],
  [/\b(mix|knead|rest|proof|prove|bulk|divide|scale|chill|roll|cook|bake|griddle) [–-] (?=\d)/gi, '$1 '],
  [
    /\b(bulk|ferment|proof|prove|rest) (\d+(?:\.\d+)?) ?(h|hours?|min(?:ute)?s?),? (?:with )?(?:a )?folds? (?:at|after) (\d+) ?(?:min(?:ute)?s?)? and (?:at |after )?(\d+) ?min(?:ute)?s?\b/gi,
    (_, verb = '', n = '', unit = '', a = '', b = '') => {
      const all = Number(n) * (unit.startsWith('h') ? 60 : 1);
      return `${verb} ${a} min, fold, ${verb} ${Number(b) - Number(a)} min, fold, ${verb} ${all - Number(b)} min`;
    },
  ],
  [/\bIP(?= ?:? ?\d)/g, 'intermediate proof'],
  [/(?<=^|[,;:] )(\d+(?:\.\d+)? ?(?:h|hours?|min(?:ute)?s?)) out(?= *[,;.])/gi, 'out of the fridge $1'],
  [/(?<=\b(?:rest|balls?|round)\b[^,;]{0,16}[,;] )(\d{1,2}(?:\.\d)?) ?cm(?= *[,;])/gi, 'roll to $1 cm'],
  [/(?<!\d)(\d{2,3})-(\d{2,3})-(\d{2,3}) ?(?:s|secs?|seconds?)\b/gi, '$1 s, $2 s, $3 s'],
  [
    /\b(cook|bake|griddle|fry) (\d{1,3}) (?=(?:a|per|each) side\b)/gi,
    (_, verb = '', n = '') => `${verb} ${n} ${Number(n) <= 12 ? 'min' : 's'} `,
  ],
  [
    new RegExp(`(?<=^|[,;] )(${Object.keys(TOLD).join('|')})(?=[,;])`, 'gi'),
    (verb = '') => TOLD[verb.toLowerCase()] ?? verb,
  ],
  [/(?<=\p{L}) & (?=\p{Ll})/gu, ' and '],
  [/,? please\b/gi, ''],
  [/^(?:now|next|finally|lastly),? (?!day\b|morning\b)(?=\p{Ll}|\d)/iu, ''],
  [/(?<=^|; )(?:to shape|shaping): (?=divid|cut\b|\d)/i, ''],
  [/\b(it|that)['’]s (?=\p{L}+ed\b|left\b|then\b)/giu, '$1 is '],
  [/\bthey['’]re (?=\p{L}+ed\b|left\b|then\b)/giu, 'they are '],
  [
    /^having (\p{L}+ed) (?=it\b|the\b|them\b)/iu,
    (all = '', verb = '') => (TOLD[verb.toLowerCase()] === undefined ? all : `${TOLD[verb.toLowerCase()]} `),
  ],
  [/\bBF(?= ?:? ?\d)/g, 'bulk'],
  [/\ba further (minute|hour)\b/gi, '1 $1 more'],
  [/\ba (?:full|whole|good|short) (minute)\b/gi, '1 $1'],
  [/\b\w+ (minutes?|mins?),? (?:1|one) (?:on|for) (?:each|either) side\b/gi, '1 $1 each side'],
  [
    /\bmachine[- ]knead(?:ing)?:? (\d+ ?min(?:ute)?s?),? (?:or )?(?:by )?hand[- ]knead(?:ing)?:? (\d+ ?min(?:ute)?s?)/gi,
    'knead $2 by hand ($1 by machine)',
  ],
  [/ ?(?:→|⇒|➔|=>|->) ?(?=[\d½¼¾])/g, ' '],
  [/⁄/g, '/'],
  [/[‐‑−]/g, '-'],
  // "2 C flour, 1 T oil, ½ t salt": a cook's own capitals; degrees are more than twelve
  [
    /(?<![\d.,/]|\bat )((?:\d{1,2} )?\d\/\d|\d{0,2}\s?[½¼¾⅓⅔⅛]|1[0-2]|[1-9])\s*[Cc]\.?(?= (?!(?:for|and|or|until|in|on|at|to|oven|overnight)\b)\p{Ll})/gu,
    '$1 cups',
  ],
  [
    /(?<![\d.,])((?:\d{1,2} )?\d\/\d|\d{0,2}\s?[½¼¾⅓⅔⅛]|\d{1,2})( (?:heaping|heaped|level|rounded|scant))?\s*T\.?(?= \p{Ll})/gu,
    '$1$2 tbsp',
  ],
  [
    /(?<![\d.,])((?:\d{1,2} )?\d\/\d|\d{0,2}\s?[½¼¾⅓⅔⅛]|\d{1,2})( (?:heaping|heaped|level|rounded|scant))?\s*t\.?(?= \p{Ll})/gu,
    '$1$2 tsp',
  ],
  [/^spiral(?: mixer)?:? (?=\d)/i, 'mix '],
  // the two speeds of a machine are one mixing
  [new RegExp(`^${SPEEDS.source}`, 'i'), (all = '', a = '', b = '') => bothSpeeds(all, a, b, 'mix ')],
  [/\b0,(\d+)/g, '0.$1'],
  [
    /\b(?:coffee|tea|tin|enamel|metal|camping|paper|plastic|measuring|drinking|small|large|big) (cup|mug|glass|bowl)/gi,
    '$1',
  ],
  [/(?<=\b(?:yields?|makes|gives|quantity):? )(\d{1,3}) ?[x×] ?(\d{2,3}) ?g\b/gi, '$1 pieces of $2 g'],
  [/(?<=^\(?|= )(\d{1,3}) ?[x×] ?(\d{2,3}) ?g\)?$/i, '$1 pieces of $2 g'],
  [
    /\b(\d{1,3}) ?[x×] ?0[.,](\d{1,3}) ?kg\b/gi,
    (_, n = '', kg = '') => `${n} pieces of ${Math.round(1000 * Number(`0.${kg}`))} g`,
  ],
  [/^pieces?:? (\d{1,3})$/i, 'makes $1 pieces'],
  [/^weight:? (\d{2,3}) ?g$/i, 'piece weight $1 g'],
  [/^hydration(?: of)?:? (?=\d+(?:\.\d+)? ?%)/i, 'water '],
  [/(?<=\d ?g) \p{L}+ ?\/ ?(round|ball)\b/giu, ', $1'],
  [
    /(?<=^|[.;] )(\d{1,3}) ?[x×] ?(\d{2,3}(?:[.,]\d)?) ?g(?= *(?:[,;]|\.(?!\d)|$)| (?:\p{L}+ ?\/ ?)?(?:round|ball|shape)\b)/giu,
    '$1 pieces of $2 g',
  ],
  [/\b(\d{1,3}) ?(?:stücke?|stk\.?|pcs?\.?|pz\.?|pieces)? ?[@à] ?(\d{2,3}) ?g\b/gi, '$1 pieces of $2 g'],
  [/\b(\d{1,3}) (?:stücke?|stk\.?|st\.|pcs?\.?|pz\.?)(?=[\s),.;]|$)/gi, '$1 pieces'],
  [/\b(\d{1,3}) pieces [x×] ?(\d{2,3}) ?g\b/gi, '$1 pieces of $2 g'],
  // "25 x 165 g teilen (divide)"
  [/\b(\d{1,3}) ?[x×] ?(\d{2,3}) ?g (?:\p{L}+ )?\((?:divide|scale)\)/giu, 'divide into $1 pieces of $2 g'],
  [TWO_TONGUES, inOneTongue],
  // "Bollen (ball)."
  [
    /(?<=^|[,;] )\p{L}+ \((mix|knead|(?:bulk )?proof|rest|rise|divide|scale|round|ball|shape|press|flatten|roll|stretch|cook|bake|griddle|fry)\)/giu,
    '$1',
  ],
  // "Stesura / press: 14 cm": work in two languages
  [
    /(?<=^|[,;] )(?!(?:mix|knead|roll|press|stretch|shape|cook|bake|pat|round|ball|rest|fold|cover|divide|proof|rise|chill)\b)\p{L}+ ?\/ ?(mix|knead|(?:bulk )?proof|rest|rise|divide|scale|round|ball|shape|press|flatten|roll|stretch|cook|bake|griddle|fry)\b/giu,
    '$1',
  ],
  ...SCANNED,
  // a scan takes letters for figures
  [/(?<![\p{L}\d])(\p{L}+)0(\p{L}{2,})(?![\p{L}\d])/gu, '$1o$2'],
  [/\b2 ?[x×] ?(\d+(?:[.,]\d+)?) ?(seconds?|secs?|s|minutes?|mins?)\b/gi, '$1 $2 per side'],
  [SPEEDS, (all = '', a = '', b = '') => bothSpeeds(all, a, b)],
  // nobody weighs flour by the ton
  [/(?<![\d.,])(\d{1,2}),(\d{3}) ?(kg|l)\b/g, '$1.$2 $3'],
  [/(\d),(\d{3})(?!\d)/g, '$1$2'],
  [/(\d),(\d{1,2})(?!\d)/g, '$1.$2'],
  [/\bfl\. ?oz\b\.?/gi, 'fl oz'],
  [/\b(tea|table|dessert)[ -]?spoonful(s?)\b/gi, '$1spoon$2'],
  [/\b(tea|table)sp\b\.?/gi, '$1spoon'],
  [/\b(\d{1,3}) ?[x×] ?(\d{2,3}) ?g (balls?|pieces?|portions?)\b/gi, '$1 $3 of $2 g'],
  [/(?<=^|[,;] )(\d{1,3}) (?:min )?(rest|proof|knead|mix)\b(?= *(?:[,;.]|$))/gi, '$2 $1 min'],
  // "6 minutes of mixing and an hour of bulk proof"
  [
    /(?:\b(\d+(?:\.\d+)?) (min(?:ute)?s?|h(?:ours?)?)|\ban (hour)) of (mixing|kneading|bulk proof|proof|rest)(?:ing)?\b/gi,
    (_, n = '', unit = '', hour = '', work = '') =>
      `${STAGES[work.toLowerCase()] ?? work} ${hour === '' ? `${n} ${unit}` : '1 hour'}`,
  ],
  // "1h rise", "45 min bulk"
  [
    /(?<=^|[,;./] )(\d+(?:\.\d+)?) ?(h|hours?|hrs?|min|mins|minutes?) (rest|proof|rise|bulk|knead|mix|ferment)(?:ing)?\b(?= *(?:[,;./(]|$))/gi,
    '$3 $1 $2',
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
  // "3 + 3 min": both sides
  [/(?<![\d.])(\d+(?:\.\d+)?) ?\+ ?(\d+(?:\.\d+)?) ?(min(?:ute)?s?|sec(?:ond)?s?|s)\b/gi, '$1 $3 + $2 $3'],
  [/(?<!\d)(\d{2,3})\s*["″]\s*[/+]\s*(\d{2,3})\s*["″]/g, '$1 s, $2 s'],
  [/(?<!\d)(\d{2,3})\s*["″](?= (?:a|per|each|on|for) )/g, '$1 s'],
  [/(\d+)\s*['′] ?(\d{2})(?!\d)(?:\s*["″])?/g, '$1 min $2 s'],
  [/(\d+)\s*['′](?=\s|[/,;.+)]|$)/g, '$1 min'],
  [/\b(?:the )?(?:finely )?(?:grated )?zest of (\d+(?:\/\d)?) (lemon|lime|orange)s?\b/gi, '$1 $2 zest'],
  [
    /(?<![\d./])(\d+(?:\.\d+)?) ?\/ ?(\d+(?:\.\d+)?) ?\/ ?(\d+(?:\.\d+)?) ?(seconds?|secs?|s|min(?:utes?)?)\b/gi,
    '$1 $4, $2 $4, $3 $4',
  ],
  [/(?<=^(?:griddle|cook|bake|fry|tawa|hot ?plate|pan):? )(\d{2,3}) ?\/ ?(\d{2,3})(?=\s*(?:[.;,(]|$))/gi, '$1 s, $2 s'],
  // "60/45 sec": one side and the other
  [/(?<![\d./])(\d{2,3})\s*\/\s*(\d{2,3})\s*(seconds?|secs?|s)\b/gi, '$1 $3, $2 $3'],
  [WORK_OF_STAGE, (_, stage = '') => `${STAGES[stage.toLowerCase()] ?? stage} `],
  [/(?<=^|[,;.] )(\d{1,3}) (?:min )?bench\b(?! ?(?:rest|flour))/gi, 'bench rest $1 min'],
  [/(?=\d)(?<=\b(?:cook|bake|fry|griddle)\b[^.;]*)(\d+)\s*["″](?=\s*(?:[/,;.+]|$|a side|each))/gi, '$1 s'],
  [/\bhalf a dozen\b/gi, '6'],
  [/\ba good half (?=pint|cup|glass|litre|kilo)/gi, 'half a '],
  [
    /\ban? (pint|pound|ounce|litre|cup|glass|kilo) and (?:a|three) quarters?\b/gi,
    (m = '', unit = '') => `${/three/i.test(m) ? 1.75 : 1.25} ${unit}`,
  ],
  [/\b(rest|proof|prove|rise|bulk|chill)[:,] (\d{1,3})(?=\s*(?:\.(?!\d)|;|$))/gi, '$1 $2 min'],
  [
    /\b(rest|wait|knead|mix|proof|prove|rise|cook|bulk|bench|autolyse|chill) (\d{1,3})(?!\s*[.,/–-]\s*\d)(?=\s*(?:[.,;/(–-]|with\b|$))/gi,
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
  [
    /(?<=\b(?:balls?(?: (?:@|of|at) ?\d{2,3} ?g)?|round(?:ed)?(?: up)?)[;,] )(\d{1,3}) ?min(?:ute)?s?(?= (?:on the bench|under|covered|at room|in the|in a)\b|[,;.]|$)/gi,
    'rest $1 min',
  ],
  [/(?<=\b(?:coil|under)[,;] )(\d{1,3}) ?min(?:ute)?s?(?=[,;.]|$)/gi, 'rest $1 min'],
  [
    /(?<=\bfold(?:s|ed)?(?: once| again)?[,;] )(?:another )?(\d+(?:\.\d+)?) ?(h|hours?|min(?:ute)?s?)\b(?! apart)/gi,
    'rest $1 $2',
  ],
  [/\b(\d) ?[x×] ?(\d+(?:\.\d+)?) ?ml\b/gi, (_, n = '', ml = '') => `${Number(n) * Number(ml)} ml`],
  [/\b(?:an?|1|one) hour and a quarter\b/gi, '75 minutes'],
  [/\b(?:an?|1|one) minute and a quarter\b/gi, '75 seconds'],
  [/\b(?:an?|1|one) minute and three quarters\b/gi, '105 seconds'],
  [/\banother hour and a half\b/gi, '90 minutes more'],
  [/\banother minute and a half\b/gi, '90 seconds more'],
  [/\b(?:an?|1|one) hour and three quarters\b/gi, '105 minutes'],
  [/,? (?:say|that['’]s|that is|which is|i\.e\.) (?:about )?(\d+(?:\.\d+)? ?(?:g|ml|grams?))\b/gi, ' ($1)'],
  [/\b(?:an? )?half an? (?=hour)/gi, '0.5 '],
  [
    /\b(\d+|one|two|three|four|five) and a half (minutes?|hours?)\b/gi,
    (_, n = '', unit = '') => `${wordValue(n)}.5 ${unit}`,
  ],
  [/\b(?:an? )?(\w+ )?(hour|minute)s? and a half\b/gi, (_, n = '', unit = '') => `${wordValue(n)}.5 ${unit}s`],
  // the speeds of a machine, each with its time
  [
    /\bon (?:a )?(?:low|slow|first|1st|speed 1)(?: speed)? for (\d{1,2}) ?min(?:ute)?s?,? (?:and |then |and then )*(?:on |a |increase to |turn (?:it )?up to )*(?:medium|high|fast|second|2nd|speed [23])(?: speed)? (?:and knead )?for (\d{1,2})(?: ?min(?:ute)?s?)?\b/gi,
    (_, a = '', b = '') => `for ${Number(a) + Number(b)} min`,
  ],
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
  [/\b(?:tipo|type) (0{1,2})\b(?! ?(?:flour|\())/gi, '$1 flour'],
  [/\ba (?:good |small )?palmful\b/gi, '1 tbsp'],
  [
    /\b(knead|mix|rest|prove|proof|wait|leave)((?:ed)?(?: it)?)(?: for)? another (\d{1,2})(?=[,;]|\.(?!\d)|$)/gi,
    '$1$2 for $3 min',
  ],
  [/(\d)\s*fl\.? ?oz\b/gi, '$1 fl oz'],
  [/\banother (minute|hour)\b/gi, '1 $1 more'],
  [/\bkneed(?=ing\b|ed\b|s?\b)/gi, 'knead'],
  [/(\d) more (seconds?|secs?|minutes?|mins?|hours?)\b/gi, '$1 $2 more'],
  [/\bthree[- ]quarters of an hour\b/gi, '45 minutes'],
  [/\b(?:a )?quarter of an hour\b/gi, '15 minutes'],
  [new RegExp(`\\bthree[- ]quarters (?:of )?an? (?=${MEASURE})`, 'gi'), '3/4 '],
  [
    new RegExp(`\\b(?:one|1) (half|quarter|third) (?:of )?(?:an? )?(?=${MEASURE})`, 'gi'),
    (_, share = '') => `1/${share === 'half' ? 2 : share === 'third' ? 3 : 4} `,
  ],
  [new RegExp(`\\b(?:an? )?half (?:of )?(?:an? )?(?=${MEASURE})`, 'gi'), '1/2 '],
  [new RegExp(`\\b(?:an? )?quarter (?:of )?(?:an? )?(?=${MEASURE})`, 'gi'), '1/4 '],
  [new RegExp(`\\b(?:two|2) thirds (?:of )?(?:an? )?(?=${MEASURE})`, 'gi'), '2/3 '],
  [new RegExp(`\\b(?:an? )?third (?:of )?(?:an? )?(?=${MEASURE})`, 'gi'), '1/3 '],
  // what nobody weighs, by how much of it a hand takes
  [/\b(?:an?|1) (?:(?:good|big|large|small|little|generous) )?(?:blob|dollop)s? of\b/gi, '1 tbsp of'],
  [
    /\b(?:an?|1) (?:(?:good|big|large|small|little|generous) )?(?:slug|slosh|splosh|squirt|squeeze|lick) of\b/gi,
    '1 splash of',
  ],
  [
    /\b(?:an?|1) (?:(?:good|big|large|small|little|generous) )?(?:scattering|sprinkling|sprinkle|shake|twist|grating|touch|hint|smidgen|grind) of\b/gi,
    '1 pinch of',
  ],
  [
    /\b(?:an?|1) (?:(?:good|big|large|small|little|generous) )?(?:lump|nub|nut) of (?=butter|ghee|lard|margarine)/gi,
    '1 knob of ',
  ],
  [/\ba couple (?:of )?/gi, '2 '],
  [/\bhalf an? (?=(?:\w+ )?(?:egg|onion|lemon)\b)/gi, '1/2 '],
  [/(?<!\b(?:of|like|as|than|big|large) )\ban? (?=(?:\w+ )?(?:egg|onion|lemon|potato|leek)\b(?! ?-))/gi, '1 '],
  [
    new RegExp(
      `(?<!\\bin(?:to)? )\\ban? (?=(?:(?:heaped|heaping|level|rounded|scant|generous|good|big|small|large) )?(?:${MEASURE}|splash|glug|drizzle|drop|dash|sprinkle|stick)\\b)`,
      'gi',
    ),
    '1 ',
  ],
  [/\ban? (?=(?:pound|kilo|ounce|pint|litre|quart) of\b)/gi, '1 '],
  [NUMBER_WORD, (_, word = '') => NUMBERS[word.toLowerCase()] ?? word],
  [/(\d) fluid ounces?\b/gi, '$1 fl oz'],
  [/(\d+(?:\.\d+)? ?(?:k?g|grams)) each (?:of )?([\p{L} ]{3,20}) and ([\p{L} ]{3,25}?)(?=[,.;]|$)/giu, '$1 $2, $1 $3'],
  // "give it 40 seconds, turn it, give it 30"
  [/(\d+) (seconds?|minutes?)([^.]*?\bgive it \d+)(?=,| and\b|\.(?!\d))/gi, '$1 $2$3 $2'],
  // of a bread lying there
  [
    /\b(?:leave|wait)(?: (?:it|them))? (?:for )?(?:about )?(\d+) (seconds?|secs?|s),? (?:before (?:turning|flipping)\b|(?=(?:then )?(?:turn|flip)\b))/gi,
    'cook $1 $2, turn, ',
  ],
  [/\bwait (?=\d+ ?(?:s|secs?|seconds?)\b)/gi, 'cook '],
  // "count to sixty" is a minute
  [/\bcount(?:ing)? to (\d{2,3})\b/gi, '$1 seconds'],
  [/(?<=\d ?(?:s|secs?|seconds?|min|mins?|minutes?) )(each|per|a) way\b/gi, '$1 side'],
  [/\b(each|per|a|both|either|first|second|other) (face)(s?)\b/gi, '$1 side$3'],
  [/\b(first|second|other|1st|2nd) side: (?=(?:about )?\d)/gi, '$1 side '],
  [/\bafter (?:the )?first (hour)\b/gi, 'after 1 $1'],
  [/(?<=\bleave),? covered,? (?=for\b)/gi, ' covered '],
  [/(\d+) (seconds?|secs?|minutes?|mins?),? then (\d+)(?=\s*(?:[;,]|\.(?!\d)|$))/gi, '$1 $2, then $3 $2'],
  // "wait ten."
  [/\b(rest|wait|prove|proof) (\d{1,3})(?=\s*(?:[;,]|\.(?!\d)|$))/gi, '$1 $2 min'],
  [/(\d) hours? (\d{1,2})(?=[.,;]|$)/gi, '$1 hours $2 minutes'],
  [/(?<![\d:])(\d{1,2}):([0-5]\d) ?(?:h|hours?|hrs?)\b/gi, '$1 hours $2 minutes'],
  [/\bbetween (\d+(?:\.\d+)?) and (\d+(?:\.\d+)?)(?= ?(?:min|sec|s\b|h\b|hour|g\b|cm\b|mm\b))/gi, '$1-$2'],
  [/\b(?:1\/2|half) an? centimet(?:re|er)\b/gi, '5 mm'],
  [/(\d{1,2}) ?[x×] ?(\d{1,2}) ?cm\b/gi, '$1 cm x $2 cm'],
  // so thick is no bread: it is told across
  [/(?<![\d.,–-])([6-9]\d|[1-4]\d\d) ?mm\b/g, (_, mm = '') => `${Number(mm) / 10} cm`],
  [/(\d)-(seconds?|secs?|minutes?|mins?|hours?)\b/gi, '$1 $2'],
  // "1:30 each side"
  [
    /(?<![\d:])(\d{1,2}):([0-5]\d)(?= ?(?:min(?:utes?)? )?(?:on |for )?(?:each|per|a|both|either) sides?\b)/gi,
    '$1 min $2 s',
  ],
  [
    /(?<=\b(?:balls?(?: of \d{2,3} g(?:rams)?)?|round)[,;] )(\d(?:\.\d+)?) (hours?)(?: more)?(?=[,;.]|$)/gi,
    'rest $1 $2',
  ],
  [/(\d) min(?:ute)?s? ([1-5]\d)(?= (?:on )?(?:each|per|a) side\b)/gi, '$1 min $2 s'],
  [/(\d) ?g (?:tub|pot|jar|carton|tin|can|packet) (?:of )?(?=\p{L})/giu, '$1 g '],
  [
    /(?<=\b(?:balls?|pieces|rounds|divide[^,;.]{0,20})[;,] )(\d{1,3})(?: ?min(?:utes?)?)? more(?=[,;.])/gi,
    'rest $1 min',
  ],
  [/(\d)\s+and\s+(?:a\s+)?half\b/gi, '$1 1/2'],
  [
    /(\d+(?:\.\d+)?)\s*(seconds?|secs?|s|minutes?|mins?|min)\b([^.]*?\b\d+) more\b(?! *(?:seconds?|secs?|s|minutes?|mins?|hours?|hrs?|h)\b)/gi,
    '$1 $2$3 $2 more',
  ],
  [
    /(\d+(?:\.\d+)?)(\s*(?:seconds?|secs?|s|minutes?|mins?))\b([^.]*?)\bhalf (?:that|the) time\b/gi,
    (_, n = '', unit = '', between = '') => `${n}${unit}${between}${Number(n) / 2}${unit}`,
  ],
  [/(\d)\s+and\s+(?=[½¼¾⅓⅔⅛]|\d\/\d)/gi, '$1 '],
  [
    /(?<!(?:\d|\b[Aa]n?) ?[\p{L}-]{1,14} )\bof ([\p{L} ]{3,25}?) (\d+(?:\.\d+)?|[½¼¾]) ?(pounds?|lb|ounces?|oz|pints?|grams?)\b/giu,
    '$2 $3 $1',
  ],
  [/(\d)\s*(?:grams?|gms?|gr)\b\.?/gi, '$1 g'],
  [/(\d)\s*pounds?\b/gi, '$1 lb'],
  [/(\d)\s*ounces?\b/gi, '$1 oz'],
  [/(\d+) lb (\d+(?:\.\d+)?) oz\b/gi, (_, lb = '', oz = '') => `${16 * Number(lb) + Number(oz)} oz`],
  [
    /(?<=\b(?:scale|divide|pieces? of|balls? of)(?: at| into)? )(\d+(?:\.\d+)?)? ?([½¼¾])? ?oz\b\.?/gi,
    (_, n = '0', part = '') => `${Math.round(28.35 * (Number(n) + ({ '½': 0.5, '¼': 0.25, '¾': 0.75 }[part] ?? 0)))} g`,
  ],
  [/(\d)\s*g\b\.?(?=\s|$|[),/;])/g, '$1 g'],
  [/(\d)\s*(kg|mg|ml|cl|dl|oz|lb|lbs|cm|mm|tsp|tbsp|tbs|l|L)\b/g, '$1 $2'],
  [/(\d|[½¼¾])\s*pts?\b\.?/gi, '$1 pint'],
  [/(\d) ?mts?\b\.?/gi, '$1 min'],
  [/(\d{1,3}) nos\b\.?/gi, '$1 pieces'],
  [/(\d)\s*kilos?\b/gi, '$1 kg'],
  // "300 ml to 320 ml"
  [/(\d+(?:\.\d+)?) (g|ml|kg|l) ?(?:to|-|–|or) ?(\d+(?:\.\d+)?) \2\b/g, '$1-$3 $2'],
  [/^(?:up to|at most|max(?:imum)?\.?) (?=\d)/i, ''],
  [
    /\b((?:divide|scale|portion|pieces?|balls?|each)\b[^\d.;,]{0,14})(0\.\d{1,3}) kg\b/gi,
    (_, work = '', kg = '') => `${work}${Math.round(1000 * Number(kg))} g`,
  ],
  [/(\d)\s*(?:litres?|liters?)\b/gi, '$1 l'],
  [/(\d)\s*millilit(?:re|er)s?\b/gi, '$1 ml'],
  [/(\d+(?:\.\d+)?)\s*cl\b/g, (_, n = '') => `${Number(n) * 10} ml`],
  [/(\d+)\s*[x×]\s*(\d+(?:\.\d+)?)\s*g\s*(sachets?|packets?)/gi, '$1 $3 ($2 g)'],
  [/(\d)\s*\((\d+(?:\.\d+)?)\s*g\)\s*(sachets?|packets?)/gi, '$1 $3 ($2 g)'],
  // "scale 8 x 130 g": pieces, and no weight of them all
  [
    /\b((?:scale|divide|div|cut|portion(?:ing)?|dividing|scaling|balls?|pieces?|weigh|split)\b[^\d.;]{0,20}?)(?:in(?:to)? )?(\d{1,3})\s*[x×]\s*(\d{2,3})\s*g\b/gi,
    '$1into $2 pieces of $3 g',
  ],
  [/(\d+)\s*[x×]\s*(\d+(?:\.\d+)?)\s*g\b/gi, (_, n = '', g = '') => `${Number(n) * Number(g)} g`],
  [/(?<=[a-zA-Z°])\s*\/\s*(?=\d+(?:\.\d+)?\s*(?:oz|lb|g|kg|ml|cups?|tsp|tbsp|fl|°|in|")|[½¼¾⅓⅔⅛])/g, ' / '],
  [/\s{2,}|[^\S ]/g, ' '],
  [
    /(\d)(\s*)(seconds?|secs?|s|minutes?|mins?)\b((?:(?!seconds?\b|secs?\b|minutes?\b|mins?\b)[^.])*?(?:\b(?:and|then) (?:a |another )?|, )\d+)(?= (?:on|for) the (?:second|other)\b)/gi,
    '$1$2$3$4 $3',
  ],
  [
    /\b(rest|knead|proof|rise|prove|cover)((?: (?:it|them))?(?: again)?) for (\d{1,3})(?= *(?:and\b|[,;]|\.(?!\d)|$))/gi,
    '$1$2 for $3 min',
  ],
  [/(?<=\d ?(?:s|secs?|seconds)\b[^.]*\bside(?: again)? )(\d{2,3})(?=\s*(?:[,;]|\.(?!\d)|$))/gi, '$1 s'],
  // "on one side for 60 seconds, on the other for 45"
  [
    /\bside for (\d+) (seconds?|secs?|s|minutes?|mins?)\b([^.;\d]*\bother(?: side)? (?:for )?)(\d+)(?=\s*(?:[.,;]|$))/gi,
    'side for $1 $2$3$4 $2',
  ],
  [
    /(\d+) (seconds?|secs?|s|minutes?|mins?) (?:on )?(?:1|one) side and (\d+) (?:on )?(?=the other\b)/gi,
    '$1 $2 on the first side and $3 $2 on ',
  ],
  // "knead for 10 minutes, rest it for 15"
  [/(?<=\d ?min(?:utes?)?\b[^.;]*\bfor )(\d{1,3})(?=\s*(?:[.,;](?!\d)|$))/gi, '$1 minutes'],
];

/** A line in one spelling: number words as figures, fractions of measures, decimal points, units set apart. */
export function normal(line: Mapped): Mapped {
  return line.spelledAs(spelledAnew(line.text));
}
const spelledAnew = remembered((line: string): Mapped =>
  RULES.reduce((text, [from, to]) => text.replace(from, to), Mapped.of(line)).trim(),
);
/** The same of words whose place nobody asks for. */
export const normalLine = (line: string): string => spelledAnew(line).text;

/** A line without the mark of a list, and whether it had the number of a step. */
export function withoutBullet(line: Mapped): Mapped {
  return (
    line
      .replace(/^\s*(?:\p{Extended_Pictographic}\uFE0F?\s*)+/u, '')
      .replace(/^\s*(?:[-=]>|o(?=\s+\p{Lu})|[•*·▢□☐✓‣◦►>#①-⑳]+|[-–—]+(?=\s))\s*/u, '')
      // "3 BULK PROOF – 65 minutes"
      .replace(
        /^\s*\d{1,2}\s+(?=(?:MIX|KNEAD|(?:BULK )?PROOF|BULK|(?:BENCH )?REST|DIVIDE|SCALE|BALL|ROUND|SHAPE|FLATTEN|STRETCH|ROLL|FOLD|CHILL|COOK|BAKE|BRUSH)\b)/,
        '',
      )
      .replace(/^\s*(?:(?:step|stage|part|phase|no\.?|#)\s*\d{1,2}\s*[–—.):-]|\d{1,2}\s*[.):]|[a-z]\))\s+/i, '')
      .trim()
  );
}
