import type { Spelling } from './rule.ts';

/** Times, weights and sizes, each with its own measure. */
export const MEASURES: readonly Spelling[] = [
  // of a bread lying there
  [
    /\b(?:leave|wait)(?: (?:it|them))? (?:for )?(?:about )?(\d+) (seconds?|secs?|s),? (?:before (?:turning|flipping)\b|(?=(?:then )?(?:turn|flip)\b))/gi,
    'cook $1 $2, turn, ',
  ],
  [/\bwait (?=\d+ ?(?:s|secs?|seconds?)\b)/gi, 'cook '],
  // "count to sixty" is a minute
  [
    /\bcount(?:ing)? (?:slowly )?(?:to |another )?(\d{2,3})\b(?! ?(?:g|pieces|balls|s|sec\w*|min\w*|h|hours?)\b)/gi,
    '$1 seconds',
  ],
  [/(?<=\d ?(?:s|secs?|seconds?|min|mins?|minutes?) )(each|per|a) way\b/gi, '$1 side'],
  [/\b(each|per|a|both|either|first|second|other) (face)(s?)\b/gi, '$1 side$3'],
  [/\b(first|second|other|1st|2nd) side: (?=(?:about )?\d)/gi, '$1 side '],
  [/\bafter (?:the )?first (hour)\b/gi, 'after 1 $1'],
  [/(?<=\bleave),? covered,? (?=for\b)/gi, ' covered '],
  [/(\d+) (seconds?|secs?|minutes?|mins?),? then (\d+)(?=\s*(?:[;,]|\.(?!\d)|$))/gi, '$1 $2, then $3 $2'],
  // "Under a cloth for twenty."
  [
    /(?<=^|[.;] )(under (?:an?|the|its) (?:\p{L}+ )?(?:cloth|towel|bowl|basin|lid)),? (?:for )?(\d{2})(?=\.?$|[.;])/giu,
    'rest $1 for $2 min',
  ],
  // "12 cm, 20 min, griddle 4 + 4 min"
  [/(?<=\bcm, )(\d{1,2}) ?min(?:ute)?s?, (?=(?:griddle|pan|tawa|oven|bake|cook)\b[^.;]*\d)/gi, 'rest $1 min, '],
  // "prove ten more"
  [/\b(rest|prove|proof|rise|wait) (?:for )?(?:another )?(\d{1,3}) more(?=\s*(?:[;,]|\.(?!\d)|$))/gi, '$1 $2 min more'],
  // "wait ten."
  [/\b(rest|wait|prove|proof|knead|chill) (\d{1,3})(?=\s*(?:[;,]|\.(?!\d)|$))/gi, '$1 $2 min'],
  [/(\d) hours? (\d{1,2})(?=[.,;]|$)/gi, '$1 hours $2 minutes'],
  [/(?<![\d:])(\d{1,2}):([0-5]\d) ?(?:h|hours?|hrs?)\b/gi, '$1 hours $2 minutes'],
  [/\bbetween (\d+(?:\.\d+)?) and (\d+(?:\.\d+)?)(?= ?(?:min|sec|s\b|h\b|hour|g\b|cm\b|mm\b))/gi, '$1-$2'],
  [/\b(?:1\/2|half) an? centimet(?:re|er)\b/gi, '5 mm'],
  [/(\d{1,2})(?: ?[x×] ?| by )(\d{1,2}) ?cm\b/gi, '$1 cm x $2 cm'],
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
  // "ten seconds this side, ten that"
  [
    /(\d+(?:\.\d+)?) ?(seconds?|secs?|s|min(?:ute)?s?) (?:on )?this side,? (?:and )?(?:then )?(\d+(?:\.\d+)?) (?:on )?(?:that|the other)(?: side)?\b/gi,
    '$1 $2 on the first side, $3 $2 on the other side',
  ],
  // "4 or 5 minutes the first side, same on the second"
  [
    /(\d+(?:\.\d+)?(?: ?(?:-|–|or|to) ?\d+(?:\.\d+)?)? ?(?:min(?:ute)?s?|s|sec(?:ond)?s?)) (?:(?:on|for) )?(?:the )?(?:first|1|one)(?: side)?,? (?:and )?(?:(?:about )?the )?same(?: again)? (?:(?:on|for) )?(?:the )?(?:second|other|reverse)(?: side)?\b/gi,
    '$1 on the first side, $1 on the second',
  ],
  // "a minute on the first side and half that on the second"
  [
    /(?<![\d.] ?)\b(\d+(?:\.\d+)?|an?(?= (?:minute|hour)\b))(\s*(?:seconds?|secs?|s|minutes?|mins?|hours?|h))\b([^.]*?)(?:\bfor )?\b(half|twice|double) (?:that(?: time)?|the time|as long)(?= *(?:[.,;)]|$| (?:on|for|in|before|again|to|once|at|with)\b))/gi,
    (_, n = '', unit = '', between = '', times = '') => {
      const time = /^an?$/i.test(n) ? 1 : Number(n);
      return `${time}${unit}${between}${/half/i.test(times) ? time / 2 : time * 2}${unit}`;
    },
  ],
  [/(\d)\s+and\s+(?=[½¼¾⅓⅔⅛]|\d\/\d)/gi, '$1 '],
  [
    /(?<!(?:\d|\b[Aa]n?) ?[\p{L}-]{1,14} )\bof (?!(?:\p{L}+ )*(?:and|in|into|with) )([\p{L} ]{3,25}?) (\d+(?:\.\d+)?|\d\/\d|[½¼¾]) ?(pounds?|lb|ounces?|oz|pints?|grams?)\b/giu,
    '$2 $3 $1',
  ],
  // "6 oz of oatmeal and 2 of plain flour", "half a teaspoon of salt, quarter of bicarb": the measure is that of the one before
  [
    /(?<=(?:\d|½|¼|¾|\b(?:an?|half an?)) ?(ounces?|oz|pounds?|lb|cups?|mugs?|glasses|teaspoons?|tsp|tablespoons?|tbsp|spoons?) of [\p{L} ]{3,25}?(?:,| and|, and) (?:an? )?(\d(?:\.\d+)?|1\/2|½|¼|quarter|half)) of (?=\p{L}{3})/giu,
    ' $1 of ',
  ],
  [/(\d)\s*(?:grams?|gms?|gr)\b\.?/gi, '$1 g'],
  [/(\d)\s*pounds?\b/gi, '$1 lb'],
  [/(\d|[½¼¾])\s*(?:ounces?\b|ozs\b\.?)/gi, '$1 oz'],
  [/(\d|[½¼¾])\s*lbs\b\.?/gi, '$1 lb'],
  [/(\d+) lb (\d+(?:\.\d+)?) oz\b/gi, (_, lb = '', oz = '') => `${16 * Number(lb) + Number(oz)} oz`],
  [
    /(?<=\b(?:scale|divide|pieces? of|balls? of)(?: at| into)? )(\d+(?:\.\d+)?)? ?([½¼¾])? ?oz\b\.?/gi,
    (_, n = '0', part = '') => `${Math.round(28.35 * (Number(n) + ({ '½': 0.5, '¼': 0.25, '¾': 0.75 }[part] ?? 0)))} g`,
  ],
  [/(\d)\s*g\b\.?(?=\s|$|[),/;])/g, '$1 g'],
  [/(\d)\s*(kg|mg|ml|cl|dl|oz|lb|lbs|cm|mm|tsp|tbsp|tbs|l|L)\b/g, '$1 $2'],
  // a millilitre of batter weighs about a gram (common practice, from memory)
  [
    /(?<=\b(?:ladle|pour|spoon)(?:ful)? (?:in |on |out |onto )?\(?(?:about |around )?)(\d{2,3}) ?ml\b(?! (?:of )?(?:the )?(?:batter|water|milk|oil|warm|hot|cold|butter|\w+ (?:water|milk|oil)))/gi,
    '$1 g',
  ],
  [
    /(\d+(?:\.\d+)?) ?(ml|dl|l) (?:of )?(?:the )?batter\b/gi,
    (_, n = '', unit = '') => `${Math.round(Number(n) * ({ ml: 1, dl: 100 }[unit.toLowerCase()] ?? 1000))} g of batter`,
  ],
  [/(\d|[½¼¾])\s*pts?\b\.?/gi, '$1 pint'],
  [/(\d) ?mts?\b\.?/gi, '$1 min'],
  [/(\d{1,3}) nos\b\.?/gi, '$1 pieces'],
  [/(\d)\s*kilos?\b/gi, '$1 kg'],
  // "300 ml to 320 ml"
  [/(\d+(?:\.\d+)?) (g|ml|kg|l) ?(?:to|-|–|or) ?(\d+(?:\.\d+)?) \2\b/g, '$1-$3 $2'],
  [/^(?:up to|at most|max(?:imum)?\.?) (?=\d)/i, 'about '],
  [
    /\b((?:divide|scale|portion|pieces?|balls?|each)\b[^\d.;,]{0,14})(0\.\d{1,3}) kg\b/gi,
    (_, work = '', kg = '') => `${work}${Math.round(1000 * Number(kg))} g`,
  ],
  [/(\d)\s*(?:litres?|liters?)\b/gi, '$1 l'],
  [/(\d)\s*millilit(?:re|er)s?\b/gi, '$1 ml'],
  [/(\d+(?:\.\d+)?)\s*cl\b/g, (_, n = '') => `${Number(n) * 10} ml`],
  [/\b(?:pack|envelope|pkt\.?|pckt)(s?)(?= (?:of )?(?:[\p{L}-]+ ){0,2}?(?:yeast|baking powder)\b)/giu, 'sachet$1'],
  [/\b1 (?=\d+(?:\.\d+)? g (?:[\p{L}-]+ ){0,2}?yeast\b)/giu, ''],
  [
    /\b(?:1|one|an?) (?:pkt|packet|sachet|envelope|pack)\.? \((?:about )?(\d+(?:\.\d+)?) ?g\)(?: of)? (?=\p{L})/giu,
    '$1 g ',
  ],
  // "a 7 g sachet of dried yeast", "1 sachet of yeast, 7 g"
  [/\b(?:an?|1|one) (?:x )?(\d+(?:[.,]\d+)?) ?g (?:sachet|packet|envelope|pack)(?: of)? (?=\p{L})/giu, '$1 g '],
  [
    /\b((?:1|one|an?) (?:sachet|packet|envelope|pack) (?:of )?[\p{L} -]{4,30}?), (?:about )?(\d+(?:\.\d+)?) ?g(?=[.;,]|$)/giu,
    '$1 ($2 g)',
  ],
  [/(\d+)\s*[x×]\s*(\d+(?:\.\d+)?)\s*g\s*(sachets?|packets?)/gi, '$1 $3 ($2 g)'],
  [/(\d)\s*\((\d+(?:\.\d+)?)\s*g\)\s*(sachets?|packets?)/gi, '$1 $3 ($2 g)'],
  // "scale 16 x 170"
  [
    /\b((?:scale|divide|portion)\b[^\d.;]{0,12}\d{1,2} ?[x×] ?[3-9]\d|(?:scale|divide|portion)\b[^\d.;]{0,12}\d{1,2} ?[x×] ?[1-4]\d{2})(?! ?(?:k?g|cm|mm|ml)\b|[.,]?\d)/gi,
    '$1 g',
  ],
  // "scale 8 x 130 g": pieces, and no weight of them all
  [
    /\b((?:scale|divide|div|cut|portion(?:ing)?|dividing|scaling|balls?|pieces?|weigh|split)\b[^\d.;]{0,20}?)(?:in(?:to)? )?(\d{1,3})\s*[x×]\s*(\d{2,3})\s*g\b/gi,
    '$1into $2 pieces of $3 g',
  ],
  // "bulk 2 h, 12 x 84 g, rest 20"
  [
    /(?<=\b(?:bulk|proof|prove|rise|rest|knead|fold|mix)\b.*[,;/] )(\d{1,2})\s*[x×]\s*(\d{2,3})\s*g(?= *(?:[,;/.]|$))/gi,
    'divide into $1 pieces of $2 g',
  ],
  [/(\d+)\s*[x×]\s*(\d+(?:\.\d+)?)\s*g\b/gi, (_, n = '', g = '') => `${Number(n) * Number(g)} g`],
  [/(?<=[a-zA-Z°])\s*\/\s*(?=\d+(?:\.\d+)?\s*(?:oz|lb|g|kg|ml|cups?|tsp|tbsp|fl|°|in|")|[½¼¾⅓⅔⅛])/g, ' / '],
  [/\s{2,}|[^\S ]/g, ' '],
  [
    /(\d)(\s*)(seconds?|secs?|s|minutes?|mins?)\b((?:(?!seconds?\b|secs?\b|minutes?\b|mins?\b)[^.])*?(?:\b(?:and|then) (?:a |another )?|, )\d+(?:\.\d+)?(?: ?[½¼¾]| \d\/\d)?)(?= (?:on|for) the (?:second|other)\b)/gi,
    '$1$2$3$4 $3',
  ],
  [
    /\b(rest|knead|proof|rise|prove|cover)((?: (?:it|them))?(?: again)?) for (\d{1,3})(?= *(?:(?:and|under|in|on|covered|before)\b|[,;]|\.(?!\d)|$))/gi,
    '$1$2 for $3 min',
  ],
  [/(?<=\d ?(?:s|secs?|seconds)\b[^.]*\bside(?: again)? )(\d{2,3})(?=\s*(?:[,;]|\.(?!\d)|$))/gi, '$1 s'],
  [
    /(\d+) (seconds?|secs?|s|minutes?|mins?),? (turn|flip|over),? (?:another )?(\d+)(?: more)?(?=\s*(?:[;]|\.(?!\d)|$))/gi,
    '$1 $2, $3, $4 $2',
  ],
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
