import type { Spelling } from './rule.ts';

/** How cards shorten what goes before a food. */
const SHORT_WORDS: Readonly<Record<string, string>> = {
  inst: 'instant',
  veg: 'vegetable',
  sunfl: 'sunflower',
  wholem: 'wholemeal',
  evap: 'evaporated',
  cond: 'condensed',
  gran: 'granulated',
  cast: 'caster',
};

/** What stands for each food of a formula. */
const BAKERS_SIGNS: Readonly<Record<string, string>> = {
  W: 'water',
  S: 'salt',
  Y: 'yeast',
  O: 'oil',
  OO: 'olive oil',
  M: 'milk',
  B: 'butter',
  SU: 'sugar',
};
/** Bare figures beyond this are seconds (this program's own choice). */
const MOST_MINUTES_A_SIDE = 12;

/** Signs, short words and measures by one spelling each, before a line finds its place: what comes after asks for no other. */
export const AS_WRITTEN: readonly Spelling[] = [
  [/(?<=\d)[’′](?!’|′)/g, "'"],
  [/(?<=(?<!“)\b\d+)(?:[”″]|’’|′′)/g, '"'],
  [/(?<=\d) ?(?:grams?|grammes?|gms?)\b/gi, ' g'],
  // "rest min. 4 h": a point that ends no sentence
  [/(?<=\p{L}[,:]? )\bmin\. ?(?=\d+(?:[.,]\d+)? ?(?:h|hours?|hrs?|min)\b)/giu, 'at least '],
  [
    /\b(inst|veg|sunfl|wholem|evap|cond|gran|cast)\. (?=(?:dry |dried )?(?:yeast|oil|flour|milk|sugar)\b)/gi,
    (all = '', short = '') => `${SHORT_WORDS[short.toLowerCase()] ?? all} `,
  ],
  [/\b(an?|1|one) (?:big|large|small|little|tiny) (?=(?:splash|glug|drizzle|dash)\b)/gi, (_, one = '') => `${one} `],
  // "knead 15!! balls"
  [/(?<=\d)!+(?=\s)/g, '.'],
  // that is no option
  [/\b(?:but |well,? )?if you (?:insist|ask me|must know|really want to know),? (?=i\b|we\b|\d)/gi, ''],
  // "(or overnight in the fridge; take it out an hour before)": within brackets one thing is said
  [/(?<=\((?:or|alternatively)\b[^().]*);(?=[^().]*\))/gi, ','],
  [/\b(?:another|a|one) half[- ]minute\b/gi, 'another 30 seconds'],
  [/\bhalf[- ]minute\b/gi, 'half a minute'],
  // a coin is as thick as three millimetres, two of them roughly so (common practice, from memory)
  [
    /\b(?:the )?thickness of (?:an?|two|2) (?:pound |euro |£1 )?coins?\b|\bas (?:thick|thin) as an? (?:pound |euro |£1 )?coin\b/gi,
    '3 mm thick',
  ],
  // together, and into no shape yet
  [/\bpat and (?=bring (?:it|everything) )/gi, ''],
  // "300g/10½oz strong flour", "200ml/7fl oz water": the same once more
  [
    /(?<![\d.,])(\d[\d.,]* ?(?:k?g|m?l)) ?\/ ?(\d*(?:\.\d+)?[½¼¾⅓⅔]? ?(?:fl ?oz|oz|lb|pints?)(?: ?\d*[½¼¾]? ?oz)?)(?=\s)/gi,
    '$1 ($2)',
  ],
  [/(?<=\d|\b(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|half)) ?centilit(?:re|er)s?\b/gi, ' cl'],
  [/\binterm(?:ed)?\. ?(?=pro|rest)/gi, 'intermediate '],
  // "250 g water plus 40 g more if it wants it"
  [/(?<=\d ?(?:g|ml) \p{L}[\p{L} ]{2,20}),? plus (?=\d+ ?(?:g|ml) (?:more|extra) if )([^,;.]*)/giu, ' (up to $1)'],
  // "knead 8 min. 1h30. Divide": one time
  [
    /(?<![\d:.,])([1-5]) ?(?:h([0-5]\d)(?: ?min(?:ute)?s?)?|h(?:rs?)?\.? ([0-5]?\d) ?min(?:ute)?s?|h(?:rs?)? ([0-5]\d)(?=[,;]|$))(?![\p{L}\d])/giu,
    (_, h = '', glued = '', apart = '', bare = '') => `${60 * Number(h) + Number(glued || apart || bare)} min`,
  ],
  // "Potato farls -- 500 g potato, …"
  [/(?<=\S) --(?= \S)/g, ' –'],
  // "3 kilos of flour makes 40 breads of about 120 g", "the water is 1.9 litres"
  [
    /(?<=\d|\b(?:kilos?|grams|cups) )((?: ?(?:k?g|kilos?|grams|cups))? of (?:\p{L}+ )?flour) (?:makes|gives|yields|is (?:enough )?for) (?=(?:about )?\d+ (?:breads|pieces|balls|flatbreads|wraps)\b)/giu,
    '$1. Makes ',
  ],
  [
    /(?<=^|[,;.:] )(the )?(water|milk|salt|yeast|oil|sugar|flour) (?:is|are|comes to) (?=(?:about )?\d[\d.,]* ?(?:k?g|m?l|litres?|liters?|kilos?|grams?|tsp|tbsp)\b)/gi,
    (_, the = '', name = '') => `${the.startsWith('T') ? `${name.charAt(0).toUpperCase()}${name.slice(1)}` : name} `,
  ],
  [/\bS\.? ?R\.? (?=flour\b)/g, 'self-raising '],
  [/(?<=\bflour,? )\(?S\.? ?R\.?\)?(?=[ ,;.]|$)/g, 'self-raising'],
  // "pull off eggs of dough": so large, and nothing that a hen lays
  [/\b(?:eggs|lemons|walnuts|mandarins|golf balls) of (?:the )?(?=dough\b)/gi, 'pieces of '],
  // "flour 2 kg / water 1,25": where the flour is told in kilograms, a figure with decimals is
  [
    /^(?=[^.]*\bflour\b[^;,/]{0,24}? \d[\d.,]* ?kg\b).*$/gi,
    (all = '') =>
      all.replace(/(?<=[;/·] ?|, )(\p{L}[\p{L} ]{2,20} \d[.,]\d{1,3})(?= *(?:[;/·]|, |\.? *$|\. \p{Lu}))/giu, '$1 kg'),
  ],
  [
    /\b(mix|knead) (\d{1,2}) ?\+ ?(\d{1,2})(?= *(?:[-–,;.]|$))/gi,
    (_, verb = '', a = '', b = '') => `${verb} ${Number(a) + Number(b)} min`,
  ],
  [/\boven:? (\d{3}) ?(?:° ?C?)? ?\/ ?(\d{1,2}) ?min\b/gi, 'oven $1 °C, $2 min'],
  [/(?<=[.;] )(?=\d{1,3} (?:min|h), (?:with )?(?:one|1|a|two|2|three|3) folds?\b)/gi, 'rest '],
  // "130 g each." behind a proof
  [/(?<=[.;] )(?:about )?(\d{2,3}) ?g each(?=[.;,]|$)/gi, 'divide into pieces of $1 g'],
  // "→ 84 g / piece": what it comes to
  [
    /(?<=^|[.;] |\s)(?:→|=>|->|=) ?(\d{2,3}) ?g ?(?:\/ ?|per |a |each )(?:piece|pc|pcs|bread|ball)?\.?$/gi,
    'Piece weight: $1 g',
  ],
  // "For 1 lb of flour: 4 oz butter"
  [/^(?:for|to) (?=\d[\d.,]* ?(?:k?g|lb|cups?) (?:of )?(?:\p{L}+ )?flour: \d)([^:]*): /giu, '$1, '],
  // "F 100 / W 64 / S 2 / Y 1.2 / OO 6", as bakers shorten a formula
  [
    /(?<=^|[.:] ?)F 100(?= ?[/,;·|] ?W \d)((?: ?[/,;·|] ?(?:W|S|Y|O|OO|M|B|SU) \d+(?:[.,]\d+)?)+)/g,
    (_, rest = '') =>
      `flour 100 %${rest.replace(/ ?[/,;·|] ?([A-Z]+) (\d+(?:[.,]\d+)?)/g, (_all: string, sign: string, n: string) => `, ${BAKERS_SIGNS[sign] ?? sign} ${n} %`)}`,
  ],
  // "griddle low 5 + 5", "griddle 2+1.5": minutes of the two sides
  [
    /\b(griddle|pan|tawa|plancha|hot ?plate|comal)(?: (low|medium|high))?,? (\d*\.?\d+) ?\+ ?(\d*\.?\d+)(?= *(?:[,;]|\.?$))/gi,
    (all = '', where = '', heat = '', a = '', b = '') =>
      Number(a) > MOST_MINUTES_A_SIDE || Number(b) > MOST_MINUTES_A_SIDE
        ? all
        : `${where}${heat === '' ? '' : ` on ${heat} heat,`} ${Number(a)} min + ${Number(b)} min`,
  ],
  [/(?<=^|[.] )(?:tear|break)(?: (?:it|them))?(?: up)? with (?=\p{L}[^.]*\d)/giu, 'Serve with: '],
  [
    /(?<=\bstarter|\bbatter|\bdough|\blevain) from (?:last (?:time|week)|yesterday|the (?:last|day before)(?: batch)?|before)(?=[ ,]*\d)/gi,
    '',
  ],
  [/\bscale ?(?:\+|&|and) ?(?=ball|round)/gi, 'divide and '],
  // "Greek yoghurt (10 %)": of fat, and no share of the flour
  [
    /(?<=\b(?:yogh?urt|quark|cream|curd|ricotta)) \((\d{1,2}(?:[.,]\d)?) ?%(?: fat)?\)(?=:? +\d)|(?<=\d ?(?:k?g|m?l) (?:of )?(?:\p{L}+ ){0,3}(?:yogh?urt|quark|cream|curd|ricotta)) \((\d{1,2}(?:[.,]\d)?) ?%(?: fat)?\)/giu,
    (_, first = '', second = '') => ` (${first || second} p.c.)`,
  ],
  // "2 tazze / cups of flour": the measure in another tongue, and in one that is known
  [/(?<=\d |½ |¼ |¾ )\p{L}{4,12} ?\/ ?(?=(?:cups?|tbsp|tsp|tablespoons?|teaspoons?|glass(?:es)?)\b)/giu, ''],
  [/\bH ?2 ?O\b/g, 'water'],
  // "450 g 00": a flour by its type
  [/(?<=\d ?k?g )(0{1,2})(?= *(?:[/,;+]|$))/g, 'flour $1'],
  [/\bdry y(?=[ ,;/.]|$)/gi, 'dry yeast'],
  // "water 780 (700 + 80 later)": what it is the sum of
  [/(?<=\d ?(?:k?g|m?l)?) \(\d+ ?(?:g|ml)? ?\+ ?\d+[^()]*\)/gi, ''],
  // "ghee 20 (dough) + 80 (layers)"
  [
    /(?<=^|[/,;] )(\p{L}+(?: \p{L}+)?) (\d+)( ?g)? \((?:for )?(?:the )?dough\) ?\+ ?(\d+)(?: ?g)? \((?:for )?(?:the )?(layers?|layering|brushing|top|finish(?:ing)?)\)/giu,
    '$1 $2$3 / $4 g $1 for the $5',
  ],
  [
    /\b(flatten|roll out|roll|press|stretch|pat)( it| them)? after (?:about )?(\d{1,2}) ?min(?:ute)?s?\b/gi,
    'rest $3 min, $1$2',
  ],
  // "folds at 30' 60' 90'"
  [
    /(?<=\bfolds? at )(\d{1,3})'((?: \d{1,3}')+)/gi,
    (_, first = '', more = '') => `${first}${more.replace(/ (\d+)'/g, ', $1')} min`,
  ],
  // "wheat T65 70": a type, and no amount
  [/(?<=^|[,;/] )(wheat|rye|spelt) (T ?\d{2,4}|type ?\d{3,4}) (?=\d)/gi, '$1 flour $2 '],
  // "1 kg type 550": what has a type is a flour
  [/(?<=\d ?(?:k?g) )(type (?:405|480|500|550|630|700|812|1050|1150|1600))(?= *(?:[,;/.]|$))/gi, 'flour $1'],
  [/^(\d{1,2}) min,? \(?(firm|soft|smooth|stiff|silky|elastic)\)?[.!]?$/gi, 'knead $1 min, $2'],
  [/^(\d(?:\.\d)? ?mm), (?=\d{2} ?cm\b)/gi, 'roll $1, '],
  [/(?<=\b(?:balls|rounds|pieces)(?: of \d+ g)?, )(?=\d{1,3} ?min \((?:up to|max|min|at (?:most|least)))/gi, 'rest '],
  [/^(?:> )?dough hook,? (?=\d)/gi, 'mix with the dough hook '],
  // "1 bowl minus a finger of water"
  [
    /\b(\d|an?|one) (bowl|cup|mug|glass|jar) (?:minus|less) (?:an?|one|1) (?:finger(?:['’]s (?:breadth|width))?|spoon(?:ful)?|splash|sip|bit)\b(?! of\b)/gi,
    '$1 $2',
  ],
  // "Farinata, on 100 of chickpea flour: water 290": of what the shares are is the first of them
  [
    /,? (?:(?:all|percentages) )?on 100(?: parts)?(?: of)? ((?:\p{L}+ ){0,2}(?:flour|meal|masa harina)) ?: (?=\p{L}+(?: \p{L}+)? \d)/giu,
    ': $1 100, ',
  ],
  // "4 min speed 1, 5 min speed 2": one mixing
  [
    /(\d{1,2}) ?min(?:utes?)? (?:on |at |in )?(?:speed|gear) ?(?:1|I|one),? (?:and |then |\+ )?(\d{1,2}) ?min(?:utes?)? (?:on |at |in )?(?:speed|gear) ?(?:2|II|two)\b/gi,
    (_, a = '', b = '') => `${Number(a) + Number(b)} min`,
  ],
  // "200 g discard (100 %)": how wet it is
  [/(?<=\b(?:discard|starter|levain|leaven|sourdough)) \((\d{2,3}) ?%\)(?! *\d)/gi, ' ($1 % hydration)'],
  // "salt ¼tsp"
  [/(?<=[½¼¾⅓⅔⅛])(?=(?:tsp|tbsp|tbs|cups?|oz|lb|pints?|ml|l)\b)/gi, ' '],
  [/\b(for|to) (?:deep|shallow)[- ]?(?=fry(?:ing)?\b)/gi, '$1 '],
  // "1 glass water incl. a pinch of salt"
  [/,? incl\.? (?=(?:an?|\d|half an?) )/gi, ', '],
  // "4/8/12 balls" under a list of several sizes: of the first
  [/(?<![\d/.])(\d{1,2})\/\d{1,2}\/\d{1,2} (?=(?:balls|pieces|portions|rounds)\b)/gi, '$1 '],
  // "three quarters of a mug": one measure, and not two
  [
    /\b(three[- ]quarters|two[- ]thirds) (?:of )?(?:an?|1|one) (?=(?:mug|cup|glass|pint|bowl|litre|jar|teaspoon|tablespoon)\b)/gi,
    (_, share = '') => (/^three/i.test(share) ? '3/4 ' : '2/3 '),
  ],
  // "half & half white/wholemeal"
  [/\bhalf (?:&|and) half (\p{L}+)(?: flour)? ?(?:\/|&|and) ?(?=\p{L}{3})/giu, 'half $1, half '],
  // "yeast .6 %"
  [/(?<=^|[\s(:=~–-])\.(?=\d{1,2} ?(?:%|k?g\b|m?l\b|lb\b|oz\b|tsp\b|[,;]|$))/g, '0.'],
];
