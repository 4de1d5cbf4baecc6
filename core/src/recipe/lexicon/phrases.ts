/** What a phrase of the lexicon names by one word in braces. A phrase is otherwise plain words, or a regular expression of them. */
const GROUPS: Readonly<Record<string, string>> = {
  // up to three words between
  few: String.raw`(?:[\w-]+ ){0,3}?`,
  // the dough or its pieces
  it: String.raw`(?:(?:it|them|this|these|each|every|all|both|one)(?: (?:one|of them|piece|portion|ball|round|bread|lump))?|(?:the|your|this|that|each|every) (?:\w+ )?(?:dough|pieces?|portions?|balls?|rounds?|lumps?|mass|paste|breads?|batter|discs?))`,
  n: String.raw`\d{1,3}(?! ?(?:g|ml|kg|oz|cm|mm|min)\b)`,
  balls: String.raw`(?:balls?|boules?)`,
  pieces: String.raw`(?:pieces|portions|parts|lumps|bits|wedges|slices)`,
  pan: String.raw`(?:pans?|griddles?|skillets?|hot ?plates?|tawas?|tava|comal|saj|sac|stone|plate|bakestone|girdle|dome|wok|plancha)`,
  fat: String.raw`(?:butter|ghee|oil|lard|fat|shortening|dripping|suet|margarine)`,
  // the dough before it is in pieces
  dough: String.raw`(?:it|this|that|everything|the lot|(?:the|your|this|that) (?:\w+ )?(?:dough|log|sausage|rope|cylinder|snake|roll|mass|slab|block))`,
  fridge: String.raw`(?:fridge|refrigerator)`,
  time: String.raw`(?:about |another |a further )?\d+(?:\.\d+)? ?(?:min|h)`,
};
/** Where a clause begins, and where it ends. */
const BEGIN = String.raw`(?<=^|[,;/] |\b[Tt]hen |\band )`;
const END = String.raw`(?= *(?:[,;:./()–-]|$))`;

/** Words of number stand as figures once a text has one spelling. */
const filledIn = (words: string): string =>
  words.replace(/\{(\w+)\}/g, (all, name: string) => GROUPS[name] ?? all).replace(/\bone\b/g, '(?:one|1)');

/** One phrase: `^ ` at the beginning of a clause, ` $` at its end, ` > ` and ` !> ` before what does or does not follow. */
function sourceOf(phrase: string): string {
  const isFirst = phrase.startsWith('^ ');
  const isLast = phrase.endsWith(' $');
  const [words = '', sign, behind = ''] = phrase.slice(isFirst ? 2 : 0, isLast ? -2 : undefined).split(/ (!?>) /);
  const follows = sign === undefined ? '' : `(?${sign === '>' ? '=' : '!'} (?:${filledIn(behind)}))`;
  return `${isFirst ? BEGIN : ''}${filledIn(words)}(?!\\w)${follows}${isLast ? END : ''}`;
}

/** The phrases of one action as regular expressions, a line each; at one place the first that fits counts. */
export type Phrases = readonly string[];

export function phrases(lines: TemplateStringsArray): Phrases {
  const list = lines.raw.join('').split('\n');
  return list
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map(sourceOf);
}
