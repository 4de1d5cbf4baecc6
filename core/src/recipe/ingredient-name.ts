import { findFood, type Food } from '../foods/index.ts';

/** "Fat (lard)", "seeds: sesame and nigella": a word that stands for many foods, and the one that is meant. */
const KIND_OF_FOOD =
  /^\W*(?:fat|shortening|cheese|meat|nuts?|seeds?|liquids?|sweetener|raising agent|leavening|herbs?|spices?)(?:: | *\()(\p{L}[\p{L} ,-]{2,40})\)?\W*$/iu;

/** "Flour, whole wheat": what it is before what it is like. */
export function turnedName(words: string): string {
  const [, meant] = KIND_OF_FOOD.exec(words) ?? [];
  if (meant !== undefined && findFood(meant)) return meant.trim().replace(/, */g, ' and ');
  const yeast = /^\W*yeast (fresh|dried|dry|instant)\W*$/i.exec(words);
  if (yeast) return `${(yeast[1] ?? '').toLowerCase()} yeast`;
  const m =
    /^\W*(flour|yeast|sugar|oil|milk|butter|salt|water|cream|yogurt)(?:, *| *\()([\p{L} -]{3,24})\)?\W*$/iu.exec(words);
  const [, kind = '', what = ''] = m ? [m[0], m[1], m[2]?.trim().replace(/^all /i, '')] : [];
  // "milk (oat milk)"
  if (what.toLowerCase().endsWith(` ${kind.toLowerCase()}`)) return what;
  const turned = m ? `${what} ${kind}`.toLowerCase() : '';
  return m && findFood(turned) !== findFood(kind) ? turned : words;
}

const SIZES = /\b(?:large|medium|small|big|fresh|freshly|organic|good|quality|of)\b/gi;

/** What the ingredient is called: its words before comma and brackets, without leftover measures. */
export function nameOf(told: string, food: Food | undefined): string {
  // "bloem (flour)": of two languages the one that is known
  const [, foreign = '', known = ''] =
    /^\W*([\p{L}\d.,½¼¾ '’]+) \(([\p{L} ]+)\)\W*$/u.exec(told) ??
    /^\W*(?:(?:de|di|du) )?([\p{L}][\p{L}\d '’]*?) ?\/ ?(\p{L}[\p{L} ]*?)\W*$/u.exec(told) ??
    [];
  const words = known !== '' && !findFood(foreign) && findFood(known) ? known : told;
  const head = words
    .replace(/\([^)]*\)/g, ' ')
    .replace(/^\s*\/\s*[\d.½¼¾⅓⅔]+\s*(?:fl oz|\w+)\s*/, '')
    .replace(/^\s*\+\s*[\d.½¼¾⅓⅔]+\s*\w+\s*/, '')
    .replace(/\s*\+\s*[\d.½¼¾⅓⅔]+\s*\w+\s*$/, '')
    .replace(/^\s*\/?\s*[\d.½¼¾⅓⅔]+\s*(?:fl oz|oz|ounces?|g|ml)\b\s*/, '')
    .split(
      /[,;(]|\s+(?=(?:went|goes|go) in(?:to)?\b|for |to |until |while |that |which |(?:is|are|was|were) |[—–] |by (?:volume|weight)\b|at \d|a little at a\b|little by little\b|bit by bit\b|gradually\b)/i,
    )[0];
  const text = (head ?? '')
    .replace(/^[\s–—:-]+|[\s–—:.-]+$/g, '')
    .replace(
      /(?<=\p{L}{3})\s+(?:\d\/\d|\d+(?:\.\d+)?\s*(?:[½¼¾]|\d\/\d)?|[½¼¾])\s*(?:(?:k?g|m?l|cups?|tbsp|tsp|(?:table|tea)spoons?|oz|lb|pints?)\b.*|\s*)$/u,
      '',
    )
    .replace(/^(?:a )?bit of /i, '')
    .replace(/ in (?:a|the|1) (?:\w+ )?bowl$| little by little$| gradually$| a little at a time$/i, '')
    .replace(/^(?:take|use|add)\s+/i, '')
    .replace(/^(?:(?:of|de|di|du|a|an|the|some|little|enough)\s+)+/i, '')
    .replace(/^(?:\d+(?:\.\d+)? g )?(?:sachet|packet|envelope)s? (?:of )?(?=\p{L})/iu, '')
    // what is done to it is none of its name
    .replace(
      /(?<=\p{L}{3}) (?:whisked|mixed|sifted|stirred|beaten|kneaded|combined|chopped|dissolved|crumbled|boiled|mashed|melted|warmed|heated|softened)(?: (?:and|together) ?\p{L}*)?$| together$| (?:mix|knead|whisk|stir|combine)$/iu,
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
