import { findFood, type Food } from '../foods/index.ts';

/** "Fat (lard)", "seeds: sesame and nigella": a word that stands for many foods, and the one that is meant. */
const KIND_OF_FOOD =
  /^\W*(fat|shortening|cheese|meat|nuts?|seeds?|liquids?|sweetener|raising agent|leavening|herbs?|spices?)(?:: | *\()(\p{L}[\p{L} ,-]{2,40})\)?\W*$/iu;
/** "(or oat milk)", "(with garlic)", "(not goat's)": what stands there is not what it is, or not surely. */
const NOT_SURE =
  /\b(?:or|if|preferably|ideally|optional(?:ly)?)\b|^(?:not?|non|without|with|for|and|plus|like|instead|also|as|such)\b/i;

/** Whether a food holds everything that the other does: taken for it, it hides nothing. */
const holdsAllOf = (food: Food | undefined, other: Food | undefined): boolean =>
  food !== undefined &&
  (other?.allergens ?? []).every((a) => food.allergens?.includes(a)) &&
  (other?.contains ?? []).every((c) => food.contains?.includes(c));

/** "Flour, whole wheat": what it is before what it is like. */
export function turnedName(words: string): string {
  const [, many = '', meant = ''] = KIND_OF_FOOD.exec(words) ?? [];
  if (meant !== '' && !NOT_SURE.test(meant) && holdsAllOf(findFood(meant), findFood(many)))
    return meant.trim().replace(/, */g, ' and ');
  const yeast = /^\W*yeast (fresh|dried|dry|instant)\W*$/i.exec(words);
  if (yeast) return `${(yeast[1] ?? '').toLowerCase()} yeast`;
  const m =
    /^\W*(flour|yeast|sugar|oil|milk|butter|salt|water|cream|yogurt)(?:, *| *\()([\p{L} -]{3,24})\)?\W*$/iu.exec(words);
  const [, kind = '', like = ''] = m ?? [];
  const what = like.trim().replace(/^all /i, '');
  if (what === '' || NOT_SURE.test(what)) return words;
  // "milk (oat milk)"
  if (what.toLowerCase().endsWith(` ${kind.toLowerCase()}`)) return what;
  const turned = `${what} ${kind}`.toLowerCase();
  return findFood(turned) !== findFood(kind) ? turned : words;
}

const PREPARED =
  /^(?:(?:freshly|still|well|very|finely) )?(?:cooked|boiled|steamed|baked|mashed|dry|warm|cold|soft|ripe|fresh|hot|thick|plain|strong|fine|coarse|grated|melted|dried|roasted|toasted)$/i;

const SIZES = /\b(?:large|medium|small|big|fresh|freshly|organic|good|quality|of)\b/gi;

