import { findFood, gramsOfOne, isWordOfFood, SACHET_G, type Food } from '../foods/index.ts';
import type { IngredientUse } from '../formula/index.ts';
import { type MeasureSystem, roundHalfUp } from '../units/index.ts';
import { gramsOf, isLoose, readAmounts, type Amount, type Weighed } from './amounts.ts';
import { withoutFlourType } from './flour-types.ts';
import { Mapped, type Span } from './mapped.ts';
import { ONTO_EACH } from './measures.ts';
import { foundIn } from './needs.ts';
import { nameOf, turnedName } from './ingredient-name.ts';
import { normal, withoutBullet } from './normal-line.ts';
import { plainAmounts } from './plain-amounts.ts';

/** One ingredient as a line gives it, in grams where they can be known. */
export interface ReadIngredient {
  readonly line: string;
  /** Where the line stands, and its figures that were taken. */
  readonly at: readonly Span[];
  readonly used: readonly Span[];
  readonly name: string;
  readonly food: Food | undefined;
  readonly use: IngredientUse;
  /** Grams in all; undefined when the line names no amount. */
  readonly weight: Weighed | undefined;
  /** Baker's percentage, where the line names one. */
  readonly pct: number | undefined;
  /** The words that gave the amount. */
  readonly amountText: string;
  readonly guesses: readonly string[];
  readonly tempC: number | undefined;
  /** Water in hundredths of the flour of a starter, where the line tells it. */
  readonly wetnessPct: number | undefined;
  /** The amount is for one piece, and not for all: "50 g cheese on each". */
  readonly isOfEach: boolean;
  readonly isOptional: boolean;
  /** "as needed", "enough to": what is added by feel. */
  readonly isByFeel: boolean;
  /** An amount in a measure that nobody knows. */
  readonly unread: Mapped | undefined;
  readonly disagreement: string | undefined;
}

const USES: readonly (readonly [RegExp, IngredientUse])[] = [
  [
    /\b(?:for|to) (?:(?:the )?(?:dust|roll|flour)\w*|(?:the )?(?:bench|board|work ?surface|worktop|table|counter|sprinkling the board))/i,
    'dust',
  ],
  [/\bfor (?:the )?(?:oil )?bath\b|\bto cover the balls\b/i, 'bath'],
  [
    /\b(?:for|to) (?:(?:the |a )?(?:fry\w*|griddle\b|pan\b|skillet|grill\b|greas\w*|cook\w*|hotplate)|(?:oil|grease) the)|^(?:[\d.,½¼¾ ]+(?:g|ml|l|cl|dl|cups?|tbsp)? ?(?:of )?)?(?:deep[- ])?fry(?:ing|er) (?:oil|fat)\b/i,
    'griddle',
  ],
  [/\bfor (?:(?:the|your|oiling (?:the|your)) )?hands\b/i, 'dust'],
  [
    /\b(?:for|to) (?:the )?(?:resting\b|oiling|flipping|brush\w*|finish\w*|drizzl\w*|top\w*|sprinkl\w*|glaz\w*|scatter\w*|garnish\w*)|, (?:on|over the) top\W*$/i,
    'finish',
  ],
  [
    /\b(?:to serve|for serving|to dip|for dipping|alongside|for (?:the )?(?:dip|sauce|chutney|relish|salad|dressing))\b/i,
    'serve',
  ],
  [/\bto spread(?= ?:?\W*(?:\d|$))/i, 'layer'],
  [
    /\b(?:for|between) (?:the )?(?:layer\w*|spread\w*|fold\w*|coil\w*|shap\w*|stretch\w*|coat\w*|laminat\w*|paste\b)/i,
    'layer',
  ],
  [/\bfor (?:the )?(?:fill\w*|stuff\w*|inside)|\bto (?:fill|stuff)\b/i, 'fill'],
];

