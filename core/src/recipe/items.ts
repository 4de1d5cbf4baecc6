import { findFood, foodsIn } from '../foods/index.ts';
import { actionsIn } from './actions.ts';
import { withoutFlourType } from './flour-types.ts';
import { isFoodAlone, isFoodForLater, LABEL_FIRST, PURPOSES, saysForLater } from './for-later.ts';
import { turnedName } from './ingredient-name.ts';
import { Mapped } from './mapped.ts';
import { foundIn } from './needs.ts';
import { HANDS, PACKS, SPOONS, VESSELS, VOLUMES, WEIGHTS } from './measures.ts';
import { normal, normalLine } from './normal-line.ts';
import { remembered } from '../remembered.ts';

const NUMBER = '(?:\\d+ ?[½¼¾⅓⅔⅛]|(?:\\d+ )?\\d\\/\\d|\\d+(?:[.,]\\d+)?|[½¼¾⅓⅔⅛])';
const UNIT = `(?:%|${WEIGHTS}|${VOLUMES}|${VESSELS}|${SPOONS}|${HANDS}|${PACKS}|cloves?|fl|f|w|s|y|o)`;
/** An amount with a measure somewhere in a text of one spelling. */
const MEASURED = new RegExp(
  `${NUMBER}\\s*(?:(?:heaped|level|rounded|scant) )?${UNIT}(?![\\p{L}\\d])|${NUMBER}\\s*$|^${NUMBER}\\s`,
  'iu',
);
const COUNTED = /^[^\d(]+\(\d{1,2}\)$/;
const IN_BRACKETS = new RegExp(`^[^\\d(]+\\((?:about |ca\\.? |approx\\.? )?${NUMBER}\\s*${UNIT}\\)$`, 'iu');
const WITHOUT_MEASURE =
  /\b(?:a pinch|pinch|(?:the )?same (?:weight|amount)|half its (?:weight|own weight)|half (?:that|as much) of|the same|some|enough|a little|(?:a )?bit of|to taste|as (?:you like|needed|required)|by (?:feel|eye)|at will|quant\. suff|a few|several|plenty of|leaves of|(?:a )?(?:small )?bunch of)\b|\bq\. ?b\b|\bq\. ?s\b/i;
const MOST_WORDS = 11;
/** What an ingredient is for is nothing that is done now: "butter to brush". */
const PURPOSE = /\b(?:for|to) (?:the )?\w+(?:ing)?\b.*$/i;

/** "250 g flour worked in at the last minute": when it goes in is told with it. */
const WORKED_IN =
  / (?:worked|kneaded|stirred|mixed|folded|added|rubbed)(?: in)? (?:at the (?:last|end)|last|later|right at).*$/i;
const IS_DONE = /\b(?:minutes?|mins?|hours?|seconds?|cm)\b|\d ?h\b(?! ?of\b)/i;
/** A piece of a list: it is asked again by each sign at which its line may be cut. */
const isItem = (piece: Mapped): boolean => isItemTold(piece.text);
const isItemTold = remembered((labelled: string): boolean => {
  const told = labelled.replace(LABEL_FIRST, '');
  if (IS_DONE.test(told.replace(WORKED_IN, '').replace(/\([^)]*\)/g, ''))) return false;
  const spelled = normal(Mapped.of(told));
  const whole = withoutFlourType(spelled).line.text.replace(/\.$/, '').replace(WORKED_IN, '');
  const text = whole.replace(/\s*\([^)%]*\)$/, '');
  return (
    // what stands in brackets says how it is, and counts no words
    spelled.text.replace(/ ?\([^)]*\)/g, '').split(' ').length <= MOST_WORDS &&
    !/\b(?:minutes?|mins?|hours?|seconds?|°|sides?|cm)\b|^(?:about )?\d[\d.–-]* ?secs?\b/i.test(text) &&
    (MEASURED.test(text) ||
      // "eggs (2)"
      (COUNTED.test(whole) && findFood(text)?.unitG !== undefined) ||
      // "water to mix (about 1 1/3 cups)", "olive oil (25 g)"
      (MEASURED.test(whole) &&
        (text.search(PURPOSE) > 0 || (IN_BRACKETS.test(whole) && findFood(text) !== undefined))) ||
      (WITHOUT_MEASURE.test(text) &&
        (findFood(text) !== undefined || /\bof (?:wheat|barley|white|brown)$/i.test(text)))) &&
    actionsIn(text.replace(PURPOSE, '').replace(/,? (?:straight )?(?:out of|from) the fridge$/i, '')).length === 0
  );
});

