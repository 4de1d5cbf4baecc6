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

/** What cards and bakers' sheets shorten, in the words of a recipe. */
export const SHORTHAND: readonly Spelling[] = [
  [
    /\b(inst|veg|sunfl|wholem|evap|cond|gran|cast)\. (?=(?:dry |dried )?(?:yeast|oil|flour|milk|sugar)\b)/gi,
    (all = '', short = '') => `${SHORT_WORDS[short.toLowerCase()] ?? all} `,
  ],
  // "knead 15!! balls"
  [/(?<=\d)!+(?=\s)/g, '.'],
  [/(?<=\d|\b(?:an?|one|two|three|four|five|six|seven|eight|nine|ten|half)) ?centilit(?:re|er)s?\b/gi, ' cl'],
  [/\binterm(?:ed)?\. ?(?=pro|rest)/gi, 'intermediate '],
  [/\bS\.? ?R\.? (?=flour\b)/g, 'self-raising '],
  [/(?<=\bflour,? )\(?S\.? ?R\.?\)?(?=[ ,;.]|$)/g, 'self-raising'],
  // "flour 2 kg / water 1,25": where the flour is told in kilograms, a figure with decimals is
  [
    /^(?=[^.]*\bflour\b[^;,/]{0,24}? \d[\d.,]* ?kg\b).*$/gi,
    (all = '') =>
      all.replace(/(?<=[;/·] ?|, )(\p{L}[\p{L} ]{2,20} \d[.,]\d{1,3})(?= *(?:[;/·]|, |\.? *$|\. \p{Lu}))/giu, '$1 kg'),
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
  [/\bscale ?(?:\+|&|and) ?(?=ball|round)/gi, 'divide and '],
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
  // "olive oil 2 tbsp (1 for the dough, 1 for the pan)"
  [
    /(?<=^(?:[*•·–-] )?)(\p{L}+(?: \p{L}+)?):? \d+(?:\.\d+)? ?(g|ml|tbsp|tsp) \((\d+(?:\.\d+)?)(?: ?\2)? (?:for|in) (?:the )?dough,? (?:and |& )?(\d+(?:\.\d+)?)(?: ?\2)? for (?:the )?(\p{L}+)\)\.?$/giu,
    '$1 $3 $2 / $4 $2 $1 for the $5',
  ],
  [
    /^\d+(?:\.\d+)? ?(g|ml|tbsp|tsp) (?:of )?(\p{L}+(?: \p{L}+)?) \((\d+(?:\.\d+)?)(?: ?\1)? (?:for|in) (?:the )?dough,? (?:and |& )?(\d+(?:\.\d+)?)(?: ?\1)? for (?:the )?(\p{L}+)\)\.?$/giu,
    '$2 $3 $1 / $4 $1 $2 for the $5',
  ],
  // "5 bp", "1 tsp bp"
  [/(?<=\d (?:g |tsp )?)b\.?p\.?(?= *(?:[/,;+]|$))/gi, 'baking powder'],
  // "16 balls. Press. Comal 40 s": between balls and griddle
  [/(?<=\bballs?\b[^.;]{0,20}[.;,] )press(?=[.;,] (?:comal|griddle|tawa|pan|dry|hot|cook)\b)/gi, 'press flat'],
  // "3 h bulk with folds at 1 h and 2 h": the time first
  [
    /(?<=^|[.;,] )((?:about )?\d+(?:\.\d+)? ?(?:h(?:ours?|rs?)?|min(?:ute)?s?)) (bulk|proof|prove|rise)(?=,? with (?:\d )?(?:stretch and )?folds?\b)/gi,
    '$2 $1',
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
  // "200 g discard (100 %)": how wet it is
  [/(?<=\b(?:discard|starter|levain|leaven|sourdough)) \((\d{2,3}) ?%\)(?! *\d)/gi, ' ($1 % hydration)'],
  // "salt ¼tsp"
  [/(?<=[½¼¾⅓⅔⅛])(?=(?:tsp|tbsp|tbs|cups?|oz|lb|pints?|ml|l)\b)/gi, ' '],
  // "4/8/12 balls" under a list of several sizes: of the first
  [/(?<![\d/.])(\d{1,2})\/\d{1,2}\/\d{1,2} (?=(?:balls|pieces|portions|rounds)\b)/gi, '$1 '],
  // "half & half white/wholemeal"
  [/\bhalf (?:&|and) half (\p{L}+)(?: flour)? ?(?:\/|&|and) ?(?=\p{L}{3})/giu, 'half $1, half '],
  // "yeast .6 %"
  [/(?<=^|[\s(:=~–-])\.(?=\d{1,2} ?(?:%|k?g\b|m?l\b|lb\b|oz\b|tsp\b|[,;]|$))/g, '0.'],
];