/** What a line's ingredient is used for, by its own words; undefined where it says nothing. */
function useInWords(text: string): IngredientUse | undefined {
  return USES.find(([pattern]) => pattern.test(text))?.[1];
}

/** So much of something unknown without a unit is grams, and no number of pieces. */
const LEAST_BARE = 100;
/** Words of a measure that make it more or less than level (common practice). */
const FILLED: readonly (readonly [RegExp, number, string])[] = [
  [/\b(heaped|heaping)\b/i, 1.5, 'a heaped measure is taken as one and a half level ones'],
  [/\brounded\b/i, 1.25, 'a rounded measure is taken as a quarter more than a level one'],
  [/\b(scant|scanty|barely)\b/i, 0.9, 'a scant measure is taken as nine tenths'],
  [/\b(generous|good)\b/i, 1.1, 'a generous measure is taken as a tenth more'],
  [/\b(?:level|flat)\b/i, 1, ''],
];
/** "Oats, blitzed to flour". */
const GROUND =
  /\b(?:blitzed|ground|milled|whizzed|blended|processed)\b[^,;]* (?:in)?to (?:an? )?(?:fine )?(?:flour|meal|powder)\b/i;
const VAGUE =
  /\b(about|approx(?:imately)?\.?|around|roughly|ca\.?|circa|some|just under|just over|near(?:ly)?|almost)\s+(?=\d|½|¼|¾|⅓)/gi;
const BY_FEEL =
  /\b(as needed|if needed|as required|enough (?:\w+ )?to|or more|or so|to make a (?:soft )?dough|approximately|roughly|about)\b/i;
const ANY_DEGREES = /\d{2,3}\s*(?:°?\s*[CF]\b|°)/g;
const DEGREES = /(\d{2,3})\s*(?:°?\s*C\b|°(?!\s*F))/;
const HALVED = /(?:\b(?:plus|and)|\+)\s+(?:(?:a little|some|a bit|extra|more)\s*)+(?:\w+\s+)?(?=for|to)/i;
const PLUS_AMOUNT = /(?:\b(?:plus|and)|\+)\s+(?:(?:an )?extra\s+)?(?=(?:\d|½|¼|¾)[^,]*\b(?:for|to) )/i;

/**
 * The ingredients of one line, mostly one; "plus more for dusting" is a second. `use` is that of the part of the recipe where the line
 * stands. Undefined when the line names neither an amount nor a food.
 */
export function readIngredientLine(
  raw: Mapped,
  use: IngredientUse,
  system: MeasureSystem,
): readonly ReadIngredient[] | undefined {
  const { line: untyped, called } = withoutFlourType(normal(withoutBullet(raw)));
  const whole = plainAmounts(untyped);
  const columns = TWO_COLUMNS.exec(whole.text);
  const line = whole.slice(0, columns?.[1]?.length);
  const [first = line, ...rest] = splitExtras(line);
  const one = readOne(raw, first, use, system);
  if (!one) return undefined;
  const main = { ...one, name: called(one.name) };
  const extras = rest.flatMap((part) => {
    const own = findFood(part.text) ? part : Mapped.join([part, Mapped.of(main.name, raw.span().to)]);
    const extra = readOne(raw, own, useInWords(part.text) ?? use, system);
    return extra
      ? [
          {
            ...extra,
            name: `${main.name}, ${part.text
              .replace(/^.*?\b(?=for|to )/i, '')
              .replace(/[)\s]+$/, '')
              .trim()
              .toLowerCase()}`,
            food: extra.food ?? main.food,
          },
        ]
      : [];
  });
  return [main, ...extras];
}