const HOW_IT_IS = /^(?:(?:finely|freshly|roughly|at|and) )?[\p{L}-]{3,14}(?: [\p{L}-]{3,14})?\.?$/u;

const MORE_OR_LESS = /^(?:(?:a (?:bit|little) )?more or less|give or take(?: a (?:bit|little))?)$/i;
/** "500 g flour, salt": what nobody weighs beside what is weighed. */
const isUnweighed = (text: string): boolean =>
  isFoodAlone(text) && ['salt', 'leaven', 'water'].includes(findFood(text)?.role ?? '');

/** Cuts at signs that stand outside of brackets. */
function cut(line: Mapped, pattern: RegExp): readonly Mapped[] {
  const inside = (at: number): boolean => {
    const before = line.text.slice(0, at);
    return (before.match(/\(/g) ?? []).length > (before.match(/\)/g) ?? []).length;
  };
  const pieces: Mapped[] = [];
  let from = 0;
  for (const m of foundIn(line.text, pattern)) {
    if (inside(m.index)) continue;
    pieces.push(line.slice(from, m.index));
    from = m.index + m[0].length;
  }
  return [...pieces, line.slice(from)]
    .map((p) =>
      p
        .replace(/(?<=\d)\.$/, '')
        .replace(/^plus (?=\p{L}+\.?$)/iu, '')
        .trim(),
    )
    .filter((p) => p.text !== '' && p.text !== '.')
    .reduce<readonly Mapped[]>((list, p) => {
      const last = list.at(-1);
      // ", lukewarm": how it is, and nothing of its own
      // "or 7 g dried" is the same once more
      return last &&
        (/^(?:at )?(?:about )?\d{1,3} ?°/.test(p.text) ||
          MORE_OR_LESS.test(p.text) ||
          (HOW_IT_IS.test(p.text) && !findFood(p.text)) ||
          // "water 300 g, 60 %"
          (PERCENT_ALONE.test(p.text) && /\d ?(?:k?g|m?l)$/i.test(last.text)) ||
          // "water as needed, about 60 ml"
          (WEIGHT_ALONE.test(p.text) && BY_NEED.test(last.text)) ||
          // "salt, 10 g"
          (AMOUNT_ALONE.test(p.text) && isNameAlone(last.text)) ||
          // "eggs, 2"
          (/^\d{1,2}$/.test(p.text) && isNameAlone(last.text) && findFood(last.text)?.unitG !== undefined) ||
          // "hot water, a quart"
          (AMOUNT_IN_WORDS.test(p.text) &&
            findFood(last.text) !== undefined &&
            !/\d|\b(?:an?|one|half) /i.test(last.text)) ||
          // "2 eggs, 50 g each"
          WEIGHT_OF_EACH.test(p.text) ||
          // "cheese for the inside, 100 g"
          (WEIGHT_ALONE.test(p.text) && saysForLater(last.text)) ||
          // "a sachet of yeast, 7 g"
          (WEIGHT_ALONE.test(p.text) && IN_PACKS.test(last.text)) ||
          // ", plus 4 tbsp for the layers" is more of the same
          (/^(?:plus|\+) [^,]*\b(?:for|to)\b/i.test(p.text) && !findFood(p.text)) ||
          /^or\b/i.test(p.text))
        ? [...list.slice(0, -1), Mapped.join([last, p], ', ')]
        : [...list, p];
    }, []);
}

/** "Flour T55": a food, and no amount of it. */
const isNameAlone = (text: string): boolean =>
  findFood(text) !== undefined && !/\d/.test(text.replace(/\b(?:T|type|typ|tipo)\.? ?\d{2,4}\b|\b0{1,2}\b/i, ''));
