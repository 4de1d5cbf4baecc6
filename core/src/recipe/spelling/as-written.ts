import type { Spelling } from './rule.ts';
import { SHORTHAND } from './shorthand.ts';

/** Signs, shorthand and measures by one spelling each, before a line finds its place: what comes after asks for no other. */
export const AS_WRITTEN: readonly Spelling[] = [
  [/(?<=\d)[’′](?!’|′)/g, "'"],
  [/(?<=(?<!“)\b\d+)(?:[”″]|’’|′′)/g, '"'],
  [/(?<=\d) ?(?:grams?|grammes?|gms?)\b/gi, ' g'],
  // "rest min. 4 h": a point that ends no sentence
  [/(?<=\p{L}[,:]? )\bmin\. ?(?=\d+(?:[.,]\d+)? ?(?:h|hours?|hrs?|min)\b)/giu, 'at least '],
  [/\b(an?|1|one) (?:big|large|small|little|tiny) (?=(?:splash|glug|drizzle|dash)\b)/gi, (_, one = '') => `${one} `],
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
  // "olive oil 30 g + more for the pan"
  [/(?<=\d ?(?:k?g|m?l|tsp|tbsp)) \+ (?:some |a little |a bit )?(?:more|extra) (?=(?:for|to)\b)/gi, ', plus more '],
  // "water 450 g + 150 g on day 2"
  [
    /(?<=\d ?(?:g|ml) ?\+ ?\d+ ?(?:g|ml)) (?:on day \d|later|the next (?:day|morning)|on the (?:second|next) day)(?=$|[,;])/gi,
    '',
  ],
  // "when bubbles cover it": nobody covers it
  [/\b(bubbles|holes) (?:cover|have covered) (?:it|the (?:whole )?(?:top|surface))\b/gi, '$1 show on top'],
  // together, and into no shape yet
  [/\bpat and (?=bring (?:it|everything) )/gi, ''],
  // "300g/10½oz strong flour", "200ml/7fl oz water": the same once more
  [
    /(?<![\d.,])(\d[\d.,]* ?(?:k?g|m?l)) ?\/ ?(\d*(?:\.\d+)?[½¼¾⅓⅔]? ?(?:fl ?oz|oz|lb|pints?)(?: ?\d*[½¼¾]? ?oz)?)(?=\s)/gi,
    '$1 ($2)',
  ],
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
  // "pull off eggs of dough": so large, and nothing that a hen lays
  [/\b(?:eggs|lemons|walnuts|mandarins|golf balls) of (?:the )?(?=dough\b)/gi, 'pieces of '],
  // "For 1 lb of flour: 4 oz butter"
  [/^(?:for|to) (?=\d[\d.,]* ?(?:k?g|lb|cups?) (?:of )?(?:\p{L}+ )?flour: \d)([^:]*): /giu, '$1, '],
  [/(?<=^|[.] )(?:tear|break)(?: (?:it|them))?(?: up)? with (?=\p{L}[^.]*\d)/giu, 'Serve with: '],
  [
    /(?<=\bstarter|\bbatter|\bdough|\blevain) from (?:last (?:time|week)|yesterday|the (?:last|day before)(?: batch)?|before)(?=[ ,]*\d)/gi,
    '',
  ],
  // "Greek yoghurt (10 %)": of fat, and no share of the flour
  [
    /(?<=\b(?:yogh?urt|quark|cream|curd|ricotta)) \((\d{1,2}(?:[.,]\d)?) ?%(?: fat)?\)(?=:? +\d)|(?<=\d ?(?:k?g|m?l) (?:of )?(?:\p{L}+ ){0,3}(?:yogh?urt|quark|cream|curd|ricotta)) \((\d{1,2}(?:[.,]\d)?) ?%(?: fat)?\)/giu,
    (_, first = '', second = '') => ` (${first || second} p.c.)`,
  ],
  // "2 tazze / cups of flour": the measure in another tongue, and in one that is known
  [/(?<=\d |½ |¼ |¾ )\p{L}{4,12} ?\/ ?(?=(?:cups?|tbsp|tsp|tablespoons?|teaspoons?|glass(?:es)?)\b)/giu, ''],
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
  [/\b(for|to) (?:deep|shallow)[- ]?(?=fry(?:ing)?\b)/gi, '$1 '],
  // "1 glass water incl. a pinch of salt"
  [/,? incl\.? (?=(?:an?|\d|half an?) )/gi, ', '],
  // "three quarters of a mug": one measure, and not two
  [
    /\b(three[- ]quarters|two[- ]thirds) (?:of )?(?:an?|1|one) (?=(?:mug|cup|glass|pint|bowl|litre|jar|teaspoon|tablespoon)\b)/gi,
    (_, share = '') => (/^three/i.test(share) ? '3/4 ' : '2/3 '),
  ],
  ...SHORTHAND,
];