/** Of two columns of amounts the first is read; the other is shown as not understood. */
const TWO_COLUMNS = /^(\p{L}[^\d]*? \d+(?:\.\d+)? ?(g|kg|ml|l)) \d+(?:\.\d+)? ?\2$/u;
function splitExtras(line: Mapped): readonly Mapped[] {
  const { text } = line;
  const m =
    PLUS_AMOUNT.exec(text) ??
    HALVED.exec(text) ??
    /,?\s*\(?(?:\bplus|\+) (?:more|extra|a little back|a little)\b\s*(?=for|to)|,\s*(?:and |with )?(?:(?:a little|some) )?(?:more|extra)\b\s*(?=for|to)/i.exec(
      text,
    );
  return m
    ? [line.slice(0, m.index).replace(/[,;(]\s*$/, ''), line.slice(m.index + m[0].length).replace(/\)\s*$/, '')]
    : [line];
}

/** "(100 % hydration)". */
const WETNESS =
  /\(?(?:at )?(\d{2,3}) ?% hydration\)?|(?<=\b(?:levain|leaven|starter|sourdough) )\(([5-9]\d|1\d\d) ?%\)(?= *\d+ ?k?g\b)/i;
/** "(12 % protein)": what flour or milk holds is no share of the dough. */
const HOLDS =
  /,? ?\(?(?:\d+(?:\.\d+)? ?(?:-|–) ?)?\d+(?:\.\d+)? ?(?:%|per ?cent) (?:protein|gluten|fat|extraction|milk ?fat)\)?|,? ?\(?\b(?:protein|gluten|fat content):? \d+(?:\.\d+)? ?%\)?/i;
const PERCENT = /(?:(\d+(?:\.\d+)?)\s*(?:-|–|to)\s*)?(\d+(?:\.\d+)?)\s*(?:%|per ?cent)/i;

/** What an amount is for behind a name, "50 g cheese on each", or by a word that is for nothing else, "cheese 50 g per piece". */
const OF_EACH = new RegExp(
  String.raw`(?<=\p{L}{2})(?<!\(\d[\d.,]* ?(?:k?g|m?l)),? (?:${ONTO_EACH}|each|apiece)(?=\W*$)|,? \(?(?:per|for (?:each|every|one)|a) (?:piece|bread|round|flatbread|disc)\)?(?=\W*$)`,
  'iu',
);

/** What is counted, and is in no dough. */
const NO_FOOD =
  /^\W*(?:of )?(?:(?:flat)?breads?|pieces?|balls?|people|persons?|students?|portions?|servings?|each)\W*$/i;

function readOne(raw: Mapped, told: Mapped, use: IngredientUse, system: MeasureSystem): ReadIngredient | undefined {
  const holds = HOLDS.exec(told.text);
  const whole = told.replace(OF_EACH, '').replace(HOLDS, '');
  // how wet a starter is says nothing of how much goes in
  const wet = WETNESS.exec(whole.text);
  const percent = PERCENT.exec(whole.text.replace(WETNESS, (m) => ' '.repeat(m.length)));
  const line = (
    percent ? Mapped.join([whole.slice(0, percent.index), whole.slice(percent.index + percent[0].length)], '') : whole
  )
    .replace(WETNESS, '')
    .replace(/\(\s*\)/, '')
    .trim();
  const { text } = line;
  const filled = FILLED.find(([pattern]) => pattern.test(text));
  const level = text
    .replace(VAGUE, '')
    .replace(
      /\b(heaped|heaping|rounded|(?:(?:loosely|lightly|firmly|tightly) )?packed|scant|scanty|barely|generous|good|level|flat|big|small|US|metric|Australian|imperial)\s+(?=\w)/gi,
      '',
    );
  const read = readAmounts(level);
  const { amounts } = read;
  const bare = read.words.replace(/\s*\(\s*[\d½¼¾][^)]*\)|\s*\d[\d.]* ?(?:k?g|m?l)\b/g, '');
  const turned = turnedName(bare);
  const words = turned === bare ? read.words : turned;
  // what stands in brackets is none of its name, but for what it is free of
  const named = findFood(words.replace(/\((?![^)]*\b(?:free|vegan)\b)[^)]*\)/gi, ' ')) ?? findFood(text);
  const food = named && GROUND.test(text) ? { ...named, role: 'flour' as const } : named;
  const own = amounts[0];
  if ((!own && !food && !percent) || (!food && NO_FOOD.test(words))) return undefined;
  // nobody counts flour or salt: a bare figure is grams
  const unknown = unknownMeasure(text, own, food);
  const oneG = own?.unit === null && food?.role === 'other' ? gramsOfOne(words) : undefined;
  const counted = food && oneG !== undefined ? { ...food, unitG: oneG } : food;
  const isBare = own?.unit === null && (food === undefined ? own.least >= LEAST_BARE : counted?.unitG === undefined);
  const measured = isBare ? amounts.map((a) => (a === own ? { ...a, unit: 'gram' } : a)) : amounts;
  const weight = unknown === undefined ? chooseAmount(level, measured, counted, system, filled) : undefined;
  const range = own && own.most > own.least ? `"${own.text}" is a range; its middle is taken` : undefined;
  const temp = DEGREES.exec(text);
  return {
    line: raw.text,
    at: raw.spans(),
    used: [
      ...(unknown === undefined ? figuresOf(line, level, amounts) : []),
      ...(percent ? [whole.span(percent.index, percent.index + percent[0].length)] : []),
      ...(holds ? [told.span(holds.index, holds.index + holds[0].length)] : []),
      ...(wet && food?.role === 'starter' ? [whole.span(wet.index, wet.index + wet[0].length)] : []),
      ...foundIn(line.text, ANY_DEGREES).map((m) => line.span(m.index, m.index + m[0].length)),
    ],
    // of a range its middle
    pct: percent ? (Number(percent[1] ?? percent[2]) + Number(percent[2])) / 2 : undefined,
    name: nameOf(
      unknown === undefined ? words : words.replace(new RegExp(`^\\W*${unknown}\\.?\\s|\\s${unknown}\\.?$`), ''),
      food,
    ),
    food,
    use: useInWords(text.replace(GROUND, '')) ?? use,
    weight,
    amountText: own?.text ?? '',
    guesses: [
      unknown === undefined ? undefined : `what "${unknown}" measures is not known`,
      isBare && unknown === undefined ? 'no unit is told; grams are taken' : undefined,
      range,
      weight?.why,
      filled?.[2] === '' ? undefined : filled?.[2],
    ].filter((g): g is string => g !== undefined),
    wetnessPct: wet && food?.role === 'starter' ? Number(wet[1] ?? wet[2]) : undefined,
    tempC: temp ? Number(temp[1]) : temperatureWords(text, food),
    isOfEach: whole !== told,
    isOptional: /\boptional\b|if you like/i.test(text),
    isByFeel: BY_FEEL.test(text),
    unread: unknown === undefined ? undefined : amountIn(line, unknown),
    disagreement: disagreementOf(level, amounts, food, system),
  };
}