/** What the ingredient is called: its words before comma and brackets, without leftover measures. */
export function nameOf(whole: string, food: Food | undefined): string {
  const told = whole
    .replace(/(?<=\)) *\d{1,3} ?°(?: ?C)?(?=\W*$)/i, '')
    // "measure 300 ml water": behind a verb no amount is that of a name
    .replace(/^\W*(?:measure|weigh|take|add)(?: out| in)?(?= (?:about )?[\d½¼¾])/i, '');
  // "bloem (flour)": of two languages the one that is known
  const [, foreign = '', known = ''] =
    /^\W*([\p{L}\d.,½¼¾ '’]+) \(([\p{L} ]+(?: 0{1,2}| T?\d{2,4})?)\)\W*(?:, \p{L}+)?$/u.exec(told) ??
    /^\W*(?:(?:de|di|du) )?([\p{L}][\p{L}\d '’]*?) ?\/ ?(\p{L}[\p{L} ]*?)\W*(?:, \p{L}[\p{L} ]*)?$/u.exec(told) ??
    [];
  const isOther =
    !findFood(foreign) ||
    // "farina 00 (flour 00)"
    (/\bflour (?:0{1,2}|T?\d{2,4})$/i.test(known) &&
      !/\bflour\b/i.test(foreign) &&
      findFood(foreign)?.role === 'flour') ||
    (told.includes('/') && findFood(foreign) === findFood(known));
  const words = known !== '' && !NOT_SURE.test(known) && isOther && findFood(known) ? known : told;
  const head = words
    // "(feta, optional)": a name that stands in brackets as a whole
    .replace(/^\W*\((\p{L}[^():.\d]{2,30})\)\W*$/u, '$1')
    .replace(/\([^)]*\)/g, ' ')
    // that it may be left out is none of its name
    .replace(
      /^\W*optional(?:ly)?:?,? (?=[\d\p{L}])|,? (?:if (?:you (?:like|wish|want|have (?:it|some))|liked|desired|wanted|to hand)|optional(?:ly)?)\W*$/iu,
      ' ',
    )
    .replace(/^\s*\/\s*[\d.½¼¾⅓⅔]+\s*(?:fl oz|\w+)\s*/, '')
    .replace(/^\s*\+\s*[\d.½¼¾⅓⅔]+\s*\w+\s*/, '')
    .replace(/\s*\+\s*[\d.½¼¾⅓⅔]+\s*\w+\s*$/, '')
    .replace(/^\s*\/?\s*[\d.½¼¾⅓⅔]+\s*(?:fl oz|oz|ounces?|g|ml)\b\s*/, '')
    // "cooked, dry mashed potato": what stands first only says how it is
    .replace(/^(?!.*,.*,)([^,;]+), (?=[^,;]+$)/, (lead, own: string) =>
      PREPARED.test(own.trim()) && food !== undefined && findFood(own) === undefined ? `${own} ` : lead,
    )
    .split(
      /[,;(]|\s+(?=(?:went|goes|go) in(?:to)?\b|for |to |until |while |that |which |if |(?:is|are|was|were) |[—–] |by (?:volume|weight)\b|at \d|a little at a\b|in the dough\b|(?:on|onto|into) (?:the|a|your) (?:board|table|bench|bowl|counter|worktop)\b|little by little\b|bit by bit\b|gradually\b)/i,
    )[0];
  const text = (head ?? '')
    .replace(/^[\s–—:=-]+|[\s–—:.=-]+$/g, '')
    .replace(
      /(?<=\p{L}{3})\s*(?:[:=…–-]\s*|\s)(?:\d\/\d|\d+(?:\.\d+)?\s*(?:[½¼¾]|\d\/\d)?|[½¼¾])\s*(?:(?:k?g|m?l|cups?|tbsp|tsp|(?:table|tea)spoons?|oz|lb|pints?)\b.*|\s*)$/u,
      '',
    )
    // how warm it is stands apart
    .replace(/(?<=\p{L}{3}),? (?:at )?\d{1,3} ?°(?: ?[CF])?$/iu, '')
    .replace(/ and (?:not a thing|nothing) (?:more|else)$| and a (?:bit|little|splash)(?: more)?$/i, '')
    .replace(/^(?:a )?bit of /i, '')
    .replace(
      / (?:in|into|to) (?:it|(?:an?|the|1|one) (?:\w+ )?(?:dough|bowl|mixer|machine|basin|tub))$| (?:a|1) (?:quick |good )?(?:stir|mix)$| (?:off|on) the heat$| little by little$| gradually$| a little at a time$/i,
      '',
    )
    .replace(
      /^(?:take|use|add)\s+|^(?:mix|combine|stir|sift|whisk|put|tip|place|pour)(?: in| together)? (?:the )?(?=(?:\p{L}+ ){0,2}(?:flour|meal|water|milk|salt|yeast|oil|butter)\b)|^(?:poured|stirred|mixed) (?:on(?:to)?|over|into|with)\s+(?:[\d.,]+ ?(?:k?g|m?l)\s+)?(?:of\s+)?/iu,
      '',
    )
    .replace(/^(?:(?:of|de|di|du|a|an|the|some|little|enough)\s+)+/i, '')
    .replace(/^(?:\d+(?:\.\d+)? g )?(?:sachet|packet|envelope)s? (?:of )?(?=\p{L})/iu, '')
    // what is done to it is none of its name
    .replace(
      /(?<=\p{L}{3})(?: (?:very|finely|roughly|coarsely|thinly))* (?:rubbed(?: in)?|added(?: (?:slowly|gradually|in (?:stages|drops)))?|whisked|mixed|sifted|stirred|beaten|kneaded|combined|chopped|dissolved|crumbled|boiled|mashed|melted|warmed|heated|softened|scalded|worked(?: in)?)(?: (?:and|together) ?\p{L}*| at the (?:last \p{L}+|end))?$| together$|(?<!\b(?:gluten-free|free|flour|grain|corn|rice|flatbread|GF)) (?:mix|knead|whisk|stir|combine)$/iu,
      '',
    )
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase()
    // but the type of a flour
    .replace(/\bt(?= ?\d{2,3}\b)/, 'T');
  const plain =
    food?.role === 'egg'
      ? text
          .replace(SIZES, '')
          .trim()
          .replace(/^eggs$/, 'egg')
      : text;
  return (plain === '' ? (food?.names[0] ?? 'ingredient') : plain).slice(0, 120);
}
