import { actionsIn } from './actions.ts';
import { findFood } from '../foods/index.ts';
import type { IngredientUse } from '../formula/index.ts';
import { Mapped, type Span } from './mapped.ts';
import { HANDS, ONTO_EACH, PACKS, SPOONS, VESSELS, VOLUMES, WEIGHTS } from './measures.ts';
import { foundIn } from './needs.ts';
import { normal } from './normal-line.ts';
import { isOfComponent, isOfOthers } from './scopes.ts';
import { sentencesOf } from './sentences.ts';
import type { RecipeParts } from './sections.ts';

const AMOUNT =
  '(?:\\d+(?:\\.\\d+)?(?:\\s*[½¼¾⅓⅔⅛])?|[½¼¾⅓⅔⅛]|\\d+\\s+\\d\\/\\d|\\d\\/\\d)(?:\\s*(?:-|–|to)\\s*(?:\\d+(?:\\.\\d+)?|[½¼¾⅓⅔]))?';
const MEASURE = `(?:${WEIGHTS}|${VOLUMES}|${VESSELS}|${SPOONS}|${HANDS}|${PACKS})`;
/** An amount with a measure and up to five words behind it: "½ glass of sunflower oil". */
const WITH_MEASURE = new RegExp(
  `${AMOUNT}\\s*(?:heaped |level |good )?${MEASURE}\\b\\.?\\s*(?:\\([^)]{1,20}\\)\\s*)?(?:of )?(?:the )?((?:(?:tipo |type )?(?:00|0|\\d{3}) (?=flour))?(?:[\\p{L}'’-]+\\s?){1,5}(?:(?<=type |tipo )\\d{1,4})?)`,
  'giu',
);
/** "600 grams of flour, 340 of water": a figure whose measure the one before has said. */
const UNMEASURED = /\b(?=\d{1,4} of )(?<=\d ?(?:g|ml)\b[^.;]*)\d{1,4} of ((?:[\p{L}'’-]+\s?){1,3})/giu;
/** "natural yogurt 300 g, …". */
const NAME_THEN_WEIGHT =
  /(?<!\d ?\p{L}{0,4} )\b(?!(?:mix|combine|stir|whisk|blend|knead|add|take|use|and|with|then|together|the)\b)((?:[\p{L}-]+ ){0,3}[\p{L}-]+) \d+(?:\.\d+)? ?(?:k?g|m?l)(?=\s*(?:[,;.]|(?:and|for|in|into|then|to|together|is|are|was|were)\b|\d+ ?min|$))/giu;
/** "Put the flour, 500 g, in a bowl": the measure set in behind the name. */
const SET_IN = /\bthe ((?:[\p{L}-]+ ){0,2}[\p{L}-]+), (?:about )?\d+(?:\.\d+)? ?(?:k?g|m?l)(?=[,;.])/giu;
/** "then milk, about half a pint". */
const NAME_THEN_MEASURE = new RegExp(
  `(?<=(?:^|[,;.:]|\\bthen|\\band|\\badd|\\bwith) (?:the )?)((?:(?!(?:then|and|add|with|the)\\b)[\\p{L}-]+ )?(?:milk|buttermilk|water|yogh?urt|cream|oil|butter|lard))(?:,| –| -|:)? (?:about |around |roughly |some )?${AMOUNT}\\s*(?:${VOLUMES}|${VESSELS}|${SPOONS}|${WEIGHTS})(?=\\s*(?:[,;.]|$))`,
  'giu',
);
/** "enough warm water (about 160 ml)": the measure behind the name. */
const BEHIND =
  /\b((?:[\p{L}-]+ ){1,3})\((?:about |ca\.? |approx\.? )?\d+(?:\.\d+)? ?(?:g|ml|kg|l)(?: (?:altogether|in all|in total))?\)/giu;
/** "Stir in 50 % boiling water", of a formula in percentages. */
const PERCENT_LATER = /\b\d{1,3}(?:\.\d+)? ?% (?:of )?((?:boiling|hot|warm|cold) (?:water|milk))\b/giu;
/** "as much buttermilk as will make a dough": a liquid without a measure, and usual. */
const AS_MUCH = /\b(?:as much|enough|sufficient) ((?:[\p{L}-]+ ){1,2}?)(?=as\b|to\b)/giu;
/** "a little fresh yeast": how much is not told, and usual. */
const SOME = /\b(?:a little|some|a bit of) ((?:[\p{L}'’-]+\s?){1,3})/giu;
/** "2 eggs", "1 chopped onion": what is counted. */
const COUNTED = /(?:(?<![\d/] ?|\d[.,])\b\d{1,2}|(?<!\d ?)(?:1\/2|½)) ((?:[\p{L}-]+ ?){1,3})/giu;

/** What names first and weighs then; of the first two nothing counts that lies over what was found before. */
const OVERLAPPING: ReadonlySet<RegExp> = new Set([NAME_THEN_WEIGHT, NAME_THEN_MEASURE]);
const NAMES_FIRST: ReadonlySet<RegExp> = new Set([NAME_THEN_WEIGHT, NAME_THEN_MEASURE, BEHIND, SET_IN]);

/** "10 onion breads" are no onions: the last word, or the last two, name what is counted. */
function isCountable(words: string): boolean {
  const all = words.trim().split(' ');
  return [1, 2].some((n) => findFood(all.slice(-n).join(' '))?.unitG !== undefined);
}

/** How much of a text is one ingredient: its amount, its name, and the same by weight or volume in brackets, "a spoon of salt (18 g)". */
function lengthOf(text: string, m: RegExpExecArray, words: string): number {
  const named = m[0].length - (m[1] ?? '').length + words.trimEnd().length;
  const weighed = /^\s*\((?:that is |that['’]s |i\.?e\.? |= ?)?(?:about )?\d+(?:\.\d+)? ?(?:k?g|m?l)\)/.exec(
    text.slice(m.index + named),
  );
  return named + (weighed?.[0].length ?? 0);
}

/** What is done outside of a dough. */
const OUTSIDE = new Set<IngredientUse>(['griddle', 'finish']);
/** So many ingredients make a list. */
const ENOUGH = 2;
/** "1 egg and 20 g of cheese on each". */
const OF_EACH_AFTER = new RegExp(
  String.raw`^,? and (?:[\d½¼¾][\d.]* ?\p{L}+ )(?:\p{L}+ ){1,3}?${ONTO_EACH}(?!\p{L})`,
  'iu',
);
/** "Put 50 g cheese in the middle, fold": told of one piece. */
const PUT_ON_ONE = /\b(?:put|place|lay|spoon|drop|heap) (?:about |some )?$/i;
const ON_ONE =
  /^ (?:in|into|on|onto|over) (?:the (?:middle|cent(?:re|er))|(?:(?:one|1|the) )?half)(?! of (?:the (?:dough|table|griddle))\b)/i;
/** "Fill each with 50 g cheese". */
const OF_EACH_BEFORE =
  /\b(?:fill|stuff|top|brush|spread|smear|sprinkle|strew|scatter|dot|drizzle|dust|cover)\w* (?:each|every)(?: (?:one|piece|bread|round|disc|flatbread|ball))?(?: \w+)? with (?:about |some )?$/i;
/** "50 g cheese on each": who it is for stands with the amount. */
const FOR_EACH_BEHIND = new RegExp(
  String.raw`^ ?(?:${ONTO_EACH}|each|apiece|per (?:piece|bread|round|disc|flatbread))(?=\W|$)`,
  'i',
);
const MIXING = new Set(['mix', 'rub', 'scald', 'bloom', 'knead', 'rest', 'proof']);
/** Whether an amount between these words is told of one piece. */
const isForEach = (before: string, behind: string): boolean =>
  OF_EACH_BEFORE.test(before) || OF_EACH_AFTER.test(behind) || (PUT_ON_ONE.test(before) && ON_ONE.test(behind));

/** What the ingredients of a clause are for, by what is done in it; of what is done to pieces nothing is known. */
const USE_OF: Readonly<Partial<Record<string, IngredientUse>>> = {
  fill: 'fill',
  coil: 'layer',
  finish: 'finish',
  cook: 'griddle',
  heat: 'griddle',
};
function useAt(text: string, at: number): IngredientUse | undefined {
  const actions = actionsIn(text);
  const own = actions.findLast((a) => a.at < at || (a.at === at && a.action === 'fill')) ?? actions[0];
  if (!own) return undefined;
  // what is drizzled in goes into the dough
  if (own.action === 'finish' && /\b(?:drizzle|sprinkle|scatter) in\b/i.test(text)) return 'dough';
  return MIXING.has(own.action) ? 'dough' : USE_OF[own.action];
}

/** "Glaze: cook 10 g flour in 120 g water": what its ingredients are for, and not the dough. */
function partOf(text: string): IngredientUse | undefined {
  if (!isOfComponent(text)) return undefined;
  if (/\b(?:filling|stuffing)\b/i.test(text)) return 'fill';
  return /\b(?:glaze|wash|topping)\b/i.test(text) ? 'finish' : 'serve';
}

/**
 * Ingredients inside sentences, where there is no list: "take 500 g flour, 300 ml water and a pinch of salt". The sentences stay
 * the method.
 */
export function inProse(parts: RecipeParts): RecipeParts {
  const listed = parts.ingredients.length >= ENOUGH;
  const known = new Set(parts.ingredients.map((i) => findFood(normal(i.line).text)?.id));
  const lines = parts.ingredients.map((i) => normal(i.line).text);
  const listedNames = parts.ingredients.map((i) =>
    normal(i.line)
      .text.toLowerCase()
      .replace(/,.*$|[ .]+$/g, ''),
  );
  const found: { line: Mapped; use: IngredientUse; sentence: Span; isApart: boolean }[] = [];
  for (const sentence of [...parts.notUnderstood, ...parts.method].flatMap(sentencesOf)) {
    const text = normal(sentence);
    if (isOfOthers(text.text, listed)) continue;
    const isDoughAnew = listed && goesOnWithPreferment(text.text, lines);
    for (const pattern of [
      WITH_MEASURE,
      NAME_THEN_WEIGHT,
      NAME_THEN_MEASURE,
      UNMEASURED,
      COUNTED,
      SOME,
      AS_MUCH,
      BEHIND,
      SET_IN,
      PERCENT_LATER,
    ]) {
      for (const m of foundIn(text.text, pattern)) {
        const isNameFirst = NAMES_FIRST.has(pattern);
        const names = (m[1] ?? '').split(/\b(?:and|with|to|into|in|on|over|through|for|then|or|goe?s?|went)\b/);
        // "the water (300 g) and the salt (10 g)": the name is what stands next to its amount
        const words = (isNameFirst ? names.at(-1) : names[0]) ?? '';
        const at = m.index + (isNameFirst ? m[0].indexOf(words) : 0);
        const own = isNameFirst ? m.index + m[0].length - at : lengthOf(text.text, m, words);
        const length = own + (FOR_EACH_BEHIND.exec(text.text.slice(at + own))?.[0].length ?? 0);
        const food = findFood(words);
        const part = partOf(text.text);
        const told = part ?? useAt(text.text, m.index);
        // "turn, mozzarella (90 g), lid": what is no fat lies on the bread
        const use = told === 'griddle' && food && !['fat', 'flour', 'water'].includes(food.role) ? 'finish' : told;
        // beside a list only what is used in it and stands in no line of it
        if (listed && use === undefined) continue;
        if (pattern === COUNTED && !isCountable(words)) continue;
        if (pattern === AS_MUCH && !['milk', 'yogurt'].includes(food?.role ?? '')) continue;
        if (pattern === SOME && (!food || ['flour', 'water'].includes(food.role))) continue;
        const isFound = found.some(
          (f) =>
            f.line.span().to > text.span(m.index).from &&
            f.line.span().from < text.span(m.index + m[0].length - 1).to &&
            (OVERLAPPING.has(pattern) || (isNameFirst && f.line.text.includes(text.text.slice(at, at + length)))),
        );
        // "the cheese" is the fresh cheese of the list
        const isListed =
          listed &&
          !(isDoughAnew && food?.role !== 'starter' && isNewAmount(m[0], lines)) &&
          // more of what a list has, and later: "50 % boiling water" beside water
          ((pattern !== PERCENT_LATER && known.has(food?.id)) ||
            listedNames.some((name) => name.endsWith(words.trim().toLowerCase())));
        if (food && !isFound && !isListed)
          found.push({
            line:
              length === own && isForEach(text.text.slice(0, at), text.text.slice(at + own))
                ? Mapped.join([text.slice(at, at + length), Mapped.of('on each', text.span(at).from)])
                : text.slice(at, at + length),
            use: use ?? 'dough',
            sentence: sentence.span(),
            isApart: part !== undefined,
          });
      }
    }
  }
  // "I bake on the stove: 3 cups of flour, 1 cup of water": nobody fries in flour
  for (const sentence of found.filter(
    (f) => OUTSIDE.has(f.use) && !f.isApart && findFood(f.line.text)?.role === 'flour',
  )) {
    const { from, to } = sentence.sentence;
    for (const f of found) if (f.sentence.from === from && f.sentence.to === to && OUTSIDE.has(f.use)) f.use = 'dough';
  }
  const hasFlour = found.some((f) => findFood(f.line.text)?.role === 'flour');
  if (found.length + (listed || hasFlour ? ENOUGH : 0) < ENOUGH) return withFlour(parts);
  return withFlour({ ...parts, ingredients: [...parts.ingredients, ...found] });
}

const PREFERMENTED = /\b(?:levain|leaven|starter|poolish|biga|sponge|pre-?ferment|sourdough)\b/i;
/** Whether a food with its amount is no more than what a list has of that food. */
const isNewAmount = (told: string, lines: readonly string[]): boolean => {
  const [figure = ''] = /\d+(?:\.\d+)?/.exec(told) ?? [];
  const food = findFood(told);
  return (
    figure !== '' && !lines.some((l) => findFood(l) === food && new RegExp(`(?<![\\d.])${figure}(?![\\d.])`).test(l))
  );
};
/** "Mix 200 g of the levain with 500 g flour and 320 g water": where flour is new, the list was that of the preferment alone. */
const goesOnWithPreferment = (text: string, lines: readonly string[]): boolean =>
  PREFERMENTED.test(text) &&
  actionsIn(text).some((a) => MIXING.has(a.action)) &&
  foundIn(text, WITH_MEASURE).some((m) => findFood(m[1] ?? '')?.role === 'flour' && isNewAmount(m[0], lines));

/** A method that mixes or kneads, and cooks. */
function isWork(method: readonly Mapped[]): boolean {
  const all = method.flatMap((l) => actionsIn(normal(l).text)).map((a) => a.action);
  return all.includes('cook') && (all.includes('mix') || all.includes('knead'));
}

/** "Flour 100, water 58": names with a figure behind, wherever they stand. */
const NAMED_FIRST =
  /((?:[\p{L}-]+ ){0,2}[\p{L}-]+)[ :=(]+(\d+(?:\.\d+)?) ?(%|k?g|m?l)?(?=\s*(?:[,.;)(/\n]|$)|\s+(?!(?:min|h|s|sec|cm|mm|each|pieces|balls|(?:tea|table|dessert)?spoon|cup|tsp|tbsp|oz|lb|pint|glass|mug|pinch|part)s?\b)\p{L})/giu;

/**
 * A text that names a flour has a formula: where no line was read as one, every name with a figure behind it counts, and if there is none
 * the flour alone, without a weight. It is no reason to refuse the method.
 */
function withFlour(parts: RecipeParts): RecipeParts {
  const isFlour = (text: string): boolean => findFood(text)?.role === 'flour';
  if (parts.ingredients.some((i) => isFlour(normal(i.line).text))) return parts;
  const texts = [...parts.notUnderstood, ...parts.method, ...parts.facts].map(normal);
  const named = texts.flatMap((text) =>
    foundIn(text.text, NAMED_FIRST)
      .filter((m) => [1, 2].some((n) => findFood((m[1] ?? '').split(' ').slice(-n).join(' '))))
      .map((m) => ({ text, m, hasUnit: m[3] !== undefined })),
  );
  const flourSum = named.reduce((sum, { m }) => sum + (isFlour(m[1] ?? '') ? Number(m[2]) : 0), 0);
  const unit = Math.abs(flourSum - 100) <= 1 ? ' %' : ' g';
  const found = named.map(({ text, m, hasUnit }) => {
    const name = m[1] ?? '';
    // what stands before the food is none of its name
    const amount = text.slice(m.index + name.length, m.index + m[0].length).replace(/^[ :=(]+/, '');
    const line = Mapped.join([
      text.slice(m.index, m.index + name.length),
      hasUnit ? amount : amount.replace(/$/, unit),
    ]);
    return { line, use: 'dough' as const };
  });
  if (found.some((f) => isFlour(f.line.text))) return { ...parts, ingredients: [...parts.ingredients, ...found] };
  const listed = parts.ingredients.map((i) => normal(i.line));
  // "60 % hydration, 2 % salt": percentages are of flour, whether it is named or not
  const [share] = listed;
  // what nobody knows is their flour where all the rest is a share of it
  if (listed.some((l) => /(?<![\d.])100 ?%/.test(l.text) && findFood(l.text) === undefined)) return parts;
  if (share && listed.length > 1 && listed.every((l) => /\d ?%/.test(l.text)) && !texts.some((t) => isFlour(t.text)))
    return {
      ...parts,
      ingredients: [{ line: Mapped.of('flour 100 %', share.span().from), use: 'dough' }, ...parts.ingredients],
    };
  const bare = [...texts, ...listed].flatMap((text) =>
    [...text.text.matchAll(/(?:[\p{L}-]+ )?\p{L}+/giu)].map((m) => ({ text, m })),
  );
  // "blitzed to flour" is none
  const flour = bare.find(({ m }) => isFlour(m[0]) && !/^(?:in)?to\b/i.test(m[0]));
  if (!flour || (parts.ingredients.length === 0 && !isWork(parts.method))) return parts;
  const line = flour.text.slice(flour.m.index, flour.m.index + flour.m[0].length);
  return { ...parts, ingredients: [{ line, use: 'dough' }, ...parts.ingredients] };
}