/** The figure with the word behind it. */
function amountIn(line: Mapped, measure: string): Mapped | undefined {
  const m = new RegExp(`[\\d½¼¾⅓⅔][\\d.,/½¼¾⅓⅔ ]*${measure}`, 'u').exec(line.text);
  return m ? line.slice(m.index, m.index + m[0].length) : undefined;
}

/** Short words that say how something is, and measure nothing. */
const SHORT_WORDS = new Set('hot dry raw red big new old wet low all the of and or an my our no'.split(' '));
const SHORT_BEFORE_NAME = /^[^\p{L}\d½¼¾⅓⅔]*[\d½¼¾⅓⅔][\d.,/½¼¾⅓⅔ ]*(\p{L}{1,3})\.? (?=\p{L}{2})/u;
const SHORT_LAST = /^\W*\p{L}{3}[^\d]*[\d½¼¾⅓⅔][\d.,/½¼¾⅓⅔]* ?(\p{L}{1,3})\.?$/u;
/** "2 zq oil", "oil 2 zq": a short word between figure and food that is of no food's name measures it, and nobody knows how much that is. */
function unknownMeasure(text: string, own: Amount | undefined, food: Food | undefined): string | undefined {
  if (own?.unit !== null || food === undefined) return undefined;
  const behind = SHORT_LAST.exec(text)?.[1];
  if (behind !== undefined && !SHORT_WORDS.has(behind.toLowerCase()) && !isWordOfFood(behind)) return behind;
  const [all = '', word = ''] = SHORT_BEFORE_NAME.exec(text) ?? [];
  const isKnown = word === '' || SHORT_WORDS.has(word.toLowerCase()) || isWordOfFood(word);
  return isKnown || findFood(text.slice(all.length)) === undefined ? undefined : word;
}