const AMOUNT_ALONE = new RegExp(`^(?:about )?${NUMBER} ?${UNIT}\\.?$`, 'iu');
const WEIGHT_ALONE = /^(?:about )?[\d½¼¾][\d.,]* ?(?:g|ml)\.?$/i;
const WEIGHT_OF_EACH = /^(?:about )?\d[\d.,]* ?g (?:each|apiece|a piece)\.?$/i;
const BY_NEED = /\b(?:as needed|as required|as much as (?:it|you) (?:takes?|needs?)|enough|to mix|to bind)$/i;
const AMOUNT_IN_WORDS =
  /^(?:about )?(?:an?|half an?|one|two|three|a quarter of an?) (?:quart|pint|litre|cup|mug|glass|pound|kilo)s?\.?$/i;
const PERCENT_ALONE = /^(?:i\.e\. |= ?)?\d+(?:\.\d+)? ?%$/i;
const IN_PACKS = new RegExp(`\\b(?:${PACKS}|${SPOONS}|${HANDS}|${VESSELS})\\b`, 'i');
const SLASH = /\s+\/\s+/g;
/** Two columns of a page that nothing parts but room, which a scan loses. */
const COLUMNS =
  /(?<!\b(?:about|with|or|plus|and|in|of|to|per|for|every|each))\s+(?=(?:about )?(?:\d+\/\d+|\d+(?:[.,]\d+)?[½¼¾]?|[½¼¾])\s*(?:g|kg|ml|l|oz|lb|pints?|cups?|tsp|tbsp|(?:tea|table)spoons?)\.?\s+\p{L})/giu;
/** "Wheat flour  700 g   Salt  14 g": the same with the names first. */
const NAMES_FIRST =
  /(?<=[\d½¼¾]\s*(?:g|kg|ml|l|oz|lb|pint|cups?|tsp|tbsp)\.?)\s+(?=\p{Lu}\p{Ll}+(?:\s\p{Ll}+)?\s+[\d½¼¾])/gu;
/** "300 g flour + 1 tsp salt + 150 ml water". */
const PLUSES = /\s+(?:\+|plus)\s+(?=\d|[½¼¾⅓⅔⅛]|an? |\p{L}[\p{L} ]{2,24}(?:[:=,]| [–=-])? ?\(?\d)/gu;
/** "and two tablespoons": a number in words before its measure. */
const WORDED =
  '(?:two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|eighteen|twenty|thirty|forty|fifty)(?:-\\w+| and a half)?\\s+(?:tea|table|spoon|cup|mug|gram|kilo|pint|ounce|pinch|glass|sachet)';
/** The room between two columns. */
const WIDE =
  /\s{3,}(?=(?:(?:\d+ )?\d[\d.,/]*|[½¼¾]|(?:a )?(?:pinch of|little|few)\b)\s*(?:\p{L}{1,4}\.?\s+)?\p{L}{3})/gu;
/** What parts the ingredients of one line, the surest first. */
const CUTS: readonly RegExp[] = [
  /\s+[·•|]\s+/g,
  WIDE,
  /\s*;\s*/g,
  SLASH,
  new RegExp(
    `[,;]\\s+(?!say\\b|that['’]s\\b|which is\\b)(?:and\\s+)?|(?<=flour|meal|semolina|water|milk)\\s+to\\s+(?=(?:an?|one|two|three|half|\\d+(?:\\.\\d+)?)\\s)|(?<!hundred)\\s+(?:and|with)\\s+(?!a half\\b|a quarter\\b)(?=(?:an?|the same|half|enough|some)\\s|${WORDED}|(?:about |around |roughly )?(?:\\d|[½¼¾⅓⅔⅛]))|(?<!\\b(?:sugar|each|of))\\s+and\\s+(?=(?:[a-z]+ )?(?:salt|yeast)\\.?(?:$|[,;]))|(?<=[\\d½¼¾] ?(?:g|kg|ml|l|%|oz|lb|tsp|tbsp|cups?)\\)?)\\s+(?:and|plus)\\s+(?=[a-z][a-z -]{1,30}(?:[:=]| [–=-])? ?\\(?\\d)`,
    'gi',
  ),
  /,\s+(?:and\s+)?(?=(?:an?|half|\d|[½¼¾⅓⅔⅛])\s?)|\s+and\s+(?=\d)/g,
  PLUSES,
  COLUMNS,
  NAMES_FIRST,
];

/** What may part entries, where each of them has its food and its amount. */
const BETWEEN = /\s*;\s*|\s+[·•|/+]\s+|,?\s+(?:plus|and|&)\s+|,\s+|(?<=[\p{Ll}\d)% ]{2})\.\s+(?=\p{Lu}|\d)/gu;
const TWO_FIGURES = /[\d½¼¾⅓⅔⅛%][^\d½¼¾⅓⅔⅛]+[\d½¼¾⅓⅔⅛]/;
const isWhole = (i: Mapped): boolean => isItem(i) && foodsIn(i.text).length === 1;
const areWhole = (all: readonly Mapped[]): boolean => all.length > 1 && all.every(isWhole);
/** Whether a line ends with its last entry, and does not go on: each of its entries has its food and its amount. */
export const isWholeList = remembered((text: string): boolean => {
  const pieces = text.length > LONGEST_LIST || !/[\d½¼¾]/.test(text) ? [] : cut(Mapped.of(text), BETWEEN);
  return pieces.length > 0 && pieces.every(isWhole);
});
const LONGEST_LIST = 200;
/** "Flour, 500 g + water, 300 g", "10 g salt and yeast 5 g": entries that are whole by themselves; undefined where one is not. */
function wholeEntries(line: Mapped): readonly Mapped[] | undefined {
  // what stands in columns is cut at their room
  if (!TWO_FIGURES.test(line.text) || /\s{3}/.test(line.text)) return undefined;
  const pieces = cut(line, BETWEEN);
  return areWhole(pieces) ? pieces : undefined;
}

