import type { Spelling } from './rule.ts';
import { TOLD } from '../told-words.ts';
import { findFood } from '../../foods/index.ts';

/** "Mehl / flour 0,750 kg": one name in two languages. */
const TWO_TONGUES = /^(\p{L}[\p{L} ]*?) ?\/ ?(\p{L}[\p{L} ]*?)(?=[ :.]+\d| [—–-] \d| \([^)]*\)[ :.]+\d)/iu;
const inOneTongue = (all = '', a = '', b = ''): string =>
  findFood(a) ? (findFood(b) ? all : a) : findFood(b) ? b : all;

/** Signs, stages and their times, pieces and their weights, and work told in other words. */
export const STAGE_WORDS: readonly Spelling[] = [
  [/\u00a0|\t/g, ' '],
  // "a quarter of an hr", "3 hrs"
  [/(?<=\b(?:an?|another|one|half) )hrs?\b/gi, 'hour'],
  [/(?<=\d ?)hrs?\b(?!\.)/gi, 'h'],
  [/\bw\/o\b/gi, 'without'],
  [/\bw\/ ?(?=\p{Ll})/gu, 'with '],
  [/\bS ?& ?F\b/g, 'stretch and fold'],
  [/ ?@ ?(\d{2}) ?°? ?C\b/g, ' at $1 °C'],
  [/(?<=[\d½¼¾] ?)(?:tbsps?|tbs|tblsp|tbl)\b\.?/gi, 'tbsp'],
  [
    /(?<=^|[,;.] )(\d) (?:per|for each) (?:person|student|pupil|head) \(?(?:about |~ ?)?(\d{2,3}) ?g\)?(?= *(?:[.,;]|$))/gi,
    'divide into pieces of $2 g',
  ],
  [/(?<=^|[,;.] )(\d{1,2}) (balls|pieces) each,? \((?:~ ?|about |ca\.? )?(\d{2,3}) ?g\)/gi, '$2 of $3 g'],
  // "1 Würfel Hefe / cube of yeast", "3 EL Öl / tbsp oil"
  [
    /(?<=^|[,;] )(\d+(?:[.,]\d+)?|[½¼¾]) \p{L}+ \p{L}+ ?\/ ?(cube|tbsp|tsp|cup|sachet|packet|pinch|tin|clove)s? (?:of )?(?=\p{L})/giu,
    '$1 $2 ',
  ],
  [/\bflip ?\/ ?(?=stretch|slap|throw)/gi, ''],
  [/\bcut (?:the )?(lard|butter|fat|shortening) in(?= *(?:[.,;]|$))/gi, 'cut in the $1'],
  [/\b(\d{1,3}) (?:wraps|breads|flatbreads|tortillas|rounds) at (\d{2,3}) ?g\b/gi, 'makes $1 pieces of $2 g'],
  [/\bso (\d{1,3}) at (\d{2,3}) ?g\b/gi, 'so $1 pieces of $2 g'],
  [/^(\d{1,2}) ?min(?:ute)?s? (?:in (?:the )?)?(?:machine|mixer)(?=,|$)/i, 'mix $1 min'],
  // "balls 4 x 210 g", "prove 2 h, 14 x 110, rest 30", "10 loyahs (balls) of ~100 g"
  [/\bballs:? (\d{1,3}) ?[x×] ?(\d{2,3}) ?g\b/gi, '$1 balls of $2 g'],
  [/(?<=, )(\d{1,3}) ?[x×] ?(\d{2,3})(?=, (?:rest|ball|round|proof|prove|bench))/gi, '$1 pieces of $2 g'],
  [/\b(\d{1,3}) \p{L}+ \((balls|pieces)\) of (?:~ ?|about )?(\d{2,3} ?g)\b/giu, '$1 $2 of $3'],
  // "roll, 6 cm cutter (makes 12)"
  [/(?<=\b(?:cutter|rounds|cut|saucer|glass)\b[^.;]{0,12}) \(makes (\d{1,2})\)/gi, ' into $1 pieces'],
  [/^(roll|press|stretch)(?: out)? (?:to )?(1[2-9]|2\d|3\d)$/i, '$1 to $2 cm'],
  [/^(griddle|cook|plate|pan) (\d(?:\.\d)?) ?\+ ?(\d(?:\.\d)?)$/i, '$1 $2 min, turn, $3 min'],
  [/ ?‖ ?/g, ', '],
  [/\bgf\b/gi, 'gluten-free'],
  // "4 tazas (cups) flour"
  [/(?<=[\d½¼¾] ?)\p{L}{3,} \((cups?|glass(?:es)?|tsp|tbsp|(?:tea|table)spoons?|pinch(?:es)?)\)/giu, '$1'],
  // "wet hands: 8 cakes of ca. 100 g"
  [
    /(?<=^|[.;] )(?:with )?(?:wet|oiled|floured) hands[:,] (?:form |make )?(\d{1,2}) (?:cakes|rounds|breads|patties|pieces) of (?:ca\.? |about |approx\.? |~ ?)?(\d{2,3}) ?g\b/gi,
    'divide into $1 pieces of $2 g',
  ],
  [/ {2,}/g, ' '],
  [/(\d) ?grams?\b/gi, '$1 g'],
  [/(\d)(min(?:ute)?s?|sec(?:ond)?s?|hrs?|hours?|h)\b/gi, '$1 $2'],
  [/ [·•] /g, ', '],
  [
    /(?<!\b(?:each|per|a|the|either|both|every) )\b(?:side (?:1|one)|1st side)\b(?!\.\d| ?(?:min|h\b|s\b|sec|h(?:ou)?r|side))/gi,
    'first side',
  ],
  [
    /(?<!\b(?:each|per|a|the|either|both|every) )\b(?:side (?:2|two)|2nd side)\b(?!\.\d| ?(?:min|h\b|s\b|sec|h(?:ou)?r))/gi,
    'second side',
  ],
  [/(?<=^|[.;,/] ?)other(?= *[:–-]? *\d+ ?(?:s|min))/gi, 'other side'],
  // "4+4 min mix", "rest – 30 min", "fold at 30 and 60 min"
  [
    /^(\d{1,2}) ?\+ ?(\d{1,2}) ?min(?:ute)?s? (?:of )?mix(?:ing)?\b/i,
    (_, a = '', b = '') => `mix ${Number(a) + Number(b)} min`,
  ],
  [
    /\b(mix|knead|rest|proof|prove|bulk|divide|scale|chill|roll|cook|bake|griddle) [–-] (?=\d|(?:an?|one|two|three|half) )/gi,
    '$1 ',
  ],
  [/\bIP(?= ?:? ?\d)/g, 'intermediate proof'],
  [/\bFP(?= ?:? ?\d)/g, 'final proof'],
  [/^(\d{1,2}) ?[x×] ?(\d{2,3})(?=, \p{Ll})/u, '$1 pieces of $2 g'],
  // "12 x 75 g – 15'"
  [/^(\d{1,2}) ?[x×] ?(\d{2,3}) ?g ?[–-] ?(?=\d{1,3} ?(?:min|'))/i, 'divide into $1 pieces of $2 g, rest '],
  [/^(cut|divide|scale): (?=\d{1,2} ?[x×])/i, '$1 '],
  [/(?<=\d ?[x×] ?)~ ?(?=\d{2,3} ?g\b)/gi, ''],
  [/^(scale|divide|portion)\/(?=(?:ball|round)\b)/i, '$1 / '],
  [/^T ?°? (?=(?:water|dough|flour|room)\b)/i, 'temperature of the '],
  [/^(?:scale|divide) ?\/ ?(?:round|ball):? (\d{2,3} ?g)\b/i, 'divide into pieces of $1, round'],
  // "cut 12 (110 g)"
  [/(?<=^|[,;.] |\band )(cut|divide|make) (\d{1,2}) \((\d{2,3}) ?g(?: each)?\)/gi, '$1 into $2 pieces of $3 g'],
  [/(?<=\bcakes|\brounds|\bballs|\bhand|\bthick) \((\p{L}+|\d{1,2}) of (?:them|these)\)/giu, '; $1 pieces'],
  [
    /(?<=^|[,;:] |\bthen )((?:\d+(?:\.\d+)?|[½¼¾]) ?(?:h|hours?|min(?:ute)?s?)) out(?= *[,;.])/gi,
    'out of the fridge $1',
  ],
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
  // "next, the kneading: 8 minutes"
  [
    /^(?:(?:now|next|then|after that|finally),? )?(?:(?:it is )?time |comes |on )?(?:for |to )?(?:the |a )?(?=(?:knead|mix|rest|prov|proof|divid|shap|roll|cook|bak)ing(?: ?:| [–-]| (?:takes|will take|should take)) )/i,
    '',
  ],
  // "press one ball at a time out to a round"
  [/(?<=\p{L} )(?:one|1) (ball|piece|portion|round|disc) at a time(?= (?:out|flat|thin|(?:in)?to)\b)/giu, 'each $1'],
  [/^(?:now|next|then|finally|lastly),? (?!day\b|morning\b)(?=\p{Ll}|\d)/iu, ''],
  [/(?<=^|; )(?:to shape|shaping): (?=divid|cut\b|\d)/i, ''],
  [/\b(it|that)['’]s (?=\p{L}+ed\b|left\b|then\b)/giu, '$1 is '],
  [/\bthey['’]re (?=\p{L}+ed\b|left\b|then\b)/giu, 'they are '],
  [
    /^having (\p{L}+ed) (?=it\b|the\b|them\b)/iu,
    (all = '', verb = '') => (TOLD[verb.toLowerCase()] === undefined ? all : `${TOLD[verb.toLowerCase()]} `),
  ],
  [/\b(?:BF|FF)(?= ?:? ?\d)/g, 'bulk'],
  [/\bint\. ?(?=proof|rest)/gi, 'intermediate '],
  // what bakers' schools call the proof of the whole dough, and of its pieces
  [/\b(?:puntata|pointage)(?= ?[:–-]? ?\d)/gi, 'bulk'],
  [/\b(?:appretto|appr[êe]t)(?= ?[:–-]? ?\d)/gi, 'proof'],
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
    /(?<![\d.,/]|\bat )((?:\d{1,2} )?\d\/\d|\d{0,2}\s?[½¼¾⅓⅔⅛]|1[0-2]|[1-9])\s*[Cc]\.?(?= (?!(?:for|and|or|until|in|on|at|to|oven|overnight)\b)(?:\p{Ll}|AP\b|WW\b|SR\b|AP-))/gu,
    '$1 cups',
  ],
  [
    /(?<![\d.,])((?:\d{1,2} )?\d\/\d|\d{0,2}\s?[½¼¾⅓⅔⅛]|\d{1,2})( (?:heaping|heaped|level|rounded|scant))?\s*T\.?(?= (?:\p{Ll}|AP\b|WW\b|SR\b))/gu,
    '$1$2 tbsp',
  ],
  [
    /(?<![\d.,])((?:\d{1,2} )?\d\/\d|\d{0,2}\s?[½¼¾⅓⅔⅛]|\d{1,2})( (?:heaping|heaped|level|rounded|scant))?\s*t\.?(?= (?:\p{Ll}|AP\b|WW\b|SR\b))/gu,
    '$1$2 tsp',
  ],
  // "flour 6 c, yeast 1 T, salt 1½ t": the same behind the names
  [
    /(?<=(?:^|[,;+] )\p{L}[\p{L} ]{2,24}(?:[:,]? | ?\((?:about )?))((?:\d{1,2} )?\d\/\d|\d{0,2}\s?[½¼¾⅓⅔⅛]|1[0-2]|[1-9]) ?([CcTt])\.?(?= *(?:[,;)]|\.?$|\. |or so\b))/gu,
    (_, n = '', letter = '') => `${n} ${letter === 'T' ? 'tbsp' : letter === 't' ? 'tsp' : 'cups'}`,
  ],
  // "pinch salt"
  [
    /(?<=^|[,;+&] |\band )(?:(?:good|big|small|large|generous) )?(pinch|glug|handful|knob) (?:of )?(?=(?:(?:sea|fine|coarse|kosher|table|black|caster|dry|dried|olive|vegetable|melted|fresh|baby) )*(?:salt|sugar|pepper|yeast|soda|bicarb\w*|saffron|cumin|nutmeg|cinnamon|chilli|paprika|turmeric|milk|water|oil|butter|honey|vinegar|spinach|herbs|parsley|coriander|flour)\b)/giu,
    '1 $1 of ',
  ],
  [/^rounding,? (?:and )?resting:? *(?=\d)/i, 'ball, rest '],
  [/\bdivide:? (\d{1,3}),? (?:of )?(\d{2,3}) g\b/gi, 'divide into $1 pieces of $2 g'],
  [/\b(scale|divide):? (\d{1,2}) ?[x×] ?(\d{2,3})(?= *(?:[,;.]|$))/gi, '$1 into $2 pieces of $3 g'],
  [/(?<=^|[.;] )(?:spiral(?: mixer)?|machine|mixer):? (?=\d)/gi, 'mix '],
  [/^(?:in the )?(?:machine|mixer): (?=(?:all|everything)\b)/i, 'mix '],
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
  [/\b(\d{1,3}) (pieces|balls) [x×] ?(\d{2,3}) ?g\b/gi, '$1 $2 of $3 g'],
  [
    /\b(divide|scale)[:,]? (\d+ ?min(?:ute)?s?),?\s+(\d{1,3}) ?[x×] ?(\d{2,3}) ?g\b/gi,
    '$1 into $3 pieces of $4 g ($2)',
  ],
  [/\b(?:one|a|1) fold at (\d{2,3})(?! ?(?:min|h\b|°))/gi, 'one fold after $1 min'],
  [/(?<=^|[,;.] )out (?:for )?(?=\d+(?:\.\d+)? ?(?:min|h))/gi, 'out of the fridge '],
  [
    /\b(\d{1,3}) (?:piezas|pezzi|pièces|stück|szt\.?|uds\.?|st\.?|pieces|breads) (?:de |da |à |von |of )?0[.,](\d{1,3}) ?kg\b/gi,
    (_, n = '', kg = '') => `${n} pieces of ${Math.round(1000 * Number(`0.${kg}`))} g`,
  ],
  // "25 x 165 g teilen (divide)"
  [/\b(\d{1,3}) ?[x×] ?(\d{2,3}) ?g (?:\p{L}+ )?\((?:divide|scale)\)/giu, 'divide into $1 pieces of $2 g'],
  [TWO_TONGUES, inOneTongue],
  // "1,5 min per sida (side)", "1,5 tsk salt (tsp)"
  [/\bper \p{L}+ \(side\)/giu, 'per side'],
  [/(?<=\d ?)\p{L}{2,4} (\p{L}+) \((tsp|tbsp)\)/giu, '$2 $1'],
  // "Bollen (ball)."
  [
    /(?<=^|[,;.] )(?:\p{L}+ )?\p{L}+ \((mix|knead|bulk|bench rest|(?:bulk )?proof|rest|rise|divide|scale|round|ball|shape|press|flatten|roll|stretch|cook|bake|griddle|fry)\)/giu,
    '$1',
  ],
  // "Stesura / press: 14 cm": work in two languages
  [
    /(?<=^|[,;] )(?!(?:mix|knead|roll|press|stretch|shape|cook|bake|pat|round|ball|rest|fold|cover|divide|scale|portion|weigh|flatten|griddle|fry|brush|proof|rise|chill)\b)\p{L}+ ?\/ ?(mix(?:ing)?|knead(?:ing)?|(?:bulk )?proof(?:ing)?|rest(?:ing)?|rise|divid(?:e|ing)|scal(?:e|ing)|round(?:ing)?|ball|shap(?:e|ing)|press|flatten|roll(?:ing)?|stretch|cook(?:ing)?|bak(?:e|ing)|griddle|fry)\b/giu,
    '$1',
  ],
  // a scan takes letters for figures
  [/(?<![\p{L}\d])(\p{L}+)0(\p{L}{2,})(?![\p{L}\d])/gu, '$1o$2'],
  [/\b2 ?[x×] ?(\d+(?:[.,]\d+)?) ?(seconds?|secs?|s|minutes?|mins?)\b/gi, '$1 $2 per side'],
];