/**
 * Where the amounts of a line stand that say how much of its ingredient there is: its own, what is added to it, and what says the same once
 * more. Any other is none of this ingredient's.
 */
function figuresOf(line: Mapped, level: string, [own, ...others]: readonly Amount[]): readonly Span[] {
  if (!own) return [];
  const isOwn = (o: Amount): boolean =>
    isEach(level, o) ||
    isAdded(o, own) ||
    isAlternative(level, o) ||
    isInBrackets(level, o) ||
    (own.unit === 'sachet' && isMetricWeight(o));
  return [own, ...others.filter(isOwn)].flatMap(({ text }): readonly Span[] => {
    // words such as "heaped" were taken out before it was read: its figure is still there
    const [figure = text] = /^[+\s]*[\d.½¼¾⅓⅔⅛]+/.exec(text) ?? [];
    const found = [text, figure.trim()].find((words) => words !== '' && line.text.includes(words));
    if (found === undefined) return [];
    const at = line.text.indexOf(found);
    return [line.span(at, at + found.length)];
  });
}

function scaled(w: Weighed, filled: (typeof FILLED)[number] | undefined): Weighed {
  const factor = filled?.[1] ?? 1;
  return { ...w, g: w.g * factor, leastG: w.leastG * factor, mostG: w.mostG * factor };
}

const WARM: readonly (readonly [RegExp, number])[] = [
  [/\bboiling\b/i, 96],
  [/\b(?:very|just-boiled) hot\b|\bhot\b/i, 75],
  [/\b(?:luke-?warm|warm|tepid|hand-hot)\b/i, 38],
  [/\b(?:ice|iced|ice-cold)\b/i, 2],
];

function temperatureWords(text: string, food: Food | undefined): number | undefined {
  if (food?.role !== 'water' && food?.role !== 'milk') return undefined;
  return WARM.find(([pattern]) => pattern.test(text))?.[1];
}

const isWeight = (a: Amount): boolean => ['gram', 'kilogram', 'ounce', 'pound'].includes(a.unit ?? '');
const isMetricVolume = (a: Amount): boolean => a.unit === 'milliliter' || a.unit === 'liter';
const isMetricWeight = (a: Amount): boolean => a.unit === 'gram' || a.unit === 'kilogram';

/**
 * A weight beats a volume and metric beats ounces; what follows "+" or pounds adds to it; "each" multiplies. A weight is as it is, however full
 * the spoon beside it.
 */
function chooseAmount(
  line: string,
  amounts: readonly Amount[],
  food: Food | undefined,
  system: MeasureSystem,
  filled: (typeof FILLED)[number] | undefined,
): Weighed | undefined {
  const [own, ...others] = amounts;
  if (!own) return undefined;
  const each = others.find((o) => isEach(line, o));
  // "400 g (50 g each)" is in all
  if (each && !isWeight(own)) return times(gramsOf(each, food, system), own.least);
  const sachet = own.unit === 'sachet' ? others.find(isMetricWeight) : undefined;
  if (sachet) {
    const told = gramsOf(sachet, food, system);
    // "half a packet (3.5 g)", "2 packets (14 g)" are in all, "half a packet (7 g)" is half of that
    const isInAll = told !== undefined && Math.abs(told.g / own.least - SACHET_G) < Math.abs(told.g - SACHET_G);
    return isInAll ? told : times(told, own.least);
  }
  const added = others.filter((o) => isAdded(o, own) && !isInBrackets(line, o));
  const alternatives = [own, ...others.filter((o) => !added.includes(o) && isAlternative(line, o))];
  const best =
    alternatives.find(isMetricWeight) ?? alternatives.find(isWeight) ?? alternatives.find(isMetricVolume) ?? own;
  const parts = [best, ...(best === own ? added : [])].map((a) => gramsOf(a, food, system));
  const all = parts.reduce((sum, p) =>
    sum && p ? { ...sum, g: sum.g + p.g, leastG: sum.leastG + p.leastG, mostG: sum.mostG + p.mostG } : sum,
  );
  return all && (isWeight(best) ? all : scaled(all, filled));
}