/** The ingredients that one line lists, "500 g flour; 300 g water; 10 g salt"; the line itself where it does not list several. */
export function itemsOf(line: Mapped): readonly Mapped[] {
  const before = KNOWN.get(line);
  if (before) return before;
  const items = itemsAnew(line);
  KNOWN.set(line, items);
  return items;
}
/** A line is asked for its items again and again while it finds its place: they are worked out once. */
const KNOWN = new WeakMap<Mapped, readonly Mapped[]>();

/** What parts an entry from one that says what it is for: "10 g salt; butter to serve". */
const BESIDE_LATER =
  /\s*;\s*|\s+[·•|/]\s+|(?<=\p{Ll})\.\s+(?=\p{Lu}|\d)|,?\s+plus\s+|,\s+(?:(?:and|with)\s+)?(?!(?:(?:beaten|melted|softened|soft|chopped|warm),? )?(?:(?:for|on|over|goes|go) |to (?!\p{L}+:)))/gu;
/** "10 g salt and oil for the griddle", "oil to brush and butter to serve": salt is for none of that, where butter could be. */
const AND_LATER = new RegExp(
  String.raw`(?<=\b(?:salt|yeast|baking powder|soda|water|flour)\.?(?: \([^()]*\))?| ${PURPOSES}| on top)\s+(?:and|\+|&)\s+`,
  'giu',
);
const LATER = /\b(?:for|to|on|over|egg ?wash)\b|: /i;
/** Entries of one line, of which one behind the first says that it is for later; undefined where none does. */
function withLater(line: Mapped): readonly Mapped[] | undefined {
  if (!LATER.test(line.text)) return undefined;
  const isLater = ({ text }: Mapped): boolean =>
    isFoodForLater(text) || LABEL_FIRST.test(text) || (saysForLater(text) && isItemTold(text));
  const pieces = cut(line, BESIDE_LATER).flatMap((p) => cut(p, AND_LATER));
  const [first, ...others] = pieces;
  if (!first || !(isItem(first) || isLater(first)) || !others.some(isLater)) return undefined;
  // "30 g oil, plus 10 g for brushing" is one oil
  const isEntry = (p: Mapped): boolean => isItem(p) || isLater(p) || isUnweighed(p.text);
  return others.every((p) => isEntry(p) && findFood(p.text) !== undefined) ? pieces.flatMap(apart) : undefined;
}

function itemsAnew(line: Mapped): readonly Mapped[] {
  const later = withLater(line);
  if (later) return later;
  const whole = wholeEntries(line);
  if (whole) return whole;
  const items = itemsAsWritten(line.replace(/,? and, if you (?:like|wish),? /i, ' and '));
  if (areWhole(items)) return items;
  // numbers in words, and other spellings, part more surely once they are figures
  const spelled = itemsAsWritten(normal(line));
  return spelled.length > items.length ? spelled : items;
}

/** What goes on top or into a bread, "40 g melted butter, chopped parsley": foods that stand alone behind an amount. */
export function withFoodsAlone(item: Mapped): readonly Mapped[] {
  // "flour, wholemeal" is one
  if (turnedName(item.text) !== item.text) return [item];
  const pieces = cut(item, /,\s+(?:and\s+)?|(?<=\bsalt) and (?=(?:freshly ground )?(?:black )?pepper\b)/g);
  return pieces.length > 1 && pieces.slice(1).every((p) => isFoodAlone(p.text)) ? pieces : [item];
}

/** "Salt, pepper, oil.": foods, and nothing else. */
export const areFoodsAlone = (text: Mapped): boolean => {
  const pieces = withFoodsAlone(text.replace(/\.$/, ''));
  return pieces.length > 1 && pieces.every((p) => isFoodAlone(p.text));
};

/** Of a piece that holds two amounts, each with its food, both: "400 g white flour plus 100 g rye". */
function apart(piece: Mapped): readonly Mapped[] {
  const both = cut(piece, /(?:\s+(?:\+|plus|and)|,)\s+(?=(?:about )?(?:\d|[½¼¾]))/gi);
  const isEach = both.every((p) => isItem(p) && findFood(normalLine(p.text)) !== undefined);
  return both.length > 1 && isEach ? both : [piece];
}

/** So many pieces of a list may be no items of their own. */
const MOST_OTHERS = 2;
/** The items among pieces; undefined as soon as too many of them are none. */
function itemsAmong(pieces: readonly Mapped[]): readonly Mapped[] | undefined {
  const items: Mapped[] = [];
  let others = 0;
  for (const p of pieces) {
    if (isItem(p)) items.push(p);
    else if (++others > MOST_OTHERS) return undefined;
  }
  return items;
}

/** "Mix flour 600 g, water 390 g and salt 12 g": a sentence of work, though its names stand first. */
const WORK_FIRST =
  /^(?:mix|combine|stir|whisk|blend|knead|put|tip|place|pour)(?: (?:together|in|the))* (?=(?:0{1,2} )?\p{L}[\p{L} ]{2,30},? \(?[\d½¼¾][\d.,]* ?(?:k?g|m?l|%)(?![\p{L}]))/iu;

function itemsAsWritten(line: Mapped): readonly Mapped[] {
  if (WORK_FIRST.test(line.text)) return [line];
  for (const pattern of CUTS) {
    if (line.text.search(pattern) < 0) continue;
    // "the poolish, 350 g flour": what is made already is no ingredient
    const pieces = cut(line, pattern).filter(
      (p) =>
        !/^(?:(?:all (?:of )?)?(?:the|your) (?!same\b)|(?:no|without) )[\p{L} ]{3,25}\.?$/iu.test(p.text) &&
        !/^(?:poolish|biga|levain|leaven|sponge|pre-?ferment)\.?$/i.test(p.text),
    );
    const measured = itemsAmong(pieces);
    if (!measured) continue;
    // among what is measured a food alone is told as "to taste"
    const others = pieces.length - measured.length;
    const [first, ...more] = pieces;
    const isOneWeighed = first === measured[0] && findFood(first?.text ?? '') !== undefined;
    const isFewWeighed = measured.length === 2 && first === measured[0];
    const unweighed = isOneWeighed ? more.filter((p) => isUnweighed(p.text)).length : 0;
    const most = measured.length > 2 || isFewWeighed ? MOST_OTHERS : unweighed;
    if (pieces.length < 2 || others > most) continue;
    if (!pieces.every((p) => isItem(p) || isFoodAlone(p.text))) continue;
    // "600 fl, 390 w, 12 s" begins with flour; "60 s + 40 s" are seconds
    const hasShortFlour = pieces.some((p) => /\d\s*fl?$/.test(p.text));
    const foods = pieces.filter(
      (p) => findFood(normalLine(p.text)) !== undefined || (hasShortFlour && /\d\s*(?:fl|f|w|s|y|o)$/.test(p.text)),
    );
    // "500 g / 1 lb flour" is one; of several columns one may hold what nobody knows
    const least = [SLASH, NAMES_FIRST, PLUSES].includes(pattern)
      ? pieces.length
      : pattern === COLUMNS
        ? Math.max(2, pieces.length - 1)
        : Math.max(1, pieces.length / 2);
    if (foods.length >= least) return pieces.flatMap(apart);
  }
  return [line];
}