/** "2 eggs, 50 g each": what every one of them weighs. */
const isEach = (line: string, o: Amount): boolean =>
  isWeight(o) && /^\W*(?:each|apiece|a piece)/i.test(afterAmount(line, o));

export const times = (w: Weighed | undefined, n: number): Weighed | undefined =>
  w && { ...w, g: w.g * n, leastG: w.leastG * n, mostG: w.mostG * n };

const afterAmount = (line: string, a: Amount): string => line.slice(line.indexOf(a.text) + a.text.length);
const beforeAmount = (line: string, a: Amount): string => line.slice(0, Math.max(0, line.indexOf(a.text)));

/** Whether an amount is in brackets: then it says the same once more, "250 g (1 cup + 2 tbsp)". */
function isInBrackets(line: string, o: Amount): boolean {
  const before = beforeAmount(line, o);
  return before.lastIndexOf('(') > before.lastIndexOf(')');
}

function isAdded(o: Amount, own: Amount): boolean {
  return /^\s*\+/.test(o.text) || (own.unit === 'pound' && o.unit === 'ounce' && o.at <= 1);
}

function isAlternative(line: string, o: Amount): boolean {
  const behind = line.slice(line.indexOf(o.text) + o.text.length);
  // "1.2 kg (100 g each)" is of one of them
  if (/^ ?(?:each|apiece|pp\b|per\b|a head)/i.test(behind)) return false;
  return (
    /[(/,]\s*(?:or |about |approx\.? |ca\.? |= ?)*$|\bor\s+(?:about )?$/i.test(beforeAmount(line, o)) && o.unit !== null
  );
}

/** Two amounts of one line that cannot both be right: weights over 6 % apart, or a volume that would not even be scooped so heavy. */
function disagreementOf(
  line: string,
  amounts: readonly Amount[],
  food: Food | undefined,
  system: MeasureSystem,
): string | undefined {
  const [own, ...others] = amounts;
  // a pinch, a handful or a glass is no measure that a weight could contradict
  if (!own || isLoose(own.unit) || own.unit === 'glass') return undefined;
  for (const o of others) {
    if (isAdded(o, own) || !isAlternative(line, o) || own.unit === 'sachet') continue;
    const [a, b] = [gramsOf(own, food, system), gramsOf(o, food, system)];
    if (!a || !b) continue;
    const bothWeights = isWeight(own) && isWeight(o);
    const off = Math.abs(a.g - b.g) / Math.max(a.g, b.g);
    if (off > (bothWeights ? 0.06 : 0.3))
      return `${own.text} is ${roundHalfUp(a.g)} g, ${o.text} is ${roundHalfUp(b.g)} g`;
  }
  return undefined;
}

/** Flour with the powder that it holds, apart: plain flour and 5 % baking powder (common practice). */
export const SELF_RAISING_POWDER_PCT = 5;

/** Grams of a measure of a food as people write it ("1½ tsp fine salt"); undefined where it cannot be read. */
export function gramsOfMeasure(text: string, system: MeasureSystem): number | undefined {
  return readIngredientLine(Mapped.of(text), 'dough', system)?.[0]?.weight?.g;
}
